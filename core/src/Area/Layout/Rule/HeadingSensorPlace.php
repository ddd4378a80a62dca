<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\Area\Layout\Figure\Disturbance;
use Dinghy\File\Patch;
use Dinghy\Geometry\Spot;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class HeadingSensorPlace implements Rule
{
    /** m that motors and heavy runs keep from a heading sensor */
    public const APART = 1.0;

    /** m [cp, working estimate] */
    private const OFF_CENTRE = 0.5;

    /** m between places that are tried for it */
    private const STEP = 0.25;

    public function text(): RuleText
    {
        return new RuleText('N05', [Level::Warn], 'position hold or a turning map is wanted and there is no heading sensor; or one sits within 1 m of a motor, a loudspeaker or a heavy run, or off the centreline without calibration',
            'it points where the current flows', 'common practice, working estimates', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $plan = $solved->plan;
        $sensors = array_filter(
            $plan->devices,
            static fn (Device $device): bool => $device->kind === DeviceKind::HeadingSensor,
        );
        foreach ($sensors === [] ? $plan->devices : [] as $device) {
            if ($device->mounting->positionHold || $device->mounting->mapOrientation) {
                yield new Finding($this->text(), Level::Warn, "device:{$device->id}",
                    ($device->mounting->positionHold ? "{$device->label()} is to hold its place" : "The map of {$device->label()} is to turn with the boat").', and the boat has no heading sensor.',
                    'Add a heading sensor.', null, []);
            }
        }
        foreach ($sensors as $sensor) {
            $spot = $solved->plan->spotOf($sensor);
            if ($spot === null) {
                yield new Unchecked($this->text(), "device:{$sensor->id}", 'station');

                continue;
            }
            $nearest = $this->nearest($solved, $spot);
            $distance = $nearest?->distanceTo($spot) ?? INF;
            if ($nearest !== null && $distance < self::APART - 1e-9) {
                yield new Finding($this->text(), Level::Warn, "device:{$sensor->id}",
                    "{$sensor->label()} sits {$solved->words->length($distance)} from {$nearest->label}".($nearest->amps === null ? '' : ", {$solved->words->amps($nearest->amps)}").'; it needs '.$solved->words->length(self::APART).'.',
                    'Move it away from motors, loudspeakers and heavy runs.', static fn (): iterable => self::quietPlaces($solved, $sensor, $spot), [
                        'distance_m' => $distance,
                        'limit_m' => self::APART,
                    ]);
            }
            if (abs($spot->y) > self::OFF_CENTRE && ! $sensor->mounting->calibrated) {
                yield new Finding($this->text(), Level::Warn, "device:{$sensor->id}",
                    "{$sensor->label()} sits {$solved->words->length(abs($spot->y))} off the centreline and was not calibrated there.",
                    'Calibrate it on the water, or move it to the middle.', Patch::set(
                        "device:{$sensor->id}",
                        ['calibrated' => true],
                    ), [
                        'off_centre_m' => abs($spot->y),
                        'limit_m' => self::OFF_CENTRE,
                    ]);
            }
        }
    }

    /** @return iterable<Remedy> along the centreline, the nearest first */
    private static function quietPlaces(SolvedBoat $solved, Device $sensor, Spot $now): iterable
    {
        $disturbances = Disturbance::allIn($solved->plan, $solved->circuits());
        $outline = $solved->plan->boat->outline();
        $places = [];
        for ($x = 0.0; $x <= ($solved->plan->boat->length ?? 0.0); $x += self::STEP) {
            $spot = new Spot($x, 0.0);
            $nearest = array_reduce(
                $disturbances,
                static fn (float $least, Disturbance $one): float => min($least, $one->distanceTo($spot)),
                INF,
            );
            if ($nearest >= self::APART && ($outline === null || $outline->holds($spot))) {
                $places[(string) round($x, 2)] = $spot->to($now);
            }
        }
        asort($places);
        foreach (array_keys($places) as $x) {
            $metres = (float) $x;
            yield new Remedy(
                "Move it to the centreline, {$solved->words->length($metres)} from the transom.",
                Patch::set("device:{$sensor->id}", ['at_m' => (object) ['x_m' => $metres, 'y_m' => 0.0]]),
            );
        }
    }

    private function nearest(SolvedBoat $solved, Spot $spot): ?Disturbance
    {
        $all = Disturbance::allIn($solved->plan, $solved->circuits());
        usort($all, static fn (Disturbance $a, Disturbance $b): int => $a->distanceTo($spot) <=> $b->distanceTo($spot));

        return $all[0] ?? null;
    }
}
