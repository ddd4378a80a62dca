<?php

declare(strict_types=1);

namespace Dinghy\Tests;

/** Chance that can be repeated: SEED=… from the environment, or another each time. */
final class Seed
{
    /** @return int what a failure must say, so that it can be had again */
    public static function sown(): int
    {
        $seed = (int) (getenv('SEED') ?: random_int(1, 1_000_000));
        mt_srand($seed);

        return $seed;
    }
}
