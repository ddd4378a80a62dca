<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use Dinghy\Evaluation\Remedies;
use Dinghy\Rule\Finding;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What mends the findings of the plan as it is. Trying takes longer than an edit may: it is asked for apart. */
final class RemedyController extends Controller
{
    public function __invoke(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $document = $job->judged(self::planOf($job));
        $evaluation = $job->boat->customer->shop->evaluate($document, AskedUnits::of($request))->whole();
        $remedies = new Remedies($document, $evaluation);

        return response()->json([
            'hash' => $document->hash(),
            'remedies' => array_values(
                array_filter(
                    array_map(
                        static fn (Finding $finding): ?array => self::remedy($finding, $remedies),
                        $evaluation->findings,
                    ),
                ),
            ),
        ]);
    }

    /** @return array<string, mixed>|null */
    private static function remedy(Finding $finding, Remedies $remedies): ?array
    {
        $remedy = $remedies->of($finding);

        return $remedy === null ? null : [
            'occasion' => $finding->occasion(),
            'says' => $remedy->says,
            'patch' => $remedy->patch->toJson(),
        ];
    }
}
