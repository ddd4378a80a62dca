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
        return new RuleText('D09', [Level::Warn], 'the readings of a circuit as it was found show too thin a wire, a bad joint, a weak battery or an interruption, and no run of the plan takes its place',
            'what is found and not mended comes back as a complaint', "Ohm's law on the readings; limits are common practice", Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->survey->pathChecks ?? [] as $check) {
            $renewed = $check->renewedBy !== null && isset($assessment->runs[$check->renewedBy]);
            $diagnosis = PathDiagnosis::of($check, $assessment->plan);
            if ($renewed || $diagnosis->cause === Cause::NothingWrong || $diagnosis->cause === Cause::Unknown) {
                continue;
            }
            $fault = $diagnosis->faults[0];
            yield new Finding($this->text(), Level::Warn, "check:{$check->id}", $check->label().': '.PathWords::of($diagnosis, $assessment->words),
                PathWords::remedy($fault, $assessment->words), DirectFeed::of($assessment->plan, $check), array_filter(['lost_v' => $diagnosis->lost, 'path_ohm' => $diagnosis->pathOhms, 'fault_v' => $fault->volts], is_float(...)));
        }
    }
}
