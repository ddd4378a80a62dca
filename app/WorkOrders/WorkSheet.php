<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\PlanVersion;
use Dinghy\Evaluation\Verdict;
use Dinghy\Quantity\Units;

/** The sheet a rigger takes to the boat: two pages at most, readable in black and white. */
final class WorkSheet
{
    private const MOST_PAGES = 2;

    /** Of the usual print; a boat with much in it is printed smaller, down to what can still be read. */
    private const SCALES = [1.0, 0.88, 0.78, 0.68];

    /** @return string the bytes of a PDF */
    public static function pdf(Job $job, PlanVersion $version, ?Units $units): string
    {
        $evaluation = $job->boat->customer->shop->evaluate($job->judged($version), $units);
        $decided = Decisions::of($job, $evaluation)->standing;
        $known = [
            'job' => $job,
            'version' => $version,
            'evaluation' => $evaluation,
            'words' => $evaluation->boat->words,
            'verdict' => Verdict::of($evaluation, count($decided)),
            'decided' => $decided,
        ];
        foreach (self::SCALES as $scale) {
            $pdf = SheetPrinter::render('work-sheet', [...$known, 'scale' => $scale]);
            if ($pdf->getCanvas()->get_page_count() <= self::MOST_PAGES) {
                break;
            }
        }

        return (string) $pdf->output();
    }
}
