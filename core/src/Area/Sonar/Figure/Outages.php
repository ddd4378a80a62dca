<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Figure;

use Dinghy\Solving\SolvedBoat;

/** One thing off at a time: batteries, circuits, boxes, network cables; and what no screen shows any more. */
final readonly class Outages
{
    public function __construct(private SolvedBoat $boat, private SonarFigures $figures)
    {
    }

    /** @return list<Outage> those by which something is lost, the gravest first */
    public function all(): array
    {
        $seen = $this->figures->cabling->seen($this->figures->chains);
        $outages = [];
        foreach ($this->offs() as $off => [$out, $cable]) {
            $outage = $this->outage($off, $seen, $out, $cable);
            if ($outage->dark !== [] || $outage->lost !== [] || $outage->backbones !== []) {
                $outages[] = $outage;
            }
        }
        usort($outages, static fn (Outage $a, Outage $b): int => [count($b->dark), array_sum(array_map(count(...), $b->lost)), $a->off] <=> [count($a->dark), array_sum(array_map(count(...), $a->lost)), $b->off]);

        return $outages;
    }

    /** @return array<string, array{list<string>, string|null}> by what is off: what goes out with it, and the cable that is pulled */
    private function offs(): array
    {
        $offs = [];
        foreach ($this->boat->plan->banks as $bank) {
            // Of strings side by side the others carry on.
            if (count($bank->strings) === 1) {
                $offs["bank:{$bank->id}"] = [Supplied::outWithoutBank($this->boat, $bank->id), null];
            }
        }
        foreach ($this->boat->plan->feeds as $feed) {
            $offs["feed:{$feed->id}"] = [Supplied::outWithoutCircuit($this->boat, $feed->id), null];
        }
        foreach ($this->boat->plan->blocks as $block) {
            foreach ($block->branches as $branch) {
                $offs["branch:{$branch->id}"] = [Supplied::outWithoutCircuit($this->boat, $branch->id), null];
            }
        }
        foreach ($this->figures->network->devices as $id => $device) {
            if ($device->takesPlugs()) {
                $offs["device:{$id}"] = [[(string) $id], null];
            }
        }
        foreach ($this->figures->network->cables as $cable) {
            $offs["network-cable:{$cable->id}"] = [[], $cable->id];
        }

        return $offs;
    }

    /**
     * @param  array<string, list<string>>  $seen  transducers by screen
     * @param  list<string>  $out
     */
    private function outage(string $off, array $seen, array $out, ?string $cable): Outage
    {
        $left = $this->figures->cabling->without($out, $cable)->seen($this->figures->chains);
        $dark = $lost = [];
        foreach ($seen as $screen => $transducers) {
            if (in_array((string) $screen, $out, true)) {
                $dark[] = (string) $screen;
            } else {
                $gone = array_values(array_diff($transducers, $left[$screen] ?? []));
                $gone === [] || $lost[(string) $screen] = $gone;
            }
        }

        return new Outage($off, $dark, $lost, array_values(array_intersect(array_map(strval(...), array_keys($this->figures->network->backbones)), $out)));
    }
}
