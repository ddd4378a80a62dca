<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** Keys that one section of the plan file adds to an object of another. */
final readonly class Extension
{
    /**
     * @param  string  $path  keys to the object, as "devices" or "feeds.to"
     * @param  list<Field>  $fields
     * @param  bool  $asChoice  whether each of the keys is one more of those that exactly one must be there of
     */
    public function __construct(
        public string $path,
        public array $fields,
        public bool $asChoice = false,
    ) {
    }
}
