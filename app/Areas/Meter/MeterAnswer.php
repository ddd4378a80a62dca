<?php

declare(strict_types=1);

namespace App\Areas\Meter;

use App\Areas\Contract\BlocksDrawn;
use App\Metering\KnownReadings;
use App\Metering\MeasuredContent;
use App\Metering\Passports;
use App\Metering\Told;
use App\Models\Job;
use App\Models\WorkEntry;
use Dinghy\Area\Rigging\Act;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Metering\LoadChoice;
use Dinghy\Metering\MeteredPath;
use Dinghy\Metering\PathPoint;
use Dinghy\Metering\RestPoint;
use Dinghy\Metering\RestWalk;
use Dinghy\Metering\TestLoad;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Circuit;

/** What the stage Meter draws: what is read at rest and in which order, what each way does under which load, and her passport. */
final readonly class MeterAnswer
{
    private function __construct(private Job $job, private SolvedBoat $boat)
    {
    }

    /** @return array<string, mixed> */
    public static function of(Job $job, Evaluation $evaluation): array
    {
        $answer = new self($job, $evaluation->boat);

        return [
            'blocks' => BlocksDrawn::of($evaluation->boat),
            'rest' => array_map(static fn (RestPoint $point): array => ['of' => Told::measurement($point->of), 'place' => $point->place], RestWalk::of($evaluation->boat, (new KnownReadings($job))->rested($evaluation->boat))),
            'paths' => $answer->paths(),
            'steps' => $answer->steps(),
            'passports' => Passports::told($job, $evaluation->boat),
        ];
    }

    /** @return list<array<string, mixed>> what was read at steps of the work, the newest first */
    private function steps(): array
    {
        $entries = $this->job->workEntries()->with('author');
        $entries->where('act', Act::Done->value);
        $entries->whereNotNull('content->measured');
        $entries->orderByDesc('id');

        return array_values($entries->get()->map(static fn (WorkEntry $entry): array => [
            'id' => $entry->entry, 'says' => $entry->says, 'at' => $entry->done_at->toIso8601String(), 'by' => $entry->author->name,
            'read' => array_map(static fn (array $one): array => ['says' => $one[0], 'unit' => $one[1]->value, 'expect' => $one[2], 'value' => $one[3]], MeasuredContent::of($entry)),
        ])->all());
    }

    /** @return list<array<string, mixed>> */
    private function paths(): array
    {
        $loads = $this->job->boat->customer->shop->settings()->testLoads();
        $paths = [];
        foreach ($this->boat->circuits() as $run) {
            $path = $run->circuit === null ? null : MeteredPath::to($this->boat, $run->circuit);
            if ($run->circuit !== null && $path !== null) {
                $paths[] = [
                    'on' => $path->on,
                    'label' => $path->label,
                    'nominal_v' => $path->nominalVolts,
                    'full_a' => $path->fullAmps,
                    'points' => array_map(static fn (PathPoint $point): array => ['id' => $point->id, 'says' => $point->says], $path->points),
                    'expected_mohm' => array_map(static fn (float $ohms): float => 1000 * $ohms, $path->ohms() ?? []),
                    'loads' => array_values(array_filter(array_map(static fn (TestLoad $load): ?array => self::under($path, $load), [...LoadChoice::of($path, $loads), ...self::own($run->circuit)]))),
                ];
            }
        }

        return $paths;
    }

    /** @return array<string, mixed>|null null: the bank cannot give what it asks for */
    private static function under(MeteredPath $path, TestLoad $load): ?array
    {
        $volts = $path->volts($load);

        return $volts === null ? null : ['name' => $load->name, 'ohms' => $load->ohms, 'amps' => $volts[count($volts) - 1] / $load->ohms, 'volts' => $volts];
    }

    /** @return list<TestLoad> the device itself: not a motor, which draws little in air and nobody may hold at full thrust */
    private static function own(Circuit $circuit): array
    {
        $device = $circuit->device;

        return $device === null || $device->isMotor() || $device->typicalAmps <= 0 || $circuit->nominalVolts === null ? [] : [new TestLoad('The device itself', $circuit->nominalVolts / $device->typicalAmps, INF)];
    }
}
