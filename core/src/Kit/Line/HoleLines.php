<?php

declare(strict_types=1);

namespace Dinghy\Kit\Line;

use Dinghy\Plan\Hole;
use Dinghy\Plan\HoleMaterial;
use Dinghy\Plan\HoleUse;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;

/** What goes into holes that are drilled: screws and bolts of boards and mounts, and what seals them. Common practice, no source. */
final class HoleLines
{
    /** mm, the widest hole that a screw holds in */
    private const SCREW = 8.0;

    /** ml in a cartridge */
    private const CARTRIDGE = 290.0;

    /** @return list<KitLine> */
    public static function of(Plan $plan): array
    {
        $tray = new Tray('Holes and boards');
        $millilitres = $sealed = $insulated = [];
        foreach ($plan->holes as $hole) {
            $on = "hole:{$hole->id}";
            $fastener = match ($hole->use) {
                HoleUse::Screw => 'Stainless screw for a ',
                HoleUse::Bolt => 'Stainless bolt, two washers and a locking nut for a ',
                default => null,
            };
            if ($fastener !== null) {
                $tray->pieces($fastener.QuantityFormatter::trim($hole->diameter, 1).' mm hole', 1, $on);
                $hole->material === HoleMaterial::Aluminium && $insulated[] = $on;
            }
            foreach (self::sealants($hole) as $sealant => $volume) {
                $millilitres[$sealant] = ($millilitres[$sealant] ?? 0.0) + $volume;
                $sealed[$sealant][] = $on;
            }
        }
        $tray->pieces('Insulating paste for stainless in aluminium', $insulated === [] ? 0 : 1, ...$insulated);
        foreach ($millilitres as $sealant => $volume) {
            $tray->pieces($sealant, (int) ceil($volume / self::CARTRIDGE), ...$sealed[$sealant]);
        }
        foreach ($plan->boards as $board) {
            foreach ($board->parts as $part) {
                foreach ($part->holes as $hole) {
                    // A larger one is what the part itself goes through.
                    $hole['diameter'] > self::SCREW || $tray->pieces('Stainless screw for a '.QuantityFormatter::trim($hole['diameter'], 1).' mm hole', 1, "board:{$board->id}");
                }
            }
        }

        return $tray->lines();
    }

    /** @return array<string, float> ml by what seals it: a bead as thick as it is wide, around the rim */
    private static function sealants(Hole $hole): array
    {
        $bead = M_PI * $hole->diameter * 25.0 / 1000;

        return [
            $hole->belowWater ? 'Polyurethane sealant, below the waterline, 290 ml' : 'Bedding sealant, above the waterline, 290 ml' => 2 * $bead,
            ...(in_array($hole->material, [HoleMaterial::Cored, HoleMaterial::Wood], true) ? ['Epoxy, thickened, to close the core, 290 ml' => 4 * $bead] : []),
        ];
    }
}
