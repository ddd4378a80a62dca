<?php

declare(strict_types=1);

namespace App\Areas\Day;

use Dinghy\Area\Power\Rule\ShuntBypassed;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Monitor\MonitorSetup;
use Dinghy\Plan\Bank;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Rule\Finding;

/** What the monitor of each bank is to be told, and what passes it by. */
final class MonitorAnswer
{
    /** @return list<array<string, mixed>> */
    public static function of(Evaluation $evaluation): array
    {
        return array_values(array_map(static function (Bank $bank) use ($evaluation): array {
            $setup = MonitorSetup::of($bank, $evaluation->boat->plan->houseRules);

            return [
                'bank' => $bank->id,
                'shunt_a' => $bank->shunt?->amps,
                'shunt_set_ah' => $bank->shunt?->capacitySet,
                'blocks' => count($bank->strings[0]),
                'strings' => count($bank->strings),
                'capacity_ah' => $setup->capacity,
                'charged_v' => $setup->charged,
                'tail_a' => $setup->tail,
                'peukert' => $setup->peukert,
                'efficiency' => $setup->efficiency,
                'alarm' => $setup->alarm,
                'alarm_v' => $setup->alarmVolts,
                'passes_by' => self::passesBy($evaluation, $bank),
            ];
        }, $evaluation->boat->plan->banks));
    }

    /** @return list<string> */
    private static function passesBy(Evaluation $evaluation, Bank $bank): array
    {
        $plan = $evaluation->boat->plan;
        $shunt = new ShuntBypassed;
        $here = static function (Finding $finding) use ($plan, $bank): bool {
            [$kind, $id] = [...explode(':', $finding->on, 2), ''];

            return match ($kind) {
                'bank' => $id === $bank->id,
                'feed' => ($plan->feeds[$id] ?? null)?->supply->bank->id === $bank->id,
                'charger' => array_filter(($plan->chargers[$id] ?? null)->outputs ?? [], static fn (ChargerOutput $output): bool => $output->isOn($bank)) !== [],
                default => false,
            };
        };

        return array_values(array_map(
            static fn (Finding $finding): string => $finding->says,
            array_filter($evaluation->findings, static fn (Finding $finding): bool => $finding->rule->isOf($shunt) && $here($finding)),
        ));
    }
}
