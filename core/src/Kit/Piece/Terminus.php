<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

use Dinghy\Conductor\Gauge;
use Dinghy\Plan\Connector;
use Dinghy\Plan\StudSize;

/** Where a wire ends: a post, a fuse, a block, a lead, and what it takes to land there. */
final readonly class Terminus
{
    /**
     * @param  string  $name  as the plan file knows it: "b3+", "bow-motor/fuse1"
     * @param  string  $words  as people do
     * @param  string|null  $part  that it is a place of, as "block:bow-block"; null: of its own wire, as a fuse in it
     * @param  string|null  $stud  that a ring goes over; null: nobody has said, or no ring lands
     * @param  PlanField|null  $asked  that would say it; null: no ring lands
     * @param  string|null  $hole  that the plan has given the ring; null: bought to suit the stud
     * @param  PlanField|null  $given  that says so; null: no ring lands
     * @param  Gauge|null  $lead  that it is joined to; null: it is not
     * @param  Connector|null  $connector  that joins it; null: bought to suit both
     */
    private function __construct(
        public string $name,
        public string $words,
        public ?string $part,
        public EndKind $kind,
        public ?string $stud = null,
        public ?PlanField $asked = null,
        public ?string $hole = null,
        public ?PlanField $given = null,
        public ?Gauge $lead = null,
        public ?Connector $connector = null,
    ) {
    }

    public static function ring(string $name, string $words, ?string $part, ?string $stud, PlanField $asked, ?string $hole, PlanField $given): self
    {
        return new self($name, $words, $part, EndKind::Ring, $stud, $asked, $hole, $given);
    }

    public static function spade(string $name, string $words, string $part): self
    {
        return new self($name, $words, $part, EndKind::Spade);
    }

    /** The wire goes on as another of its gauge, as that of a fuse holder. */
    public static function spliced(string $name, string $words): self
    {
        return new self($name, $words, null, EndKind::Butt);
    }

    /** A factory lead. */
    public static function lead(string $name, string $words, string $part, Gauge $wire, Gauge $lead, ?Connector $connector): self
    {
        return new self($name, $words, $part, $wire->name === $lead->name ? EndKind::Butt : EndKind::StepDown, lead: $lead, connector: $connector);
    }

    public static function bare(string $name, string $words, string $part): self
    {
        return new self($name, $words, $part, EndKind::None);
    }

    /** The hole of the ring: as given, else as the stud asks; null: not known. */
    public function bore(): ?string
    {
        return $this->hole ?? $this->stud;
    }

    /** Whether the ring that the plan has goes over the stud, as far as both are known. */
    public function suits(): bool
    {
        return $this->hole === null || $this->stud === null || StudSize::suits($this->hole, $this->stud);
    }
}
