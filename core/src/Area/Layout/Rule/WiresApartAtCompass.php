<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class WiresApartAtCompass implements Rule
{
    /** m that the two wires of a circuit on different ways keep from a compass */
    public const APART = 1.0;

    public function text(): RuleText
    {
        return new RuleText('W15', [Level::Warn], 'the two wires of one circuit lie on different routes within 1 m of a compass or heading sensor',
            'the loop between them is a magnet', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $boat = $solved->plan->boat;
        foreach ($solved->circuits() as $run) {
            $plus = $run->circuit?->route;
            $minus = $run->circuit?->minusRoute;
            if ($run->circuit === null || $plus === null || $minus === null || $minus->ways == $plus->ways) {
                continue;
            }
            foreach ($solved->sensors() as $name => $spot) {
                $nearest = min($plus->distanceTo($boat, $spot), $minus->distanceTo($boat, $spot));
                if ($nearest >= self::APART) {
                    continue;
                }
                yield new Finding($this->text(), Level::Warn, $run->circuit->on(),
                    "Plus and minus of {$run->circuit->label} lie on different ways, {$solved->words->length($nearest)} from {$name}.",
                    'Lead both the same way, side by side or twisted.', Patch::of(
                        [['on' => $run->circuit->on(), 'unset' => ['run.minus_route']]],
                    ), [
                        'distance_m' => $nearest,
                        'limit_m' => self::APART,
                    ]);

                break;
            }
        }
    }
}
