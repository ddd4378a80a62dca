<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Overcurrent\PlacedConductor;

final readonly class CurrentAboveAmpacity implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W02', [Level::Stop], 'current > ampacity after the factors of heat and bundling, in any conductor: runs, factory leads, jumpers, bonds, charger and alternator leads; the current is what the solved network shows at rest, loaded and charging, and of a run no less than what it is sized for',
            'the insulation grows too hot and fails', 'ABYC E-11; ISO 13297', SourceKind::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->conductors as $conductor) {
            if ($conductor->ampacity === null) {
                yield new Unchecked('W02', $conductor->on, "ampacity of {$conductor->gauge}");

                continue;
            }
            $amps = $conductor->run->amps ?? 0.0;
            foreach ($conductor->elements as $element) {
                $amps = max($amps, $assessment->currents->most($element) ?? 0.0);
            }
            if ($amps > $conductor->ampacity + 1e-9) {
                $words = $assessment->words;
                yield new Finding($this->text(), Level::Stop, $conductor->on,
                    ucfirst($conductor->label()).": {$words->amps($amps)} in {$conductor->gauge} that carries {$words->amps($conductor->ampacity)} where it lies{$this->beside($assessment, $conductor)}.",
                    'Split the load over two circuits, or check its amps.', static fn (): iterable => ThickerWire::carrying($assessment, $conductor, $amps), ['current_a' => $amps, 'ampacity_a' => $conductor->ampacity]);
            }
        }
    }

    /** How many lie together, as counted and as the plan says, where they differ. */
    private function beside(Assessment $assessment, PlacedConductor $conductor): string
    {
        $circuit = $conductor->run?->circuit;
        $counted = $circuit === null ? 0 : $assessment->bundles->together[$circuit->id] ?? 0;

        return $circuit === null || $counted <= $circuit->run->bundled ? '' : ", {$counted} warm conductors together in a tube (its plan says {$circuit->run->bundled})";
    }
}
