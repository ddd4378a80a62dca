<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Conductor\Metal;
use Dinghy\File\Patch;
use Dinghy\Plan\WireKind;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class WrongWire implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W04', [Level::Stop, Level::Warn], 'aluminium, copper-clad or solid wire: a stop; building wire, booster lead or untinned copper: a decision',
            'aluminium resists more, melts sooner and its oxide insulates; solid wire breaks with vibration; untinned copper rots', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->circuits() as $run) {
            $circuit = $run->circuit;
            if ($circuit === null) {
                continue;
            }
            $stop = match (true) {
                $run->metal === Metal::Aluminium || $run->metal === Metal::CopperCladAluminium => $run->metal->label(),
                $circuit->run->wire === WireKind::Solid => $circuit->run->wire->label(),
                default => null,
            };
            $warn = match (true) {
                $circuit->run->wire !== WireKind::Marine => $circuit->run->wire->label(),
                $run->metal === Metal::Copper => 'untinned copper',
                default => null,
            };
            $what = $stop ?? $warn;
            if ($what !== null) {
                yield new Finding($this->text(), $stop !== null ? Level::Stop : Level::Warn, $circuit->on(), "{$circuit->label} is {$what}"
                    .($run->metal->relativeToCopper() > 1 ? ': '.QuantityFormatter::trim(
                        $run->metal->relativeToCopper(),
                        2,
                    ).' times the resistance of copper.' : '.'),
                    'Run fully tinned, fine-stranded marine wire.', Patch::set(
                        $circuit->on(),
                        ['run.metal' => Metal::TinnedCopper->value, 'run.wire' => WireKind::Marine->value],
                    ),
                    ['relative_resistance' => $run->metal->relativeToCopper()]);
            }
        }
    }
}
