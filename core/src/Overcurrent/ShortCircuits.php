<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

use Dinghy\Circuit\Network;
use Dinghy\Circuit\PlanNetwork;
use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\States;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;
use Dinghy\Wiring\RunKind;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Wiring;

/** What dead shorts drive through fuses: the most that one may have to break, and the least that must still open it. */
final readonly class ShortCircuits
{
    /** Ω of a blade's holder [from memory; its makers publish it] */
    private const HOLDER = 0.001;

    private Plan $plan;

    public function __construct(private Wiring $wiring, private States $states)
    {
        $this->plan = $wiring->plan;
    }

    /**
     * The most that can flow where a protection sits: full batteries, cold copper, contacts included.
     *
     * @return array{float, float}|null V before, A through; null: no short goes through it
     */
    public function greatest(PlacedProtection $protection): ?array
    {
        if ($protection->run !== null) {
            return $this->inRun($protection);
        }
        $network = $this->states->coldNetwork();
        if ($protection->output !== null) {
            $posts = self::posts($protection->output);

            return $posts === null ? null : self::between($network, $posts[0]->name, $posts[1]->name, 0.0);
        }
        $resistor = $this->states->coldResistors()[$protection->element ?? ''] ?? null;
        if ($resistor === null || $protection->return === null) {
            return null;
        }
        $ends = [
            $this->through($network, $resistor, $resistor->to, $protection->return),
            $this->through($network, $resistor, $resistor->from, $protection->return),
        ];

        return [
            $network->atRest()->between($resistor->from, $protection->return) ?? 0.0,
            max(array_map(abs(...), $ends)),
        ];
    }

    /**
     * The least that a short at the far end of what it protects drives through it: hot wire, batteries at their floor.
     *
     * @return float|null A; null: no short goes through it, or a length is unknown
     */
    public function least(PlacedProtection $protection): ?float
    {
        if ($protection->run !== null) {
            return $protection->run->length === null ? null : $this->states->leastShortAtFarEnd($protection->run);
        }
        $network = $this->states->hotNetwork();
        if ($protection->output !== null) {
            $output = $protection->output;
            $posts = self::posts($output);
            if ($posts === null || $output->leadGauge === null) {
                return null;
            }
            $lead = 2 * $output->leadLength * Resistance::perMetre(
                $output->leadGauge,
                Metal::TinnedCopper,
                $this->plan->houseRules->insulation,
            );
            $contacts = array_sum(
                array_map(
                    static fn ($fuse): float => $fuse->family->contactResistance($fuse->rating ?? INF),
                    $output->protection,
                ),
            );

            return self::between($network, $posts[0]->name, $posts[1]->name, $lead + $contacts)[1];
        }
        $resistor = $this->states->coldResistors()[$protection->element ?? ''] ?? null;
        if ($resistor === null || $protection->return === null) {
            return null;
        }
        // Through the wire behind it to that wire's end; a string's fuse to the bank's own terminal.
        $far = $protection->seat === Seat::BatteryString
            ? $resistor->to
            : $this->wireBehind($resistor)->to ?? $resistor->to;

        return abs($this->through($network, $resistor, $far, $protection->return));
    }

    /** @return array{float, float}|null */
    private function inRun(PlacedProtection $protection): ?array
    {
        $run = $protection->run;
        $path = $run?->circuit === null ? null : $this->wiring->pathsThrough($run->circuit)[0] ?? null;
        $supply = $run === null ? null : ($this->plan->feeds[$run->id] ?? null)?->supply;
        if ($run === null || ($path === null && $supply === null)) {
            return null;
        }
        $before = 0.0;
        if ($run->kind === RunKind::Branch) {
            [$plus, $minus] = [
                Post::plus($run->circuit->fromBlock ?? '')->name,
                Post::minus($run->circuit->fromBlock ?? '')->name,
            ];
        } else {
            [$plus, $minus] = $supply === null ? ['', ''] : [
                $supply->plusPost()->name,
                $supply->minus->post($supply->bank)->name,
            ];
            if ($protection->index > 0) {
                $plus = "{$run->id}/+{$protection->index}";
            } else {
                $before = $this->beforeFirst($run);
            }
        }
        [$volts, $amps] = self::between($this->states->coldNetwork(), $plus, $minus, $before);

        return [$volts, min($amps, $this->states->mostGiven($run))];
    }

    /**
     * What a short right behind the first protection of a feed has before it: the wire to it and, where no metal hull that minus is
     * joined to leads back, as much of its minus; two rings; a blade's holder.
     *
     * @return float Ω
     */
    private function beforeFirst(SizedRun $run): float
    {
        $planned = $run->protection[0]->planned;
        $boat = $this->plan->boat;
        $isOnHull = $boat->hull?->isMetal() === true && ($boat->engine?->joinsHull !== false || $boat->hullJoins !== '');
        $wire = ($planned->fromSource ?? 0.0) * Resistance::perMetre($run->gauge, $run->metal, States::COLD);

        return ($isOnHull ? 1 : 2) * $wire + 2 * PlanNetwork::RING + ($planned->family->isBlade() ? self::HOLDER : 0.0);
    }

    /** @return array{float, float} V at rest, A through a short behind some Ω more */
    private static function between(Network $network, string $plus, string $minus, float $ohms): array
    {
        $volts = $network->atRest()->between($plus, $minus) ?? 0.0;

        return [$volts, $volts / (($network->resistanceBetween($plus, $minus) ?? INF) + $ohms)];
    }

    /** @return float A through a resistor when a node is shorted to another */
    private function through(Network $network, Resistor $resistor, string $plus, string $minus): float
    {
        return $network->atRest()->through($resistor) + $network->perAmpDrawn($plus, $minus)->through($resistor) * $network->shortCircuitAmps($plus, $minus);
    }

    /** The wire that begins where a fuse ends. */
    private function wireBehind(Resistor $fuse): ?Resistor
    {
        foreach ($this->states->coldResistors() as $resistor) {
            if ($resistor->from === $fuse->to && $resistor !== $fuse) {
                return $resistor;
            }
        }

        return null;
    }

    /** @return array{Post, Post}|null the posts that an output of a charger stands across; null: it feeds a block */
    private static function posts(ChargerOutput $output): ?array
    {
        return $output->across === [] ? null : [
            $output->across[count($output->across) - 1]->plus(),
            $output->across[0]->minus(),
        ];
    }
}
