<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\ThickerWire;
use Dinghy\Overcurrent\PlacedConductor;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class CurrentAboveAmpacity implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W02', [Level::Stop], 'current > ampacity after the factors of heat and bundling, in any conductor: runs, factory leads, jumpers, bonds, charger and alternator leads; the current is what the solved network shows at rest, loaded and charging, and of a run no less than what it is sized for',
            'the insulation grows too hot and fails', 'ABYC E-11; ISO 13297', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->conductors as $conductor) {
            if ($conductor->ampacity === null) {
                yield new Unchecked($this->text(), $conductor->on, "ampacity of {$conductor->gauge}");

                continue;
            }
            $amps = $conductor->run->amps ?? 0.0;
            foreach ($conductor->elements as $element) {
                $amps = max($amps, $solved->currents->most($element) ?? 0.0);
            }
            if ($amps > $conductor->ampacity + 1e-9) {
                $words = $solved->words;
                yield new Finding($this->text(), Level::Stop, $conductor->on,
                    ucfirst($conductor->label()).": {$words->amps($amps)} in {$conductor->gauge} that carries {$words->amps($conductor->ampacity)} where it lies{$this->beside($solved, $conductor)}.",
                    'Split the load over two circuits, or check its amps.', static fn (): iterable => ThickerWire::carrying($solved, $conductor, $amps), [
                        'current_a' => $amps,
                        'ampacity_a' => $conductor->ampacity,
                    ]);
            }
        }
    }

    /** How many lie together, as counted and as the plan says, where they differ. */
    private function beside(SolvedBoat $solved, PlacedConductor $conductor): string
    {
        $circuit = $conductor->run?->circuit;
        $counted = $circuit === null ? 0 : $solved->bundles->together[$circuit->id] ?? 0;

        return $circuit === null || $counted <= $circuit->run->bundled
            ? ''
            : ", {$counted} warm conductors together in a tube (its plan says {$circuit->run->bundled})";
    }
}
