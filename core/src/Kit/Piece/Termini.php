<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

use Dinghy\Conductor\Gauge;
use Dinghy\Plan\Block;
use Dinghy\Plan\Charger;
use Dinghy\Plan\Device;
use Dinghy\Plan\Post;
use Dinghy\Plan\Protection;
use Dinghy\Plan\Run;
use Dinghy\Protection\FuseFamily;
use Dinghy\Record\IdWords;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Landings;

/** The places of a boat that wires end at. */
final readonly class Termini
{
    public function __construct(private SolvedBoat $boat)
    {
    }

    /**
     * A battery post or the load side of a shunt.
     *
     * @param  string|null  $hole  that the plan gives the ring
     * @param  PlanField  $given  that says so
     */
    public function post(Post $post, ?string $hole, PlanField $given): Terminus
    {
        return Terminus::ring($post->name, $this->boat->post($post), Landings::partOf($post), Landings::studAt($this->boat->plan, $post), new PlanField(Landings::partOf($post), Landings::studField($post)), $hole, $given);
    }

    /**
     * A fuse or breaker in a wire: those in a holder of their own wire are spliced in, the others have studs.
     *
     * @param  string  $on  the part that it sits in
     * @param  string  $field  its fields begin with this
     * @param  string  $name  of its place
     */
    public function protection(Protection $protection, string $on, string $field, string $name): Terminus
    {
        $words = ucfirst($protection->family->label());

        return match ($protection->family) {
            FuseFamily::Blade, FuseFamily::Blade58, FuseFamily::LargeBlade => Terminus::spliced($name, "{$words} holder"),
            default => Terminus::ring($name, $words, null, $protection->stud, new PlanField($on, "{$field}stud"), $protection->hole, new PlanField($on, "{$field}hole")),
        };
    }

    /** A bus of a block, where what feeds it lands. */
    public function bus(Block $block, bool $plus, ?string $hole, PlanField $given): Terminus
    {
        return Terminus::ring($block->id.($plus ? '+' : '-'), self::ofBlock($block, $plus), "block:{$block->id}", $block->stud, new PlanField("block:{$block->id}", 'stud'), $hole, $given);
    }

    /** A circuit of a block, where a branch begins. */
    public function circuit(Block $block, bool $plus, ?string $hole, PlanField $given): Terminus
    {
        [$name, $words, $part] = [$block->id.($plus ? '+' : '-'), self::ofBlock($block, $plus), "block:{$block->id}"];

        return $block->hasTabs ? Terminus::spade($name, $words, $part) : Terminus::ring($name, $words, $part, $block->branchStud, new PlanField($part, 'branch_stud'), $hole, $given);
    }

    /** What a run leads to, where it is no block. */
    public function device(Device $device, bool $plus, Gauge $wire, Run $run, string $on): Terminus
    {
        [$name, $words, $part] = [$device->id.($plus ? '+' : '-'), $device->label().($plus ? ' +' : ' −'), $device->on()];

        return match (true) {
            $device->leadGauge !== null => Terminus::lead($name, $words, $part, $wire, $device->leadGauge, $device->leadConnector),
            $device->stud !== null || $run->toHole !== null => Terminus::ring($name, $words, $part, $device->stud, new PlanField($part, 'stud'), $run->toHole, new PlanField($on, 'run.to_hole')),
            default => Terminus::bare($name, $words, $part),
        };
    }

    /** A terminal of a charger or converter. */
    public function charger(Charger $charger, int $number, bool $plus): Terminus
    {
        $output = count($charger->outputs) === 1 ? '' : ', output '.($number + 1);

        return Terminus::bare(self::ofOutput($charger, $number).($plus ? '+' : '-'), ucfirst($charger->label()).$output.($plus ? ' +' : ' −'), "charger:{$charger->id}");
    }

    /** What its lead is called by: "c1", or "c1.2" where it has several. */
    public static function ofOutput(Charger $charger, int $number): string
    {
        return $charger->id.(count($charger->outputs) === 1 ? '' : '.'.($number + 1));
    }

    private static function ofBlock(Block $block, bool $plus): string
    {
        return ucfirst(IdWords::with('block', $block->id)).($plus ? ' +' : ' −');
    }
}
