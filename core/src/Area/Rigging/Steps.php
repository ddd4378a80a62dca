<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\ToolsCountedOut;
use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;

/** Every step of the work on one boat, in an order in which it can be done. */
final readonly class Steps implements Figures
{
    /** @var array<string, Step> */
    private array $byId;

    /**
     * @param  list<Step>  $all
     * @param  Reach|null  $reach  null: nobody has said what they are work on
     */
    private function __construct(public array $all, public ?Reach $reach)
    {
        $this->byId = array_combine(array_map(static fn (Step $step): string => $step->id, $all), $all);
    }

    /** @return Step|null null: there is no such step, or none any more */
    public function find(string $id): ?Step
    {
        return $this->byId[$id] ?? null;
    }

    public static function of(SolvedBoat $boat): self
    {
        $wires = new WireSteps($boat);
        $landing = new LandingSteps($boat, $wires);
        $network = new NetworkSteps($boat);
        $islands = new Islands($boat);
        $reach = Reach::on($boat, $islands);
        $built = [
            ...PreparingSteps::of($boat->plan),
            ...MountingSteps::of($boat),
            ...$wires->steps,
            ...$landing->steps,
            ...$network->steps,
        ];
        $anywhere = array_values(array_filter($built, $reach->isAnywhere(...)));
        $work = [...$built, ...PoweringSteps::of($boat, $islands, $landing, $network, array_map(static fn (Step $step): string => $step->id, $anywhere))];

        $work = [...$work, ...HullSteps::of($boat, $work)];

        return self::inOrder([...$work, ...self::closing($boat, $work)], $reach);
    }

    /** @param  list<Step>  $steps  in any order */
    public static function inOrder(array $steps, ?Reach $reach = null): self
    {
        return new self(StepOrder::of($steps), $reach);
    }

    /** @param  array<string, Step>  $others  by id: as they stand instead */
    public function with(array $others): self
    {
        return $others === [] ? $this : new self(array_map(static fn (Step $step): Step => $others[$step->id] ?? $step, $this->all), $this->reach);
    }

    /**
     * Each lid after everything under it, and the boat handed over after everything.
     *
     * @param  list<Step>  $work
     * @return list<Step>
     */
    private static function closing(SolvedBoat $boat, array $work): array
    {
        $lids = [];
        foreach ($boat->plan->boat->stations as $station) {
            if ($station->lid !== null && $station->lid !== 'none') {
                $under = array_values(array_filter($work, static fn (Step $step): bool => $step->at === $station->id && $step->place !== Place::Water));
                $lids[] = new Step("close:{$station->id}", StepKind::Close, ucfirst("{$station->label()}: vacuumed, tools counted out, then closed."), ["station:{$station->id}"], array_map(static fn (Step $step): string => $step->id, $under), $station->id, hold: new ToolsCountedOut);
            }
        }
        $everything = array_map(static fn (Step $step): string => $step->id, [...$work, ...$lids]);

        return [...$lids, new Step('hand-over', StepKind::HandOver, 'Show the owner the breakers, the fuse map and the charging; leave the record.', ['plan'], $everything)];
    }
}
