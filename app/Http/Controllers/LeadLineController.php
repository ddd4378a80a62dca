<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use Dinghy\File\TypedQuantity;
use Dinghy\Network\DataNetwork;
use Dinghy\Quantity\Units;
use Dinghy\Sonar\DepthFrom;
use Dinghy\Sonar\LeadLine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A depth by lead line against what a sounder says: the offset to type into the screen. */
final class LeadLineController extends Controller
{
    public function __invoke(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $network = self::evaluationOf($job)->boat->plan->part(DataNetwork::class);
        $transducer = $network->transducers[$request->string('transducer')->value()] ?? abort(422, 'The plan has no such transducer. Choose one of it.');
        $sounded = TypedQuantity::read('sounded_m', $request->string('sounded')->value(), AskedUnits::of($request) ?? Units::Metric);
        $measured = filter_var($request->input('depth_m'), FILTER_VALIDATE_FLOAT);
        is_float($sounded) && $sounded >= 0 && $sounded <= 300 && is_float($measured) && $measured >= 0 || abort(422, 'Sounded by lead line: type a depth from the surface, as 4.5 m.');
        $from = $network->depthFrom ?? DepthFrom::Surface;

        return response()->json([
            'depth_from' => $from->value,
            'offset_m' => LeadLine::offset($from, $transducer, $sounded, $measured),
            'agrees' => LeadLine::agrees($transducer, $sounded, $measured),
            'below_water_m' => $sounded - $measured,
        ]);
    }
}
