<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Circuit\Fault;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\Source;
use Dinghy\Circuit\State;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Post;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Circuit;

/** What is read of a whole boat with power on her and nothing drawn, and what it means where it is not what it must be. */
final class RestReadings
{
    private ?Network $network = null;

    private readonly BlockSuspects $blocks;

    /** @param  array<string, float>  $rested  V by battery, as they were read after they were charged and had rested */
    public function __construct(private readonly SolvedBoat $boat, private readonly array $rested = [])
    {
        $this->blocks = new BlockSuspects($boat);
    }

    /** @return Measurement|null at a circuit's far end; null: nothing joins it to a bank */
    public function atEnd(Circuit $circuit): ?Measurement
    {
        [$plus, $minus] = self::ends($circuit);
        $end = self::endWords($this->boat, $circuit);

        return $plus === null || $minus === null ? null : $this->between('rest', "at {$end}", new Probe($plus->name, "the plus pin at {$end}"), new Probe($minus->name, "the minus pin at {$end}"));
    }

    /** @return Measurement|null null: nothing joins its two points */
    public function at(MeterPoint $point): ?Measurement
    {
        $called = fn (Post $post): string => isset($this->boat->plan->batteries[$post->part]) || $post->isShunt() ? $this->boat->post($post) : 'the '.($post->isPlus() ? 'plus' : 'minus').' pin';

        return $this->between($point->id, $point->label, new Probe($point->plus->name, $called($point->plus)), new Probe($point->minus->name, $called($point->minus)));
    }

    /**
     * @param  list<Reading>  $earlier  on this boat, with the same meter
     * @param  Circuit|null  $circuit  that it is the far end of; null: it is at the banks
     * @param  bool  $checked  whether the person has looked again, and it was not read wrong
     */
    public function judge(Reading $reading, array $earlier, ?Circuit $circuit, bool $checked): Judgement
    {
        $banks = array_filter($this->boat->plan->banks, static fn (Bank $bank): bool => $bank->negativePost()->name === $reading->of->black->node);

        return (new Judge($earlier, $this->blocks->otherBanks(array_values($banks)[0] ?? null), fn (): Suspects => $this->suspects($reading, $circuit), $this->boat->words))->of($reading, $checked);
    }

    /** @return array{Post|null, Post|null} plus and minus where a circuit ends */
    public static function ends(Circuit $circuit): array
    {
        return match (true) {
            $circuit->device !== null => [$circuit->device->plus(), $circuit->device->minus()],
            $circuit->block !== null => [Post::plus($circuit->block), Post::minus($circuit->block)],
            default => [null, null],
        };
    }

    /** Where a circuit ends, in words. */
    public static function endWords(SolvedBoat $boat, Circuit $circuit): string
    {
        return ($circuit->block === null ? null : $boat->plan->blocks[$circuit->block]->label()) ?? $circuit->device?->label() ?? $circuit->label;
    }

    /**
     * @param  array<string, float>  $rested
     * @return list<string> batteries whose rested volts nobody has measured
     */
    public static function unmeasured(SolvedBoat $boat, array $rested): array
    {
        return array_values(array_map(static fn (Battery $one): string => $one->id, array_filter($boat->plan->batteries, static fn (Battery $battery): bool => $battery->restedVolts === null && ! isset($rested[$battery->id]))));
    }

    private function between(string $id, string $says, Probe $red, Probe $black): ?Measurement
    {
        $network = $this->network();
        $volts = $network->atRest()->between((string) $red->node, (string) $black->node);
        if ($volts === null) {
            return null;
        }
        $off = HandMeter::offVolts($volts) + UnmeasuredBlocks::volts($network, self::unmeasured($this->boat, $this->rested), (string) $red->node, (string) $black->node);

        return new Measurement($id, MeterQuantity::Volts, $says, $red, $black, $volts, $volts - $off, $volts + $off, MeterRange::forVolts($volts),
            'Do not plug anything in. Read the same at the fuse, then at the bank: where it is still right, what is wrong lies behind.');
    }

    private function suspects(Reading $reading, ?Circuit $circuit): Suspects
    {
        $network = $this->network();

        return new Suspects([...$circuit === null ? [] : $this->ofWay($network, $circuit, $reading->of), ...$this->blocks->asleep($network), ...$this->blocks->off($network, $reading), ...$this->ofJumpers($network)], $this->blocks->points());
    }

    /** @return list<Suspect> what is open on the way, swapped, or on a wrong post: its own run first, then what feeds that */
    private function ofWay(Network $network, Circuit $circuit, Measurement $of): array
    {
        $along = [$circuit];
        foreach ($this->boat->wiring->pathsThrough($circuit) as $path) {
            $along = array_reverse(array_slice($path->circuits, 0, (int) array_search($circuit, $path->circuits, true) + 1));
            break;
        }
        $suspects = [];
        foreach ($along as $one) {
            array_push($suspects, ...$this->openOn($network, $one, $one === $circuit ? 'its' : "{$one->label}: its"));
        }
        $suspects[] = new Suspect('swapped', 'plus and minus are swapped on the way', $network, [(string) $of->red->node => (string) $of->black->node, (string) $of->black->node => (string) $of->red->node]);
        foreach ($along as $one) {
            array_push($suspects, ...$this->misplacedOn($network, $one, $one === $circuit ? 'its' : "{$one->label}: its"));
        }

        return $suspects;
    }

    /** @return list<Suspect> */
    private function openOn(Network $network, Circuit $circuit, string $its): array
    {
        $run = $this->boat->runs[$circuit->id];

        return array_map(static fn (array $one): Suspect => new Suspect('open', "{$its} {$one[1]}", Fault::opened($one[0])->in($network)), [
            ...array_map(static fn (int $index): array => ["{$run->id}/fuse".($index + 1), 'fuse is out, or its breaker open'], array_keys($run->protection)),
            ["{$run->id}/switch", 'switch is off'], ["{$run->id}/+wire", 'plus wire is open'], ["{$run->id}/-wire", 'minus wire is open'],
        ]);
    }

    /** @return list<Suspect> */
    private function misplacedOn(Network $network, Circuit $circuit, string $its): array
    {
        $run = $this->boat->runs[$circuit->id];
        $feed = $this->boat->plan->feeds[$circuit->id] ?? null;
        if ($feed === null) {
            return [];
        }
        [$plus, $minus] = [$feed->supply->plusPost(), $feed->supply->minusEnd()];
        $suspects = [];
        foreach ($this->blocks->otherPosts($plus->name) as $post) {
            $suspects[] = new Suspect('plus', "{$its} plus sits on {$this->boat->post($post)}, not on {$this->boat->post($plus)}", Fault::fromLandedOn($run->protection === [] ? "{$run->id}/+wire" : "{$run->id}/fuse1", $post->name)->in($network));
        }
        foreach ($this->blocks->otherPosts($minus->name) as $post) {
            $suspects[] = new Suspect('minus', "{$its} minus sits on {$this->boat->post($post)}, not on {$this->boat->post($minus)}", Fault::fromLandedOn("{$run->id}/-wire", $post->name)->in($network));
        }

        return $suspects;
    }

    /** @return list<Suspect> a jumper that is open, or not there */
    private function ofJumpers(Network $network): array
    {
        $suspects = [];
        foreach ($this->boat->plan->banks as $bank) {
            foreach ($bank->wires() as $wire) {
                $suspects[] = new Suspect('jumper', "the jumper from {$this->boat->post($wire->from)} to {$this->boat->post($wire->to)} is open", Fault::opened($wire->id)->in($network));
            }
        }

        return $suspects;
    }

    private function network(): Network
    {
        $network = $this->boat->states->network(State::Rest);

        return $this->network ??= $this->rested === [] ? $network : $network->inState(array_map(fn (Source $source): Source => new Source($source->name, $source->plus, $source->minus, $this->rested[$source->name] ?? $source->volts, $source->ohms), $network->sources), []);
    }
}
