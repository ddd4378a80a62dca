<?php

declare(strict_types=1);

namespace Dinghy\Area\Power;

use Dinghy\Area\Power\Figure\BankFigures;
use Dinghy\Area\Power\Figure\DeviceVolts;
use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Area\Power\Figure\VoltProfile;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Compartment\Compartment;
use Dinghy\Compartment\PositionedBlock;
use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\SizingDrop;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\Explanation;
use Dinghy\Evaluation\Reasons;
use Dinghy\Metering\MeterPoint;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Source\Formula;
use Dinghy\Wiring\Circuit;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Sizing;

/**
 * Why runs, devices, banks and readings are what they are: "run:bow-motor:drop_pct", "device:d1:volts_loaded",
 * "bank:thrust:rested_v", "meter:thrust:tap:1", "rung:bow-motor:6 AWG", "short:bow-motor:0.5".
 */
final readonly class PowerReasons implements Reasons
{
    private QuantityFormatter $words;

    public function __construct(private Evaluation $evaluation)
    {
        $this->words = $evaluation->boat->words;
    }

    public function of(string $figure): ?Explanation
    {
        [$kind, $rest] = [...explode(':', $figure, 2), ''];
        $field = substr($rest, (int) strrpos($rest, ':') + 1);
        $id = substr($rest, 0, -strlen($field) - 1);

        return match ($kind) {
            'run' => isset($this->evaluation->boat->runs[$id]) ? $this->run(
                $this->evaluation->boat->runs[$id],
                $field,
            ) : null,
            'device' => $this->device($id, $field),
            'bank' => $this->bank($id, $field),
            'meter' => $this->meter($rest),
            'rung' => isset($this->evaluation->boat->runs[$id]) ? (new GaugeReasons($this->evaluation))->of(
                $this->evaluation->boat->runs[$id],
                $field,
            ) : null,
            'short' => isset($this->evaluation->boat->runs[$id]) ? (new GaugeReasons($this->evaluation))->short(
                $this->evaluation->boat->runs[$id],
                $field,
            ) : null,
            default => null,
        };
    }

    private function run(SizedRun $run, string $field): ?Explanation
    {
        $label = $run->circuit === null
            ? "Factory lead of {$this->evaluation->boat->plan->devices[$run->id]->label()}"
            : $run->circuit->label;

        return match ($field) {
            'drop_v', 'drop_pct' => $this->drop($run, $label),
            'ampacity_a' => $this->ampacity($run, $label),
            'current_a' => $this->current($run, $label),
            'protection_a' => $this->protection($run, $label),
            'length_m' => $this->length($run, $label),
            'gauge' => $this->gauge($run, $label),
            'far_short_a' => new Explanation("Short at the far end of {$label}",
                $this->words->amps($this->evaluation->boat->states->shortAtFarEnd($run)), States::shortFormula(), [
                    ['name' => 'copper', 'value' => 'cold, 20 °C, both ways'],
                    ['name' => 'batteries', 'value' => 'full, with the resistance they show into a short'],
                    ['name' => 'contacts', 'value' => 'posts, joints and fuses included'],
                ], null),
            default => null,
        };
    }

    private function drop(SizedRun $run, string $label): ?Explanation
    {
        if ($run->length === null || $run->drop === null) {
            return null;
        }
        $inputs = [
            ['name' => 'I, amps', 'value' => $this->words->amps($run->amps)],
            [
                'name' => 'L, there and back',
                'value' => $this->words->length(2 * $run->length).' = '.QuantityFormatter::trim(2 * $run->length / 0.3048, 1).' ft',
            ],
            ['name' => 'CM, '.$run->gauge, 'value' => QuantityFormatter::trim($run->gauge->circularMils(), 0).' cmil'],
            [
                'name' => 'nominal volts',
                'value' => $run->nominalVolts === null ? 'unknown' : $this->words->volts($run->nominalVolts),
            ],
        ];
        if ($run->metal->relativeToCopper() > 1) {
            $inputs[] = [
                'name' => $run->metal->label().' against copper',
                'value' => '× '.QuantityFormatter::trim($run->metal->relativeToCopper(), 2),
            ];
        }
        $extra = $run->circuit === null ? 0.0 : $run->circuit->run->extraOhms;
        if ($extra > 0) {
            $inputs[] = ['name' => 'extra in the path', 'value' => QuantityFormatter::trim(1000 * $extra, 1).' mΩ × I'];
        }
        $lever = null;
        foreach ($run->options() as $option) {
            if ($run->gauge->isThinnerThan($option->gauge) && $option->dropPercent !== null) {
                [$unit, $metres] = $this->words->units === Units::Metric ? ['metre', 1.0] : ['foot', 0.3048];
                $shorter = SizingDrop::volts(
                    $run->gauge,
                    $run->metal,
                    $run->amps,
                    $metres,
                    $this->evaluation->boat->plan->houseRules->conductorCelsius,
                );
                $lever = "One gauge thicker, {$option->gauge}: {$this->words->percent($option->dropPercent)}. Each {$unit} shorter: {$this->words->volts($shorter)} less.";
                break;
            }
        }

        return new Explanation("Drop of {$label}",
            $this->words->volts($run->drop).($run->dropPercent === null ? '' : ', '.$this->words->percent($run->dropPercent)),
            SizingDrop::formula($run->gauge), $inputs, $lever);
    }

    private function ampacity(SizedRun $run, string $label): ?Explanation
    {
        if ($run->ampacity === null) {
            return null;
        }
        $rules = $this->evaluation->boat->plan->houseRules;
        $bundled = $run->circuit->bundled ?? 2;
        $counted = $this->evaluation->boat->bundles->together[$run->id] ?? null;
        $hot = $run->circuit !== null && $run->circuit->entersEngineSpace() ? max(
            Ampacity::ENGINE_SPACE,
            $rules->ambient,
        ) : $rules->ambient;

        return new Explanation("What {$run->gauge} carries in {$label}", $this->words->amps($run->ampacity),
            Ampacity::formula($run->gauge), [
                ['name' => 'insulation', 'value' => "{$rules->insulation} °C"],
                [
                    'name' => 'lying together',
                    'value' => "{$bundled} conductors, × ".QuantityFormatter::trim(
                        Ampacity::bundlingFactor($bundled),
                        2,
                    ),
                ],
                ...($counted === null ? [] : [
                    ['name' => 'its plan says', 'value' => ($run->circuit->run->bundled ?? 2).' conductors'],
                    [
                        'name' => 'counted in its tubes',
                        'value' => "{$counted} conductors".(($idle = $this->evaluation->boat->bundles->idle[$run->id] ?? 0) > 0 ? ", and {$idle} idle ones: under 30 % of what they may carry" : ''),
                    ],
                ]),
                [
                    'name' => $hot > $rules->ambient ? 'engine space' : 'ambient',
                    'value' => QuantityFormatter::trim($hot, 0).' °C, × '.QuantityFormatter::trim(
                        Ampacity::ambientFactor($rules->insulation, $hot),
                        2,
                    ),
                ],
            ], $bundled > 2 ? 'Pull it apart from the others: '.$this->words->amps($run->ampacity / Ampacity::bundlingFactor($bundled)).'.' : null);
    }

    private function current(SizedRun $run, string $label): Explanation
    {
        $inputs = [];
        $largest = null;
        foreach ($run->circuit === null ? [$this->evaluation->boat->plan->devices[$run->id]] : $run->circuit->behind as $device) {
            $share = $run->circuit->shares[$device->id] ?? 1.0;
            $inputs[] = [
                'name' => $device->label(),
                'value' => $this->words->amps($share * $device->sizingAmps()).($device->isMotor() ? ' at peak' : ' typical').($share < 1.0 ? ', '.$this->words->percent(100 * $share).' of what it draws' : ''),
            ];
            $largest = $largest === null || $device->sizingAmps() > $largest->sizingAmps() ? $device : $largest;
        }

        return new Explanation(
            "Current of {$label}",
            $this->words->amps($run->amps),
            Circuit::currentFormula(),
            $inputs,
            $largest === null ? null : "Most of it: {$largest->label()}.",
        );
    }

    private function protection(SizedRun $run, string $label): ?Explanation
    {
        $first = $run->protection[0] ?? null;
        $demand = $run->circuit?->demand;
        if ($first === null || $demand === null) {
            return null;
        }

        return new Explanation("Protection of {$label}", $this->words->amps($first->rating).' '.$first->planned->family->label(),
            $demand->formula(), [
                ['name' => 'load asks for', 'value' => $this->words->amps($demand->leastRating())],
                [
                    'name' => 'wire carries',
                    'value' => $run->ampacity === null ? 'unknown' : $this->words->amps($run->ampacity),
                ],
                ['name' => 'rating', 'value' => $first->chosen ? 'chosen by Dinghy' : 'given in the plan'],
                [
                    'name' => 'sizes',
                    'value' => implode(
                        ' ',
                        array_map(
                            static fn (float $size): string => QuantityFormatter::trim($size, 1),
                            $first->planned->family->sizes(),
                        ),
                    ).' A',
                ],
            ], $run->ampacity !== null && $demand->leastRating() > $run->ampacity ? 'A thicker wire, or fewer wires lying together.' : null);
    }

    private function length(SizedRun $run, string $label): ?Explanation
    {
        if ($run->length === null) {
            return null;
        }
        $planned = $run->circuit?->run;
        $slack = $this->evaluation->boat->plan->houseRules->slack;
        if ($run->circuit === null || $planned === null || $planned->typedLength !== null) {
            return new Explanation(
                "Length of {$label}",
                $this->words->length($run->length),
                $run->circuit?->lengthFormula() ?? Formula::ofPractice('as it was typed, slack included', 'the plan'),
                [],
                null,
            );
        }

        return new Explanation("Length of {$label}", $this->words->length($run->length), $run->circuit->lengthFormula(), [
            ['name' => 'along the ways', 'value' => $this->words->length($run->length - 2 * $slack)],
            ['name' => 'slack', 'value' => '2 × '.$this->words->length($slack)],
            ['name' => 'through', 'value' => $planned->route === null ? 'the shortest way' : implode(', ', array_map(
                fn (string $id): string => $this->evaluation->boat->plan->boat->stations[$id]->label(), $planned->route))],
        ], null);
    }

    private function gauge(SizedRun $run, string $label): Explanation
    {
        $fitting = null;
        foreach ($run->options() as $option) {
            $fitting ??= $option->fits ? $option->gauge : null;
        }

        return new Explanation("Gauge of {$label}", (string) $run->gauge, Sizing::formula(), [
            ['name' => 'house rule', 'value' => $fitting === null ? 'nothing in stock fits' : (string) $fitting],
            ['name' => 'band chart', 'value' => $run->bandChart === null ? 'off the chart' : (string) $run->bandChart],
            ['name' => 'limit', 'value' => $this->words->percent($run->limitPercent)],
            ['name' => 'this one', 'value' => $run->gaugeChosen ? 'chosen by Dinghy' : 'given in the plan'],
        ], null);
    }

    private function device(string $id, string $field): ?Explanation
    {
        $device = $this->evaluation->boat->plan->devices[$id] ?? null;
        $volts = array_values(
            array_filter(
                $this->evaluation->boat->figures(PowerFigures::class)->devices,
                static fn (DeviceVolts $volts): bool => $volts->device->id === $id,
            ),
        )[0] ?? null;
        if ($device === null || $volts === null) {
            return null;
        }
        if ($field === 'path_drop_v' || $field === 'path_drop_pct') {
            $inputs = [];
            $path = $this->evaluation->boat->worstPathTo($device);
            foreach ($path === null || $volts->pathDrop === null ? [] : [...array_map(static fn ($circuit): string => $circuit->id, $path->circuits), $id] as $run) {
                if (isset($this->evaluation->boat->runs[$run])) {
                    $sized = $this->evaluation->boat->runs[$run];
                    $inputs[] = [
                        'name' => $sized->circuit === null ? 'factory lead' : $sized->circuit->label,
                        'value' => $this->words->volts($sized->drop ?? 0.0)." in {$sized->gauge}",
                    ];
                }
            }

            return $path === null || $volts->pathDrop === null
                ? null
                : new Explanation("Drop on the way to {$device->label()}",
                    $this->words->volts($volts->pathDrop).', '.$this->words->percent($volts->pathDropPercent ?? 0.0),
                    $path->dropFormula($this->evaluation->boat->runs), $inputs,
                    'Limit of its class: '.$this->words->percent($volts->limitPercent ?? 0.0).'.');
        }
        $value = match ($field) {
            'volts_rest' => $volts->rest,
            'volts_loaded' => $volts->loaded,
            'volts_lowest' => $volts->lowest,
            default => null,
        };

        return $value === null ? null : $this->deviceVolts($volts, $field, $value);
    }

    private function deviceVolts(DeviceVolts $volts, string $field, float $value): Explanation
    {
        $inputs = [];
        $most = null;
        foreach ($field === 'volts_loaded' ? VoltProfile::allOf($this->evaluation->boat) : [] as $profile) {
            foreach ($profile->device === $volts->device ? $profile->points : [] as $point) {
                $inputs[] = [
                    'name' => $point->label,
                    'value' => $point->lost === 0.0
                        ? $this->words->volts($point->volts)
                        : '− '.QuantityFormatter::trim($point->lost, 3).' V',
                ];
                $most = $most === null || $point->lost > $most->lost ? $point : $most;
            }
        }
        $state = match ($field) {
            'volts_rest' => State::Rest,
            'volts_loaded' => State::Loaded,
            default => State::Lowest,
        };

        return new Explanation("Volts at {$volts->device->label()}", $this->words->volts($value), DeviceVolts::formula($state), [
            ...$inputs,
            ['name' => 'as its volts change', 'value' => $volts->device->load->words()],
            [
                'name' => 'made for',
                'value' => $this->words->volts($volts->device->minVolts).' to '.$this->words->volts($volts->device->maxVolts),
            ],
            ...($field === 'volts_loaded' && ($warm = $this->evaluation->boat->warm->at($volts->device)) !== null ? [
                ['name' => 'with its wires warm from it', 'value' => $this->words->volts($warm)],
            ] : []),
        ], $most === null ? null : "Most is lost in: {$most->label}, {$this->words->volts($most->lost)}.");
    }

    private function bank(string $id, string $field): ?Explanation
    {
        foreach ($this->evaluation->boat->figures(PowerFigures::class)->banks as $figures) {
            if ($figures->bank->id !== $id) {
                continue;
            }
            $inputs = array_map(fn (Battery $battery): array => ['name' => $this->evaluation->boat->called($battery).', '.$battery->chemistry->label(),
                'value' => $battery->restedVolts === null ? 'by state of charge, '.QuantityFormatter::trim(
                    100 * $battery->stateOfCharge,
                    0,
                ).' %' : $this->words->volts($battery->restedVolts).' measured'], $figures->bank->batteries());

            return match (true) {
                $field === 'rested_v' && $figures->restedVolts !== null => new Explanation(ucfirst($figures->bank->label()).' at rest', $this->words->volts($figures->restedVolts),
                    BankFigures::restFormula(), $inputs, null),
                $field === 'short_circuit_a' && $figures->shortCircuitAmps !== null => new Explanation("Short across {$figures->bank->label()}", $this->words->amps($figures->shortCircuitAmps),
                    BankFigures::shortFormula(), $inputs, null),
                $field === 'fits' => $this->fits($figures->bank),
                default => null,
            };
        }

        return null;
    }

    private function fits(Bank $bank): Explanation
    {
        $compartment = Compartment::of($this->evaluation->boat->plan, $bank);
        $mm = static fn (float $millimetres): string => QuantityFormatter::trim($millimetres, 0).' mm';

        return new Explanation("Room of {$bank->label()}", match (true) {
            $compartment->inside === null => 'not measured',
            $compartment->fits() => 'fits',
            default => 'does not fit',
        }, Compartment::formula(), [
            [
                'name' => 'compartment inside',
                'value' => $compartment->inside === null ? 'not measured' : implode(
                    ' × ',
                    array_map($mm, $compartment->inside),
                ),
            ],
            ...array_map(
                fn (PositionedBlock $block): array => [
                    'name' => $this->evaluation->boat->called($block->battery),
                    'value' => $mm($block->width).' × '.$mm($block->depth).' at '.$mm($block->position->x).', '.$mm($block->position->y).($block->battery->size === null ? ' (usual size: its own is not given)' : ''),
                ],
                array_values($compartment->blocks),
            ),
        ], $compartment->says($this->evaluation->boat->plan, $bank, $this->words));
    }

    private function meter(string $id): ?Explanation
    {
        foreach ($this->evaluation->boat->figures(PowerFigures::class)->meterPoints as $point) {
            if ($point->id === $id) {
                return new Explanation("Reading: {$point->label}", $this->words->volts($point->expect), MeterPoint::formula(), [
                    ['name' => 'red probe on', 'value' => (string) $point->plus],
                    ['name' => 'black probe on', 'value' => (string) $point->minus],
                    ['name' => 'right from', 'value' => $this->words->volts($point->low)],
                    ['name' => 'to', 'value' => $this->words->volts($point->high)],
                ], null);
            }
        }

        return null;
    }
}
