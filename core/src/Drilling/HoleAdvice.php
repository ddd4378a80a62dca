<?php

declare(strict_types=1);

namespace Dinghy\Drilling;

use Dinghy\Plan\Hole;
use Dinghy\Plan\HoleMaterial;
use Dinghy\Plan\HoleUse;

/** How a hole is drilled and sealed: common practice, no source. */
final class HoleAdvice
{
    /** mm from which on a hole saw is used */
    private const SAW = 13.0;

    public static function drill(Hole $hole): string
    {
        $with = match (true) {
            $hole->diameter >= self::SAW => 'hole saw',
            $hole->material === HoleMaterial::Wood => 'wood bit',
            default => 'sharp twist drill',
        };

        return match ($hole->material) {
            HoleMaterial::Fibreglass, HoleMaterial::Cored => ucfirst($with).'; tape over the place, run backwards through the gelcoat first, chamfer the edge. '
                .($hole->use === HoleUse::Screw ? 'Drive the screw slowly, the last turns by hand: a crunch means it strips.' : ''),
            HoleMaterial::Aluminium => ucfirst($with).', slowly with cutting oil; deburr. '.($hole->use === HoleUse::Screw || $hole->use === HoleUse::Bolt ? 'Anti-seize on stainless into aluminium.' : 'A grommet in the edge.'),
            HoleMaterial::Plastic => ucfirst($with).', slowly, backed by a block; never force it.',
            HoleMaterial::Wood => ucfirst($with).', backed by a block.',
        };
    }

    public static function sealant(Hole $hole): string
    {
        $core = $hole->material === HoleMaterial::Cored
            ? 'Clear the core around it and fill with thickened epoxy, then drill again. '
            : '';

        return $core.match (true) {
            $hole->belowWater => 'Polyurethane made for use below water; never silicone.',
            $hole->use === HoleUse::Cable => 'A cable gland or clam cover on butyl tape or polyether sealant.',
            $hole->material === HoleMaterial::Plastic => 'Butyl tape or polyether: polyurethane and polysulphide attack some plastics.',
            default => 'Polyether or polyurethane sealant in the hole and under the part.',
        };
    }
}
