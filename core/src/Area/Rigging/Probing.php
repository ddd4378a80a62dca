<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\GapRead;
use Dinghy\Area\Rigging\Rule\OhmsRead;
use Dinghy\Area\Rigging\Rule\RestInside;
use Dinghy\Metering\BlockSuspects;
use Dinghy\Metering\HandMeter;
use Dinghy\Metering\Judge;
use Dinghy\Metering\Judgement;
use Dinghy\Metering\Measurement;
use Dinghy\Metering\MeterQuantity;
use Dinghy\Metering\MeterRange;
use Dinghy\Metering\Ohms;
use Dinghy\Metering\Probe;
use Dinghy\Metering\Reading;
use Dinghy\Metering\RestReadings;
use Dinghy\Metering\Suspects;
use Dinghy\Metering\UnmeasuredBlocks;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\LoadKind;
use Dinghy\Plan\Post;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Circuit;

/** What is measured at a step, and what must come: in the circuit as it is built by then. */
final class Probing
{
    /** V; strings further apart are charged first: joining them drives a current through both [common practice, no source] */
    private const APART = 0.2;

    /** V from which a gap is one that something stands across */
    private const STANDS = 1.0;

    private readonly RestReadings $rest;

    /** @param  array<string, float>  $rested  V by battery, as they were read after they were charged and had rested */
    public function __construct(private readonly SolvedBoat $boat, private readonly array $rested = [])
    {
        $this->rest = new RestReadings($boat, $rested);
    }

    /**
     * @param  HalfBuilt  $built  the circuit before the step
     * @return list<Measurement> in the order in which they are taken
     */
    public function of(Step $step, HalfBuilt $built): array
    {
        return match (true) {
            $step->metered instanceof GapRead => $this->gap($step, $built),
            $step->metered instanceof OhmsRead => $this->ohms($this->circuitOf($step), $built),
            $step->metered instanceof RestInside => ($atEnd = $this->rest->atEnd($this->circuitOf($step))) === null ? [] : [$atEnd],
            default => [],
        };
    }

    /**
     * What is measured at each step where they are done one after another.
     *
     * @param  list<Step>  $landed  before them
     * @param  list<Step>  $ahead
     * @return array<string, list<Measurement>> by step, of those that ask for any
     */
    public function along(array $landed, array $ahead): array
    {
        $built = $this->after($landed);
        $measurements = [];
        foreach ($ahead as $step) {
            $here = $this->of($step, $built);
            if ($here !== []) {
                $measurements[$step->id] = $here;
            }
            $built->land($step);
        }

        return $measurements;
    }

    /**
     * @param  list<Step>  $landed
     * @param  array<string, string>  $wrong  by step: node that it lands on by mistake
     */
    public function after(array $landed, array $wrong = []): HalfBuilt
    {
        $built = HalfBuilt::begun($this->boat)->resting($this->rested);
        foreach ($landed as $step) {
            $built->land($step, $wrong[$step->id] ?? null);
        }

        return $built;
    }

    /**
     * What the readings of a step mean, one after the other.
     *
     * @param  list<Step>  $landed  before it, in the order in which they were
     * @param  list<float>  $values  V or Ω, as of() has them; the first of them, where the others are not taken yet
     * @param  list<Reading>  $earlier  on this boat, with the same meter
     * @param  bool  $checked  whether the person has looked again, and nothing was read wrong
     * @return list<Judgement>|null null: they are more than the step asks for
     */
    public function judge(Step $step, array $landed, array $values, array $earlier, bool $checked): ?array
    {
        $measurements = $this->of($step, $this->after($landed));
        if (count($values) > count($measurements)) {
            return null;
        }
        $judgements = [];
        foreach ($values as $at => $value) {
            $of = $measurements[$at];
            $reading = new Reading($of, $value);
            $judgements[] = $step->kind === StepKind::Connect
                ? (new Judge($earlier, (new BlockSuspects($this->boat))->otherBanks($of->black->node === null ? null : $this->bankAt($of->black->node)[0]), fn (): Suspects => (new LandingSuspects($this->boat, $this))->at($step, $landed, $reading), $this->boat->words))->of($reading, $checked)
                : $this->rest->judge($reading, $earlier, $this->circuitOf($step), $checked);
            $earlier[] = $reading;
        }

        return $judgements;
    }

    /** @return list<Measurement> the gap, where the conductor's other end is landed, then the post itself */
    private function gap(Step $step, HalfBuilt $built): array
    {
        if ($step->node === null) {
            return [];
        }
        $post = $this->postRead($step->node, $built);
        $gap = $built->gapOf($step);
        if ($gap === null) {
            return $post === null ? [] : [$post];
        }
        $volts = $built->volts($gap->free, $gap->post);
        $off = HandMeter::offVolts($volts ?? 0.0) + ($volts === null ? HandMeter::STRAY : UnmeasuredBlocks::volts($built->network(), $this->unmeasured(), $gap->free, $gap->post));
        // Strings that rest apart are not joined, measured or not.
        $off = $volts !== null && abs($volts) < self::STANDS ? min(max($off, HandMeter::STRAY), self::APART) : $off;
        $across = new Measurement(
            'gap', MeterQuantity::Volts, 'across the gap', new Probe($gap->free, 'the free end'), new Probe($gap->post, $this->called($step->node)),
            $volts, ($volts ?? 0.0) - $off, ($volts ?? 0.0) + $off, $this->range(),
            $volts === null
                ? 'Something joins the two sides that nothing should join yet. Do not land it: its other end, or one before it, sits on a wrong post.'
                : (abs($volts) < self::STANDS ? 'The two sides are apart: joined, they drive a current through both. Charge the lower one first, or find what is landed wrong.' : 'What is landed so far is not what it should be. Do not land it.'),
        );

        return $post === null ? [$across] : [$across, $post];
    }

    /**
     * The post against the common negative of its bank, as far as something joins them; until then across its own block. The
     * common negative itself against the top of its bank.
     */
    private function postRead(string $node, HalfBuilt $built): ?Measurement
    {
        [$bank, $battery] = $this->bankAt($node);
        $pairs = [];
        if ($bank !== null) {
            $negative = $bank->negativePost()->name;
            $string = $bank->strings[0];
            $isCommon = $node === $negative || $battery === null;
            $pairs[] = $isCommon ? [$string[count($string) - 1]->plus()->name, $node] : [$node, $negative];
        }
        if ($battery !== null) {
            $pairs[] = [$battery->plus()->name, $battery->minus()->name];
        }
        foreach ($pairs as [$red, $black]) {
            $volts = $built->volts($red, $black);
            if ($volts === null || abs($volts) < self::STANDS) {
                continue;
            }
            $off = HandMeter::offVolts($volts) + UnmeasuredBlocks::volts($built->network(), $this->unmeasured(), $red, $black);

            return new Measurement(
                'post', MeterQuantity::Volts, 'at the post', new Probe($red, $this->called($red)), new Probe($black, $this->called($black)), $volts, $volts - $off, $volts + $off, $this->range(),
                'This is not the post that it should be, or what is landed below it is not: count the blocks again from the common negative.',
            );
        }

        return null;
    }

    /** @return list<Measurement> plus to minus, and plus to a metal hull */
    private function ohms(Circuit $circuit, HalfBuilt $built): array
    {
        [$plus, $minus] = RestReadings::ends($circuit);
        $end = RestReadings::endWords($this->boat, $circuit);
        if ($plus === null || $minus === null) {
            return [];
        }
        $known = $built->ohms($plus->name, $minus->name);
        $off = $known === null ? 0.0 : HandMeter::offOhms($known);
        $measurements = [new Measurement(
            'plus-minus', MeterQuantity::Ohms, 'plus to minus', new Probe($plus->name, "the plus end at {$end}"), new Probe($minus->name, "the minus end at {$end}"),
            $known, $known === null ? ($this->hasConverter($circuit) ? HandMeter::OPEN_WITH_CONVERTER : HandMeter::OPEN) : max(0.0, $known - $off), $known === null ? INF : $known + $off, MeterRange::Ohms20k, $this->connected($circuit),
        )];
        if ($this->boat->plan->boat->hull?->isMetal() === true) {
            $measurements[] = new Measurement(
                'plus-hull', MeterQuantity::Ohms, 'plus to the hull', new Probe($plus->name, "the plus end at {$end}"), new Probe(null, 'bare metal of the hull'),
                null, HandMeter::OPEN, INF, MeterRange::Ohms20k, 'Somewhere plus touches the hull: look where the wire passes through metal, and under each screw near it.',
            );
        }

        return $measurements;
    }

    /** Whether a converter that cannot be unplugged stands across where a circuit ends. */
    private function hasConverter(Circuit $circuit): bool
    {
        foreach ($this->boat->plan->chargers as $charger) {
            foreach ($charger->blockOutputs() as $output) {
                if ($output->block === $circuit->block && $circuit->block !== null) {
                    return true;
                }
            }
        }

        return false;
    }

    /** What a resistance means that should not be there. */
    private function connected(Circuit $circuit): string
    {
        $pluggedIn = [];
        foreach ($circuit->behind as $device) {
            if ($device->load === LoadKind::Resistance && $device->sizingAmps() > 0 && $circuit->nominalVolts !== null) {
                $pluggedIn[] = "{$device->label()} reads about ".Ohms::written($circuit->nominalVolts / $device->sizingAmps());
            }
        }

        return 'Something joins them: what is still plugged in'.($pluggedIn === [] ? '' : ' ('.implode(', ', $pluggedIn).')').', a strand across two terminals, or a screw through the wire. Electronics begin low and climb while they fill: wait until it stands.';
    }

    private function circuitOf(Step $step): Circuit
    {
        return $this->boat->runs[explode(':', $step->on[0], 2)[1]]->circuit ?? throw new \LogicException("{$step->id} is about a circuit.");
    }

    /** @return array{Bank|null, Battery|null} whose post a node is */
    private function bankAt(string $node): array
    {
        $battery = $this->boat->plan->batteries[substr($node, 0, -1)] ?? null;
        if ($battery !== null) {
            return [$this->boat->plan->bankOf($battery->id), $battery];
        }

        return [$this->boat->plan->banks[explode(':', $node)[0]] ?? null, null];
    }

    /** A post of the boat as a person calls it. */
    private function called(string $node): string
    {
        [$bank, $battery] = $this->bankAt($node);

        return match (true) {
            $battery !== null => $this->boat->post(Post::named($node)),
            $bank !== null => $this->boat->post(Post::shunt($bank->id)),
            default => $node,
        };
    }

    /** One range for a whole boat: whatever stands at its highest bank may stand at a wrong post. */
    private function range(): MeterRange
    {
        return MeterRange::forVolts(max(0.0, ...array_map(static fn (Bank $bank): float => 1.2 * $bank->nominalVolts(), array_values($this->boat->plan->banks))));
    }

    /** @return list<string> batteries that nobody has measured */
    private function unmeasured(): array
    {
        return RestReadings::unmeasured($this->boat, $this->rested);
    }
}
