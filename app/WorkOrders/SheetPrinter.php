<?php

declare(strict_types=1);

namespace App\WorkOrders;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A4 pages from a view, with the fonts that ship with Dinghy and nothing fetched. */
final class SheetPrinter
{
    /** @param  array<string, mixed>  $known */
    public static function render(string $view, array $known): Dompdf
    {
        $pdf = new Dompdf(self::options());
        $pdf->setPaper('A4');
        $pdf->loadHtml(view($view, $known)->render());
        $pdf->render();

        return $pdf;
    }

    public static function options(): Options
    {
        return new Options(
            [
                'isRemoteEnabled' => false,
                'defaultFont' => 'DejaVu Sans',
                'fontDir' => storage_path('app'),
                'fontCache' => storage_path('app'),
            ],
        );
    }
}
