<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HouseRules\ShopRules;
use App\Http\Requests\HouseRulesRequest;
use App\Models\Job;
use App\Models\Shop;
use App\Models\User;
use App\WorkOrders\RulesTried;
use Dinghy\File\HouseRuleText;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** The house rules of the shop: seen, tried on the boats that are in, and kept. */
final class HouseRulesController extends Controller
{
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return $this->answer($user->shop, $user);
    }

    /** Which boats would change, each rule alone and all together. Nothing is kept. */
    public function try(HouseRulesRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $kept = $user->shop->houseRules();
        $boats = RulesTried::on($user->shop, $request->units());
        $together = $boats->by($kept->with($request->changed(), $request->units()));
        $alone = [];
        foreach ($request->changed() as $field => $value) {
            $changed = count($request->changed()) === 1 ? $together : $boats->by(
                $kept->with([$field => $value], $request->units()),
            );
            $alone[] = ['field' => (string) $field, 'boats' => count($changed)];
        }

        return response()->json(['rules' => $alone, 'boats' => $together]);
    }

    public function keep(HouseRulesRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('run', $user->shop);
        $shop = DB::transaction(function () use ($request, $user): Shop {
            Shop::query()->whereKey($user->shop_id)->lockForUpdate()->firstOrFail();
            $shop = $user->shop->refresh();
            if ($request->integer('version') !== $shop->house_rules_version) {
                abort(
                    409,
                    'Somebody kept other house rules since you last saw them. Look at them again; nothing was overwritten.',
                );
            }
            $rules = $shop->houseRules()->with($request->changed(), $request->units());
            $shop->update(
                [
                    'house_rules' => json_encode($rules->kept, JSON_THROW_ON_ERROR),
                    'house_rules_version' => $shop->house_rules_version + 1,
                ],
            );

            return $shop;
        });

        return $this->answer($shop, $user);
    }

    private function answer(Shop $shop, User $user): JsonResponse
    {
        $rules = $shop->houseRules();
        $own = Job::ofShop($shop->id)->with(['boat', 'plan'])->get()
            ->filter(static fn (Job $job): bool => isset($job->plan?->planDocument()->root()->house_rules))
            ->map(static fn (Job $job): array => ['job' => $job->id, 'boat' => $job->boat->name])->values();

        return response()->json([
            'version' => $shop->house_rules_version,
            'can_change' => $user->can('run', $shop),
            'rules' => array_map(static fn (HouseRuleText $text): array => [
                'field' => $text->field,
                'label' => $text->label,
                'unit' => $text->unit,
                'value' => $rules->valueOf($text->field),
                'default' => ShopRules::default($text->field),
                'choices' => ShopRules::choices($text),
                'reason' => $text->reason,
            ], HouseRuleText::all()),
            'own' => $own->all(),
        ]);
    }
}
