<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Network\DataNetwork;
use Dinghy\Network\TerminalBlock;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\Lead;
use Dinghy\Sonar\Signal;
use Dinghy\Sonar\Transducer;
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
            $transducer = self::wiredTo($figures, $block);
            if ($block->wired === [] || $transducer === null) {
                continue;
            }
            if ($transducer->leads === []) {
                yield new Unchecked($this->text(), "transducer:{$transducer->id}", 'wires');

                continue;
            }
            foreach ($block->wired as ['pin' => $pin, 'colour' => $colour]) {
                $leads = $transducer->leadsOf($colour);
                $carries = $block->pins[$pin];
                $signals = array_map(static fn (Lead $lead): Signal => $lead->carries, $leads);
                if (! in_array($carries, $signals, true)) {
                    yield new Finding($this->text(), Level::Stop, "terminal-block:{$block->id}",
                        ucfirst("{$block->label()}: pin {$pin} carries {$carries->label()}, and the {$colour} wire landed on it ").($signals === [] ? 'is none of '.$transducer->label().'.' : "carries {$signals[0]->label()}.").self::danger($carries, $signals[0] ?? Signal::None),
                        'Land each wire on the pin that carries the same, and insulate singly what is left over.',
                        Patch::set("terminal-block:{$block->id}", ['wired' => self::right($block, $transducer)]), ['pin' => (float) $pin]);
                }
            }
        }
    }

    /** The transducer whose wires are landed on it; null: none of the boat ends in what it takes. */
    private static function wiredTo(SonarFigures $figures, TerminalBlock $block): ?Transducer
    {
        $network = $figures->network;
        foreach ($network->transducers as $transducer) {
            if (in_array($block->id, $figures->chains->chainOf($transducer)?->ids() ?? $transducer->via ?? [], true)) {
                return $transducer;
            }
        }

        return self::firstOf($network, $block->from());
    }

    private static function firstOf(DataNetwork $network, string $plug): ?Transducer
    {
        foreach ($network->transducers as $transducer) {
            if ($transducer->plug === $plug) {
                return $transducer;
            }
        }

        return null;
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

    /** @return list<\stdClass> every pin that a wire carries the same as, with that wire */
    private static function right(TerminalBlock $block, Transducer $transducer): array
    {
        $wired = [];
        $left = $transducer->leads;
        foreach ($block->pins as $pin => $signal) {
            foreach ($left as $at => $lead) {
                if ($signal !== Signal::None && $lead->carries === $signal) {
                    $wired[] = (object) ['pin' => $pin, 'colour' => $lead->colour];
                    unset($left[$at]);

                    break;
                }
            }
        }

        return $wired;
    }
}
