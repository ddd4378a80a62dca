<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\GapRead;
use Dinghy\Area\Rigging\Rule\OhmsRead;
use Dinghy\Area\Rigging\Rule\RestInside;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\Source;
use Dinghy\Circuit\State;
use Dinghy\Hull\HullKind;
use Dinghy\Metering\HandMeter;
use Dinghy\Metering\Judge;
use Dinghy\Metering\Judgement;
use Dinghy\Metering\Measurement;
use Dinghy\Metering\MeterQuantity;
use Dinghy\Metering\MeterRange;
use Dinghy\Metering\Ohms;
use Dinghy\Metering\Probe;
use Dinghy\Metering\Reading;
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

    private ?Network $rest = null;

    /** @param  array<string, float>  $rested  V by battery, as they were read after they were charged and had rested */
    public function __construct(private readonly SolvedBoat $boat, private readonly array $rested = [])
    {
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
            $step->metered instanceof RestInside => $this->rest($this->circuitOf($step)),
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
     * @param  list<float>  $values  V or Ω, as of() has them
     * @param  list<Reading>  $earlier  on this boat, with the same meter
     * @param  bool  $checked  whether the person has looked again, and nothing was read wrong
     * @return list<Judgement>|null null: they are not as many as the step asks for
     */
    public function judge(Step $step, array $landed, array $values, array $earlier, bool $checked): ?array
    {
        $measurements = $this->of($step, $this->after($landed));
        if (count($values) !== count($measurements)) {
            return null;
        }
        $judgements = [];
        foreach ($measurements as $at => $of) {
            $reading = new Reading($of, $values[$at]);
            $suspects = new WiringSuspects($this->boat, $this);
            $judge = new Judge($earlier, $this->otherBanks($of), fn (): Suspects => $step->kind === StepKind::Connect
                ? $suspects->whileBuilding($landed, $step, $reading)
                : $suspects->atRest($this->restNetwork(), $this->circuitOf($step), $reading), $this->boat->words);
            $judgements[] = $judge->of($reading, $checked);
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
        [$plus, $minus] = self::ends($circuit);
        if ($plus === null || $minus === null) {
            return [];
        }
        $known = $built->ohms($plus->name, $minus->name);
        $off = $known === null ? 0.0 : HandMeter::offOhms($known);
        $measurements = [new Measurement(
            'plus-minus', MeterQuantity::Ohms, 'plus to minus', new Probe($plus->name, "the plus end at {$this->endWords($circuit)}"), new Probe($minus->name, "the minus end at {$this->endWords($circuit)}"),
            $known, $known === null ? HandMeter::OPEN : max(0.0, $known - $off), $known === null ? INF : $known + $off, MeterRange::Ohms20k, $this->connected($circuit),
        )];
        if (in_array($this->boat->plan->boat->hull, [HullKind::Aluminium, HullKind::Pontoon], true)) {
            $measurements[] = new Measurement(
                'plus-hull', MeterQuantity::Ohms, 'plus to the hull', new Probe($plus->name, "the plus end at {$this->endWords($circuit)}"), new Probe(null, 'bare metal of the hull'),
                null, HandMeter::OPEN, INF, MeterRange::Ohms20k, 'Somewhere plus touches the hull: look where the wire passes through metal, and under each screw near it.',
            );
        }

        return $measurements;
    }

    /** @return list<Measurement> at the circuit's far end, with power on it and nothing drawn */
    private function rest(Circuit $circuit): array
    {
        [$plus, $minus] = self::ends($circuit);
        $network = $this->restNetwork();
        $volts = $plus === null || $minus === null ? null : $network->atRest()->between($plus->name, $minus->name);
        if ($plus === null || $minus === null || $volts === null) {
            return [];
        }
        $off = HandMeter::offVolts($volts) + UnmeasuredBlocks::volts($network, $this->unmeasured(), $plus->name, $minus->name);

        return [new Measurement(
            'rest', MeterQuantity::Volts, "at {$this->endWords($circuit)}", new Probe($plus->name, 'its plus pin'), new Probe($minus->name, 'its minus pin'), $volts, $volts - $off, $volts + $off, MeterRange::forVolts($volts),
            'Do not plug anything in. Read the same at the fuse, then at the bank: where it is still right, what is wrong lies behind.',
        )];
    }

    private function restNetwork(): Network
    {
        $network = $this->boat->states->network(State::Rest);

        return $this->rest ??= $this->rested === [] ? $network : $network->inState(array_map(fn (Source $source): Source => new Source($source->name, $source->plus, $source->minus, $this->rested[$source->name] ?? $source->volts, $source->ohms), $network->sources), []);
    }

    /** @return list<string> names of banks that black does not belong on */
    private function otherBanks(Measurement $of): array
    {
        $own = $of->black->node === null ? null : $this->bankAt($of->black->node)[0];

        return $own === null ? [] : array_values(array_map(static fn (Bank $bank): string => $bank->label(), array_filter($this->boat->plan->banks, static fn (Bank $bank): bool => $bank !== $own)));
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

    /** @return array{Post|null, Post|null} plus and minus where a circuit ends */
    private static function ends(Circuit $circuit): array
    {
        return match (true) {
            $circuit->device !== null => [$circuit->device->plus(), $circuit->device->minus()],
            $circuit->block !== null => [Post::plus($circuit->block), Post::minus($circuit->block)],
            default => [null, null],
        };
    }

    private function endWords(Circuit $circuit): string
    {
        return ($circuit->block === null ? null : $this->boat->plan->blocks[$circuit->block]->label()) ?? $circuit->device?->label() ?? $circuit->label;
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
        return array_values(array_map(static fn (Battery $one): string => $one->id, array_filter($this->boat->plan->batteries, fn (Battery $battery): bool => $battery->restedVolts === null && ! isset($this->rested[$battery->id]))));
    }
}
