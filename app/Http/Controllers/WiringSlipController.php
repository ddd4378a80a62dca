<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use App\WorkOrders\PlanExport;
use App\WorkOrders\WiringSlipPrint;
use Dinghy\Network\Chains;
use Dinghy\Network\DataNetwork;
use Dinghy\Network\WiringSlip;
use Dinghy\Quantity\Units;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The wires of an older transducer on a new plug, on paper. */
final class WiringSlipController extends Controller
{
    public function __invoke(Request $request, Job $job, string $block): Response
    {
        $this->authorize('view', $job);
        $head = self::planOf($job);
        $network = $head->planDocument()->plan()->part(DataNetwork::class);
        $found = $network->terminalBlocks[$block] ?? abort(404, 'The plan has no such terminal block.');
        $slip = WiringSlip::of($found, $network, Chains::of($network)) ?? abort(404, 'No transducer of the plan ends in what this terminal block takes.');

        return response(WiringSlipPrint::pdf($job, $slip, AskedUnits::of($request) ?? Units::Metric), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="'.PlanExport::fileName($job, $head)."-{$found->id}.pdf\"",
        ]);
    }
}
