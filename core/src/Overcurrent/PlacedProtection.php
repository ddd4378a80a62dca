<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

use Dinghy\Plan\Bank;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Protection\FuseFamily;
use Dinghy\Wiring\SizedProtection;
use Dinghy\Wiring\SizedRun;

/**
 * A fuse or breaker where it sits: in a feed, a branch, on a string, in a jumper, a bond, a charger's or an
 * alternator's lead.
 */
final readonly class PlacedProtection
{
    /**
     * @param  Seat  $seat  what it sits in
     * @param  string  $on  its part, as "feed:house"
     * @param  string  $where  in words, after "on"
     * @param  SizedRun|null  $run  null: it sits in no run
     * @param  int  $index  its place from the source outward
     * @param  string  $field  the fields of a patch begin with this, as "protection.0."; '' for the fuse of a branch
     * @param  float|null  $asks  A that its load asks of it at least; null: not known
     * @param  float|null  $draws  A that flow through it for long, motors at their peak
     * @param  list<PlacedConductor>  $behind  up to the next protection
     * @param  list<Bank>  $banks  that can drive a current through it; none: nothing feeds it
     * @param  float|null  $highestVolts  V that its circuit reaches while charging; null: not known
     * @param  string|null  $station  where it sits
     * @param  string|null  $element  the resistor of the circuit that it is, from its source outward
     * @param  string|null  $return  the node that a short behind it closes to
     * @param  ChargerOutput|null  $output  whose lead it sits in; null: in no charger's
     */
    public function __construct(
        public Seat $seat,
        public string $on,
        public string $where,
        public SizedProtection $sized,
        public ?SizedRun $run,
        public int $index,
        public string $field,
        public ?float $asks,
        public ?float $draws,
        public array $behind,
        public array $banks,
        public ?float $highestVolts,
        public ?string $station,
        public ?string $element,
        public ?string $return,
        public ?ChargerOutput $output = null,
    ) {
    }

    public function rating(): float
    {
        return $this->sized->rating;
    }

    /**
     * @return float|null A: of the thinnest wire behind it before the next protection; null: none lies there, or none is known
     */
    public function ampacityBehind(): ?float
    {
        return $this->thinnest()?->ampacity;
    }

    /**
     * @return float A that the wire behind it bears: any where none lies there; a wire whose figure is not known bears none
     */
    public function bears(): float
    {
        return $this->ampacityBehind() ?? ($this->behind === [] ? INF : 0.0);
    }

    public function thinnest(): ?PlacedConductor
    {
        $thinnest = null;
        foreach ($this->behind as $conductor) {
            if ($conductor->ampacity !== null && ($thinnest === null || $conductor->ampacity < $thinnest->ampacity)) {
                $thinnest = $conductor;
            }
        }

        return $thinnest;
    }

    /** The field of a patch that holds its rating. */
    public function ratingField(): string
    {
        return $this->run?->ratingField($this->index) ?? "{$this->field}rating_a";
    }

    public function familyField(): string
    {
        return "{$this->field}family";
    }

    public function family(): FuseFamily
    {
        return $this->sized->planned->family;
    }

    /** Whether nothing protects between it and the far end. */
    public function isLast(): bool
    {
        return $this->run === null || $this->index === count($this->run->protection) - 1;
    }
}
