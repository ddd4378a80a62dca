<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\PlanVersion;
use App\Stock\BoatShelf;
use Dinghy\Evaluation\Verdict;
use Dinghy\Kit\Kit;
use Dinghy\Quantity\Units;

/** The sheet a rigger takes to the boat: two pages of plan at most, readable in black and white, and behind them what is cut and what lies on the bench. */
final class WorkSheet
{
    private const MOST_PAGES = 2;

    /** Of the usual print; a boat with much in it is printed smaller, down to what can still be read. */
    private const SCALES = [1.0, 0.88, 0.78, 0.68];

    /**
     * @param  bool  $withKit  whether its cut list and kit list follow
     * @return string the bytes of a PDF
     */
    public static function pdf(Job $job, PlanVersion $version, ?Units $units, bool $withKit): string
    {
        $evaluation = $job->boat->customer->shop->evaluate($job->judged($version), $units);
        $kit = $evaluation->boat->figures(Kit::class);
        $decided = Decisions::of($job, $evaluation)->standing;
        $known = [
            'job' => $job,
            'version' => $version,
            'evaluation' => $evaluation,
            'words' => $evaluation->boat->words,
            'verdict' => Verdict::of($evaluation, count($decided)),
            'decided' => $decided,
            'kit' => $kit,
            'withKit' => false,
            'cuts' => $withKit ? BoatShelf::of($job, $kit)->cuts() : [],
        ];
        foreach (self::SCALES as $scale) {
            $pdf = SheetPrinter::render('work-sheet', [...$known, 'scale' => $scale]);
            if ($pdf->getCanvas()->get_page_count() <= self::MOST_PAGES) {
                break;
            }
        }
        if ($withKit && $kit->pieces !== []) {
            $pdf = SheetPrinter::render('work-sheet', [...$known, 'scale' => $scale, 'withKit' => true]);
        }

        return (string) $pdf->output();
    }
}
