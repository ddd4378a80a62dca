<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;

/** Rules of fuses and breakers. */
final class ProtectionRulesTest extends RuleTestCase
{
    public static function speaking(): array
    {
        $feed = self::protection(...);
        $petrol = self::petrol(true);
        $lead = static fn (string $gauge): array => ['device:d1' => ['lead' => (object) ['gauge' => $gauge, 'length_m' => 0.5]]];

        return [
            'F01' => ['F01', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['protection' => []]]],
            'F02' => ['F02', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['run.gauge' => '16 AWG', 'protection.0.rating_a' => 30]]],
            'F02 a decision where no lower size carries the load' => ['F02', Level::Warn, 'feed:f1', 'pump', [
                'feed:f1' => ['run.gauge' => '14 AWG', 'protection' => [(object) ['family' => 'strip-small', 'rating_a' => 40, 'from_source_m' => 0.1]]],
                'device:d1' => ['typical_a' => 30, 'peak_a' => 32],
            ]],
            'F03 below peak' => ['F03', Level::Warn, 'feed:f1', 'pump', $feed(['rating_a' => 10])],
            'F03 a motor below its peak' => ['F03', Level::Warn, 'feed:f1', 'pump', ['device:d1' => ['kind' => 'motor', 'peak_a' => 20], ...$feed(['rating_a' => 15])]],
            'F03 below the makers figure' => ['F03', Level::Warn, 'feed:f1', 'pump', ['device:d1' => ['fuse_a' => 20]]],
            'F04 unsheathed' => ['F04', Level::Warn, 'feed:f1', 'pump', $feed(['from_source_m' => 0.179])],
            'F04 far away' => ['F04', Level::Stop, 'feed:f1', 'pump', $feed(['from_source_m' => 1.84])],
            'F04 sheathed and far away' => ['F04', Level::Stop, 'feed:f1', 'pump', $feed(['from_source_m' => 1.84, 'sheathed' => true])],
            // In a metal hull that the engine's minus is joined to, the hull leads back: half a metre of 12 AWG counts once.
            'F05 back through the hull' => ['F05', Level::Stop, 'feed:f1', 'pump', ['battery:b1' => ['internal_mohm' => 8.5], 'feed:f1' => ['run.gauge' => '12 AWG', 'protection.0.from_source_m' => 0.5, 'protection.0.sheathed' => true], 'plan' => ['boat.hull' => 'aluminium', 'boat.hull_carries_current' => false, 'boat.engine' => (object) ['battery' => 'b1', 'joins_hull' => true]]]],
            'F05 resistance known' => ['F05', Level::Stop, 'feed:f1', 'pump', ['battery:b1' => ['internal_mohm' => 5]]],
            'F05 resistance estimated' => ['F05', Level::Warn, 'feed:f1', 'pump', ['battery:b1' => ['internal_mohm' => Plans::UNKNOWN]]],
            'F05 by cranking amps, where nobody knows how far it sits' => ['F05', Level::Stop, 'feed:f1', 'pump', ['battery:b1' => ['cca_a' => 600], 'feed:f1' => ['protection.0.from_source_m' => Plans::UNKNOWN]]],
            'F05 its own sheet' => ['F05', Level::Stop, 'feed:main', 'series', ['feed:main' => ['protection.0.breaking_a' => 1500], 'battery:b1' => ['internal_mohm' => 4], 'battery:b2' => ['internal_mohm' => 4], 'battery:b3' => ['internal_mohm' => 4]]],
            'F06 a factory lead' => ['F06', Level::Stop, 'feed:f1', 'pump', [...$lead('18 AWG'), ...$feed(['rating_a' => 30])]],
            'F06 a jumper' => ['F06', Level::Stop, 'bank:thrust', 'series', ['bank:thrust' => ['jumper.gauge' => '10 AWG'], 'feed:main' => ['protection.0.rating_a' => 70]]],
            'F07' => ['F07', Level::Warn, 'feed:f1', 'pump', $feed(['rating_a' => 17])],
            'F08' => ['F08', Level::Warn, 'feed:f1', 'pump', ['device:d1' => ['fuse_a' => 10]]],
            'F09 a feed' => ['F09', Level::Stop, 'feed:main', 'series', ['feed:main' => ['protection.0.family' => 'large-blade']]],
            'F09 its own sheet' => ['F09', Level::Stop, 'feed:main', 'series', ['feed:main' => ['protection.0.max_v' => 42]]],
            'F09 a branch' => ['F09', Level::Stop, 'branch:to-light', 'parallel', ['battery:h1' => ['nominal_v' => 36], 'battery:h2' => ['nominal_v' => 36], 'branch:to-screen' => ['family' => 'blade-58']]],
            'F10 a feed' => ['F10', Level::Stop, 'feed:f1', 'pump', $petrol + $feed(['ignition_protected' => false])],
            'F11 too little to open' => ['F11', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.gauge' => '16 AWG', 'run.length_m' => 30]]],
            'F11 a smaller one would open' => ['F11', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.gauge' => '16 AWG', 'run.length_m' => 8, 'protection.0.rating_a' => 30]]],
            'F11 slower than the insulation' => ['F11', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.gauge' => '16 AWG', 'run.length_m' => 1.8, 'protection' => [(object) ['family' => 'breaker', 'rating_a' => 25, 'from_source_m' => 0.1]]]]],
            'F12 resets itself' => ['F12', Level::Warn, 'feed:main', 'series', ['feed:main' => ['protection.0.resets_itself' => true]]],
            'F12 not trip-free' => ['F12', Level::Warn, 'feed:main', 'series', ['feed:main' => ['protection.0.trip_free' => false]]],
            'F13' => ['F13', Level::Stop, 'charger:c1', 'pump', ['charger:c1' => ['input' => 'dc-dc', 'fused_ends' => 'input']]],
            'F14' => ['F14', Level::Warn, 'block:fuses', 'parallel', ['block:fuses' => ['circuits' => 1]]],
            // 15 A of a blade are 13.95 A at 50 °C; 14 A flow.
            'F15 a blade' => ['F15', Level::Warn, 'feed:f1', 'pump', [...self::hot(50), 'device:d1' => ['peak_a' => 14]]],
            'F15 a thermal breaker' => ['F15', Level::Warn, 'feed:f1', 'pump', [...self::hot(65), ...$feed(['family' => 'breaker', 'rating_a' => 25]), 'device:d1' => ['peak_a' => 19]]],
            'F15 everywhere, by the house rules' => ['F15', Level::Warn, 'feed:f1', 'pump', ['plan' => ['house_rules' => (object) ['ambient_c' => 50]], 'device:d1' => ['peak_a' => 14]]],
            'F16 a bus' => ['F16', Level::Stop, 'block:fuses', 'parallel', ['block:fuses' => ['rating_a' => 29]]],
            'F16 a shunt' => ['F16', Level::Stop, 'bank:thrust', 'series', ['bank:thrust' => ['shunt' => (object) ['rating_a' => 50, 'capacity_set_ah' => 100, 'stud' => '3/8']]]],
            'F16 a switch' => ['F16', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['switch' => true, 'switch_rating_a' => 14]]],
            'F16 a battery switch' => ['F16', Level::Stop, 'bank:house', 'pump', ['bank:house' => ['switch_rating_a' => 14]]],
            'F16 more than the fuse: what flows' => ['F16', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['switch' => true, 'switch_rating_a' => 16], 'device:d1' => ['typical_a' => 17, 'peak_a' => 17, 'load' => 'current']]],
        ];
    }

    public static function silent(): array
    {
        $feed = self::protection(...);

        return [
            'F02 at the ampacity' => ['F02', 'pump', ['feed:f1' => ['run.gauge' => '16 AWG', 'protection.0.rating_a' => 25]]],
            'F03 at 1.25 × typical' => ['F03', 'pump', ['device:d1' => ['typical_a' => 12, 'peak_a' => 12]]],
            'F03 a motor at its peak' => ['F03', 'pump', ['device:d1' => ['kind' => 'motor', 'typical_a' => 15, 'peak_a' => 15]]],
            'F03 where the maker asks for less' => ['F03', 'pump', ['device:d1' => ['fuse_a' => 10], ...$feed(['rating_a' => 10])]],
            // The first guards the wire; what sits behind it may sit where it likes.
            'F04 the second of two' => ['F04', 'pump', ['feed:f1' => ['protection' => [(object) ['family' => 'blade', 'rating_a' => 15, 'from_source_m' => 0.1], (object) ['family' => 'blade', 'rating_a' => 15, 'from_source_m' => 2]]]]],
            'F04 at seven inches' => ['F04', 'pump', $feed(['from_source_m' => 0.178])],
            'F04 sheathed at seventy-two' => ['F04', 'pump', $feed(['from_source_m' => 1.83, 'sheathed' => true])],
            // 12.85 V full through the block, 0.15 m of cold 10 AWG there and back, two rings of 0.2 mΩ and a holder of 1 mΩ: 13 mΩ let just under 1 kA flow.
            'F05' => ['F05', 'pump', ['battery:b1' => ['internal_mohm' => 10.8]]],
            'F05 backed up by the main' => ['F05', 'parallel', ['feed:main' => ['run.length_m' => 0.3]]],
            // 15 mΩ behind 12.85 V: 857 A at the most, whatever it cranks. Knowing more makes it no worse.
            'F05 what flows there decides' => ['F05', 'pump', ['battery:b1' => ['cca_a' => 600]]],
            // 4 m of 16 AWG plus and 5 mΩ: 12.85 V / (54 + 5 mΩ) are 220 A, which any blade breaks.
            'F05 back through its own minus' => ['F05', 'pump', ['battery:b1' => ['internal_mohm' => 8.5], 'feed:f1' => ['run.gauge' => '12 AWG', 'protection.0.from_source_m' => 0.5, 'protection.0.sheathed' => true]]],
            'F05 behind thin wire' => ['F05', 'pump', ['battery:b1' => ['internal_mohm' => 5, 'cca_a' => 600], 'feed:f1' => ['run.gauge' => '16 AWG', 'run.length_m' => 6, 'protection' => [(object) ['family' => 'blade', 'rating_a' => 7.5, 'from_source_m' => 4, 'sheathed' => true]]]]],
            'F05 its own sheet, not the table' => ['F05', 'pump', ['battery:b1' => ['cca_a' => 600], 'feed:f1' => ['protection.0.from_source_m' => Plans::UNKNOWN, 'protection.0.breaking_a' => 1000]]],
            'F05 enough for the cranking amps' => ['F05', 'pump', ['battery:b1' => ['cca_a' => 600], 'feed:f1' => ['protection.0.breaking_a' => 1500]]],
            'F06 a lead that suits' => ['F06', 'pump', ['device:d1' => ['lead' => (object) ['gauge' => '18 AWG', 'length_m' => 0.5]], ...$feed(['rating_a' => 20])]],
            'F06 jumpers' => ['F06', 'series', ['bank:thrust' => ['jumper.gauge' => '10 AWG']]],
            'F07 a half size' => ['F07', 'pump', $feed(['rating_a' => 7.5])],
            'F08' => ['F08', 'pump', ['device:d1' => ['fuse_a' => 15]]],
            'F09' => ['F09', 'series', ['feed:main' => ['protection.0.max_v' => 44.1]]],
            'F10 protected' => ['F10', 'pump', self::petrol(true) + $feed(['ignition_protected' => true])],
            'F10 open to the air' => ['F10', 'pump', self::petrol(false) + $feed(['ignition_protected' => false])],
            'F10 diesel' => ['F10', 'pump', ['plan' => ['boat.fuel' => 'diesel'], ...$feed(['ignition_protected' => false])]],
            'F11' => ['F11', 'pump', ['feed:f1' => ['run.gauge' => '16 AWG', 'run.length_m' => 10]]],
            'F13' => ['F13', 'pump', ['charger:c1' => ['input' => 'dc-dc', 'fused_ends' => 'both']]],
            'F14 as many as it has' => ['F14', 'parallel', ['block:fuses' => ['circuits' => 2]]],
            'F15 not so hot' => ['F15', 'pump', [...self::hot(49), 'device:d1' => ['peak_a' => 13.9]]],
            'F15 a magnetic breaker' => ['F15', 'series', ['plan' => ['house_rules' => (object) ['ambient_c' => 55]]]],
            'F15 too small anywhere' => ['F15', 'pump', [...self::hot(65), 'device:d1' => ['peak_a' => 20]]],
            'F16 a bus as its protection' => ['F16', 'parallel', ['block:fuses' => ['rating_a' => 30]]],
            'F16 the breaker is the switch' => ['F16', 'series', ['feed:main' => ['switch' => true]]],
        ];
    }

    public static function unknowns(): array
    {
        return [
            'F02' => ['F02', 'feed:f1', 'ampacity of 22 AWG', 'pump', ['feed:f1' => ['run.gauge' => '22 AWG']]],
            'F04' => ['F04', 'feed:f1', 'protection.0.from_source_m', 'pump', ['feed:f1' => ['protection.0.from_source_m' => Plans::UNKNOWN]]],
            'F05' => ['F05', 'feed:f1', 'the internal resistance of the batteries of the house bank', 'pump', ['battery:b1' => ['chemistry' => 'other-lithium', 'internal_mohm' => Plans::UNKNOWN]]],
            'F06' => ['F06', 'feed:f1', 'ampacity of 22 AWG', 'pump', ['device:d1' => ['lead' => (object) ['gauge' => '22 AWG', 'length_m' => 0.5]]]],
            'F09' => ['F09', 'feed:f1', 'the charging volts of the house bank', 'pump', ['battery:b1' => ['chemistry' => 'other-lithium']]],
            'F10 fuel' => ['F10', 'plan', 'boat.fuel', 'pump', ['plan' => ['boat.fuel' => Plans::UNKNOWN]]],
            'F10 place' => ['F10', 'feed:f1', 'station', 'pump', ['plan' => ['boat.fuel' => 'petrol']]],
            'F10 vapour' => ['F10', 'station:box', 'petrol_vapour', 'pump', self::petrol(null)],
            'F10 part' => ['F10', 'feed:f1', 'protection.0.ignition_protected', 'pump', self::petrol(true)],
            'F11' => ['F11', 'feed:f1', 'run.length_m', 'pump', ['feed:f1' => ['run.length_m' => null]]],
            'F12' => ['F12', 'feed:main', 'protection.0.trip_free', 'series', ['feed:main' => ['protection.0.trip_free' => Plans::UNKNOWN]]],
            'F13' => ['F13', 'charger:c1', 'fused_ends', 'pump', ['charger:c1' => ['input' => 'dc-dc']]],
            'F16 a block' => ['F16', 'block:fuses', 'rating_a', 'parallel', ['block:fuses' => ['rating_a' => Plans::UNKNOWN]]],
            'F16 a switch' => ['F16', 'feed:f1', 'switch_rating_a', 'pump', ['feed:f1' => ['switch' => true]]],
            'F16 a battery switch' => ['F16', 'bank:house', 'switch_rating_a', 'pump', ['bank:house' => ['switch_rating_a' => Plans::UNKNOWN]]],
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, array<string, mixed>>
     */
    private static function protection(array $fields): array
    {
        return ['feed:f1' => ['protection' => [(object) (['family' => 'blade', 'rating_a' => 15, 'from_source_m' => 0.15, ...$fields])]]];
    }

    /** @return array<string, array<string, mixed>> the pump's battery in a box of a petrol boat */
    private static function petrol(?bool $vapour): array
    {
        $station = ['id' => 'box', 'x_m' => 0, 'y_m' => 0, ...($vapour === null ? [] : ['petrol_vapour' => $vapour])];

        return ['plan' => ['boat.fuel' => 'petrol', 'boat.stations' => [(object) $station]], 'battery:b1' => ['station' => 'box']];
    }

    /** @return array<string, array<string, mixed>> the pump's battery and fuse where it gets so hot */
    private static function hot(float $celsius): array
    {
        return ['plan' => ['boat.stations' => [(object) ['id' => 'box', 'x_m' => 0, 'y_m' => 0, 'celsius' => $celsius]]], 'battery:b1' => ['station' => 'box']];
    }

    protected static function withoutRemedy(): array
    {
        return [];
    }
}
