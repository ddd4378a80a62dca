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
            'rating > ampacity of the thinnest wire behind it before the next fuse; up to 150 % a decision, only where no lower standard size carries the load',
            'fuses protect wires, never devices', 'ABYC E-11; 33 CFR 183.455(c)', Mark::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->circuits() as $run) {
            foreach ($run->protection as $index => $protection) {
                $last = $index === count($run->protection) - 1;
                $thinnest = $run;
                foreach ($last ? $this->behind($assessment, $run) : [] as $wire) {
                    if ($wire->ampacity === null || $thinnest->ampacity === null) {
                        $thinnest = $wire->ampacity === null ? $wire : $thinnest;
                    } elseif ($wire->ampacity < $thinnest->ampacity) {
                        $thinnest = $wire;
                    }
                }
                yield from $this->judge($assessment, $run, $index, $protection, $thinnest);
            }
        }
    }

    /** @return iterable<SizedRun> the wires behind a run's last protection before the next: factory leads and unfused branches */
    private function behind(Assessment $assessment, SizedRun $run): iterable
    {
        if ($run->circuit === null) {
            return;
        }
        if ($run->kind === RunKind::Branch || $assessment->wiring->branchesBehind($run->circuit) === []) {
            foreach ($run->circuit->behind as $device) {
                if (isset($assessment->runs[$device->id])) {
                    yield $assessment->runs[$device->id];
                }
            }
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function judge(Assessment $assessment, SizedRun $run, int $index, SizedProtection $protection, SizedRun $thinnest): iterable
    {
        $on = $run->circuit?->on() ?? '';
        if ($thinnest->ampacity === null) {
            yield new Unchecked('F02', $on, "ampacity of {$thinnest->gauge}");

            return;
        }
        if ($protection->rating <= $thinnest->ampacity) {
            return;
        }
        $family = $protection->planned->family;
        $lower = $family->smallestOfAtLeast($run->circuit?->demand()->leastRating() ?? 0.0);
        $noLower = $lower === null || $lower >= $protection->rating;
        $level = $noLower && $protection->rating <= self::TOLERATED * $thinnest->ampacity ? Level::Warn : Level::Stop;
        $fitting = $lower !== null && $lower <= $thinnest->ampacity ? $lower : null;
        $words = $assessment->words;
        $wire = ($thinnest->kind === RunKind::Lead ? 'the factory lead of ' : 'the ').$thinnest->gauge;
        yield new Finding($this->text(), $level, $on,
            ucfirst("{$family->label()} of {$words->amps($protection->rating)} on {$run->circuit?->label}: {$wire} behind it carries {$words->amps($thinnest->ampacity)}."),
            $fitting !== null ? "Fit {$words->amps($fitting)}." : ($thinnest->kind === RunKind::Lead
                ? 'Fit a fuse that suits the factory lead where the lead is joined.'
                : 'Run a thicker wire, or split the load over two circuits.'),
            $fitting === null ? self::thicker($run, $thinnest, $protection->rating) : Patch::set($on, [self::field($run, $index) => $fitting]),
            ['rating_a' => $protection->rating, 'ampacity_a' => $thinnest->ampacity]);
    }

    private static function thicker(SizedRun $run, SizedRun $thinnest, float $rating): ?Patch
    {
        foreach ($thinnest === $run ? $run->rungs : [] as $rung) {
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
