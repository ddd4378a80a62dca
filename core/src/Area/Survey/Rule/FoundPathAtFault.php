<?php

declare(strict_types=1);

namespace Dinghy\Area\Survey\Rule;

use Dinghy\Area\Survey\Remedy\DirectFeed;
use Dinghy\Diagnosis\Cause;
use Dinghy\Diagnosis\PathDiagnosis;
use Dinghy\Diagnosis\PathWords;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Survey\PathCheck;

final readonly class FoundPathAtFault implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D09', [Level::Warn], 'the readings of a circuit as it was found show too thin a wire, a bad joint, a weak battery, an interruption or another load, its wire is not copper, or they contradict one another, and no run of the plan takes its place',
            'what is found and not mended comes back as a complaint', "Ohm's law on the readings; limits are common practice", SourceKind::CommonPractice);
    }

    /** @return \Closure(): iterable<Remedy> */
    private static function direct(Plan $plan, PathCheck $check, Cause $cause, string $remedy): \Closure
    {
        return static function () use ($plan, $check, $cause, $remedy): iterable {
            $patch = DirectFeed::of($plan, $check, $cause);
            if ($patch !== null) {
                yield new Remedy(count($patch->steps) === 1 ? "Leave it to the plan's run." : $remedy, $patch);
            }
        };
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->survey->pathChecks ?? [] as $check) {
            if ($check->renewedBy !== null && isset($solved->runs[$check->renewedBy])) {
                continue;
            }
            $diagnosis = PathDiagnosis::of($check, $solved->plan);
            $says = $check->label().': '.PathWords::of($diagnosis, $solved->words);
            if ($diagnosis->cause === Cause::Unknown) {
                yield new Unchecked($this->text(), "check:{$check->id}", $diagnosis->needs[0]);
            } elseif ($diagnosis->cause === Cause::Contradictory) {
                yield new Finding(
                    $this->text(),
                    Level::Warn,
                    "check:{$check->id}",
                    $says,
                    'Measure it again, or leave it to a run of the plan.',
                    self::direct($solved->plan, $check, $diagnosis->cause, 'Run a direct fused feed past it.'),
                    [],
                );
            } elseif ($diagnosis->cause !== Cause::NothingWrong) {
                $fault = $diagnosis->faults[0];
                $remedy = PathWords::remedy($fault, $solved->words);
                yield new Finding(
                    $this->text(),
                    Level::Warn,
                    "check:{$check->id}",
                    $says,
                    $remedy,
                    self::direct($solved->plan, $check, $fault->cause, $remedy),
                    array_filter(
                        ['lost_v' => $diagnosis->lost, 'path_ohm' => $diagnosis->pathOhms, 'fault_v' => $fault->volts],
                        is_float(...),
                    ),
                );
            }
        }
    }
}
