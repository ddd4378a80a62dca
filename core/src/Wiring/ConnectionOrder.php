<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\BatteryName;
use Dinghy\Plan\Jumper;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;
use Dinghy\Plan\Supply;
use Dinghy\Quantity\QuantityFormatter;

/**
 * The order in which the wires of a bank are landed, post by post: charger leads, of each block plus first and minus last, jumpers,
 * positives, load negative last [common practice, no source]. Shops differ in whether charger leads or jumpers come first.
 */
final readonly class ConnectionOrder
{
    /** V; strings further apart than this are charged first: joining them drives a current through both */
    private const APART = 0.2;

    /** what joins the blocks belongs to their bank */
    private const JUMPER = 'jumper';

    private function __construct(
        private Plan $plan,
        private Bank $bank,
        private QuantityFormatter $words,
    ) {
    }

    /** @return non-empty-list<ConnectionStep> */
    public static function of(Plan $plan, Bank $bank, QuantityFormatter $words, bool $chargerFirst): array
    {
        $order = new self($plan, $bank, $words);
        $wires = $chargerFirst ? [
            ...$order->chargers(),
            ...$order->jumpers(),
        ] : [...$order->jumpers(), ...$order->chargers()];

        return [
            new ConnectionStep("Open every switch and breaker of {$bank->label()}, take its fuses out, unplug its chargers.", null, null, null, null, null,
                'Rings, watch and chain off; eye protection on; wrench handle wrapped. A short across a battery welds tools and can burst it.'),
            ...$wires, ...$order->positives(), ...$order->negatives(),
            new ConnectionStep('Boots on every positive post, nothing loose on the blocks. Then meter every point before a fuse goes in.', null, null, null, null, null,
                'Fuses go in one at a time, the smallest first, after the readings are right.'),
        ];
    }

    /** @return list<ConnectionStep> */
    private function chargers(): array
    {
        $pluses = $minuses = [];
        foreach ($this->plan->chargers as $charger) {
            foreach ($charger->batteryOutputs() as $output) {
                $first = $output->across[0];
                if (in_array($first, $this->bank->batteries(), true)) {
                    // An alternator without a lead of its own charges through the engine's own cables.
                    $what = $charger->isPartOfEngine() && $output->leadGauge === null ? 'the engine’s own cable' : $charger->label();
                    // Two may charge one block.
                    $pluses[$this->number($first)][] = $this->step(
                        ucfirst("{$what}: plus"),
                        $output->across[count($output->across) - 1]->plus(),
                        'charger',
                        $charger->id,
                        '+',
                        'Its fuse is out and the charger is unplugged.',
                    );
                    $minuses[$this->number($first)][] = $this->step(
                        ucfirst("{$what}: minus"),
                        $this->bank->minusEnd($first->minus(), $output->pastShunt),
                        'charger',
                        $charger->id,
                        '-',
                        'Last on this block: until it is on, a tool that slips from the plus closes no circuit.',
                    );
                }
            }
        }
        ksort($pluses);

        return array_merge([], ...array_map(static fn (int $block): array => [...$pluses[$block], ...$minuses[$block]], array_keys($pluses)));
    }

    /** @return list<ConnectionStep> */
    private function jumpers(): array
    {
        $wires = $this->bank->wires();
        // Along the chain, from the block that the shop counts from; what joins like posts when every string stands, and of that
        // the minus posts last: the landing that closes the loop is where a tool that slips finds no volts to metal.
        $rank = fn (Jumper $wire): array => [$wire->joinsLike(), $wire->joinsLike() && ! $wire->from->isPlus(), min($this->ends($wire))];
        usort($wires, static fn (Jumper $a, Jumper $b): int => $rank($a) <=> $rank($b));
        $steps = [];
        foreach ($wires as $at => $wire) {
            [$from, $to] = $this->ends($wire);
            $ends = $from <= $to ? [$wire->from, $wire->to] : [$wire->to, $wire->from];
            $name = 'Jumper '.($at + 1);
            $steps[] = $this->step(
                "{$name}: first end",
                $ends[0],
                self::JUMPER,
                $wire->id,
                null,
                'The other end stays covered until it is landed.',
            );
            $steps[] = $this->step("{$name}: other end", $ends[1], self::JUMPER, $wire->id, null, $wire->joinsLike()
                ? 'Only when both sides rest within '.$this->words->volts(self::APART).' of each other: a difference drives a current through both.'
                : 'From here on the open end of the chain is live: one tool on one post at a time.');
        }

        return $steps;
    }

    /** @return list<ConnectionStep> */
    private function positives(): array
    {
        $steps = [];
        if ($this->bank->stringProtection !== null) {
            foreach ($this->bank->strings as $string) {
                $steps[] = $this->step(
                    'String fuse, without its link',
                    $string[count($string) - 1]->plus(),
                    'bank',
                    $this->bank->id,
                    '+',
                );
            }
        }
        foreach ($this->plan->feedsOf($this->bank) as $feed) {
            $steps[] = $this->step(
                ucfirst("{$this->plan->called($feed)}: plus"),
                $feed->supply->plus->post($this->bank),
                'feed',
                $feed->id,
                '+',
                'Its fuse is out or its breaker open; boot over the ring at once.',
            );
        }

        foreach ($this->drawing() as $id => $supply) {
            $steps[] = $this->step(
                "Input of {$this->plan->chargers[$id]->label()}: plus",
                $supply->plusPost(),
                'charger',
                $id,
                '+',
                'Its fuse is out; boot over the ring at once.',
            );
        }

        return $steps;
    }

    /** @return array<string, Supply> what DC–DC chargers and converters draw on this bank, by their id */
    private function drawing(): array
    {
        $drawing = [];
        foreach ($this->plan->chargers as $charger) {
            if ($charger->inputFrom?->bank === $this->bank) {
                $drawing[$charger->id] = $charger->inputFrom;
            }
        }

        return $drawing;
    }

    /** @return list<ConnectionStep> */
    private function negatives(): array
    {
        $steps = [];
        if ($this->bank->shunt !== null) {
            $steps[] = $this->step('Shunt, battery side', $this->bank->negativePost(), 'bank', $this->bank->id, '-');
        }
        foreach ($this->plan->bonds as $bond) {
            if ($bond->from === $this->bank || $bond->to === $this->bank) {
                $steps[] = $this->step(ucfirst($bond->label()), $this->bank->negativePost(), 'bond', $bond->id, '-');
            }
        }
        foreach ($this->drawing() as $id => $supply) {
            $steps[] = $this->step(
                "Input of {$this->plan->chargers[$id]->label()}: minus",
                $supply->minusEnd(),
                'charger',
                $id,
                '-',
                'It may spark once as its input fills; again means that something is wrong.',
            );
        }
        $feeds = $this->plan->feedsOf($this->bank);
        foreach ($feeds as $feed) {
            $steps[] = $this->step(ucfirst("{$this->plan->called($feed)}: minus"), $feed->supply->minusEnd(), 'feed', $feed->id, '-',
                'Last: this closes the circuit. A spark means that something is switched on or wrong: take it off again and look.');
        }

        return $steps;
    }

    private function step(string $what, Post $post, string $kind, string $wire, ?string $side, ?string $caution = null): ConnectionStep
    {
        $battery = $post->isShunt() ? null : $this->plan->batteries[$post->part];
        $volts = $battery === null || $this->plan->bankOf($battery->id) !== $this->bank
            ? null
            : $this->above($battery, $post->isPlus());
        $where = $battery === null ? 'the load side of the shunt' : BatteryName::beside(
            $this->plan,
            $this->bank,
            $battery,
            $this->words->countedFrom,
        ).($post->isPlus() ? ' +' : ' −');

        return new ConnectionStep("{$what} on {$where}.", $post, $wire, $kind === self::JUMPER ? "bank:{$this->bank->id}" : "{$kind}:{$wire}", $side, $volts, $caution);
    }

    /** V nominal of a post from the common negative, in its string. */
    private function above(Battery $battery, bool $plus): float
    {
        [$height, $string] = $this->bank->placeOf($battery);

        return Bank::nominalOf(array_slice($this->bank->strings[$string], 0, $height + ($plus ? 1 : 0)));
    }

    private function number(Battery $battery): int
    {
        return $this->bank->numberOf($battery, $this->words->countedFrom);
    }

    /** @return array{int, int} what the blocks at its ends are called by; those of other banks come last */
    private function ends(Jumper $wire): array
    {
        $number = function (Post $post): int {
            $battery = $this->plan->batteries[$post->part];

            return in_array($battery, $this->bank->batteries(), true) ? $this->number($battery) : PHP_INT_MAX;
        };

        return [$number($wire->from), $number($wire->to)];
    }
}
