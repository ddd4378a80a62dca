<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Hull\HullKind;
use Dinghy\Plan\Device;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\Bottom;
use Dinghy\Sonar\Transducer;
use Dinghy\Sonar\TransducerMount;
use Dinghy\Source\SourceKind;

final readonly class TransducerPlace extends SonarRule
{
    /** m that a transom mount keeps from the propeller */
    public const FROM_PROPELLER = 0.4;

    public function text(): RuleText
    {
        return new RuleText('N07', [Level::Stop, Level::Warn], 'a transducer does not suit the hull or the motor that it sits on: inside a hull of aluminium, with a core or a step; on a shaft that slides through its mount; on the transom behind a strake or less than 0.4 m from the propeller',
            'sound does not come through, bubbles pass it, or its cable is torn', 'common practice', SourceKind::CommonPractice);
    }

    protected function judge(SolvedBoat $solved, SonarFigures $figures): iterable
    {
        foreach ($figures->network->transducers as $transducer) {
            yield from match ($transducer->mount) {
                TransducerMount::InHull => $this->inHull($solved, $transducer),
                TransducerMount::Shaft => $this->onShaft($solved, $figures, $transducer),
                TransducerMount::Transom => $this->onTransom($solved, $transducer),
                default => [],
            };
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function inHull(SolvedBoat $solved, Transducer $transducer): iterable
    {
        $bottom = $transducer->bottom ?? ($solved->plan->boat->hull === HullKind::Aluminium ? Bottom::Aluminium : null);
        if ($bottom === null) {
            yield new Unchecked($this->text(), "transducer:{$transducer->id}", 'hull_there');
        } elseif (! $bottom->letsSoundThrough()) {
            yield new Finding($this->text(), Level::Stop, "transducer:{$transducer->id}",
                ucfirst("{$transducer->label()} sits inside the hull, and the bottom there is {$bottom->label()}: its sound does not come through."),
                'Mount it on the transom or through the hull.',
                static fn (): iterable => array_map(
                    static fn (TransducerMount $mount): Remedy => new Remedy("Mount it {$mount->label()}.", Patch::set("transducer:{$transducer->id}", ['mount' => $mount->value])),
                    [TransducerMount::Transom, TransducerMount::ThroughHull],
                ), []);
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function onShaft(SolvedBoat $solved, SonarFigures $figures, Transducer $transducer): iterable
    {
        $motor = self::motorOf($solved, $transducer);
        $slides = $motor === null ? null : $figures->network->devices[$motor->id]->shaftSlides;
        if ($motor === null) {
            yield new Unchecked($this->text(), "transducer:{$transducer->id}", 'motor');
        } elseif ($slides === null) {
            yield new Unchecked($this->text(), "device:{$motor->id}", 'shaft_slides');
        } elseif ($slides) {
            yield new Finding($this->text(), Level::Stop, "transducer:{$transducer->id}",
                ucfirst("{$transducer->label()} is mounted on the shaft of {$motor->label()}, which slides through its mount."),
                'Mount it on the lower unit.', Patch::set("transducer:{$transducer->id}", ['mount' => 'lower-unit']), []);
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function onTransom(SolvedBoat $solved, Transducer $transducer): iterable
    {
        $on = "transducer:{$transducer->id}";
        $away = $transducer->fromPropeller;
        foreach (['behind_strake' => $transducer->behindStrake, 'from_propeller_m' => $away] as $field => $value) {
            if ($value === null) {
                yield new Unchecked($this->text(), $on, $field);
            }
        }
        if ($transducer->behindStrake === true) {
            yield new Finding($this->text(), Level::Warn, $on, ucfirst("{$transducer->label()} sits behind a strake, in its bubbles."),
                'Move it to where the water comes to it smooth.', Patch::set($on, ['behind_strake' => false]), []);
        }
        if ($away !== null && $away < self::FROM_PROPELLER - 1e-9) {
            yield new Finding($this->text(), Level::Warn, $on, ucfirst("{$transducer->label()} sits {$solved->words->length($away)} from the propeller; it needs {$solved->words->length(self::FROM_PROPELLER)}."),
                'Move it away from the propeller.', Patch::set($on, ['from_propeller_m' => self::FROM_PROPELLER]), ['from_propeller_m' => $away]);
        }
    }

    /** The motor that was said, else the only one at its station; null: not known. */
    private static function motorOf(SolvedBoat $solved, Transducer $transducer): ?Device
    {
        if ($transducer->motor !== null) {
            return $solved->plan->devices[$transducer->motor];
        }
        $there = array_values(array_filter(
            $solved->plan->devices,
            static fn (Device $device): bool => $device->isMotor() && $device->station !== null && $device->station === $transducer->station,
        ));

        return count($there) === 1 ? $there[0] : null;
    }
}
