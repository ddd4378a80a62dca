<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Circuit\ChargerElements;
use Dinghy\Circuit\State;
use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Charger;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ChargerOutputMismatch implements Rule
{
    /** A through a charger's minus while it is off */
    private const JOINED = 1.0;

    public function text(): RuleText
    {
        return new RuleText('B29', [Level::Stop], 'an output set for other volts than what it stands across; `across` that is not one string in order; outputs that are not isolated, on batteries that are joined otherwise',
            'overcharge, or a short through the charger\'s minus', 'computed', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->chargers as $charger) {
            foreach ($charger->batteryOutputs() as $number => $output) {
                $name = 'output '.($number + 1)." of {$charger->label()}";
                if (! self::inOrder($solved, $output)) {
                    yield new Finding($this->text(), Level::Stop, "charger:{$charger->id}",
                        ucfirst("{$name} stands across ").implode(
                            ', ',
                            array_map(static fn (Battery $battery): string => $battery->id, $output->across),
                        ).': those are not neighbours in one string, from its negative end up.',
                        'Land it across one battery, or across neighbours in their order.', self::landed($solved, $charger, $number), ['batteries' => (float) count($output->across)]);

                    continue;
                }
                $spanned = Bank::nominalOf($output->across);
                if ($output->setAgainstSpan() !== 0) {
                    yield new Finding($this->text(), Level::Stop, "charger:{$charger->id}",
                        ucfirst("{$name} is set for {$solved->words->volts($output->nominalVolts)} and stands across {$solved->words->volts($spanned)}."),
                        'Use an output made for what it stands across.', Patch::set(
                            "charger:{$charger->id}",
                            ["outputs.{$number}.volts" => $spanned],
                        ), ['set_v' => $output->nominalVolts, 'across_v' => $spanned]);
                }
            }
            yield from $this->judgeMinus($solved, $charger);
        }
    }

    /** @return iterable<Finding> */
    private function judgeMinus(SolvedBoat $solved, Charger $charger): iterable
    {
        $rest = $solved->states->in(State::Rest);
        $resistors = $solved->states->circuit(State::Loaded)->resistors();
        $most = 0.0;
        foreach (array_keys($charger->batteryOutputs()) as $number) {
            $lead = $resistors[ChargerElements::lead($charger, $number, '-')] ?? null;
            $most = $rest === null || $lead === null ? $most : max($most, abs($rest->through($lead)));
        }
        if ($most > self::JOINED) {
            yield new Finding($this->text(), Level::Stop, "charger:{$charger->id}",
                "The outputs of {$charger->label()} share one minus, and so short what lies between the batteries they are landed on: {$solved->words->amps($most)} flow through it.",
                'Use a charger with isolated outputs, or one for each battery.', Patch::set(
                    "charger:{$charger->id}",
                    ['isolated_outputs' => true],
                ), ['current_a' => $most]);
        }
    }

    /**
     * @return \Closure(): iterable<Remedy> across the same batteries in their order, where they are neighbours; else across the first alone
     */
    private static function landed(SolvedBoat $solved, Charger $charger, int $number): \Closure
    {
        return static function () use ($solved, $charger, $number): iterable {
            $across = $charger->outputs[$number]->across;
            foreach ($solved->plan->bankOf($across[0]->id)->strings ?? [] as $string) {
                $ordered = array_values(
                    array_filter($string, static fn (Battery $battery): bool => in_array($battery, $across, true)),
                );
                if (count($ordered) === count($across)) {
                    yield new Remedy('Land it across them in their order, from the negative end up.', Patch::set("charger:{$charger->id}",
                        [
                            "outputs.{$number}.battery" => $ordered[0]->id,
                            "outputs.{$number}.across" => array_column($ordered, 'id'),
                        ]));
                }
            }
            yield new Remedy(
                "Land it across {$solved->called($across[0])} alone.",
                Patch::of(
                    [
                        [
                            'on' => "charger:{$charger->id}",
                            'set' => ["outputs.{$number}.battery" => $across[0]->id],
                            'unset' => ["outputs.{$number}.across", "outputs.{$number}.volts"],
                        ],
                    ],
                ),
            );
        };
    }

    private static function inOrder(SolvedBoat $solved, ChargerOutput $output): bool
    {
        if (count($output->across) === 1) {
            return true;
        }
        $bank = $solved->plan->bankOf($output->across[0]->id);
        foreach ($bank->strings ?? [] as $string) {
            $at = array_search($output->across[0], $string, true);
            if ($at !== false && array_slice($string, (int) $at, count($output->across)) === $output->across) {
                return true;
            }
        }

        return false;
    }
}
