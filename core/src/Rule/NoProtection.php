<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Battery\Chemistry;
use Dinghy\Plan\Patch;
use Dinghy\Protection\FuseFamily;
use Dinghy\Wiring\RunKind;
use Dinghy\Wiring\SizedRun;

final readonly class NoProtection implements Rule
{
    /** m from the source, well inside what F04 allows */
    private const REMEDY_DISTANCE = 0.15;

    public function text(): RuleText
    {
        return new RuleText('F01', [Level::Stop], 'a positive conductor has no fuse or breaker at its source',
            'the battery can feed a short in that wire until it burns', 'ABYC E-11', Mark::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->circuits() as $run) {
            if ($run->protection !== [] || $run->circuit === null) {
                continue;
            }
            [$family, $rating] = self::proposal($run, $assessment->pathThrough($run)?->highestVolts());
            yield new Finding($this->text(), Level::Stop, $run->circuit->on(),
                "Run {$run->circuit->label} has no fuse or breaker.",
                $family === null
                    ? 'Fit a fuse or breaker at the source, sized to the wire.'
                    : "Fit a {$family->label()} of {$assessment->words->amps($rating)} within {$assessment->words->length(self::REMEDY_DISTANCE)} of the source.",
                $family === null || $run->kind !== RunKind::Feed ? null : Patch::set($run->circuit->on(), ['protection' => [
                    (object) ['family' => $family->value, 'rating_a' => $rating, 'from_source_m' => self::REMEDY_DISTANCE],
                ]]),
                ['current_a' => $run->amps]);
        }
    }

    /**
     * The first family, plain blade fuse first, that is made for the circuit's charging volts and has a size for load and wire.
     *
     * @return array{FuseFamily|null, float}
     */
    private static function proposal(SizedRun $run, ?float $highest): array
    {
        // Of a bank whose charging nobody knows: what the fullest lead battery of its volts is charged with.
        $highest ??= ($run->nominalVolts ?? 0.0) / 12 * (Chemistry::Flooded->highestChargingVolts() ?? 0.0);
        foreach ([FuseFamily::Blade, FuseFamily::Blade58, FuseFamily::Breaker, FuseFamily::BatteryPost, FuseFamily::StripLarge80] as $family) {
            $size = $family->smallestOfAtLeast($run->circuit?->demand->leastRating() ?? $run->amps);
            if ($size !== null && $family->maxVolts() >= $highest
                && ($run->gaugeChosen || $size <= ($run->ampacity ?? 0.0))) {
                return [$family, $size];
            }
        }

        return [null, 0.0];
    }
}
