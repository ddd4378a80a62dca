<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

/**
 * The size of a conductor, American (AWG) or metric (mm²).
 *
 * AWG diameter d = 0.127 mm · 92^((36 − n)/39) with 1/0 = 0, 2/0 = −1 … [pub ASTM B258].
 * Metric sizes are nominal areas [pub IEC 60228].
 */
final readonly class Gauge implements \Stringable
{
    /** AWG sizes a plan may name, thinnest first, with their AWG number. */
    private const AWG = [
        '24' => 24, '22' => 22, '20' => 20, '18' => 18, '16' => 16, '14' => 14, '12' => 12, '10' => 10, '8' => 8,
        '6' => 6, '4' => 4, '3' => 3, '2' => 2, '1' => 1, '1/0' => 0, '2/0' => -1, '3/0' => -2, '4/0' => -3,
    ];

    /** Metric sizes a plan may name, mm². */
    private const METRIC = ['0.75', '1', '1.5', '2.5', '4', '6', '10', '16', '25', '35', '50', '70', '95', '120'];

    /** Share of area by which two sizes may differ and be called about the same. */
    private const AS_GOOD_AS = 0.03;

    private const CIRCULAR_MILS_PER_MM2 = 1973.5;

    private function __construct(
        public string $name,
        public bool $metric,
        public float $areaMm2,
    ) {
    }

    /**
     * @param  string  $name  as in a plan file: "6 AWG", "2/0 AWG", "16 mm2"
     *
     * @throws UnknownGauge
     */
    public static function of(string $name): self
    {
        /**
         * @var array<string, self> $known the same size is the same object: evaluations ask for it thousands of times
         */
        static $known = [];

        return $known[$name] ??= self::made($name);
    }

    /** @throws UnknownGauge */
    private static function made(string $name): self
    {
        $words = explode(' ', $name);
        [$size, $unit] = count($words) === 2 ? $words : ['', ''];
        if ($unit === 'AWG' && isset(self::AWG[$size])) {
            $diameter = 0.127 * 92 ** ((36 - self::AWG[$size]) / 39);

            return new self($name, false, M_PI / 4 * $diameter ** 2);
        }
        if ($unit === 'mm2' && in_array($size, self::METRIC, true)) {
            return new self($name, true, (float) $size);
        }
        throw UnknownGauge::named($name);
    }

    /** @return non-empty-list<string> every name that of() takes, AWG first, each kind from the thinnest */
    public static function names(): array
    {
        return [
            ...array_map(static fn (int|string $size): string => $size.' AWG', array_keys(self::AWG)),
            ...array_map(static fn (string $size): string => $size.' mm2', self::METRIC),
        ];
    }

    /** Area in circular mils as the sizing arithmetic of ABYC E-11 counts it: 1 mm² = 1973.5 cmil. */
    public function circularMils(): float
    {
        return $this->areaMm2 * self::CIRCULAR_MILS_PER_MM2;
    }

    /** The AWG size without its unit ("6", "2/0") or the area in mm² ("16"). */
    public function size(): string
    {
        return explode(' ', $this->name)[0];
    }

    /** For people: "6 AWG", "16 mm²". */
    public function __toString(): string
    {
        return str_replace('mm2', 'mm²', $this->name);
    }

    /** In both worlds, where it is read in full: "6 AWG · 13.3 mm²", "16 mm² · between 6 and 4 AWG". */
    public function both(): string
    {
        return "{$this} · ".($this->metric ? $this->amongAwg() : round($this->areaMm2, $this->areaMm2 < 10 ? 2 : 1).' mm²');
    }

    private function amongAwg(): string
    {
        $sizes = array_map(static fn (int|string $size): self => self::of("{$size} AWG"), array_keys(self::AWG));
        foreach ($sizes as $at => $size) {
            if (abs($size->areaMm2 / $this->areaMm2 - 1) < self::AS_GOOD_AS) {
                return "about {$size}";
            }
            if ($this->isThinnerThan($size)) {
                return $at === 0 ? "thinner than {$size}" : "between {$sizes[$at - 1]->size()} and {$size}";
            }
        }

        return 'thicker than '.end($sizes);
    }

    public function isThinnerThan(self $other): bool
    {
        return $this->areaMm2 < $other->areaMm2;
    }
}
