<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use Dinghy\Network\WiringSlip;
use Dinghy\Quantity\Units;

/** A wiring slip for the locker: large enough to be read over a knee. */
final class WiringSlipPrint
{
    /** @return string the bytes of a PDF */
    public static function pdf(Job $job, WiringSlip $slip, Units $units): string
    {
        return (string) SheetPrinter::render('wiring-slip', ['job' => $job, 'slip' => $slip, 'inches' => $units === Units::Imperial])->output();
    }
}
