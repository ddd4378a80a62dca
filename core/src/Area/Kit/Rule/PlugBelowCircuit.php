<?php

declare(strict_types=1);

namespace Dinghy\Area\Kit\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class PlugBelowCircuit implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W16', [Level::Stop], 'a plug and socket rated below the circuit\'s amps or volts, or whose polarity is neither fixed nor marked',
            'it melts, or it is joined the wrong way round', 'the part\'s own sheet', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->circuits() as $run) {
            $plug = $run->circuit === null ? null : $run->circuit->run->plug;
            if ($run->circuit === null || $plug === null) {
                continue;
            }
            $words = $solved->words;
            $volts = $solved->pathThrough($run)?->highestVolts() ?? $run->nominalVolts ?? 0.0;
            $wrong = array_filter([
                $plug->amps < $run->amps ? "made for {$words->amps($plug->amps)}, the circuit carries {$words->amps($run->amps)}" : null,
                $plug->maxVolts < $volts ? "made for {$words->volts($plug->maxVolts)}, the circuit reaches {$words->volts($volts)}" : null,
                $plug->keyed ? null : 'its polarity is neither fixed nor marked',
            ]);
            if ($wrong !== []) {
                yield new Finding($this->text(), Level::Stop, $run->circuit->on(), "The plug in {$run->circuit->label}: ".implode('; ', $wrong).'.',
                    'Fit one rated above the circuit that goes together one way only.',
                    Patch::set(
                        $run->circuit->on(),
                        ['run.plug' => (object) [
                            'rating_a' => max($plug->amps, ceil($run->peakAmps)),
                            'max_v' => max($plug->maxVolts, ceil($volts)),
                            'keyed' => true,
                        ]],
                    ),
                    ['rating_a' => $plug->amps, 'current_a' => $run->amps]);
            }
        }
    }
}
