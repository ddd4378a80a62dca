<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use App\Stock\BoatShelf;
use App\Tables\CsvTable;
use App\WorkOrders\KitTables;
use App\WorkOrders\PlanExport;
use Dinghy\Kit\Kit;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A table of a boat's kit, for a spreadsheet. */
final class KitTableController extends Controller
{
    public function __invoke(Request $request, Job $job, string $table): Response
    {
        $this->authorize('view', $job);
        $head = self::planOf($job);
        $kit = self::evaluationOf($job, AskedUnits::of($request))->boat->figures(Kit::class);
        [$columns, $rows] = KitTables::of($table, BoatShelf::of($job, $kit))
            ?? abort(404, 'There is no such table. The tables are '.implode(', ', KitTables::NAMES).'.');

        return response(CsvTable::written($columns, $rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.PlanExport::fileName($job, $head).'-'.$table.'.csv"',
        ]);
    }
}
