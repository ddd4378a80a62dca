<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

/** A CAN instrument network: a trunk with tees, drops, terminators and the tap that powers it [pub NMEA 2000, mem]. */
final readonly class Backbone
{
    /** Ω of one terminator */
    public const TERMINATOR = 120.0;

    /**
     * @param  float  $length  m of trunk
     * @param  list<string>  $terminators  the end that each stands at: start, end
     * @param  list<PowerTap>  $taps
     * @param  list<BackboneNode>  $nodes
     * @param  float|null  $isolatedAt  m along the trunk, where an isolating tee parts its power; null: nothing does
     */
    private function __construct(
        public string $id,
        public TrunkCable $cable,
        public float $length,
        public array $terminators,
        public array $taps,
        public array $nodes,
        public ?float $isolatedAt,
    ) {
    }

    public static function of(Record $record): self
    {
        $cable = TrunkCable::from($record->text('cable'));

        return new self(
            $record->text('id'),
            $cable,
            $record->number('length_m'),
            $record->texts('terminators'),
            array_map(
                static fn (Record $tap): PowerTap => new PowerTap($tap->number('at_m'), $tap->numberOrNull('volts')),
                $record->records('power'),
            ),
            array_map(
                static fn (Record $node): BackboneNode => BackboneNode::of($node, $cable),
                $record->records('nodes'),
            ),
            $record->numberOrNull('isolated_at_m'),
        );
    }

    public function label(): string
    {
        return IdWords::the('backbone', $this->id);
    }

    /** Load units of all that hangs on it. */
    public function loadUnits(): float
    {
        return array_sum(array_map(static fn (BackboneNode $node): float => $node->loadUnits, $this->nodes));
    }

    /** m of all drops together */
    public function dropLength(): float
    {
        return array_sum(array_map(static fn (BackboneNode $node): float => $node->drop, $this->nodes));
    }

    public function longestDrop(): float
    {
        return max([0.0, ...array_map(static fn (BackboneNode $node): float => $node->drop, $this->nodes)]);
    }

    /** @return float|null Ω across the pair without power; null: there is no terminator */
    public function ohmsAcross(): ?float
    {
        return $this->terminators === [] ? null : self::TERMINATOR / count($this->terminators);
    }

    /**
     * Where it is best powered. To either side of a tap the volts fall with load units times metres; they fall least where both
     * sides lose the same, which is the middle of its load.
     *
     * @return float m along the trunk, to a millimetre; 0 where nothing draws
     */
    public function bestTap(): float
    {
        $units = $this->loadUnits();

        return $units === 0.0 ? 0.0 : round(array_sum(array_map(
            static fn (BackboneNode $node): float => $node->loadUnits * $node->at,
            $this->nodes,
        )) / $units, 3);
    }
}
