<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Conductor\Gauge;
use Dinghy\Quantity\NumberingEnd;
use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

/** Batteries wired as one supply: strings in series, several strings in parallel. */
final readonly class Bank
{
    /**
     * @param  non-empty-list<non-empty-list<Battery>>  $strings  each from its negative end
     * @param  float  $jumperLength  m
     * @param  list<Jumper>|null  $jumpers  the wires really there, when the file says so
     * @param  Protection|null  $stringProtection  a fuse of this kind at the top of every string
     * @param  bool  $switch  a battery switch that parts the whole bank from everything
     * @param  float|null  $switchRating  A that it is made for
     */
    private function __construct(
        public string $id,
        public array $strings,
        public Gauge $jumperGauge,
        public float $jumperLength,
        public ?array $jumpers,
        public ?Shunt $shunt,
        public ?Protection $stringProtection,
        public bool $switch,
        public ?float $switchRating,
        private Lug $jumperLug,
    ) {
    }

    /** @param  array<string, Battery>  $batteries by id */
    public static function of(Record $record, array $batteries): self
    {
        $strings = [];
        foreach ($record->textLists('strings') as $ids) {
            $string = array_map(static fn (string $id): Battery => $batteries[$id], $ids);
            $strings[] = $string !== [] ? $string : throw new \LogicException('A string without batteries passed the format.');
        }
        $jumper = $record->record('jumper');
        $shunt = $record->recordOrNull('shunt');
        $fuse = $record->recordOrNull('string_protection');

        return new self(
            $record->text('id'),
            $strings !== [] ? $strings : throw new \LogicException('A bank without strings passed the format.'),
            Gauge::of($jumper->text('gauge')),
            $jumper->number('length_m'),
            $record->has('jumpers') ? array_map(Jumper::of(...), $record->records('jumpers')) : null,
            $shunt === null ? null : Shunt::of($shunt),
            $fuse === null ? null : Protection::of($fuse),
            $record->flag('switch'),
            $record->numberOrNull('switch_rating_a'),
            Lug::of($jumper),
        );
    }

    /**
     * @return float|null A cold cranking of the whole bank: the weakest block of each string, strings added; null: unknown
     */
    public function crankingAmps(): ?float
    {
        $sum = 0.0;
        foreach ($this->strings as $string) {
            $weakest = INF;
            foreach ($string as $battery) {
                if ($battery->crankingAmps === null) {
                    return null;
                }
                $weakest = min($weakest, $battery->crankingAmps);
            }
            $sum += $weakest;
        }

        return $sum;
    }

    /**
     * @return non-empty-list<int> the place in its string, from the negative end, and the string of a battery; both from 0
     */
    public function placeOf(Battery $battery): array
    {
        foreach ($this->strings as $s => $string) {
            foreach ($string as $i => $other) {
                if ($other->id === $battery->id) {
                    return [$i, $s];
                }
            }
        }
        throw new \LogicException("Battery {$battery->id} is not in bank {$this->id}.");
    }

    /** As a sentence speaks of it: "the house bank". */
    public function label(): string
    {
        return IdWords::the('bank', $this->id);
    }

    /** What a block is called by: "Battery 1" is the one at the end that is counted from. */
    public function numberOf(Battery $battery, NumberingEnd $countedFrom): int
    {
        $at = (int) array_search($battery, $this->batteries(), true);

        return $countedFrom === NumberingEnd::Negative ? $at + 1 : count($this->batteries()) - $at;
    }

    /** @return int|null the string, from 0, whose battery a post belongs to; null: none of this bank's */
    public function stringOf(Post $post): ?int
    {
        foreach ($this->strings as $number => $string) {
            foreach ($string as $battery) {
                if ($battery->id === $post->part) {
                    return $number;
                }
            }
        }

        return null;
    }

    /** Whether a wire joins posts of one string. */
    public function isWithinString(Jumper $wire): bool
    {
        $string = $this->stringOf($wire->from);

        return $string !== null && $string === $this->stringOf($wire->to);
    }

    /**
     * @return list<Terminal> where it can be taken off, each post once: both ends of every string, and the taps of the first
     */
    public function terminals(): array
    {
        $names = [];
        foreach (array_keys($this->strings) as $string) {
            array_push($names, ...($string === 0 ? ['neg', 'pos'] : ['neg@'.($string + 1), 'pos@'.($string + 1)]));
        }
        for ($tap = 1; $tap < count($this->strings[0]); $tap++) {
            $names[] = "tap:{$tap}";
        }

        return array_values(
            array_filter(array_map(fn (string $name): ?Terminal => Terminal::of($name, $this), $names)),
        );
    }

    /** The post that the whole bank's negative is taken from. */
    public function negativePost(): Post
    {
        return $this->strings[0][0]->minus();
    }

    /**
     * Where a minus that is led to a post ends: at the shunt, which the bank's negative post is kept for, unless it is
     * led past it.
     */
    public function minusEnd(Post $post, bool $pastShunt): Post
    {
        return $this->shunt !== null && ! $pastShunt && $post->is($this->negativePost())
            ? Post::shunt($this->id)
            : $post;
    }

    /** @return non-empty-list<Battery> */
    public function batteries(): array
    {
        return array_merge(...$this->strings);
    }

    public function nominalVolts(): float
    {
        return self::nominalOf($this->strings[0]);
    }

    /** @param  list<Battery>  $string */
    public static function nominalOf(array $string): float
    {
        return array_sum(array_map(static fn (Battery $battery): float => $battery->nominalVolts, $string));
    }

    /** @return float|null kg of all its batteries; null: one is unknown */
    public function kilograms(): ?float
    {
        $sum = 0.0;
        foreach ($this->batteries() as $battery) {
            if ($battery->kilograms === null) {
                return null;
            }
            $sum += $battery->kilograms;
        }

        return $sum;
    }

    /** Ah: the weakest battery of each string, strings added. */
    public function capacityAh(): float
    {
        return array_sum(array_map(
            static fn (array $string): float => min(
                array_map(static fn (Battery $battery): float => $battery->capacityAh, $string),
            ),
            $this->strings,
        ));
    }

    /**
     * The wires between the posts: those really there when the file lists them, else those that the strings stand for:
     * series jumpers inside each string, parallel jumpers between neighbouring strings' ends.
     *
     * @return list<Jumper>
     */
    public function wires(): array
    {
        if ($this->jumpers !== null) {
            return $this->jumpers;
        }
        $wires = [];
        foreach ($this->strings as $number => $string) {
            for ($i = 1; $i < count($string); $i++) {
                $wires[] = $this->wire($string[$i - 1]->plus(), $string[$i]->minus());
            }
            if ($number > 0) {
                $before = $this->strings[$number - 1];
                $wires[] = $this->wire($before[count($before) - 1]->plus(), $string[count($string) - 1]->plus());
                $wires[] = $this->wire($before[0]->minus(), $string[0]->minus());
            }
        }

        return $wires;
    }

    private function wire(Post $from, Post $to): Jumper
    {
        return new Jumper("{$from}{$to}", $from, $to, $this->jumperGauge, $this->jumperLength, $this->jumperLug);
    }
}
