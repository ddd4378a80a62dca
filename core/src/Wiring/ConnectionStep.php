<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Post;

/** One ring landed on one post, or what is done before and after. */
final readonly class ConnectionStep
{
    /**
     * @param  Post|null  $post  null: nothing is landed
     * @param  string|null  $wire  id of the jumper, feed, charger or bond
     * @param  string|null  $on  the part that it belongs to, as "feed:bow-motor"
     * @param  string|null  $side  "+" or "-": of its conductors the one that is landed; null: it has one
     * @param  float|null  $volts  V nominal that the far end of what is landed has from the common negative from now on; null: none
     * @param  string|null  $caution  where the hand is
     */
    public function __construct(
        public string $says,
        public ?Post $post,
        public ?string $wire,
        public ?string $on,
        public ?string $side,
        public ?float $volts,
        public ?string $caution,
    ) {
    }
}
