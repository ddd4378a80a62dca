<?php

declare(strict_types=1);

namespace App\Metering;

use App\Models\Job;
use App\Models\LoadTest;
use Dinghy\Metering\MeteredPath;
use Dinghy\Metering\Passport;
use Dinghy\Metering\Stretch;
use Dinghy\Solving\SolvedBoat;

/** Every way of a boat that was tested under load: what it was, what it is, which stretch of it has changed. */
final class Passports
{
    /** @return list<array<string, mixed>> */
    public static function told(Job $job, SolvedBoat $boat): array
    {
        $told = [];
        $tests = $job->loadTests()->with('author')->get()->sortBy(static fn (LoadTest $test): array => [$test->taken_on->toDateString(), $test->id])->groupBy('circuit');
        foreach ($tests as $on => $ofPath) {
            $run = $boat->runs[explode(':', (string) $on, 2)[1] ?? ''] ?? null;
            $path = $run?->circuit?->on() === $on ? MeteredPath::to($boat, $run->circuit) : null;
            $all = array_values($ofPath->all());
            if ($all === []) {
                continue;
            }
            $passport = $path === null ? null : Passport::of($path, array_map(static fn (LoadTest $test): \Dinghy\Metering\LoadTest => $test->tested(), $all));
            $told[] = [
                'on' => (string) $on,
                'label' => $path->label ?? (string) $on,
                'says' => $passport?->says($boat->words) ?? 'The plan has no such way any more: what was read of it stays here.',
                'has_drifted' => $passport !== null && array_filter($passport->stretches, static fn (Stretch $one): bool => $one->drift() !== null) !== [],
                'stretches' => array_map(self::stretch(...), $passport->stretches ?? []),
                'tests' => array_map(static fn (LoadTest $test): array => ['id' => $test->id, 'day' => $test->taken_on->toDateString(), 'load' => $test->load_name, 'amps' => $test->amps, 'celsius' => $test->celsius, 'meter' => $test->meter, 'by' => $test->author->name], $all),
            ];
        }

        return $told;
    }

    /** @return array<string, mixed> */
    private static function stretch(Stretch $stretch): array
    {
        $milli = static fn (?float $ohms): ?float => $ohms === null ? null : 1000 * $ohms;
        $grown = $stretch->drift() ?? $stretch->excess();

        return [
            'from' => $stretch->from->says, 'to' => $stretch->to->says,
            'expected_mohm' => $milli($stretch->expected), 'baseline_mohm' => $milli($stretch->baseline), 'latest_mohm' => $milli($stretch->latest),
            'off_mohm' => $milli($stretch->off), 'drift_mohm' => $milli($stretch->drift()), 'excess_mohm' => $milli($stretch->excess()), 'shortfall_mohm' => $milli($stretch->shortfall()),
            'watts' => $grown === null ? null : $stretch->watts($grown),
        ];
    }
}
