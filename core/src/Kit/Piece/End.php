<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\MetricSize;
use Dinghy\Conductor\OutsideDiameter;
use Dinghy\Joint\Barrel;
use Dinghy\Joint\CrimpDie;
use Dinghy\Joint\PullTest;
use Dinghy\Joint\Sleeve;
use Dinghy\Joint\StepDown;
use Dinghy\Plan\JointStyle;

/** One end of one conductor of a piece, as it is made on the bench. */
final readonly class End
{
    /**
     * @param  bool  $first  at the end that the piece begins with
     * @param  string  $side  "+" or "-"; '' where a wire joins both kinds
     */
    public function __construct(
        public Terminus $at,
        public Gauge $gauge,
        public bool $first,
        public string $side,
        private JointStyle $joint,
    ) {
    }

    public function isMade(): bool
    {
        return $this->at->kind !== EndKind::None;
    }

    public function isLug(): bool
    {
        return $this->at->kind === EndKind::Ring || $this->at->kind === EndKind::Spade;
    }

    /** The metric size whose lug takes it; null: no terminal is crimped on. */
    public function lugForMm2(): ?float
    {
        return $this->isMade() ? MetricSize::taking($this->gauge) : null;
    }

    /** mm of insulation to take off */
    public function strip(): float
    {
        return $this->barrel()->strip();
    }

    public function barrel(): Barrel
    {
        return $this->barrelOf($this->gauge);
    }

    /** What a sleeve must pass: of a joint the barrel of the thicker wire. */
    public function thickestBarrel(): Barrel
    {
        return $this->barrelOf($this->thinAndThick()[1]);
    }

    /** @return float mm over the insulation that a sleeve must seal on: of a joint that of the thinner wire */
    public function gripped(): float
    {
        return OutsideDiameter::single($this->thinAndThick()[0]);
    }

    /** What it is crimped with; null: it is not. */
    public function die(): ?string
    {
        return $this->isMade() && ! $this->isSplice() ? CrimpDie::of($this->gauge) : null;
    }

    /** N that it must bear for a minute; null: nothing is made, or it is thinner than the table begins. */
    public function pull(): ?float
    {
        return $this->isMade() ? PullTest::newtons($this->gauge) : null;
    }

    /** Whether the terminal is bought with its adhesive sleeve on, or needs none: a splice closes over its wires. */
    public function hasOwnSleeve(): bool
    {
        return $this->isSplice() || $this->joint !== JointStyle::CrimpSolder && CrimpDie::isInsulated($this->at->lead !== null && $this->gauge->isThinnerThan($this->at->lead) ? $this->at->lead : $this->gauge);
    }

    /** Whether a mechanical splice joins it, with screws. */
    public function isSplice(): bool
    {
        return $this->joint === JointStyle::Splice && ! $this->isLug();
    }

    /** The sleeve that goes on the wire before the terminal; null: none, or none that is sold does it. */
    public function sleeve(): ?Sleeve
    {
        return $this->needsSleeve() ? Sleeve::fitting($this->thickestBarrel()->outside, $this->gripped()) : null;
    }

    public function needsSleeve(): bool
    {
        return $this->isMade() && ! $this->hasOwnSleeve();
    }

    /** Whether one joint takes the wire and the lead that it is joined to. */
    public function isJoinable(): bool
    {
        return $this->at->lead === null || $this->at->connector !== null || $this->isSplice()
            || $this->at->kind === EndKind::Butt || StepDown::joins($this->gauge, $this->at->lead);
    }

    private function barrelOf(Gauge $gauge): Barrel
    {
        return $this->isLug() ? Barrel::ofLug($gauge) : Barrel::ofButt($gauge);
    }

    /** @return array{Gauge, Gauge} */
    private function thinAndThick(): array
    {
        $lead = $this->at->lead ?? $this->gauge;

        return $lead->isThinnerThan($this->gauge) ? [$lead, $this->gauge] : [$this->gauge, $lead];
    }
}
