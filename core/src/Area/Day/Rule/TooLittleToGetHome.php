<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Rule;

use Dinghy\Area\Day\Figure\DayFigures;
use Dinghy\Plan\Battery;
use Dinghy\Plan\TripPhase;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Trip\Day;

final readonly class TooLittleToGetHome implements Rule
{
    /** V that a 12 V starting battery keeps while it cranks [cp] */
    private const CRANKING = 9.6;

    public function text(): RuleText
    {
        return new RuleText('B30', [Level::Stop], 'the day leaves too little charge for the phases marked as the way home, or to start the engine',
            'stuck far out', 'computed by the simulation of the day; 9.6 V while cranking is common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $day = $solved->figures(DayFigures::class)->day;
        if ($day === null) {
            return;
        }
        yield from $this->home($solved, $day);
        yield from $this->engine($solved, $day);
    }

    /** @return iterable<Finding> */
    private function home(SolvedBoat $solved, Day $day): iterable
    {
        foreach ($day->devices as $id => $use) {
            $needed = self::neededUntil($solved->plan->trip ?? [], $id);
            if ($use->outAt !== null && $needed !== null && $use->outAt < $needed) {
                yield new Finding($this->text(), Level::Stop, $use->device->on(),
                    "{$use->device->label()} gives out at {$solved->words->clock($solved->plan->tripStart + $use->outAt)}, and the way home asks for it until {$solved->words->clock($solved->plan->tripStart + $needed)}.",
                    'Turn home earlier, draw less, or carry more charge.', null, ['minutes' => $use->outAt, 'needed_until_minutes' => $needed]);
            }
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function engine(SolvedBoat $solved, Day $day): iterable
    {
        $engine = $solved->plan->boat->engine;
        if ($engine === null) {
            return;
        }
        [$begun, $ran] = [0.0, false];
        foreach ($solved->plan->trip ?? [] as $phase) {
            if ($phase->engine && ! $ran) {
                if ($engine->crankingAmps === null) {
                    yield new Unchecked($this->text(), 'plan', 'boat.engine.cranking_a');

                    return;
                }
                $charges = $day->series->chargesAt($begun);
                $volts = $solved->states->cranking(static fn (Battery $battery): ?float => isset($charges[$battery->id]) ? $day->batteries[$battery->id]->openVoltsAt($charges[$battery->id]) : null);
                $starter = $solved->plan->batteries[$engine->battery];
                $least = self::CRANKING * $starter->nominalVolts / 12;
                if ($volts !== null && $volts < $least) {
                    yield new Finding($this->text(), Level::Stop, "battery:{$starter->id}",
                        ucfirst("{$solved->called($starter)} would turn the engine at {$solved->words->volts($volts)} at {$solved->words->clock($solved->plan->tripStart + $begun)}; it needs {$solved->words->volts($least)}."),
                        'Keep what fishes off the starting battery, or carry more charge in it.', null, ['volts' => $volts, 'limit_v' => $least]);

                    return;
                }
            }
            $ran = $phase->engine;
            $begun += 60 * $phase->hours;
        }
    }

    /**
     * @param  list<TripPhase>  $phases
     * @return float|null min from the start; null: the way home does without it
     */
    private static function neededUntil(array $phases, string $device): ?float
    {
        [$ends, $until] = [0.0, null];
        foreach ($phases as $phase) {
            $ends += 60 * $phase->hours;
            if ($phase->home && ($phase->on[$device] ?? 0.0) > 0) {
                $until = $ends;
            }
        }

        return $until;
    }
}
