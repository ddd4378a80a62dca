<?php

declare(strict_types=1);

namespace Dinghy\Tests\Sonar;

use Dinghy\Sonar\Look;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where the fan of a live transducer lies. Common practice, no source: each look covers its beam's angle about its own middle. */
final class LookTest extends TestCase
{
    /** @param  float  $middle  ° below ahead, of a level fan off ahead */
    #[DataProvider('looks')]
    public function test_a_fan_is_as_wide_as_its_beam_about_its_middle(Look $look, float $beam, float $middle): void
    {
        [$one, $other] = $look->edges($beam);

        self::assertEqualsWithDelta($beam, $other - $one, 1e-9);
        self::assertEqualsWithDelta($middle, ($one + $other) / 2, 1e-9);
    }

    /** @return array<string, array{Look, float, float}> */
    public static function looks(): array
    {
        return [
            'forward begins level' => [Look::Forward, 135.0, 67.5],
            'down hangs plumb' => [Look::Down, 135.0, 90.0],
            'a flat fan points ahead' => [Look::Perspective, 135.0, 0.0],
        ];
    }

    public function test_only_a_flat_fan_needs_a_mount_of_its_own(): void
    {
        self::assertSame([false, false, true], array_map(static fn (Look $look): bool => $look->needsMount(), Look::cases()));
    }
}
