<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Block;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\SizedRun;

final readonly class RatedBelowProtection implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F16', [Level::Stop], 'a switch, a block\'s buses or a shunt rated below the current that the solved network shows in it, or below the protection before it; where several protected feeds come together, below what all of them let through',
            'it cooks behind a fuse that never opens', 'the part\'s own sheet', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->feeds as $feed) {
            $run = $solved->runs[$feed->id];
            $breakers = array_filter(
                $feed->protection,
                static fn ($protection): bool => $protection->family->isBreaker(),
            );
            if ($feed->switch && $breakers === []) {
                yield from $this->judge($solved, "feed:{$feed->id}", 'switch_rating_a', "switch of {$solved->plan->called($feed)}", $feed->switchRating,
                    $this->flowing($solved, [$run]), $run->lastRating());
            }
        }
        foreach ($solved->plan->blocks as $block) {
            $feeding = $this->feeding($solved, $block);
            if ($feeding !== [] && $block->branches !== []) {
                yield from $this->judge($solved, "block:{$block->id}", 'rating_a', "buses of {$block->label()}", $block->rating,
                    $this->flowing($solved, $feeding), self::sumOf(
                        array_map(static fn (SizedRun $run): ?float => $run->lastRating(), $feeding),
                    ));
            }
        }
        foreach ($solved->plan->banks as $bank) {
            yield from $this->ofBank($solved, $bank);
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function ofBank(SolvedBoat $solved, Bank $bank): iterable
    {
        $feeds = array_map(static fn ($feed): SizedRun => $solved->runs[$feed->id], $solved->plan->feedsOf($bank));
        $open = array_filter($feeds, static fn (SizedRun $run): bool => $run->protection === []) !== [];
        $first = static fn (SizedRun $run): float => $run->firstRating() ?? 0.0;
        if ($bank->shunt !== null) {
            $element = $bank->id.':shunt';
            yield from $this->judge($solved, "bank:{$bank->id}", 'shunt.rating_a', "shunt of {$bank->label()}", $bank->shunt->amps,
                $solved->currents->most($element), $open ? null : $solved->throughput->through($bank, $element, $first));
        }
        if ($bank->switch && $feeds !== []) {
            yield from $this->judge($solved, "bank:{$bank->id}", 'switch_rating_a', "battery switch of {$bank->label()}", $bank->switchRating,
                $this->flowing($solved, $feeds), $open ? null : array_sum(array_map($first, $feeds)));
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function judge(
        SolvedBoat $solved,
        string $on,
        string $field,
        string $what,
        ?float $rating,
        ?float $flows,
        ?float $protected,
    ): iterable {
        if ($rating === null) {
            yield new Unchecked($this->text(), $on, $field);

            return;
        }
        $needed = max($flows ?? 0.0, $protected ?? 0.0);
        if ($needed <= $rating + 1e-9) {
            return;
        }
        $words = $solved->words;
        yield new Finding($this->text(), Level::Stop, $on,
            ucfirst("{$what} ".(str_starts_with($what, 'buses') ? 'are' : 'is')." made for {$words->amps($rating)}; ")
                .($flows > $rating ? "{$words->amps((float) $flows)} flow there." : "the protection before it lets {$words->amps($needed)} through."),
            "Fit one made for {$words->amps($needed)} or more, or smaller protection before it.", Patch::set(
                $on,
                [$field => ceil($needed)],
            ),
            ['rating_a' => $rating, 'needed_a' => $needed]);
    }

    /** @return list<SizedRun> */
    private function feeding(SolvedBoat $solved, Block $block): array
    {
        return array_values(
            array_filter($solved->circuits(), static fn (SizedRun $run): bool => $run->circuit?->block === $block->id),
        );
    }

    /** @param  list<SizedRun>  $runs */
    private function flowing(SolvedBoat $solved, array $runs): ?float
    {
        return self::sumOf(
            array_map(static fn (SizedRun $run): ?float => $solved->currents->most("{$run->id}/+wire"), $runs),
        );
    }

    /**
     * @param  list<float|null>  $amps
     * @return float|null null: one is not known
     */
    private static function sumOf(array $amps): ?float
    {
        return in_array(null, $amps, true) ? null : array_sum($amps);
    }
}
