<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\Band;
use Dinghy\Sonar\Transducer;
use Dinghy\Source\SourceKind;

final readonly class SonarsDisturb extends SonarRule
{
    public function text(): RuleText
    {
        return new RuleText('N03', [Level::Warn], 'two sonars that can be on together sound on the same frequencies',
            'they draw on each other\'s picture', 'computed from the plan', SourceKind::CommonPractice);
    }

    protected function judge(SolvedBoat $solved, SonarFigures $figures): iterable
    {
        // One box sounds with its transducers in turn; what is plugged in nowhere is silent.
        $on = array_values(array_filter(
            $figures->network->transducers,
            static fn (Transducer $transducer): bool => $transducer->device !== null,
        ));
        foreach ($on as $i => $one) {
            $others = array_filter($on, static fn (Transducer $other): bool => $other->device !== $one->device);
            if ($others !== [] && $one->bands === []) {
                yield new Unchecked($this->text(), "transducer:{$one->id}", 'bands_khz');
            }
            foreach (array_slice($on, $i + 1) as $other) {
                if ($one->device === $other->device || ! $one->disturbs($other)) {
                    continue;
                }
                $shared = $one->sharedBands($other)[0];
                yield new Finding($this->text(), Level::Warn, "transducer:{$one->id}",
                    ucfirst("{$one->label()} and {$other->label()} both sound on ".self::kilohertz($shared).', and can be on together.'),
                    'Have one of them on another channel, or off while the other is on.',
                    static fn (): iterable => self::apart($one, $other),
                    ['low_khz' => $shared->low, 'high_khz' => $shared->high]);
            }
        }
    }

    /** @return iterable<Remedy> */
    private static function apart(Transducer $one, Transducer $other): iterable
    {
        foreach ([[$one, $other], [$other, $one]] as [$changes, $stays]) {
            $free = array_values(array_filter(
                $changes->bands,
                static fn (Band $band): bool => array_filter($stays->bands, $band->overlaps(...)) === [],
            ));
            if ($free !== []) {
                yield new Remedy(
                    "Keep {$changes->label()} to ".implode(' and ', array_map(self::kilohertz(...), $free)).'.',
                    Patch::set("transducer:{$changes->id}", [
                        'bands_khz' => array_map(static fn (Band $band): array => [$band->low, $band->high], $free),
                    ]),
                );
            }
        }
        yield new Remedy(
            "Keep {$one->label()} off while {$other->label()} is on.",
            Patch::set("transducer:{$one->id}", ['not_with' => [...$one->notWith, $other->id]]),
        );
    }

    private static function kilohertz(Band $band): string
    {
        $low = QuantityFormatter::trim($band->low, 1);

        return $band->low === $band->high ? "{$low} kHz" : "{$low} to ".QuantityFormatter::trim($band->high, 1).' kHz';
    }
}
