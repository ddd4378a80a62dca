<?php

declare(strict_types=1);

namespace Dinghy\Hull;

use Dinghy\Geometry\Spot;

/**
 * A hull from above as a parametric shape: half the beam as a function of the distance from the transom. Drawn for this
 * project after no boat in particular; good to a hand's breadth, for drawing and for asking whether something is aboard.
 */
final readonly class Outline
{
    /** stretches that the shape is drawn in */
    private const STEPS = 40;

    /**
     * @param  float  $length  m
     * @param  float  $beam  m at the widest
     */
    public function __construct(
        public HullKind $kind,
        public float $length,
        public float $beam,
    ) {
    }

    /**
     * @param  float  $x  m forward of the transom
     * @return float m from the middle to the side; 0 beyond the ends
     */
    public function halfBeam(float $x): float
    {
        $t = $x / $this->length;

        return $t < -1e-9 || $t > 1 + 1e-9 ? 0.0 : $this->beam / 2 * $this->share(max(0.0, min(1.0, $t)));
    }

    /** @param  float  $overhang  m beyond the hull that still count as aboard */
    public function holds(Spot $spot, float $overhang = 0.0): bool
    {
        $within = $overhang + 1e-9;

        return $spot->x >= -$within && $spot->x <= $this->length + $within && abs($spot->y) <= $this->halfBeam(
            max(0.0, min($this->length, $spot->x)),
        ) + $within;
    }

    /** @return list<Spot> round the hull from the transom's starboard corner over the bow to its port corner */
    public function shell(): array
    {
        return $this->ring(1.0);
    }

    /** @return list<list<Spot>> lines within the shell: the floor, or the tubes below a deck */
    public function inner(): array
    {
        if ($this->kind !== HullKind::Pontoon) {
            return [$this->ring($this->kind === HullKind::Inflatable ? 0.6 : 0.84)];
        }
        $tube = function (int $side): array {
            [$outer, $inner] = [$side * $this->beam * 0.47, $side * $this->beam * 0.25];

            return [
                new Spot(0.0, $outer),
                new Spot($this->length * 0.92, $outer),
                new Spot($this->length, ($outer + $inner) / 2),
                new Spot($this->length * 0.92, $inner),
                new Spot(0.0, $inner),
            ];
        };

        return [$tube(1), $tube(-1)];
    }

    /** Half the beam at a share of the length, as a share of the widest. */
    private function share(float $t): float
    {
        return match ($this->kind) {
            HullKind::Fibreglass => $t < 0.4 ? 0.88 + 0.12 * sin(M_PI_2 * $t / 0.4) : (1 - (($t - 0.4) / 0.6) ** 2.4) ** 0.8,
            HullKind::Aluminium => $t < 0.35 ? 0.9 + 0.1 * sin(M_PI_2 * $t / 0.35) : 0.16 + 0.84 * (1 - (($t - 0.35) / 0.65) ** 2.6) ** 0.9,
            HullKind::Pontoon => $t < 0.95 ? 1.0 : 1.0 - 0.12 * (($t - 0.95) / 0.05) ** 2,
            HullKind::Inflatable => $t < 0.6 ? 1.0 : sqrt(max(0.0, 1 - (($t - 0.6) / 0.4) ** 2)),
            HullKind::Box => $t < 0.4 ? 0.8 + 0.5 * $t : 1.0 - 0.45 * (($t - 0.4) / 0.6) ** 1.5,
        };
    }

    /** @return list<Spot> */
    private function ring(float $shrunk): array
    {
        $starboard = $port = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            // Closer together towards the bow, where it bends most.
            $t = sin(M_PI_2 * $step / self::STEPS);
            $x = $this->length * ($shrunk < 1.0 ? 0.02 + (0.98 - (1 - $shrunk) * 0.4 - 0.02) * $t : $t);
            $half = $this->beam / 2 * $this->share($t) * $shrunk;
            $starboard[] = new Spot($x, -$half);
            $port[] = new Spot($x, $half);
        }

        return [...$starboard, ...array_reverse($port)];
    }
}
