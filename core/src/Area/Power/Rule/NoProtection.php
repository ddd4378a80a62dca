<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Battery\Chemistry;
use Dinghy\File\Patch;
use Dinghy\Protection\FuseFamily;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\GaugeOption;
use Dinghy\Wiring\RunKind;
use Dinghy\Wiring\SizedRun;

final readonly class NoProtection implements Rule
{
    /** m from the source, well inside what F04 allows */
    private const REMEDY_DISTANCE = 0.15;

    private const FAMILIES = [
        FuseFamily::Blade, FuseFamily::Blade58, FuseFamily::MagneticBreaker, FuseFamily::Breaker,
        FuseFamily::BatteryPost, FuseFamily::StripSmall, FuseFamily::StripLarge80, FuseFamily::StripLarge,
        FuseFamily::LargeBlade,
    ];

    public function text(): RuleText
    {
        return new RuleText('F01', [Level::Stop], 'a positive conductor has no fuse or breaker at its source',
            'the battery can feed a short in that wire until it burns', 'ABYC E-11', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->circuits() as $run) {
            if ($run->protection !== [] || $run->circuit === null) {
                continue;
            }
            yield new Finding($this->text(), Level::Stop, $run->circuit->on(),
                "Run {$run->circuit->label} has no fuse or breaker.",
                'Fit a fuse or breaker at the source, sized to the wire.', static fn (): iterable => self::protections($solved, $run),
                ['current_a' => $run->amps]);
        }
    }

    /**
     * Of the families that are made for the circuit's charging volts, plain blade fuse first: on the wire as it is, then on thicker wire.
     *
     * @return iterable<Remedy>
     */
    private static function protections(SolvedBoat $solved, SizedRun $run): iterable
    {
        if ($run->circuit === null || $run->kind !== RunKind::Feed) {
            return;
        }
        $words = $solved->words;
        // Of a bank whose charging nobody knows: what the fullest lead battery of its volts is charged with.
        $highest = $solved->pathThrough($run)?->highestVolts() ?? ($run->nominalVolts ?? 0.0) / 12 * (Chemistry::Flooded->highestChargingVolts() ?? 0.0);
        $thicker = array_filter(
            $run->options(),
            static fn (GaugeOption $option): bool => $run->gauge->isThinnerThan($option->gauge),
        );
        foreach ([null, ...$thicker] as $option) {
            foreach (self::FAMILIES as $family) {
                $size = $family->smallestOfAtLeast($run->circuit->demand->leastRating());
                if ($size === null || $family->maxVolts() < $highest || (! $run->gaugeChosen && $size > ($option === null ? $run->ampacity : $option->ampacity))) {
                    continue;
                }
                yield new Remedy(
                    ($option === null ? 'Fit' : "Run {$option->gauge} and fit")." a {$family->label()} of {$words->amps($size)} within {$words->length(self::REMEDY_DISTANCE)} of the source.",
                    Patch::set($run->circuit->on(), [...($option === null ? [] : ['run.gauge' => $option->gauge->name]), 'protection' => [(object) [
                        'family' => $family->value, 'rating_a' => $size, 'from_source_m' => self::REMEDY_DISTANCE, ...($family->isBreaker() ? [
                            'resets_itself' => false,
                            'trip_free' => true,
                        ] : []),
                    ]]]),
                );
            }
        }
    }
}
