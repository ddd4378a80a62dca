<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Figure;

use Dinghy\Network\LaidCable;
use Dinghy\Plan\HoleUse;
use Dinghy\Solving\SolvedBoat;

/** A moulded plug at a hole for cables on its way. */
final readonly class PlugAtHole
{
    /** mm that a hole is wider than the plug that goes through it [common practice, no source] */
    private const PLAY = 1.0;

    private function __construct(
        public string $hole,
        public string $on,
        public float $diameter,
        public float $plug,
    ) {
    }

    public function passes(): bool
    {
        return $this->plug + self::PLAY <= $this->diameter;
    }

    /** @return float mm: the hole that it asks for */
    public function needed(): float
    {
        return ceil($this->plug + self::PLAY);
    }

    /** @return list<self> plugs that are measured, at holes whose place is known */
    public static function allOf(SolvedBoat $boat, SonarFigures $figures): array
    {
        $at = [];
        foreach (LaidCable::allOf($boat->plan, $figures->network) as $cable) {
            $plug = $cable->moulded->plug;
            foreach ($boat->plan->holes as $hole) {
                if ($plug !== null && $hole->use === HoleUse::Cable && in_array($hole->station, $cable->stations(), true)) {
                    $at[] = new self($hole->id, $cable->on, $hole->diameter, $plug);
                }
            }
        }

        return $at;
    }
}
