<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Post;

/** The batteries of a bank and the wires between their posts, as elements of a circuit. */
final readonly class BankElements
{
    /** @var list<Source> */
    public array $sources;

    /** @var list<Resistor> */
    public array $resistors;

    /**
     * @param  float  $celsius  of the conductors
     * @param  \Closure(Battery): float  $volts  at rest
     */
    public function __construct(Bank $bank, float $celsius, \Closure $volts)
    {
        $sources = $resistors = [];
        foreach ($bank->strings as $string) {
            foreach ($string as $i => $battery) {
                $ohms = $battery->resistanceUnderLoad();
                $plus = $battery->plus()->name;
                if ($bank->stringProtection !== null && $i === count($string) - 1) {
                    // It sits on the string's top post: what lands there lands on its outer stud.
                    $plus = $battery->id.'/post+';
                    $resistors[] = new Resistor($battery->id.'/string fuse', $plus, $battery->plus()->name,
                        $bank->stringProtection->family->contactResistance($bank->stringProtection->rating ?? throw new \LogicException('A string fuse without rating passed the checks.')));
                }
                $sources[] = new Source(
                    $battery->id,
                    $plus,
                    $battery->minus()->name,
                    $volts($battery),
                    $ohms ?? PlanNetwork::RING,
                );
            }
        }
        foreach ($bank->wires() as $wire) {
            array_push($resistors, ...FusedWire::of($wire->id, $wire->from->name, $wire->to->name, $wire->protection,
                $wire->length * Resistance::perMetre($wire->gauge, Metal::TinnedCopper, $celsius)));
        }
        if ($bank->shunt !== null) {
            $resistors[] = new Resistor(
                $bank->id.':shunt',
                $bank->negativePost()->name,
                Post::shunt($bank->id)->name,
                $bank->shunt->ohms,
            );
        }
        [$this->sources, $this->resistors] = [$sources, $resistors];
    }
}
