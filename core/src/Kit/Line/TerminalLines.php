<?php

declare(strict_types=1);

namespace Dinghy\Kit\Line;

use Dinghy\Kit\Piece\End;
use Dinghy\Kit\Piece\EndKind;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Plan\JointStyle;
use Dinghy\Quantity\QuantityFormatter;

/** Terminals by gauge and stud, joints by both gauges, the sleeves over them. */
final class TerminalLines
{
    /** m of solder that a joint takes [common practice, working estimate] */
    private const SOLDER = 0.05;

    /**
     * @param  list<Piece>  $pieces
     * @return list<KitLine>
     */
    public static function of(array $pieces, JointStyle $joint): array
    {
        [$terminals, $sleeves] = [new Tray('Terminals'), new Tray('Shrink and labels')];
        foreach ($pieces as $piece) {
            foreach ($piece->ends as $end) {
                if (! $end->isMade()) {
                    continue;
                }
                $terminals->pieces(self::item($end), 1, $piece->id);
                $sleeve = $end->sleeve();
                if ($end->needsSleeve()) {
                    $sleeves->pieces($sleeve === null ? 'Adhesive heat-shrink: no one size does it' : "Adhesive heat-shrink {$sleeve}", 1, $piece->id);
                }
                if ($joint === JointStyle::CrimpSolder) {
                    $sleeves->metres('Solder, rosin core', self::SOLDER, $piece->id);
                }
            }
            $sleeves->pieces('Label', $piece->isWire() ? 2 : 0, $piece->id);
        }

        return [...$terminals->lines(), ...$sleeves->lines()];
    }

    /** As it is looked for: "Ring terminal 10 AWG, hole #8", "Step-down butt 10 AWG to 16 AWG". */
    public static function item(End $end): string
    {
        $lead = $end->at->lead;
        $connector = $end->at->connector;
        $both = $lead === null ? (string) $end->gauge : "{$end->gauge} to {$lead}";

        return match (true) {
            $connector !== null => ucfirst($connector->label()),
            $end->isSplice() => "Mechanical splice {$both}",
            $end->at->kind === EndKind::Ring => ($end->hasOwnSleeve() ? 'Ring terminal ' : 'Lug ').$end->gauge.self::metric($end).', hole '.($end->at->bore() ?? 'not known'),
            $end->at->kind === EndKind::Spade => "Spade terminal {$end->gauge}",
            $end->at->kind === EndKind::StepDown => "Step-down butt {$both}",
            default => "Butt joint {$end->gauge}",
        };
    }

    private static function metric(End $end): string
    {
        $size = $end->lugForMm2();

        return $end->gauge->metric || $size === null ? '' : ' ('.QuantityFormatter::trim($size, 2).' mm²)';
    }
}
