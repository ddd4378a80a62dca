<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Circuit\Sharing;
use Dinghy\Circuit\States;
use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Jumper;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\SizedRun;

final readonly class SameEndParallel implements Rule
{
    /** times its even share */
    private const LIMIT = 1.1;

    public function text(): RuleText
    {
        return new RuleText('B06', [Level::Warn], 'a parallel bank is loaded from the same end: with all its feeds at their peak the busiest string gives > 1.1 × its even share',
            'the nearest string wears out first', 'common practice; computed', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            if (count($bank->strings) < 2 || ! States::knows($bank)) {
                continue;
            }
            $out = [];
            foreach ($bank->strings as $string) {
                $out[$string[0]->id] = $solved->throughput->outOf(
                    $bank,
                    $string[0],
                    static fn (SizedRun $run): float => $run->peakAmps,
                );
            }
            $busiest = Sharing::busiest($bank, $out);
            if ($busiest > self::LIMIT) {
                yield $this->finding($solved, $bank, $busiest);
            }
        }
    }

    private function finding(SolvedBoat $solved, Bank $bank, float $busiest): Finding
    {
        $amps = $solved->throughput->atPeak($bank);
        $last = count($bank->strings);
        $terminals = $bank->shunt === null ? [
            'from.plus' => 'pos@1',
            'from.minus' => "neg@{$last}",
        ] : ['from.plus' => "pos@{$last}", 'from.minus' => 'neg'];
        // Its first string's top and its last string's bottom, or, past a shunt, the other way round.
        $plus = $bank->strings[$bank->shunt === null ? 0 : $last - 1][count($bank->strings[$bank->shunt === null ? 0 : $last - 1]) - 1]->plus();
        $minus = $bank->strings[$bank->shunt === null ? $last - 1 : 0][0]->minus();
        $full = array_filter($solved->plan->feedsOf($bank), static fn (Feed $feed): bool => ! $feed->supply->isTap());
        // What is taken off there already needs no moving.
        $moved = array_values(
            array_filter(
                $full,
                static fn (Feed $feed): bool => ! $feed->supply->plusPost()->is($plus) || ! $feed->supply->minus->post($bank)->is($minus),
            ),
        );
        $diagonal = $moved === [] ? null : Sharing::between(
            $bank,
            $plus,
            $minus,
            $amps,
            $solved->plan->houseRules->conductorCelsius,
        );
        $after = $diagonal === null ? INF : Sharing::busiest($bank, $diagonal);
        $patch = Patch::all(
            array_map(
                static fn (Feed $feed): Patch => Patch::set("feed:{$feed->id}", $terminals),
                $after <= self::LIMIT ? $moved : [],
            ),
        );

        $remedy = match (true) {
            $patch !== null => 'Take positive from one end and negative from the other: '.($after < 1.005 ? 'all then give the same.' : 'the busiest then gives '.QuantityFormatter::trim($after, 2).' times its even share.'),
            $moved === [] => 'Use thicker and equally long jumpers: it is taken off at opposite ends already.',
            default => 'Use thicker and equally long jumpers, and take off at opposite ends.',
        };

        return new Finding($this->text(), Level::Warn, "bank:{$bank->id}",
            "The busiest string of {$bank->label()} gives ".QuantityFormatter::trim($busiest, 2).' times its even share of '.$solved->words->amps($amps).'.',
            $remedy,
            static fn (): iterable => $patch === null ? self::thickerJumpers(
                $solved,
                $bank,
                $moved === [] ? null : Patch::all(
                    array_map(static fn (Feed $feed): Patch => Patch::set("feed:{$feed->id}", $terminals), $moved),
                ),
            ) : [new Remedy($remedy, $patch)],
            ['busiest' => $busiest] + (is_infinite($after) ? [] : ['diagonal' => $after]));
    }

    /**
     * @param  Patch|null  $opposite  that takes it off at opposite ends too; null: it is
     * @return iterable<Remedy>
     */
    private static function thickerJumpers(SolvedBoat $solved, Bank $bank, ?Patch $opposite): iterable
    {
        foreach ($solved->plan->houseRules->stock as $gauge) {
            $wires = array_values(
                array_filter($bank->wires(), static fn (Jumper $wire): bool => $wire->gauge->isThinnerThan($gauge)),
            );
            if ($wires === []) {
                continue;
            }
            $patch = $bank->jumpers === null
                ? Patch::set("bank:{$bank->id}", ['jumper.gauge' => $gauge->name])
                : Patch::all(
                    array_map(
                        static fn (Jumper $wire): Patch => Patch::set("jumper:{$wire->id}", ['gauge' => $gauge->name]),
                        $wires,
                    ),
                );
            yield new Remedy(
                "Use jumpers of {$gauge}".($opposite === null ? '.' : ', and take off at opposite ends.'),
                $opposite === null ? $patch : $opposite->and($patch),
            );
        }
    }
}
