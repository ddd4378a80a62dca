<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Circuit\Fault;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\Source;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Post;
use Dinghy\Solving\SolvedBoat;

/** What may be wrong with a block, and where else blocks can be read: at their posts, and from the common negative of their bank. */
final readonly class BlockSuspects
{
    /** V by which a block may be low or not rested yet; more, and something else is wrong */
    private const OFF = 2.5;

    public function __construct(private SolvedBoat $boat)
    {
    }

    /** @return list<Suspect> a lithium block that its management has opened */
    public function asleep(Network $network): array
    {
        $volts = array_column(array_map(static fn (Source $source): array => ['of' => $source->name, 'volts' => $source->volts], $network->sources), 'volts', 'of');
        $suspects = [];
        foreach ($this->boat->plan->batteries as $battery) {
            if (! $battery->chemistry->isLead()) {
                $suspects[] = new Suspect('asleep', "{$this->boat->called($battery)} is asleep: its management has opened it. A charger that wakes lithium does so, or its own switch, by its maker’s sheet; nothing is bridged", Fault::weakened($battery->id, $volts[$battery->id] ?? 0.0, 1.0)->in($network));
            }
        }

        return $suspects;
    }

    /** @return list<Suspect> a block that is low or has not rested, one the wrong way round */
    public function off(Network $network, Reading $reading): array
    {
        return [...$this->unlikeTheOthers($network, $reading), ...array_map(
            fn (Battery $battery): Suspect => new Suspect('turned', "{$this->boat->called($battery)} stands the wrong way round", Fault::reversed($battery->id)->in($network)),
            array_values($this->boat->plan->batteries),
        )];
    }

    /** @return list<array{Probe, Probe}> each block, then each plus from the common negative of its bank */
    public function points(): array
    {
        $probe = fn (Post $post): Probe => new Probe($post->name, $this->boat->post($post));
        $points = array_map(static fn (Battery $battery): array => [$probe($battery->plus()), $probe($battery->minus())], array_values($this->boat->plan->batteries));
        foreach ($this->boat->plan->banks as $bank) {
            array_push($points, ...array_map(static fn (Battery $battery): array => [$probe($battery->plus()), $probe($bank->negativePost())], $bank->batteries()));
        }

        return $points;
    }

    /** @return list<Post> of batteries but this one, those of the same bank first */
    public function otherPosts(string $node): array
    {
        $bank = $this->boat->plan->bankOf(substr($node, 0, -1));
        $batteries = array_values($this->boat->plan->batteries);
        usort($batteries, fn (Battery $a, Battery $b): int => ($this->boat->plan->bankOf($b->id) === $bank) <=> ($this->boat->plan->bankOf($a->id) === $bank));
        $posts = array_merge([], ...array_map(static fn (Battery $battery): array => [$battery->plus(), $battery->minus()], $batteries));

        return array_values(array_filter($posts, static fn (Post $post): bool => $post->name !== $node));
    }

    /** @return list<string> names of banks that black does not belong on where it is meant for this one */
    public function otherBanks(?Bank $own): array
    {
        return $own === null ? [] : array_values(array_map(static fn (Bank $bank): string => $bank->label(), array_filter($this->boat->plan->banks, static fn (Bank $bank): bool => $bank !== $own)));
    }

    /**
     * A block that rests otherwise than it should; where it may be any of several, what tells which.
     *
     * @return list<Suspect>
     */
    private function unlikeTheOthers(Network $network, Reading $reading): array
    {
        $off = ($reading->of->expect ?? 0.0) - $reading->value;
        if ($reading->of->quantity !== MeterQuantity::Volts || abs($off) > self::OFF || abs($off) <= HandMeter::VOLTS) {
            return [];
        }
        $what = $off > 0 ? "low by {$this->boat->words->volts($off)}: it is charged before it joins others" : 'charged just now and has not rested';
        $found = [];
        foreach ($this->boat->plan->batteries as $battery) {
            $suspect = new Suspect('off', "{$this->boat->called($battery)} is {$what}", $faulty = Fault::weakened($battery->id, $off, 1.0)->in($network));
            if ((new Suspects([$suspect], []))->showing($reading) !== []) {
                $found[] = [$suspect, $faulty];
            }
        }

        return match (count($found)) {
            0 => [],
            1 => [$found[0][0]],
            default => [new Suspect('off', "one block between the probes is {$what}. Read each across its own posts", $found[0][1])],
        };
    }
}
