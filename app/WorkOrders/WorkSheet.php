<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\PlanVersion;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\Verdict;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Units;
use Dompdf\Dompdf;
use Dompdf\Options;

/** The sheet a rigger takes to the boat: two pages at most, readable in black and white. */
final class WorkSheet
{
    /** @return string the bytes of a PDF */
    public static function pdf(Job $job, PlanVersion $version, ?Units $units): string
    {
        $evaluation = Evaluation::of(Plan::of($version->planDocument()), $units);
        $options = new Options(['isRemoteEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'fontDir' => storage_path('app'), 'fontCache' => storage_path('app')]);
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4');
        $pdf->loadHtml(view('work-sheet', [
            'job' => $job,
            'version' => $version,
            'evaluation' => $evaluation,
            'words' => $evaluation->words,
            'verdict' => Verdict::of($evaluation),
        ])->render());
        $pdf->render();

        return (string) $pdf->output();
    }
}
