<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Network\WiringSlip;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\Signal;
use Dinghy\Source\SourceKind;

final readonly class WrongPin extends SonarRule
{
    public function text(): RuleText
    {
        return new RuleText('N09', [Level::Stop], 'on a terminal block a wire is landed on a pin that carries something else: the main shield for the temperature shield, power on a signal pin, temperature and its return swapped',
            'it shows nothing, shows it wrong, or is destroyed', 'computed from the plan', SourceKind::CommonPractice);
    }

    protected function judge(SolvedBoat $solved, SonarFigures $figures): iterable
    {
        foreach ($figures->network->terminalBlocks as $block) {
            $slip = WiringSlip::of($block, $figures->network, $figures->chains);
            if ($block->wired === [] || $slip === null) {
                continue;
            }
            if ($slip->transducer->leads === []) {
                yield new Unchecked($this->text(), "transducer:{$slip->transducer->id}", 'wires');

                continue;
            }
            foreach ($slip->landings as $landing) {
                if ($landing->isRight() === false) {
                    yield new Finding($this->text(), Level::Stop, "terminal-block:{$block->id}",
                        ucfirst("{$block->label()}: pin {$landing->pin} carries {$landing->carries->label()}, and the {$landing->colour} wire landed on it ")
                            .($landing->lead === null ? "is none of {$slip->transducer->label()}." : "carries {$landing->lead->carries->label()}.")
                            .self::danger($landing->carries, $landing->lead->carries ?? Signal::None),
                        'Land each wire on the pin that carries the same, and insulate singly what is left over.',
                        Patch::set("terminal-block:{$block->id}", ['wired' => $slip->right()]), ['pin' => (float) $landing->pin]);
                }
            }
        }
    }

    private static function danger(Signal $pin, Signal $wire): string
    {
        return match (true) {
            $pin === Signal::SpeedPower || $wire === Signal::SpeedPower => ' Power on a signal destroys it.',
            $pin === Signal::Shield && $wire === Signal::TemperatureShield, $pin === Signal::TemperatureShield && $wire === Signal::Shield => ' The two shields are swapped.',
            $pin === Signal::Temperature && $wire === Signal::TemperatureReturn, $pin === Signal::TemperatureReturn && $wire === Signal::Temperature => ' Temperature and its return are swapped.',
            default => '',
        };
    }
}
