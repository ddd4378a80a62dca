<?php

declare(strict_types=1);

namespace App\WorkOrders;

use Dinghy\Area\Day\Fit\LogFit;
use Dinghy\Area\Day\Fit\PhaseFit;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\Patch;
use Dinghy\Monitor\LogColumn;
use Dinghy\Monitor\LogForm;
use Dinghy\Monitor\LogRefused;
use Dinghy\Monitor\LogTable;
use Dinghy\Monitor\MonitorLog;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\TripPhase;

/** A monitor's log as it was read, laid over the planned day of its bank, and the day fitted to it. Nothing of it is kept. */
final readonly class LogReading
{
    /** lines that are shown as they stand */
    private const SHOWN = 4;

    /** points of a line, at the most */
    private const POINTS = 240;

    private MonitorLog $log;

    private LogForm $form;

    private float $begins;

    /**
     * @param  LogForm|null  $form  null: as the log itself suggests
     * @param  float|null  $begins  min from the day's start at which it begins; null: as its clock says
     *
     * @throws LogRefused
     */
    public function __construct(private Evaluation $evaluation, private Bank $bank, private LogTable $table, ?LogForm $form, ?float $begins)
    {
        $this->form = $form ?? LogForm::guessed($table);
        $this->log = MonitorLog::of($table, $this->form);
        $this->begins = $begins ?? $this->byItsClock();
    }

    /** @return array<string, mixed> */
    public function answer(): array
    {
        $log = $this->log;
        $volts = array_filter($log->volts, static fn (?float $one): bool => $one !== null);

        return [
            'bank' => $this->bank->id,
            'heads' => $this->table->heads,
            'rows' => array_slice($this->table->rows, 0, self::SHOWN),
            'columns' => array_map(fn (LogColumn $column): array => [
                'column' => $column->value, 'label' => $column->label(), 'number' => $this->form->columns[$column->value] ?? null,
            ], LogColumn::cases()),
            'out_is_plus' => $log->outIsPlus,
            'has_zone' => $log->hasZone,
            'zone_h' => $this->form->zone,
            'readings' => count($log->minutes),
            'minutes' => $log->minutes[count($log->minutes) - 1],
            'starts_min' => $log->startsAt,
            'begins_min' => $this->begins,
            'skipped' => $log->skipped,
            'first_skipped' => $log->firstSkipped,
            'gaps' => array_map(static fn (array $gap): array => ['at_min' => $gap[0], 'minutes' => $gap[1]], $log->gaps),
            'ah_out' => $log->ampHours(0, $log->minutes[count($log->minutes) - 1]),
            'volts_min' => $volts === [] ? null : min($volts),
            'lines' => $this->lines(),
            'fit' => $this->fit(),
        ];
    }

    /** Where its clock and the day's are not half a day apart, by the clock; else it begins with the day. */
    private function byItsClock(): float
    {
        $apart = $this->log->startsAt === null ? 0.0 : $this->log->startsAt - $this->evaluation->boat->plan->tripStart;

        return abs($apart) < 720 ? $apart : 0.0;
    }

    /** @return array<string, mixed> the charge as it was written down; else as it follows from the current */
    private function lines(): array
    {
        $count = count($this->log->minutes);
        $every = (int) max(1, ceil($count / self::POINTS));
        $counted = $this->counted();
        $minutes = $soc = [];
        for ($at = 0; $at < $count; $at += $every) {
            $charge = $this->log->charge[$at] ?? $counted[$at];
            $minutes[] = round($this->begins + $this->log->minutes[$at], 2);
            $soc[] = round($charge, 4);
        }

        return ['minutes' => $minutes, 'banks' => [['id' => $this->bank->id, 'soc' => $soc]], 'out_min' => null];
    }

    /** @return list<float> 0–1 at each reading: the day's first charge less what went out */
    private function counted(): array
    {
        $charge = min(array_map(static fn (Battery $battery): float => $battery->stateOfCharge, $this->bank->batteries()));
        $missing = array_column($this->log->gaps, 0);
        $counted = [$charge];
        for ($at = 0; $at + 1 < count($this->log->minutes); $at++) {
            $hours = in_array($this->log->minutes[$at], $missing, true) ? 0.0 : ($this->log->minutes[$at + 1] - $this->log->minutes[$at]) / 60;
            $charge -= ($this->log->amps[$at] ?? 0.0) * $hours / $this->bank->capacityAh();
            $counted[] = max(0.0, min(1.0, $charge));
        }

        return $counted;
    }

    /** @return array<string, mixed>|null null: no day is planned, or the log has no current */
    private function fit(): ?array
    {
        $trip = $this->evaluation->boat->plan->trip ?? [];
        if ($trip === [] || ! isset($this->form->columns[LogColumn::Amps->value])) {
            return null;
        }
        $fit = LogFit::of($this->evaluation->boat, $trip, $this->bank, $this->log, $this->begins);
        $changed = array_filter($fit->phases, static fn (PhaseFit $phase): bool => $phase->shares !== []) !== [];

        return [
            'phases' => array_map(static fn (PhaseFit $phase): array => [
                'name' => $phase->name, 'measured_a' => $phase->measured, 'planned_a' => $phase->planned, 'fitted_a' => $phase->fitted,
                'shares' => array_map(static fn (string $device, array $share): array => ['device' => $device, 'planned' => $share[0], 'fitted' => $share[1]], array_keys($phase->shares), array_values($phase->shares)),
            ], $fit->phases),
            'residual_a' => $fit->residual,
            'before_a' => $fit->before,
            'patch' => $changed ? Patch::set('plan', ['trip.phases' => array_map(static fn (TripPhase $phase): \stdClass => $phase->written(), $fit->fitted)])->toJson() : null,
        ];
    }
}
