<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Post;

/** A ring terminal on a post. */
final readonly class Landing
{
    /**
     * @param  string|null  $hole  its size; null: bought to suit the stud
     * @param  string  $what  the wire that it ends
     * @param  string  $on  the part of the plan that says the hole
     * @param  string|null  $field  and where; null: nowhere
     */
    public function __construct(
        public Post $post,
        public ?string $hole,
        public string $what,
        public string $on,
        public ?string $field,
    ) {
    }
}
