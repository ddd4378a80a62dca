<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use App\WorkOrders\PlanExport;
use App\WorkOrders\WorkSheet;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class WorkSheetController extends Controller
{
    public function __invoke(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);
        $head = self::planOf($job);

        return response(WorkSheet::pdf($job, $head, AskedUnits::of($request), $request->query('kit') !== 'no'), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="'.PlanExport::fileName($job, $head).'.pdf"',
        ]);
    }
}
