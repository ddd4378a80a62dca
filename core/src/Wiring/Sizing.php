<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\BandChart;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\SizingDrop;
use Dinghy\Plan\Device;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\Protection;
use Dinghy\Source\Formula;

/**
 * Gauge and protection of every run. Where neither is given: from the thinnest gauge in stock, the first whose drop fits
 * the run's fair share of its paths' limit, whose ampacity carries the current after factors, and for which a standard
 * rating exists between what the load asks and that ampacity; then the smallest such rating.
 *
 * A run's fair share is the limit less what the rest of the path loses; runs of one path whose gauges are all to be chosen
 * share what is left by their lengths. Feeds are settled before branches.
 */
final class Sizing
{
    /** Volts; arithmetic noise below this does not make a gauge miss a limit that it meets. */
    private const NOISE = 1e-12;

    /** @var array<string, Gauge> by circuit id: given, or chosen so far */
    private array $gauges = [];

    /** @var array<string, array<string, LaidWire>> by how it lies, and gauge */
    private array $laid = [];

    /** @var array<string, float|null> A that the first protection should have, by circuit id */
    private array $wanted = [];

    /** @var array<string, string> how each circuit lies, by id */
    private array $lies = [];

    /** @var array<string, float> V by device id */
    private array $leadDrops = [];

    /** @var array<string, float|null> V by circuit id, as it was when the gauge was chosen */
    private array $shares = [];

    public function __construct(private readonly Wiring $wiring)
    {
        foreach ($wiring->circuits as $circuit) {
            if ($circuit->run->gauge !== null) {
                $this->gauges[$circuit->id] = $circuit->run->gauge;
            }
        }
    }

    /** @return array<string, SizedRun> by id: feeds and branches in the order of the plan, then factory leads */
    public function runs(): array
    {
        $groups = [];
        foreach ($this->wiring->sharing() as $ids) {
            $groups += array_fill_keys($ids, $ids);
        }
        foreach ($this->wiring->circuits as $circuit) {
            if (! isset($this->gauges[$circuit->id])) {
                $this->settle($groups[$circuit->id] ?? [$circuit->id]);
            }
        }
        $runs = array_map($this->sized(...), $this->wiring->circuits);
        foreach ($this->wiring->plan->devices as $device) {
            $lead = $this->lead($device);
            if ($lead !== null) {
                $runs[$device->id] = $lead;
            }
        }

        return $runs;
    }

    /**
     * What feeds one block together gets one gauge, the thickest that any of it needs: their shares then go by their lengths.
     *
     * @param  list<string>  $ids
     */
    private function settle(array $ids): void
    {
        $thickest = null;
        $open = array_filter(
            $ids,
            fn (string $id): bool => isset($this->wiring->circuits[$id]) && $this->wiring->circuits[$id]->run->gauge === null,
        );
        foreach ($open as $id) {
            $circuit = $this->wiring->circuits[$id];
            $share = $this->shares[$id] = $this->share($circuit);
            $gauge = $this->choose($circuit, $share);
            $thickest = $thickest === null || $thickest->isThinnerThan($gauge) ? $gauge : $thickest;
        }
        foreach ($open as $id) {
            $this->gauges[$id] = $thickest;
        }
    }

    private function choose(Circuit $circuit, ?float $share): Gauge
    {
        $stock = $this->wiring->plan->houseRules->stock;
        foreach ($stock as $gauge) {
            $wire = $this->laid($circuit, $gauge);
            // Where the length is not known, drop cannot be judged: W01 says so, and the wire must at least carry its current.
            $dropFits = $circuit->length === null || self::dropFits(
                $circuit->length * $circuit->amps * $wire->voltsPerAmpMetre,
                $share,
            );
            if ($dropFits && $wire->ampacity !== null && $wire->ampacity >= $circuit->amps
                && ($circuit->protection === [] || $this->rating($circuit, $wire->ampacity) !== null)) {
                return $gauge;
            }
        }

        // Nothing in stock fits: the thickest comes nearest, and the rules say by how much it misses.
        return $stock[count($stock) - 1];
    }

    private function sized(Circuit $circuit): SizedRun
    {
        $gauge = $this->gauges[$circuit->id];
        $chosen = $circuit->run->gauge === null;
        $share = $chosen ? $this->shares[$circuit->id] : $this->share($circuit);
        $drop = $this->drop($circuit, $gauge);
        $ampacity = $this->laid($circuit, $gauge)->ampacity;

        return new SizedRun(
            $circuit->id, $circuit->kind, $circuit, $circuit->length, $circuit->amps, $circuit->peakAmps,
            $gauge, $chosen, $circuit->run->metal, $circuit->nominalVolts,
            $drop, self::percent($drop, $circuit->nominalVolts), $share,
            $this->wiring->plan->houseRules->dropLimit($circuit->class), $ampacity,
            array_map(
                fn (Protection $protection): SizedProtection => $this->protect($protection, $circuit, $ampacity),
                $circuit->protection,
            ),
            new GaugeLadder(fn (): array => $this->options($circuit, $gauge, $share)),
            $circuit->length === null ? null : BandChart::gauge($circuit->amps, $circuit->length),
        );
    }

    /** @return list<GaugeOption> every gauge in stock, and the one it has */
    private function options(Circuit $circuit, Gauge $gauge, ?float $share): array
    {
        $others = $this->othersOnWorstPath($circuit);
        $ladder = $this->wiring->plan->houseRules->stock;
        if (! in_array($gauge->name, array_column($ladder, 'name'), true)) {
            $ladder[] = $gauge;
            usort($ladder, static fn (Gauge $a, Gauge $b): int => $a->areaMm2 <=> $b->areaMm2);
        }

        return array_map(
            fn (Gauge $option): GaugeOption => $this->option($circuit, $this->laid($circuit, $option), $share, $others),
            $ladder,
        );
    }

    private static function dropFits(float $wireDrop, ?float $share): bool
    {
        return $share !== null && $wireDrop <= $share + self::NOISE;
    }

    /** V lost in the whole circuit: its wire and whatever else lies in it. */
    private function drop(Circuit $circuit, Gauge $gauge): ?float
    {
        return $circuit->length === null ? null
            : $circuit->amps * ($circuit->length * $this->laid($circuit, $gauge)->voltsPerAmpMetre + $circuit->run->extraOhms);
    }

    private function laid(Circuit $circuit, Gauge $gauge): LaidWire
    {
        return $this->laid[$this->lies[$circuit->id] ??= LaidWire::lieOf($circuit)][$gauge->name]
            ??= LaidWire::of($gauge, $circuit, $this->wiring->plan->houseRules);
    }

    private function option(Circuit $circuit, LaidWire $wire, ?float $share, ?float $others): GaugeOption
    {
        $amps = $circuit->amps;
        $nominal = $circuit->nominalVolts;
        $rating = $wire->ampacity === null ? null : $this->rating($circuit, $wire->ampacity);
        $fits = $wire->ampacity !== null && $wire->ampacity >= $amps && ($circuit->protection === [] || $rating !== null);
        $perMetre = $amps * $wire->voltsPerAmpMetre;
        $longest = $share === null || $perMetre <= 0 ? null : max(0.0, $share / $perMetre);
        if ($circuit->length === null) {
            return new GaugeOption(
                $wire->gauge,
                null,
                null,
                null,
                $longest,
                $wire->ampacity,
                $rating,
                null,
                null,
                false,
                null,
            );
        }
        $lost = $circuit->length * $perMetre;
        $drop = $lost + $amps * $circuit->run->extraOhms;
        $ohms = 2 * $circuit->length * $wire->ohmsPerMetre + $circuit->run->extraOhms;

        return new GaugeOption(
            $wire->gauge,
            $drop,
            self::percent($drop, $nominal),
            $others === null ? null : self::percent($drop + $others, $nominal),
            $longest,
            $wire->ampacity,
            $rating,
            $amps ** 2 * $ohms,
            $circuit->length * $wire->kilogramsPerMetre,
            $fits && self::dropFits($lost, $share),
            $amps * $ohms,
        );
    }

    /**
     * @return float|null the first protection's rating with a wire of this ampacity; null: there is none that suits both
     */
    private function rating(Circuit $circuit, float $ampacity): ?float
    {
        if (! array_key_exists($circuit->id, $this->wanted)) {
            $first = $circuit->protection[0] ?? null;
            $this->wanted[$circuit->id] = $first === null ? null : ($first->rating ?? $first->family->smallestOfAtLeast(
                $circuit->demand->leastRating(),
            ));
        }
        $rating = $this->wanted[$circuit->id];

        return $rating !== null && $rating <= $ampacity ? $rating : null;
    }

    /**
     * Where no size suits load and wire both, the wire's side is taken: a fuse protects wires. The largest that the wire
     * can carry, or the family's smallest; the rules then say what the load misses.
     */
    private function protect(Protection $protection, Circuit $circuit, ?float $ampacity): SizedProtection
    {
        if ($protection->rating !== null) {
            return new SizedProtection($protection, $protection->rating, false);
        }
        $least = $circuit->demand->leastRating();
        $rating = $protection->family->smallestOfAtLeast($least);
        if ($rating === null || $rating > ($ampacity ?? INF)) {
            $rating = $protection->family->largestOfAtMost($ampacity ?? INF) ?? $protection->family->sizes()[0];
        }

        return new SizedProtection($protection, $rating, true);
    }

    /**
     * V that the wire of this circuit may lose, extra resistance already taken off; the least over all paths through it.
     * Null: a length on the way is unknown, or nothing feeds it.
     */
    private function share(Circuit $circuit): ?float
    {
        if ($circuit->length === null) {
            return null;
        }
        if ($circuit->behind === [] && $circuit->nominalVolts !== null) {
            return $this->wiring->plan->houseRules->dropLimit($circuit->class) / 100 * $circuit->nominalVolts;
        }
        $least = null;
        foreach ($this->wiring->pathsThrough($circuit) as $path) {
            $left = $this->wiring->plan->houseRules->dropLimit($path->class()) / 100 * $path->nominalVolts()
                - $this->leadDrop($path->device) - $path->converterLeadDrop($this->wiring->plan->houseRules->conductorCelsius)
                - $circuit->amps * $circuit->run->extraOhms;
            $open = $circuit->length;
            foreach ($path->circuits as $other) {
                if ($other === $circuit) {
                    continue;
                }
                if ($other->length === null) {
                    return null;
                }
                $known = $this->knownDrop($other);
                if ($known === null) {
                    $open += $other->length;
                    $left -= $other->amps * $other->run->extraOhms;
                } else {
                    $left -= $known;
                }
            }
            $share = $open > 0 ? $left * $circuit->length / $open : $left;
            $least = $least === null ? $share : min($least, $share);
        }

        return $least;
    }

    /** V of a circuit whose gauge is given or was chosen before; null while it is open. */
    private function knownDrop(Circuit $circuit): ?float
    {
        $gauge = $this->gauges[$circuit->id] ?? null;

        return $gauge === null ? null : $this->drop($circuit, $gauge);
    }

    /**
     * V that the rest of the worst path through a circuit loses, so far as it is known; null where nothing feeds it.
     */
    private function othersOnWorstPath(Circuit $circuit): ?float
    {
        $worst = null;
        foreach ($this->wiring->pathsThrough($circuit) as $path) {
            $others = $this->leadDrop($path->device) + $path->converterLeadDrop($this->wiring->plan->houseRules->conductorCelsius);
            foreach ($path->circuits as $other) {
                $others += $other === $circuit ? 0.0 : $this->knownDrop($other) ?? 0.0;
            }
            $worst = max($worst ?? 0.0, $others);
        }

        return $worst;
    }

    private function lead(Device $device): ?SizedRun
    {
        if ($device->leadGauge === null) {
            return null;
        }
        $path = $this->wiring->lowestPathTo($device);
        $rules = $this->wiring->plan->houseRules;
        $nominal = $path?->nominalVolts();
        $drop = $this->leadDrop($device);

        return new SizedRun(
            $device->id, RunKind::Lead, null, $device->leadLength, $device->sizingAmps(), $device->peakAmps,
            $device->leadGauge, false, Metal::Copper, $nominal, $drop, self::percent($drop, $nominal), null,
            $rules->dropLimit($path === null ? LoadClass::General : $path->class()),
            Ampacity::of($device->leadGauge, Metal::Copper, $rules->insulation, $rules->ambient, false, 2),
            [], new GaugeLadder(static fn (): array => []), null,
        );
    }

    private function leadDrop(Device $device): float
    {
        return $this->leadDrops[$device->id] ??= $device->leadGauge === null ? 0.0
            : SizingDrop::volts(
                $device->leadGauge,
                Metal::Copper,
                $device->sizingAmps(),
                $device->leadLength,
                $this->wiring->plan->houseRules->conductorCelsius,
            );
    }

    private static function percent(?float $drop, ?float $nominal): ?float
    {
        return $drop === null || $nominal === null ? null : 100 * $drop / $nominal;
    }

    public static function formula(): Formula
    {
        return Formula::fromMemory('the first gauge in stock whose drop fits its share of the limit, that carries the current, and that a standard fuse suits',
            'ABYC E-11 arithmetic; the band chart is common practice');
    }
}
