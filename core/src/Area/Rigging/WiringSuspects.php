<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Circuit\Fault;
use Dinghy\Circuit\Network;
use Dinghy\Metering\HandMeter;
use Dinghy\Metering\Measurement;
use Dinghy\Metering\MeterQuantity;
use Dinghy\Metering\Probe;
use Dinghy\Metering\Reading;
use Dinghy\Metering\Suspect;
use Dinghy\Metering\Suspects;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Post;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Circuit;

/**
 * What may be wrong with a boat where a meter does not show what it must: this post is another one, a conductor sits on a wrong
 * post, a block stands the wrong way round or is low, something is open. What was done last comes first: what was before was read.
 */
final readonly class WiringSuspects
{
    /** landings back that are doubted: each gap before was read when it was closed */
    private const BACK = 8;

    /** V of a block by which it may be low or not rested yet; more, and it is none */
    private const OFF = 2.5;

    public function __construct(private SolvedBoat $boat, private Probing $probing)
    {
    }

    /**
     * @param  list<Step>  $landed  before the step, in the order in which they were
     */
    public function whileBuilding(array $landed, Step $step, Reading $reading): Suspects
    {
        $built = $this->probing->after($landed);
        $suspects = $this->asleep($built->network());
        foreach ($step->node === null ? [] : $this->otherPosts($step->node) as $post) {
            $suspects[] = new Suspect("this is {$this->boat->post($post)}, not {$this->called($step->node ?? '')}", $built->network(), [$step->node => $post->name]);
        }
        foreach (array_slice(array_reverse($landed), 0, self::BACK) as $earlier) {
            foreach ($earlier->node === null ? [] : $this->otherPosts($earlier->node) as $post) {
                $suspects[] = new Suspect('“'.rtrim($earlier->says, '.')."” sits on {$this->boat->post($post)}", $this->probing->after($landed, [$earlier->id => $post->name])->network());
            }
        }

        return new Suspects([...$suspects, ...$this->ofBlocks($built->network(), $reading)], $this->points());
    }

    /** @param  Network  $network  the boat as planned, with nothing drawn */
    public function atRest(Network $network, Circuit $circuit, Reading $reading): Suspects
    {
        $run = $this->boat->runs[$circuit->id];
        $suspects = [];
        $parts = [...array_map(static fn (int $index): array => ["{$run->id}/fuse".($index + 1), 'its fuse is out, or its breaker open'], array_keys($run->protection)), ["{$run->id}/switch", 'its switch is off'], ["{$run->id}/+wire", 'its plus wire is open'], ["{$run->id}/-wire", 'its minus wire is open']];
        foreach ($parts as [$element, $says]) {
            $suspects[] = new Suspect($says, Fault::opened($element)->in($network));
        }

        $suspects[] = new Suspect('plus and minus are swapped on the way', $network, self::crossed($reading->of));
        $feed = $this->boat->plan->feeds[$circuit->id] ?? null;
        $first = $run->protection === [] ? "{$run->id}/+wire" : "{$run->id}/fuse1";
        if ($feed !== null) {
            foreach ($this->otherPosts($feed->supply->plusPost()->name) as $post) {
                $suspects[] = new Suspect("its plus sits on {$this->boat->post($post)}, not on {$this->boat->post($feed->supply->plusPost())}", Fault::fromLandedOn($first, $post->name)->in($network));
            }
            foreach ($this->otherPosts($feed->supply->minusEnd()->name) as $post) {
                $suspects[] = new Suspect("its minus sits on {$this->boat->post($post)}, not on {$this->boat->post($feed->supply->minusEnd())}", Fault::fromLandedOn("{$run->id}/-wire", $post->name)->in($network));
            }
        }

        return new Suspects([...$suspects, ...$this->asleep($network), ...$this->ofBlocks($network, $reading)], $this->points());
    }

    /** @return list<Suspect> a lithium block that its management has opened */
    private function asleep(Network $network): array
    {
        $suspects = [];
        foreach ($this->boat->plan->batteries as $battery) {
            if (! $battery->chemistry->isLead()) {
                $suspects[] = new Suspect("{$this->boat->called($battery)} is asleep: its management has opened it. A charger that wakes lithium does so, or its own switch, by its maker’s sheet; nothing is bridged", Fault::weakened($battery->id, self::volts($network, $battery), 1.0)->in($network));
            }
        }

        return $suspects;
    }

    /** @return list<Suspect> a block that is low or has not rested, one the wrong way round */
    private function ofBlocks(Network $network, Reading $reading): array
    {
        return [...$this->offBlocks($network, $reading), ...array_map(
            fn (Battery $battery): Suspect => new Suspect("{$this->boat->called($battery)} stands the wrong way round", Fault::reversed($battery->id)->in($network)),
            array_values($this->boat->plan->batteries),
        )];
    }

    /**
     * A block that rests otherwise than it should; where it may be any of several, what tells which.
     *
     * @return list<Suspect>
     */
    private function offBlocks(Network $network, Reading $reading): array
    {
        $off = ($reading->of->expect ?? 0.0) - $reading->value;
        if ($reading->of->quantity !== MeterQuantity::Volts || abs($off) > self::OFF || abs($off) <= HandMeter::VOLTS) {
            return [];
        }
        $what = $off > 0 ? "low by {$this->boat->words->volts($off)}: it is charged before it joins others" : 'charged just now and has not rested';
        $found = [];
        foreach ($this->boat->plan->batteries as $battery) {
            $suspect = new Suspect("{$this->boat->called($battery)} is {$what}", $faulty = Fault::weakened($battery->id, $off, 1.0)->in($network));
            if ((new Suspects([$suspect], []))->showing($reading) !== []) {
                $found[] = [$suspect, $faulty];
            }
        }

        return match (count($found)) {
            0 => [],
            1 => [$found[0][0]],
            default => [new Suspect("one block between the probes is {$what}. Read each across its own posts", $found[0][1])],
        };
    }

    private static function volts(Network $network, Battery $battery): float
    {
        foreach ($network->sources as $source) {
            if ($source->name === $battery->id) {
                return $source->volts;
            }
        }

        return 0.0;
    }

    /** @return array<string, string> probes that sit on one another’s points */
    private static function crossed(Measurement $of): array
    {
        return $of->red->node === null || $of->black->node === null ? [] : [$of->red->node => $of->black->node, $of->black->node => $of->red->node];
    }

    /** @return list<Post> of batteries, those of the same bank first */
    private function otherPosts(string $node): array
    {
        $bank = $this->boat->plan->bankOf(substr($node, 0, -1));
        $batteries = array_values($this->boat->plan->batteries);
        usort($batteries, fn (Battery $a, Battery $b): int => ($this->boat->plan->bankOf($b->id) === $bank) <=> ($this->boat->plan->bankOf($a->id) === $bank));
        $posts = array_merge(...array_map(static fn (Battery $battery): array => [$battery->plus(), $battery->minus()], $batteries));

        return array_values(array_filter($posts, static fn (Post $post): bool => $post->name !== $node));
    }

    /** @return list<array{Probe, Probe}> each block, then each plus from the common negative of its bank */
    private function points(): array
    {
        $probe = fn (Post $post): Probe => new Probe($post->name, $this->boat->post($post));
        $points = array_map(static fn (Battery $battery): array => [$probe($battery->plus()), $probe($battery->minus())], array_values($this->boat->plan->batteries));
        foreach ($this->boat->plan->banks as $bank) {
            array_push($points, ...array_map(static fn (Battery $battery): array => [$probe($battery->plus()), $probe($bank->negativePost())], $bank->batteries()));
        }

        return $points;
    }

    private function called(string $node): string
    {
        return isset($this->boat->plan->batteries[substr($node, 0, -1)]) ? $this->boat->post(Post::named($node)) : 'the shunt';
    }
}
