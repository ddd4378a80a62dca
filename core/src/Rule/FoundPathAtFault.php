<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Diagnosis\Cause;
use Dinghy\Diagnosis\PathDiagnosis;
use Dinghy\Diagnosis\PathWords;
use Dinghy\Proposal\DirectFeed;

final readonly class FoundPathAtFault implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D09', [Level::Warn], 'the readings of a circuit as it was found show too thin a wire, a bad joint, a weak battery, an interruption or another load, its wire is not copper, or they contradict one another, and no run of the plan takes its place',
            'what is found and not mended comes back as a complaint', "Ohm's law on the readings; limits are common practice", Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->survey->pathChecks ?? [] as $check) {
            if ($check->renewedBy !== null && isset($assessment->runs[$check->renewedBy])) {
                continue;
            }
            $diagnosis = PathDiagnosis::of($check, $assessment->plan);
            $says = $check->label().': '.PathWords::of($diagnosis, $assessment->words);
            if ($diagnosis->cause === Cause::Unknown) {
                yield new Unchecked('D09', "check:{$check->id}", $diagnosis->needs[0]);
            } elseif ($diagnosis->cause === Cause::Contradictory) {
                yield new Finding($this->text(), Level::Warn, "check:{$check->id}", $says, 'Measure it again, or leave it to a run of the plan.', DirectFeed::of($assessment->plan, $check, $diagnosis->cause), []);
            } elseif ($diagnosis->cause !== Cause::NothingWrong) {
                $fault = $diagnosis->faults[0];
                yield new Finding($this->text(), Level::Warn, "check:{$check->id}", $says, PathWords::remedy($fault, $assessment->words),
                    DirectFeed::of($assessment->plan, $check, $fault->cause), array_filter(['lost_v' => $diagnosis->lost, 'path_ohm' => $diagnosis->pathOhms, 'fault_v' => $fault->volts], is_float(...)));
            }
        }
    }
}
