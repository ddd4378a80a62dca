<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use App\WorkOrders\LogReading;
use Dinghy\Monitor\LogColumn;
use Dinghy\Monitor\LogForm;
use Dinghy\Monitor\LogRefused;
use Dinghy\Monitor\LogTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A battery monitor's log, read and laid over the planned day; none of it is kept. */
final class MonitorLogController extends Controller
{
    /** bytes: a day at one reading a second is less */
    private const MOST = 8_388_608;

    public function __invoke(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $evaluation = self::evaluationOf($job, AskedUnits::of($request));
        $request->validate([
            'bank' => ['required', 'string', 'max:40'],
            'columns' => ['nullable', 'string', 'regex:/^[a-z]+:\d{1,3}(,[a-z]+:\d{1,3})*$/D'],
            'out' => ['nullable', 'in:plus,minus'],
            'zone' => ['nullable', 'numeric', 'min:-14', 'max:14'],
            'begins' => ['nullable', 'numeric', 'min:-1440', 'max:14400'],
        ], [
            'bank.*' => 'Bank: say which bank the monitor watches.',
            'columns.*' => 'Columns: say which column is which, as "time:0,amps:2".',
            'out.*' => 'Current: "plus" where what goes out is above zero, else "minus".',
            'zone.*' => 'Zone: hours that the boat\'s clock is before UTC, from -14 to 14.',
            'begins.*' => 'Begins: minutes from the start of the day, from -1440 to 14400.',
        ]);
        $bank = $evaluation->boat->plan->banks[$request->string('bank')->value()] ?? abort(422, 'Bank: this boat has no such bank. Choose one of hers.');
        $text = $request->getContent();
        strlen($text) <= self::MOST || abort(413, 'A log has at most 8 MB. Cut it to one day.');
        try {
            $table = LogTable::of($text);

            return response()->json((new LogReading($evaluation, $bank, $table, self::form($request, $table), $request->filled('begins') ? $request->float('begins') : null))->answer());
        } catch (LogRefused $refused) {
            abort(422, $refused->getMessage());
        }
    }

    /** @return LogForm|null null: nobody has said anything of it */
    private static function form(Request $request, LogTable $table): ?LogForm
    {
        if (! $request->hasAny(['columns', 'out', 'zone'])) {
            return null;
        }
        $columns = [];
        foreach (explode(',', $request->string('columns')->value()) as $one) {
            [$name, $number] = [...explode(':', $one, 2), ''];
            $column = LogColumn::tryFrom($name);
            if ($column !== null && isset($table->heads[(int) $number])) {
                $columns[$column->value] = (int) $number;
            }
        }

        return new LogForm(
            $request->filled('columns') ? $columns : LogForm::guessed($table)->columns,
            $request->filled('out') ? $request->string('out')->value() === 'plus' : null,
            $request->float('zone'),
        );
    }
}
