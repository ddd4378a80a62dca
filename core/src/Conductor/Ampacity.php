<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

use Dinghy\Source\Formula;

/**
 * What a conductor may carry for ever without its insulation growing too hot.
 *
 * American sizes: 33 CFR 183.425 table 5 and ABYC E-11, under 50 V, from memory. Metric sizes: ISO 13297 table A.1 at
 * 30 °C, from memory. An engine space is 50 °C to the same factor as any other ambient; bundles: IEC 60364-5-52, from memory.
 */
final class Ampacity
{
    /** A by AWG size for insulation rated 60, 75, 80, 90, 105, 125 °C */
    private const AWG = [
        '18' => [10, 10, 15, 20, 20, 25], '16' => [15, 15, 20, 25, 25, 30], '14' => [20, 20, 25, 30, 35, 40],
        '12' => [25, 25, 35, 40, 45, 50], '10' => [40, 40, 50, 55, 60, 70], '8' => [55, 65, 70, 70, 80, 90],
        '6' => [80, 95, 100, 100, 120, 125], '4' => [105, 125, 130, 135, 160, 170], '3' => [120, 145, 150, 155, 180, 195],
        '2' => [140, 170, 175, 180, 210, 225], '1' => [165, 195, 210, 210, 245, 265], '1/0' => [195, 230, 245, 245, 285, 305],
        '2/0' => [225, 265, 285, 285, 330, 355], '3/0' => [260, 310, 330, 330, 385, 410], '4/0' => [300, 360, 385, 385, 445, 475],
    ];

    private const AWG_INSULATION = [60, 75, 80, 90, 105, 125];

    /** A by mm² for insulation rated 60, 70, 85, 105, 125 °C */
    private const METRIC = [
        '0.75' => [6, 10, 12, 16, 20], '1' => [8, 14, 18, 20, 25], '1.5' => [12, 18, 21, 25, 30], '2.5' => [17, 25, 30, 35, 40],
        '4' => [22, 35, 40, 45, 50], '6' => [29, 45, 50, 60, 70], '10' => [40, 65, 70, 90, 100], '16' => [54, 90, 100, 130, 150],
        '25' => [71, 120, 140, 170, 185], '35' => [87, 160, 185, 210, 225], '50' => [105, 210, 230, 270, 300],
        '70' => [135, 265, 285, 330, 360], '95' => [165, 310, 330, 390, 410], '120' => [190, 360, 400, 450, 480],
    ];

    private const METRIC_INSULATION = [60, 70, 85, 105, 125];

    /** °C in an engine space, where nothing hotter is said [pub ABYC E-11, from memory]. */
    public const ENGINE_SPACE = 50.0;

    /** The ambient temperature the tables are made for, °C. */
    private const TABLE_AMBIENT = 30.0;

    /** Insulation ratings a shop may choose, °C. */
    public const INSULATION_RATINGS = [60, 70, 75, 80, 85, 90, 105, 125];

    /**
     * @param  int  $insulation  one of INSULATION_RATINGS, °C
     * @param  float  $ambient  °C
     * @param  int  $bundled  current-carrying conductors lying together, this run's own two included
     * @return float|null amperes; null where the publications have no figure (wire thinner than 18 AWG)
     */
    public static function of(
        Gauge $gauge,
        Metal $metal,
        int $insulation,
        float $ambient,
        bool $engineSpace,
        int $bundled,
    ): ?float {
        $row = $gauge->metric ? self::METRIC[$gauge->size()] ?? null : self::AWG[$gauge->size()] ?? null;
        if ($row === null) {
            return null;
        }
        $column = self::column($gauge->metric ? self::METRIC_INSULATION : self::AWG_INSULATION, $insulation);

        return $row[$column]
            * self::bundlingFactor($bundled)
            * self::ambientFactor($insulation, $engineSpace ? max($ambient, self::ENGINE_SPACE) : $ambient)
            // Equal heat: amps fall with the square root of the resistance [cp, working estimate].
            / sqrt($metal->relativeToCopper());
    }

    public static function bundlingFactor(int $conductors): float
    {
        return match (true) {
            $conductors < 3 => 1.0,
            $conductors === 3 => 0.70,
            $conductors <= 6 => 0.60,
            $conductors <= 24 => 0.50,
            default => 0.40,
        };
    }

    /** √((T_c − T_a) / (T_c − 30)) [pub NEC 310.15(B), from memory]; 1 at the tables' own ambient. */
    public static function ambientFactor(int $insulation, float $ambient): float
    {
        return sqrt(max(0.0, $insulation - $ambient) / ($insulation - self::TABLE_AMBIENT));
    }

    /**
     * A rating between two columns has the lower one's figures.
     *
     * @param  list<int>  $columns
     */
    private static function column(array $columns, int $insulation): int
    {
        $found = 0;
        foreach ($columns as $index => $rating) {
            if ($rating <= $insulation) {
                $found = $index;
            }
        }

        return $found;
    }

    public static function formula(Gauge $gauge): Formula
    {
        return Formula::fromMemory(
            'table value × bundling × ambient',
            $gauge->metric ? 'ISO 13297 table A.1' : '33 CFR 183.425 table 5; ABYC E-11',
        );
    }
}
