<?php

declare(strict_types=1);

namespace Dinghy\Joint;

use Dinghy\Conductor\Gauge;
use Dinghy\Source\Formula;

/**
 * The barrel of a terminal: how deep the wire goes into it and how thick it is outside. Common practice, working estimates;
 * the part's own sheet prevails.
 */
final readonly class Barrel
{
    /** mm of copper that stay bare between barrel and insulation */
    private const BARE = 1.0;

    /** mm deep, up to so many mm² */
    private const DEPTHS = [[2.6, 6.0], [6.1, 7.0], [10.1, 10.0], [17.0, 12.0], [26.0, 14.0], [36.0, 16.0], [54.0, 18.0], [71.0, 20.0], [INF, 24.0]];

    /** mm deep of a butt joint from each end, to 6 mm² or 10 AWG */
    private const BUTT = 7.0;

    /** the bore of a barrel over the copper's own diameter: strands lie with air between them */
    private const LOOSE = 1.25;

    /** mm of wall, thin and thick */
    private const WALLS = [0.8, 1.3];

    /**
     * @param  float  $depth  mm
     * @param  float  $outside  mm across
     */
    private function __construct(public float $depth, public float $outside)
    {
    }

    /** Of a ring or spade terminal. */
    public static function ofLug(Gauge $gauge): self
    {
        foreach (self::DEPTHS as [$upTo, $depth]) {
            if ($gauge->areaMm2 <= $upTo) {
                return new self($depth, self::across($gauge));
            }
        }

        throw new \LogicException("The barrels end before {$gauge}.");
    }

    /** Of one end of a butt joint. */
    public static function ofButt(Gauge $gauge): self
    {
        return CrimpDie::isInsulated($gauge) ? new self(self::BUTT, self::across($gauge)) : self::ofLug($gauge);
    }

    /** mm to strip */
    public function strip(): float
    {
        return $this->depth + self::BARE;
    }

    public static function formula(): Formula
    {
        return Formula::ofPractice('depth of the barrel + '.self::BARE.' mm', 'barrels as they are usually made, a working estimate');
    }

    /** mm */
    private static function across(Gauge $gauge): float
    {
        return self::LOOSE * sqrt(4 * $gauge->areaMm2 / M_PI) + 2 * self::WALLS[CrimpDie::isInsulated($gauge) ? 0 : 1];
    }
}
