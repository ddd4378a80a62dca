<?php

declare(strict_types=1);

namespace Dinghy\Record;

/** A place of a plan that names a part. */
final readonly class Reference
{
    /**
     * @param  string  $on  the part that holds the place, as "feed:bow-motor"; "plan": none does
     * @param  string  $path  the field within it, as "to.device"
     * @param  string  $kind  of the part that is named
     */
    public function __construct(
        public string $on,
        public string $path,
        public string $pointer,
        public string $kind,
        public string $id,
        public WhenGone $whenGone,
    ) {
    }
}
