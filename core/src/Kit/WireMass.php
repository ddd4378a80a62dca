<?php

declare(strict_types=1);

namespace Dinghy\Kit;

use Dinghy\Conductor\CopperMass;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\OutsideDiameter;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Kit\Piece\WireStock;
use Dinghy\Source\Formula;

/** What wire weighs: its conductors, and with insulation and jacket. */
final readonly class WireMass
{
    /** kg/m³ of soft PVC [common practice, working estimate] */
    private const INSULATION = 1350.0;

    /** kg/m³ of aluminium [pub IEC 60889, from memory]; clad with 15 % copper by volume */
    private const ALUMINIUM = 2703.0;

    private const CLAD = 0.15;

    /**
     * @param  float  $copper  kg
     * @param  float  $whole  kg
     */
    private function __construct(public float $copper, public float $whole)
    {
    }

    /** @param  list<Piece>  $pieces */
    public static function of(array $pieces): self
    {
        $copper = $whole = 0.0;
        foreach ($pieces as $piece) {
            $metres = $piece->cut ?? 0.0;
            $stock = $piece->stock;
            $solid = CopperMass::ofConductor($stock->gauge, $metres * $stock->conductors());
            $share = match ($stock->metal) {
                Metal::CopperCladAluminium => self::CLAD,
                Metal::Aluminium => 0.0,
                default => 1.0,
            };
            $copper += $share * $solid;
            $whole += $share * $solid + (1 - $share) * $solid * self::ALUMINIUM / CopperMass::DENSITY + self::INSULATION * self::plastic($stock) * $metres;
        }

        return new self($copper, $whole);
    }

    public static function formula(): Formula
    {
        return Formula::ofPractice(CopperMass::formula()->says.' for one conductor half of it; insulation to the outside diameter, '.(self::INSULATION / 1000).' kg/dm³', 'outside diameters from memory, insulation a working estimate');
    }

    /** m² of insulation and jacket across the wire: a pair lies flat in an oval jacket */
    private static function plastic(WireStock $stock): float
    {
        $single = OutsideDiameter::single($stock->gauge);
        $round = M_PI / 4 * $single ** 2;
        $copper = $stock->conductors() * $stock->gauge->areaMm2;
        if (! $stock->pair) {
            return ($round - $copper) * 1e-6;
        }
        $height = OutsideDiameter::pair($stock->gauge) - $single;

        return (M_PI / 4 * $height ** 2 + $single * $height - $copper) * 1e-6;
    }
}
