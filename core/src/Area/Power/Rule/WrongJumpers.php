<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class WrongJumpers implements Rule
{
    /** V from what is meant, more than jumpers lose or unequal blocks in parallel differ */
    private const VOLTS = 0.5;

    /** A; equally full blocks in parallel exchange less */
    private const AMPS = 50.0;

    public function text(): RuleText
    {
        return new RuleText('B27', [Level::Stop], 'the wires really between the posts do not make the bank that is meant: other volts between its terminals, or a current with nothing switched on',
            'a wire on the wrong post gives its devices too many volts or too few, or shorts a battery', 'computed', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $rest = $solved->states->in(State::Rest);
        foreach ($solved->plan->banks as $bank) {
            if ($bank->jumpers !== null && $rest !== null && States::knows($bank)) {
                yield from $this->judge($solved, $bank, $rest);
            }
        }
    }

    /** @return iterable<Finding> */
    private function judge(SolvedBoat $solved, Bank $bank, Solution $rest): iterable
    {
        $words = $solved->words;
        $circulating = max(
            array_map(
                abs(...),
                array_intersect_key($rest->sourceAmps(), array_column($bank->batteries(), null, 'id')),
            ) ?: [0.0],
        );
        $wrong = [];
        foreach ($bank->strings as $string) {
            foreach ($string as $i => $battery) {
                $meant = array_sum(array_map(States::restedVolts(...), array_slice($string, 0, $i + 1)));
                $found = $rest->between($battery->plus()->name, $bank->negativePost()->name);
                if ($found === null || abs($found - $meant) > self::VOLTS) {
                    $wrong[] = 'Battery '.$bank->numberOf($battery, $words->countedFrom).' + reads '.($found === null ? 'nothing' : $words->volts($found))." from the common negative, not {$words->volts($meant)}";
                }
            }
        }
        if ($circulating <= self::AMPS && $wrong === []) {
            return;
        }
        $said = $wrong;
        if ($circulating > self::AMPS) {
            array_unshift($said, "{$words->amps($circulating)} flow with everything off");
        }
        yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}", "The jumpers of {$bank->label()} are not those of a ".$words->volts($bank->nominalVolts()).' bank: '.implode('; ', $said).'.',
            'Take them off, negative first, and land them as the strings say.', Patch::set(
                "bank:{$bank->id}",
                ['jumpers' => null],
            ),
            ['circulating_a' => $circulating, 'wrong_posts' => (float) count($wrong)]);
    }
}
