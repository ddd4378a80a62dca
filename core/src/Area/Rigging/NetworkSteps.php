<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\CuredAndCharged;
use Dinghy\Network\Backbone;
use Dinghy\Network\Chain;
use Dinghy\Network\Chains;
use Dinghy\Network\DataNetwork;
use Dinghy\Network\LaidCable;
use Dinghy\Network\Link;
use Dinghy\Plan\HoleUse;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\Transducer;

/** Transducers, network cables and backbones: mounted, cured, marked, pulled, plugged in, and their pictures looked at. */
final class NetworkSteps
{
    /** min that epoxy or sealant bears a transducer where its maker says nothing else [common practice, no source] */
    private const CURED = 1440.0;

    private const TERMINATED = 5.0;

    /** @var list<Step> */
    public readonly array $steps;

    /** @var array<string, list<string>> by device: ids of the steps that plug its data cables in */
    private array $plugged = [];

    /** @var list<string> */
    private readonly array $safe;

    public function __construct(private readonly SolvedBoat $boat)
    {
        $this->safe = PreparingSteps::safe($boat->plan);
        $network = $boat->plan->part(DataNetwork::class);
        $this->steps = $network === null ? [] : $this->of($network);
    }

    /** @return list<string> ids of the steps that plug a device's data cables in */
    public function pluggedInto(string $device): array
    {
        return $this->plugged[$device] ?? [];
    }

    /** @return list<Step> */
    private function of(DataNetwork $network): array
    {
        $laid = array_column(LaidCable::allOf($this->boat->plan, $network), null, 'on');
        $chains = Chains::of($network);
        $steps = [];
        foreach ($network->transducers as $transducer) {
            array_push($steps, ...$this->mounted($transducer));
            $cable = $laid["transducer:{$transducer->id}"] ?? null;
            if ($cable !== null && $transducer->device !== null) {
                array_push($steps, ...$this->pulled($cable, ["mount:transducer:{$transducer->id}"]));
                array_push($steps, ...$this->plugged($transducer, $transducer->device, $chains->chainOf($transducer)));
            }
        }
        foreach ($network->cables as $cable) {
            $on = "network-cable:{$cable->id}";
            $this->plugged[$cable->from][] = $this->plugged[$cable->to][] = "plug-in:{$on}";
            array_push($steps, ...$this->pulled($laid[$on], []));
            $steps[] = new Step("plug-in:{$on}", StepKind::PlugIn, ucfirst("{$laid[$on]->label}: both plugs, straight, until they click."), [$on], ["pull:{$on}", "mount:device:{$cable->from}", "mount:device:{$cable->to}"], $laid[$on]->to ?? $laid[$on]->from);
        }
        foreach ($network->backbones as $backbone) {
            array_push($steps, ...$this->ofBackbone($backbone));
        }

        return $steps;
    }

    /** @return list<Step> */
    private function mounted(Transducer $transducer): array
    {
        $on = "transducer:{$transducer->id}";
        $holes = MountingSteps::drilled($this->boat->plan, [$transducer->station], HoleUse::Transducer);
        $motor = $transducer->motor === null ? [] : ["mount:device:{$transducer->motor}"];
        $steps = [new Step("mount:{$on}", StepKind::Mount, ucfirst("{$transducer->label()}: fitted {$transducer->mount->label()}."), [$on], [...$this->safe, ...$holes, ...$motor], $transducer->station)];
        if ($transducer->mount->cures()) {
            $steps[] = new Step("wait:{$on}", StepKind::Wait, ucfirst("{$transducer->label()}: what holds and seals it cures, for as long as its maker says."), [$on], ["mount:{$on}"], $transducer->station, hold: new CuredAndCharged, minutes: self::CURED);
        }

        return $steps;
    }

    /**
     * @param  list<string>  $after  ids of steps
     * @return list<Step>
     */
    private function pulled(LaidCable $cable, array $after): array
    {
        $holes = MountingSteps::drilled($this->boat->plan, [$cable->from, $cable->to], HoleUse::Cable);

        return [
            new Step("label:{$cable->on}", StepKind::Label, ucfirst("{$cable->cable}: mark both ends."), [$cable->on], [], place: Place::Bench),
            new Step("pull:{$cable->on}", StepKind::Pull, ucfirst("{$cable->cable}: ".($cable->route?->goesThroughTube() === true ? 'pull it, plug first and capped; leave a cord behind.' : 'lay it.')), [$cable->on], ["label:{$cable->on}", ...$after, ...$this->safe, ...$holes], $cable->from),
        ];
    }

    /** @return list<Step> */
    private function plugged(Transducer $transducer, string $device, ?Chain $chain): array
    {
        $on = "transducer:{$transducer->id}";
        $names = array_map(static fn (Link $link): string => $link->label(), $chain->links ?? []);
        $through = $names === [] ? '' : ', through '.implode(', then ', $names);
        $this->plugged[$device][] = "plug-in:{$on}";
        $cured = $transducer->mount->cures() ? ["wait:{$on}"] : [];

        return [
            new Step("plug-in:{$on}", StepKind::PlugIn, ucfirst("{$transducer->label()} into {$this->boat->plan->devices[$device]->label()}{$through}."), [$on], ["pull:{$on}", "mount:device:{$device}"], $this->boat->plan->devices[$device]->station),
            // A transducer sounds in water alone, and heats up without it.
            new Step("commission:{$on}", StepKind::Commission, ucfirst("{$transducer->label()}: its picture, which way it looks, the depth it is set to."), [$on], ["plug-in:{$on}", ...$cured, ...$this->commissioned($device)], $transducer->station, place: Place::Water),
        ];
    }

    /** @return list<Step> */
    private function ofBackbone(Backbone $backbone): array
    {
        $on = "backbone:{$backbone->id}";
        $steps = [
            new Step("mount:{$on}", StepKind::Mount, ucfirst("{$backbone->label()}: trunk, tees and a terminator at each end."), [$on], $this->safe),
            new Step("off:{$on}", StepKind::Meter, ucfirst("{$backbone->label()}: ohms between its two data lines, with nothing powered."), [$on], ["mount:{$on}"], state: MeterState::Off, minutes: self::TERMINATED),
        ];
        foreach ($backbone->nodes as $number => $node) {
            $device = $this->boat->plan->devices[$node->device];
            $this->plugged[$node->device][] = "plug-in:{$on}:{$number}";
            $steps[] = new Step("plug-in:{$on}:{$number}", StepKind::PlugIn, ucfirst("the drop of {$device->label()}: its tee and its plug."), [$on], ["off:{$on}", "mount:device:{$node->device}"], $device->station);
        }

        return $steps;
    }

    /** @return list<string> id of the step that sets a device up, where it has a circuit */
    private function commissioned(string $device): array
    {
        foreach ($this->boat->circuits() as $run) {
            if ($run->circuit?->device?->id === $device) {
                return ["commission:{$device}"];
            }
        }

        return [];
    }
}
