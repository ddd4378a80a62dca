<?php

declare(strict_types=1);

namespace Dinghy\Compartment;

use Dinghy\Plan\Bank;
use Dinghy\Plan\BatteryName;
use Dinghy\Plan\BlockPosition;
use Dinghy\Plan\Jumper;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Source\Formula;

/** The blocks of a bank where they stand, whether they fit, and how the jumpers run between their posts. */
final readonly class Compartment
{
    /** mm between blocks that nobody has placed: room for a strap and a hand */
    public const GAP = 25.0;

    /** A jumper is not pulled straight: its bend, and a lug's length at each end, mm [working estimate]. */
    private const BEND = 1.25;

    private const LUGS = 60.0;

    /**
     * @param  array<string, PositionedBlock>  $blocks  by battery, in the bank's order
     * @param  list<PositionedBlock>  $neighbours  of other banks in the same compartment, where the plan says where they stand
     * @param  list<float>|null  $inside  length, width, height in mm; null: not measured
     * @param  list<Jumper>  $wires
     */
    private function __construct(
        public array $blocks,
        public array $neighbours,
        public ?array $inside,
        public array $wires,
    ) {
    }

    public static function of(Plan $plan, Bank $bank): self
    {
        $station = $plan->boat->stations[$bank->strings[0][0]->station ?? ''] ?? null;
        $neighbours = [];
        foreach ($plan->batteries as $battery) {
            if ($station !== null && $battery->station === $station->id && $battery->position !== null && ! in_array($battery, $bank->batteries(), true)) {
                $neighbours[] = new PositionedBlock($battery, $battery->position);
            }
        }
        $blocks = [];
        foreach (self::planned($bank) as $id => $position) {
            $blocks[$id] = new PositionedBlock($plan->batteries[$id], $position);
        }

        return new self($blocks, $neighbours, $station?->inside, $bank->wires());
    }

    /**
     * The same blocks otherwise.
     *
     * @param  array<string, BlockPosition>  $positions  of all of them
     */
    public function with(array $positions): self
    {
        return new self(
            array_map(
                static fn (PositionedBlock $block): PositionedBlock => new PositionedBlock($block->battery, $positions[$block->battery->id]),
                $this->blocks,
            ),
            $this->neighbours,
            $this->inside,
            $this->wires,
        );
    }

    /** @return float mm that it is too small by in its worst direction; 0 or less: what is left; null: not measured */
    public function short(): ?float
    {
        if ($this->inside === null) {
            return null;
        }
        $worst = -INF;
        foreach ($this->blocks as $block) {
            $over = [
                -$block->position->x,
                -$block->position->y,
                $block->position->x + $block->width - $this->inside[0],
                $block->position->y + $block->depth - $this->inside[1],
            ];
            $worst = max($worst, ...$over);
            if ($block->battery->size !== null) {
                $worst = max($worst, $block->battery->size[2] - $this->inside[2]);
            }
        }

        return $worst;
    }

    /** @return list<array{string, string, float}> pairs of batteries that stand in each other, and by how many mm */
    public function overlaps(): array
    {
        $overlaps = [];
        $all = [...array_values($this->blocks), ...$this->neighbours];
        foreach ($all as $i => $one) {
            foreach (array_slice($all, $i + 1) as $other) {
                $by = $one->overlap($other);
                if ($by > 0) {
                    $overlaps[] = [$one->battery->id, $other->battery->id, $by];
                }
            }
        }

        return $overlaps;
    }

    /** @return list<array{string, string}> ids of jumpers that cross, seen from above */
    public function crossings(): array
    {
        $crossings = [];
        foreach ($this->wires as $i => $one) {
            foreach (array_slice($this->wires, $i + 1) as $other) {
                [$a, $b, $c, $d] = [
                    $this->post($one->from),
                    $this->post($one->to),
                    $this->post($other->from),
                    $this->post($other->to),
                ];
                if ($a !== null && $b !== null && $c !== null && $d !== null && self::cross($a, $b, $c, $d)) {
                    $crossings[] = [$one->id, $other->id];
                }
            }
        }

        return $crossings;
    }

    /** @return float|null m that a jumper between two posts is cut to; null: one of them is not in this bank */
    public function jumperLength(Jumper $wire): ?float
    {
        [$from, $to] = [$this->post($wire->from), $this->post($wire->to)];

        return $from === null || $to === null ? null : (self::BEND * $from->to($to) + self::LUGS) / 1000;
    }

    public function fits(): bool
    {
        return ($this->short() ?? 0.0) <= 0 && $this->overlaps() === [];
    }

    /** Whether the blocks fit, or by how much not, and whether jumpers cross: a sentence each. */
    public function says(Plan $plan, Bank $bank, QuantityFormatter $words): string
    {
        $name = static fn (string $id): string => BatteryName::beside(
            $plan,
            $bank,
            $plan->batteries[$id],
            $words->countedFrom,
        );
        $said = array_map(
            static fn (array $pair): string => "{$name($pair[0])} and {$name($pair[1])} stand in each other by ".self::mm($pair[2]).'.',
            $this->overlaps(),
        );
        $short = $this->short();
        $said[] = match (true) {
            $short === null => 'The compartment is not measured: type its length, width and height inside to see whether they fit.',
            $short > 0 => 'They do not fit: '.self::mm($short).' too much.',
            default => 'They fit, with '.self::mm(-$short).' to spare where it is tightest.',
        };
        $crossings = count($this->crossings());
        if ($crossings > 0) {
            $said[] = $crossings === 1 ? 'Two jumpers cross; turn a block so that they do not.' : "Jumpers cross at {$crossings} places; turn blocks so that they do not.";
        }

        return implode(' ', $said);
    }

    public function post(Post $post): ?Point
    {
        $block = $this->blocks[$post->part] ?? null;

        return $post->isPlus() ? $block?->plus() : $block?->minus();
    }

    /** @return float mm of all jumpers, as the crow flies */
    public function wireLength(): float
    {
        $sum = 0.0;
        foreach ($this->wires as $wire) {
            [$from, $to] = [$this->post($wire->from), $this->post($wire->to)];
            $sum += $from === null || $to === null ? 0.0 : $from->to($to);
        }

        return $sum;
    }

    /**
     * Where each stands by the plan; those that it says nothing of in a row beyond, long sides together, turned so that a
     * series jumper has the shortest way and blocks in parallel stand alike.
     *
     * @return array<string, BlockPosition>
     */
    private static function planned(Bank $bank): array
    {
        $x = 0.0;
        foreach ($bank->batteries() as $battery) {
            if ($battery->position !== null) {
                $block = new PositionedBlock($battery, $battery->position);
                $x = max($x, $block->position->x + $block->width + self::GAP);
            }
        }
        $positions = [];
        foreach ($bank->strings as $string) {
            foreach ($string as $i => $battery) {
                $positions[$battery->id] = $battery->position ?? new BlockPosition($x, 0.0, $i % 2 === 0 ? 270 : 90);
                if ($battery->position === null) {
                    $x += PositionedBlock::footprint($battery)[1] + self::GAP;
                }
            }
        }

        return $positions;
    }

    /** Whether two stretches cross; meeting at an end is not crossing. */
    private static function cross(Point $a, Point $b, Point $c, Point $d): bool
    {
        return $a->turn($b, $c) * $a->turn($b, $d) < 0 && $c->turn($d, $a) * $c->turn($d, $b) < 0;
    }

    private static function mm(float $millimetres): string
    {
        return QuantityFormatter::trim($millimetres, 0).' mm';
    }

    public static function formula(): Formula
    {
        return Formula::ofPractice('each block as it is turned, held against the compartment inside and against the others; height over the posts against the lid',
            'the parts\' own measures; posts '.PositionedBlock::FROM_END.' mm from the ends are a working estimate');
    }
}
