<?php

declare(strict_types=1);

namespace Dinghy\Tests\Protection;

use Dinghy\Protection\FuseFamily;
use Dinghy\Protection\HeatedRating;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Common practice, no source but parts' own sheets: what heat leaves of a rating. */
final class HeatedRatingTest extends TestCase
{
    #[DataProvider('places')]
    public function test_what_a_hot_place_leaves(FuseFamily $family, float $celsius, float $share): void
    {
        self::assertEqualsWithDelta(60 * $share, HeatedRating::of($family, 60, $celsius), 1e-9);
    }

    /** @return array<string, array{FuseFamily, float, float}> */
    public static function places(): array
    {
        return [
            'calibrated to 40 °C' => [FuseFamily::Breaker, 40, 1.0],
            'a locker in the sun' => [FuseFamily::Breaker, 50, 0.85],
            'halfway on' => [FuseFamily::Breaker, 57.5, 0.80],
            'beside an engine' => [FuseFamily::Breaker, 65, 0.75],
            'hotter still' => [FuseFamily::Breaker, 80, 0.65],
            'a blade' => [FuseFamily::Blade, 50, 0.93],
            'a large blade' => [FuseFamily::LargeBlade, 40, 0.965],
            'a cool blade' => [FuseFamily::Blade58, 20, 1.0],
            'a magnetic breaker does not mind' => [FuseFamily::MagneticBreaker, 65, 1.0],
            'of strips nothing is known' => [FuseFamily::BatteryPost, 65, 1.0],
        ];
    }
}
