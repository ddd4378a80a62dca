<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use App\WorkOrders\DaySheet;
use App\WorkOrders\PlanExport;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The day on the water, on paper. */
final class DaySheetController extends Controller
{
    public function __invoke(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);
        $head = self::planOf($job);
        $pdf = DaySheet::pdf($job, $head, self::evaluationOf($job, AskedUnits::of($request))) ?? abort(422, 'No day is planned that could be printed: plan one first.');

        return response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="'.PlanExport::fileName($job, $head).'-day.pdf"',
        ]);
    }
}
