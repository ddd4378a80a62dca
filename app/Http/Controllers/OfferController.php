<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use Dinghy\Proposal\CircuitOffer;
use Dinghy\Proposal\CircuitOffers;
use Dinghy\Proposal\CircuitRequirements;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a device of the catalogue could be hung on in a boat, as a rigger would take it first. */
final class OfferController extends Controller
{
    public function __invoke(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('view', $job);
        $part = $user->shop->catalogue()->where('kind', 'device')->find($request->integer('part')) ?? abort(
            404,
            'Your catalogue has no such device.',
        );
        $station = $request->filled('station') ? $request->string('station')->value() : null;
        $offers = CircuitOffers::of(
            $job->judged(self::planOf($job))->plan(),
            CircuitRequirements::by($part->asPlanned()),
            $station,
            $user->shop->blockSizes(),
        );

        return response()->json(
            ['offers' => array_map(
                static fn (CircuitOffer $offer): array => ['on' => $offer->name(), 'label' => $offer->label],
                $offers,
            )],
        );
    }
}
