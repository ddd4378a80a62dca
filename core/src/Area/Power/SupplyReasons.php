<?php

declare(strict_types=1);

namespace Dinghy\Area\Power;

use Dinghy\Area\Power\Figure\DeviceVolts;
use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\Explanation;
use Dinghy\Plan\Bank;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;

/** Explains what a way of supplying the electronics comes to, made on the evaluation of that way. */
final readonly class SupplyReasons
{
    private QuantityFormatter $words;

    private SupplyFigures $figures;

    public function __construct(private Evaluation $evaluation)
    {
        $this->words = $evaluation->boat->words;
        $this->figures = SupplyFigures::of($evaluation);
    }

    /** @param  string  $field  as the comparison holds it: "rest_v", "hours" */
    public function of(string $field): ?Explanation
    {
        $banks = array_map(
            fn (Bank $bank): array => [
                'name' => $bank->label(),
                'value' => $this->words->volts($bank->nominalVolts()).' '.QuantityFormatter::trim($bank->capacityAh(), 1).' Ah, '.($bank->kilograms() === null ? 'mass not known' : QuantityFormatter::trim($bank->kilograms(), 1).' kg'),
            ],
            array_values($this->evaluation->boat->plan->banks),
        );

        return match ($field) {
            'rest_v' => $this->screen('nothing on', $this->figures->atRest, 'a battery that rests higher'),
            'loaded_v' => $this->screen(
                'everything on at its typical amps, motors at their peak',
                $this->figures->everythingOn,
                'shorter or thicker wire to that screen',
            ),
            'cranking_v' => $this->screen(
                'the starter drawing its cranking amps as well',
                $this->figures->cranking,
                'a supply that the starter does not draw on',
            ),
            'hours' => $this->figures->hours === null
                ? null
                : new Explanation('Electronics alone, from full to the floor', $this->words->hours($this->figures->hours),
                    SupplyFigures::hoursFormula(), $banks, 'More Ah, or fewer amps on the bank that gives out first.'),
            'mass_kg' => $this->figures->kilograms === null ? null : new Explanation(
                'All batteries',
                QuantityFormatter::trim($this->figures->kilograms, 1).' kg',
                SupplyFigures::massFormula(),
                $banks,
                'The chemistry: LiFePO4 weighs less than half for the same Ah.',
            ),
            'stops', 'brown_outs' => $this->findings($field === 'stops'),
            default => null,
        };
    }

    private function screen(string $while, ?float $volts, string $lever): ?Explanation
    {
        return $volts === null
            ? null
            : new Explanation("Lowest screen with {$while}", $this->words->volts($volts), SupplyFigures::screenFormula(),
                array_map(fn (DeviceVolts $device): array => [
                    'name' => $device->device->label(),
                    'value' => $device->loaded === null
                        ? 'not known'
                        : $this->words->volts($device->loaded).' with everything on',
                ],
                    array_values(
                        array_filter(
                            $this->evaluation->boat->figures(PowerFigures::class)->devices,
                            static fn (DeviceVolts $device): bool => $device->device->kind->isElectronics(),
                        ),
                    )),
                "What would change it most: {$lever}.");
    }

    private function findings(bool $all): Explanation
    {
        $spoken = array_values(
            array_filter(
                $this->evaluation->findings,
                static fn (Finding $finding): bool => $all ? $finding->level !== Level::Note : SupplyFigures::isBrownOut($finding),
            ),
        );

        return new Explanation($all ? 'Stops, and what is to decide' : 'Screens that may restart', $all ? "{$this->figures->stops}, {$this->figures->decisions}" : (string) $this->figures->brownOuts,
            SupplyFigures::findingsFormula(), array_map(
                static fn (Finding $finding): array => [
                    'name' => "{$finding->rule->code}, {$finding->level->word()}",
                    'value' => $finding->says,
                ],
                $spoken,
            ),
            null);
    }
}
