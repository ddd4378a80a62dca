<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Patch;
use Dinghy\Wiring\RunKind;
use Dinghy\Wiring\SizedProtection;
use Dinghy\Wiring\SizedRun;

final readonly class ProtectionAboveAmpacity implements Rule
{
    private const TOLERATED = 1.5;

    public function text(): RuleText
    {
        return new RuleText('F02', [Level::Stop, Level::Warn],
            'rating > ampacity of the wire behind it before the next fuse; up to 150 % a decision, only where no lower standard size carries the load',
            'fuses protect wires, never devices', 'ABYC E-11; 33 CFR 183.455(c)', Mark::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->circuits() as $run) {
            foreach ($run->protection as $index => $protection) {
                yield from $this->judge($assessment, $run, $index, $protection);
            }
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function judge(Assessment $assessment, SizedRun $run, int $index, SizedProtection $protection): iterable
    {
        $on = $run->circuit?->on() ?? '';
        if ($run->ampacity === null) {
            yield new Unchecked('F02', $on, "ampacity of {$run->gauge}");

            return;
        }
        if ($protection->rating <= $run->ampacity) {
            return;
        }
        $family = $protection->planned->family;
        $lower = $family->smallestOfAtLeast($run->circuit?->demand->leastRating() ?? 0.0);
        $noLower = $lower === null || $lower >= $protection->rating;
        $level = $noLower && $protection->rating <= self::TOLERATED * $run->ampacity ? Level::Warn : Level::Stop;
        $fitting = $lower !== null && $lower <= $run->ampacity ? $lower : null;
        $words = $assessment->words;
        yield new Finding($this->text(), $level, $on,
            ucfirst("{$family->label()} of {$words->amps($protection->rating)} on {$run->circuit?->label}: the {$run->gauge} behind it carries {$words->amps($run->ampacity)}."),
            $fitting !== null ? "Fit {$words->amps($fitting)}." : 'Run a thicker wire, or split the load over two circuits.',
            $fitting === null ? self::thicker($run, $protection->rating) : Patch::set($on, [self::field($run, $index) => $fitting]),
            ['rating_a' => $protection->rating, 'ampacity_a' => $run->ampacity]);
    }

    private static function thicker(SizedRun $run, float $rating): ?Patch
    {
        foreach ($run->rungs as $rung) {
            if ($rung->ampacity !== null && $rung->ampacity >= $rating) {
                return Patch::set($run->circuit?->on() ?? '', ['run.gauge' => $rung->gauge->name]);
            }
        }

        return null;
    }

    /** The field that holds the rating of a run's protection. */
    public static function field(SizedRun $run, int $index): string
    {
        return $run->kind === RunKind::Branch ? 'fuse_a' : "protection.{$index}.rating_a";
    }
}
