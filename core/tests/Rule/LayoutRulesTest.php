<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;

/** Rules of survey and layout: routes, mounting, holes, photographs, what was found. */
final class LayoutRulesTest extends RuleTestCase
{
    private const BAD_JOINT = ['device_loaded_v' => 11.2, 'device' => 'light'];

    public static function speaking(): array
    {
        return [
            'B24' => ['B24', Level::Warn, 'battery:b1', 'routed', ['battery:b1' => ['petrol_fitting_m' => 0.29]]],
            'W08' => ['W08', Level::Warn, 'way:tube', 'routed', ['way:tube' => ['bore_mm' => 18]]],
            'W09' => ['W09', Level::Note, 'way:tube', 'routed', ['way:tube' => ['pull_cord' => false]]],
            'W10' => ['W10', Level::Warn, 'feed:main', 'routed', ['station:stern' => ['moves' => true]]],
            'W10 typed' => ['W10', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.slack_from_m' => 0.1]]],
            'W11' => ['W11', Level::Note, 'way:aft', 'routed', ['feed:main' => ['run.route' => ['stern', 'side', 'bow']], 'way:aft' => ['support_m' => 0.46]]],
            'W15' => ['W15', Level::Warn, 'feed:main', 'routed', ['feed:main' => ['run.minus_route' => ['stern', 'side', 'bow']]]],
            'W17' => ['W17', Level::Note, 'way:tube', 'routed', ['way:tube' => ['chafe' => 'bulkhead']]],
            'W17 a drip loop' => ['W17', Level::Note, 'branch:to-light', 'routed', ['branch:to-light' => ['run.drip_loop' => false]]],
            // The light at the bow, half a metre aside: 0.3 m of slack and no lead.
            'W18' => ['W18', Level::Warn, 'branch:to-light', 'routed', ['device:light' => ['at_m' => (object) ['x_m' => 4.0, 'y_m' => 0.31]], 'branch:to-light' => ['run.length_m' => Plans::UNKNOWN]]],
            'W18 out of any reach' => ['W18', Level::Warn, 'branch:to-light', 'routed', ['device:light' => ['at_m' => (object) ['x_m' => 4.0, 'y_m' => 8.0]], 'branch:to-light' => ['run.length_m' => Plans::UNKNOWN]]],
            'D09 a bad joint' => ['D09', Level::Warn, 'check:check', 'routed', ['check:check' => self::BAD_JOINT]],
            'D09 interrupted' => ['D09', Level::Warn, 'check:check', 'routed', ['check:check' => ['device_loaded_v' => 0.1]]],
            'D09 of the wrong metal' => ['D09', Level::Warn, 'check:check', 'routed', ['check:check' => ['metal' => 'aluminium']]],
            'D09 another load' => ['D09', Level::Warn, 'check:check', 'routed', ['check:check' => ['device_rest_v' => 12.5]]],
            'D09 readings that cannot be' => ['D09', Level::Warn, 'check:check', 'routed', ['check:check' => ['device_loaded_v' => 13.2]]],
            'N05 close to a heavy run' => ['N05', Level::Warn, 'device:heading', 'routed', ['device:light' => ['typical_a' => 9, 'peak_a' => 9]]],
            'N05 off the middle' => ['N05', Level::Warn, 'device:heading', 'routed', ['device:heading' => ['at_m' => (object) ['x_m' => 2.5, 'y_m' => 0.51]]]],
            'N05 none there' => ['N05', Level::Warn, 'device:m1', 'series', ['device:m1' => ['position_hold' => true]]],
            'N06' => ['N06', Level::Warn, 'device:antenna', 'routed', ['device:antenna' => ['sky' => 'under-metal']]],
            'N06 stepped on' => ['N06', Level::Warn, 'device:antenna', 'routed', ['device:antenna' => ['stepped_on' => true]]],
            // 0.30 m to the edge and half of 30 mm of shaft
            'M01' => ['M01', Level::Stop, 'device:m1', 'series', ['device:m1' => ['deploy.reach_m' => 0.315]]],
            'M02 over the rail' => ['M02', Level::Warn, 'device:m1', 'series', ['device:m1' => ['sweep.offset_m' => 0.31]]],
            'M02 nowhere to go' => ['M02', Level::Warn, 'device:m1', 'series', ['device:m1' => ['sweep.rail_m' => 0.2, 'sweep.door_m' => 0.2]]],
            'M03' => ['M03', Level::Stop, 'hole:hole', 'routed', ['hole:hole' => ['behind' => ' ']]],
            'M04' => ['M04', Level::Warn, 'device:screen', 'parallel', ['device:screen' => ['seen_from_helm.below_m' => 0.61]]],
            'M04 turned away' => ['M04', Level::Warn, 'device:screen', 'parallel', ['device:screen' => ['seen_from_helm.turn_deg' => 60]]],
            'M04 out of reach' => ['M04', Level::Warn, 'device:screen', 'parallel', ['device:screen' => ['seen_from_helm.away_m' => 0.71]]],
            'M05' => ['M05', Level::Warn, 'device:m1', 'series', ['device:m1' => ['shaft.length_m' => 1.17]]],
            'M06' => ['M06', Level::Note, 'plan', 'series', ['device:m1' => ['thrust_n' => 176]]],
            'M07' => ['M07', Level::Note, 'station:bow', 'routed', ['station:bow' => ['x_m' => 5.31]]],
            'M07 over the side' => ['M07', Level::Note, 'station:side', 'routed', ['station:side' => ['y_m' => -1.31]]],
            'S07' => ['S07', Level::Note, 'plan', 'routed', ['photograph:p2' => ['of' => 'other']]],
        ];
    }

    public static function silent(): array
    {
        return [
            'B24 at the limit' => ['B24', 'routed', ['battery:b1' => ['petrol_fitting_m' => 0.3]]],
            'B24 behind a shield' => ['B24', 'routed', ['battery:b1' => ['petrol_fitting_m' => 0.1, 'petrol_shield' => true]]],
            'B24 no petrol' => ['B24', 'routed', ['battery:b1' => ['petrol_fitting_m' => 0.1], 'plan' => ['boat.fuel' => 'diesel']]],
            // Two of 7.2 mm fill 103.7/0.31 = 334.5 mm²: a bore of 18.29 mm.
            'W08' => ['W08', 'routed', ['way:tube' => ['bore_mm' => 18.3]]],
            'W09 a spare cable' => ['W09', 'routed', ['way:tube' => ['pull_cord' => false, 'spare_cable' => true]]],
            'W10' => ['W10', 'routed', ['station:stern' => ['moves' => true], 'feed:main' => ['run.slack_from_m' => 1.0]]],
            'W11' => ['W11', 'routed', ['feed:main' => ['run.route' => ['stern', 'side', 'bow']], 'way:aft' => ['support_m' => 0.457]]],
            'W11 nothing lies there' => ['W11', 'routed', ['way:aft' => ['support_m' => 2]]],
            'W15 farther away' => ['W15', 'routed', ['feed:main' => ['run.minus_route' => ['stern', 'side', 'bow']], 'device:heading' => ['at_m' => (object) ['x_m' => 2.5, 'y_m' => -1.001]]]],
            'W18 within its slack' => ['W18', 'routed', ['device:light' => ['at_m' => (object) ['x_m' => 4.0, 'y_m' => 0.3]], 'branch:to-light' => ['run.length_m' => Plans::UNKNOWN]]],
            'W18 its lead reaches' => ['W18', 'routed', ['device:light' => ['at_m' => (object) ['x_m' => 4.0, 'y_m' => 1.1], 'lead' => (object) ['gauge' => '16 AWG', 'length_m' => 0.8]], 'branch:to-light' => ['run.length_m' => Plans::UNKNOWN]]],
            'W18 measured to it' => ['W18', 'routed', ['device:light' => ['at_m' => (object) ['x_m' => 4.0, 'y_m' => 1.1]], 'branch:to-light' => ['run.length_m' => 2]]],
            'D09 renewed' => ['D09', 'routed', ['check:check' => [...self::BAD_JOINT, 'renewed_by' => 'to-light']]],
            'N05 at a light run' => ['N05', 'routed', ['device:light' => ['typical_a' => 7.9, 'peak_a' => 8]]],
            'N05 calibrated' => ['N05', 'routed', ['device:heading' => ['at_m' => (object) ['x_m' => 2.5, 'y_m' => 0.51], 'calibrated' => true]]],
            'M01' => ['M01', 'series', ['device:m1' => ['deploy.reach_m' => 0.316]]],
            'M02' => ['M02', 'series', ['device:m1' => ['sweep.offset_m' => 0.3]]],
            'M04' => ['M04', 'parallel', ['device:screen' => ['seen_from_helm.below_m' => 0.44]]],
            'M05' => ['M05', 'series', ['device:m1' => ['shaft.length_m' => 1.18]]],
            'M05 in calm water' => ['M05', 'series', ['device:m1' => ['shaft.length_m' => 1.05, 'shaft.water' => 'calm']]],
            // 0.02 · 9.80665 · 900 = 176.52 N
            'M06' => ['M06', 'series', ['device:m1' => ['thrust_n' => 177]]],
            'M07 on a mount beyond the bow' => ['M07', 'routed', ['station:bow' => ['x_m' => 5.3]]],
            'S07' => ['S07', 'routed', []],
        ];
    }

    public static function unknowns(): array
    {
        $unknown = Plans::UNKNOWN;

        return [
            'B24' => ['B24', 'battery:b1', 'petrol_fitting_m', 'routed', ['battery:b1' => ['petrol_fitting_m' => $unknown]]],
            'W08' => ['W08', 'way:tube', 'bore_mm', 'routed', ['way:tube' => ['bore_mm' => $unknown]]],
            'W09' => ['W09', 'way:tube', 'pull_cord', 'routed', ['way:tube' => ['pull_cord' => $unknown]]],
            'D09 no gauge' => ['D09', 'check:check', 'gauge', 'routed', ['check:check' => [...self::BAD_JOINT, 'gauge' => $unknown]]],
            'D09 nothing at the device' => ['D09', 'check:check', 'device_loaded_v', 'routed', ['check:check' => ['device_loaded_v' => $unknown]]],
            'N05' => ['N05', 'device:heading', 'station', 'routed', ['device:heading' => ['at_m' => $unknown]]],
            'N06' => ['N06', 'device:antenna', 'sky', 'routed', ['device:antenna' => ['sky' => $unknown]]],
            'M01' => ['M01', 'device:m1', 'deploy', 'series', ['device:m1' => ['deploy' => $unknown]]],
            'M02' => ['M02', 'device:m1', 'sweep', 'series', ['device:m1' => ['sweep' => $unknown]]],
            'M04' => ['M04', 'device:screen', 'seen_from_helm', 'parallel', ['device:screen' => ['seen_from_helm' => $unknown]]],
            'M05' => ['M05', 'device:m1', 'shaft', 'series', ['device:m1' => ['shaft' => $unknown]]],
            'M06' => ['M06', 'device:m1', 'thrust_n', 'series', ['device:m1' => ['thrust_n' => $unknown]]],
            'M06 mass' => ['M06', 'plan', 'boat.loaded_kg', 'series', ['plan' => ['boat.loaded_kg' => $unknown]]],
            'S07 no compartment' => ['S07', 'plan', 'boat.stations', 'pump', ['plan' => ['survey' => (object) ['taken_on' => '2026-11-01']]]],
            'S07' => ['S07', 'plan', 'survey.taken_on', 'pump', ['plan' => ['survey' => $unknown]]],
        ];
    }

    /** Hand-worked: 0.30 m of setback, 0.315 of reach and a shaft of 30 mm touch; 20 mm more room are 20 mm farther forward. A mount on the very edge goes no farther. */
    public function test_a_mount_is_set_forward(): void
    {
        $patch = static fn (array $deploy) => Plans::remedy(Plans::changed(Plans::series(3), ['device:m1' => $deploy]), 'M01')?->patch->toJson();

        self::assertEquals([(object) ['on' => 'device:m1', 'set' => (object) ['deploy.setback_m' => 0.28]]], $patch(['deploy.reach_m' => 0.315]));
        self::assertNull($patch(['deploy.reach_m' => 0.01, 'deploy.setback_m' => 0.01]));
    }

    /** A motor astern comes down over no bow; one of 12 V on a pontoon deck is told of. */
    public function test_which_motors_are_asked_what(): void
    {
        $astern = Plans::changed(Plans::series(3), ['plan' => ['boat.length_m' => 5], 'device:m1' => ['at_m' => (object) ['x_m' => 0.2, 'y_m' => 0], 'deploy' => Plans::UNKNOWN, 'sweep' => Plans::UNKNOWN]]);
        self::assertSame([], Plans::evaluate($astern)->unchecked);
        $deck = static fn (int $blocks) => self::found(Plans::changed(Plans::series($blocks), ['plan' => ['boat.hull' => 'pontoon', 'boat.hull_carries_current' => false]]), 'M06');
        self::assertStringContainsString('drives a pontoon deck from 12 V', $deck(1)->says ?? '');
        self::assertNull($deck(2));
    }

    /** The remedy of a path at fault is a feed of its own where the plan still goes through what is old. */
    public function test_a_path_at_fault_gets_a_direct_feed(): void
    {
        $old = Plans::changed(Plans::routed(), ['check:check' => self::BAD_JOINT, 'branch:to-light' => ['run.extra_mohm' => 80]]);
        $patch = Plans::remedy($old, 'D09')?->patch;
        self::assertNotNull($patch);
        $mended = Plans::evaluate($old->with($patch));

        self::assertArrayNotHasKey('to-light', $mended->boat->runs);
        $feed = $mended->boat->plan->feeds['direct-to-light'];
        self::assertSame(['light', 3.0], [$feed->device, $feed->run->typedLength]);
        self::assertNotSame([], $feed->protection);
        self::assertSame([], array_filter($mended->findings, static fn ($finding): bool => $finding->level !== Level::Note));
    }

    protected static function withoutRemedy(): array
    {
        return ['W18 out of any reach', 'N05 none there', 'M02 nowhere to go', 'M03', 'M06', 'M07', 'M07 over the side', 'S07'];
    }
}
