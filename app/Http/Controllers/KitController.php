<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Areas\Contract\AreaList;
use App\Http\AskedUnits;
use App\Models\Job;
use App\Models\KeptKit;
use App\Models\StockItem;
use App\Models\User;
use App\Stock\BoatShelf;
use App\Stock\Taking;
use Dinghy\Kit\Kit;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** A boat's kit and the shelf: taken, put back, cut; and the prices that were agreed. */
final class KitController extends Controller
{
    public function __invoke(Request $request, Job $job, AreaList $areas, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('changePlan', $job);
        $request->validate(
            ['do' => ['required', 'string', 'in:take,put-back,cut,keep-prices,release-prices'], 'plan' => ['required', 'string', 'max:64']],
            ['do.*' => 'Say what is done: take, put-back, cut, keep-prices or release-prices.', 'plan.*' => 'Say which version of the plan you saw.'],
        );
        $head = self::planOf($job);
        $head->hash === $request->string('plan')->value() || abort(409, 'Nothing was moved: the plan has changed since you saw it, and the kit with it. Look at it again.');
        $judged = $job->judged($head);
        $evaluation = $job->boat->customer->shop->evaluate($judged, AskedUnits::of($request));
        $kit = $evaluation->boat->figures(Kit::class);
        match ($request->string('do')->value()) {
            'take' => Taking::take($job, $kit),
            'put-back' => Taking::putBack($job),
            'cut' => Taking::cut($job, $kit, $evaluation->boat->plan->houseRules->remnant),
            'keep-prices' => self::keepPrices($job, $kit, $user),
            default => KeptKit::query()->where('job_id', $job->id)->delete(),
        };

        return response()->json($areas->at('kit')?->answer($job, $evaluation, $judged));
    }

    private static function keepPrices(Job $job, Kit $kit, User $user): void
    {
        DB::transaction(static function () use ($job, $kit, $user): void {
            KeptKit::query()->where('job_id', $job->id)->delete();
            $shelf = BoatShelf::of($job, $kit);
            $prices = [];
            foreach ($kit->lines as $line) {
                $prices[StockItem::keyOf($line->item)] = $shelf->priceOf($line->item);
            }
            KeptKit::query()->create(['job_id' => $job->id, 'user_id' => $user->id, 'prices' => array_filter($prices, static fn (?float $price): bool => $price !== null)]);
        });
    }
}
