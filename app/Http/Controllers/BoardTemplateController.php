<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\WorkOrders\BoardTemplate;
use App\WorkOrders\PlanExport;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A board's drilling template, 1:1. */
final class BoardTemplateController extends Controller
{
    public function __invoke(Request $request, Job $job, string $board): Response
    {
        $this->authorize('view', $job);
        $head = self::planOf($job);
        $found = $head->planDocument()->plan()->boards[$board] ?? abort(404, 'The plan has no such board.');

        return response(BoardTemplate::pdf(
            $found,
            $request->string('paper')->value() === 'letter' ? 'letter' : 'a4',
        ), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="'.PlanExport::fileName($job, $head)."-{$found->id}.pdf\"",
        ]);
    }
}
