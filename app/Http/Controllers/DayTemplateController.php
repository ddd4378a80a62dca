<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\DayTemplate as Kept;
use App\Models\Job;
use App\Models\Shop;
use App\Models\User;
use App\Names\NameKey;
use Dinghy\Area\Day\Proposal\DayTemplate;
use Dinghy\Area\Day\Proposal\TemplatePhase;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Days by kind of fishing: those that come with Dinghy, and those of the shop; one of the shop's stands before one of the same name. */
final class DayTemplateController extends Controller
{
    private const MOST = 60;

    public function index(#[CurrentUser] User $user): JsonResponse
    {
        return self::answer($user);
    }

    /** The planned day of a boat, kept for others under a name; what the shop has under it is written over. */
    public function store(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('view', $job);
        $this->authorize('run', $user->shop);
        $request->validate(['name' => ['required', 'string', 'max:60']], ['name.*' => 'Name: give the day one of at most 60 letters, as "Trolling".']);
        $plan = $job->judged(self::planOf($job))->plan();
        $name = $request->string('name')->squish()->value();
        $template = DayTemplate::ofPlan($plan, $name);
        DB::transaction(static function () use ($user, $name, $template): void {
            Shop::query()->whereKey($user->shop_id)->lockForUpdate()->firstOrFail();
            $kept = $user->shop->dayTemplates()->where('name_key', NameKey::of($name))->first();
            $kept === null && $user->shop->dayTemplates()->count() >= self::MOST && abort(422, 'Not kept: a shop has at most '.self::MOST.' days. Take one out first.');
            $kept ??= new Kept(['shop_id' => $user->shop_id]);
            $kept->fill(['name' => $name, 'phases' => array_map(get_object_vars(...), $template->phases)])->save();
        });

        return self::answer($user);
    }

    public function destroy(int $template, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('run', $user->shop);
        ($user->shop->dayTemplates()->find($template) ?? abort(404, 'Your shop has no such day.'))->delete();

        return self::answer($user);
    }

    private static function answer(User $user): JsonResponse
    {
        $own = $user->shop->dayTemplates()->get()->keyBy('name_key');
        $usual = array_filter(DayTemplate::usual(), static fn (DayTemplate $one): bool => ! $own->has(NameKey::of($one->name)));

        return response()->json([
            'can_change' => $user->can('run', $user->shop),
            'templates' => [
                ...$own->sortBy('name_key')->map(static fn (Kept $one): array => ['id' => $one->id, 'name' => $one->name, 'phases' => array_map(self::phase(...), $one->phases)])->values(),
                ...array_map(static fn (DayTemplate $one): array => ['id' => null, 'name' => $one->name, 'phases' => array_map(static fn (TemplatePhase $phase): array => self::phase(get_object_vars($phase)), $one->phases)], array_values($usual)),
            ],
        ]);
    }

    /**
     * @param  array<string, mixed>  $phase
     * @return array<string, mixed>
     */
    private static function phase(array $phase): array
    {
        return [...$phase, 'on' => (object) (is_array($phase['on'] ?? null) ? $phase['on'] : [])];
    }
}
