<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Patch;
use Dinghy\Wiring\MakersTable;

final readonly class ThinnerThanMakersTable implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W03', [Level::Warn], 'thinner than the device maker\'s own table for that length',
            'its maker knows what it draws when it starts', 'the device\'s own sheet', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->circuits() as $run) {
            $device = count($run->circuit->behind ?? []) === 1 ? $run->circuit->behind[0] ?? null : null;
            if ($run->circuit === null || $device === null || $device->longestRuns === []) {
                continue;
            }
            if ($run->length === null) {
                yield new Unchecked('W03', $run->circuit->on(), 'run.length_m');

                continue;
            }
            $asked = MakersTable::gauge($device, $run->length);
            if ($asked === null || $run->gauge->isThinnerThan($asked)) {
                yield new Finding($this->text(), Level::Warn, $run->circuit->on(),
                    "{$run->circuit->label}: {$assessment->words->length($run->length)} of {$run->gauge}; the maker of {$device->label()} ".($asked === null ? 'has no gauge for so long a run.' : "asks for {$asked}."),
                    $asked === null ? 'Shorten the run, or ask its maker.' : "Run {$asked}.",
                    $asked === null ? null : Patch::set($run->circuit->on(), ['run.gauge' => $asked->name]), ['length_m' => $run->length]);
            }
        }
    }
}
