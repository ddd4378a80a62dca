<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Job;
use App\Models\Role;
use App\Models\Shop;
use App\Models\StockItem;
use App\Models\User;
use App\Settings\InstrumentKind;
use App\Settings\ShopSettings;
use App\WorkOrders\NewJob;
use Carbon\CarbonImmutable;
use Dinghy\Area\StandardAreas;
use Dinghy\Conductor\Resistance;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Metering\MeteredPath;
use Illuminate\Database\Seeder;
use Illuminate\Support\Arr;

/** The demo: an invented shop on an invented lake, with five boats in. */
final class DatabaseSeeder extends Seeder
{
    /** Shown by bin/start and in the README: a demo has no secrets. */
    public const PASSWORD = 'lake-aurensee';

    public function run(): void
    {
        $shop = Shop::query()->create(['name' => 'Fernhollow Slip', 'settings' => json_encode(ShopSettings::of(['instruments' => [
            ['name' => 'Simulated boat', 'kind' => InstrumentKind::Network->value, 'host' => '127.0.0.1', 'port' => 10110],
            ['name' => 'Simulated meter', 'kind' => InstrumentKind::Meter->value, 'host' => '127.0.0.1', 'port' => 10111],
        ]]), JSON_THROW_ON_ERROR)]);
        foreach (['owner' => 'Ilka Marrend', 'rigger' => 'Jorun Tellvik', 'apprentice' => 'Pim Osterhay'] as $role => $name) {
            $shop->users()->create([
                'name' => $name,
                'email' => "{$role}@fernhollow.example",
                'password' => self::PASSWORD,
                'role' => Role::from($role),
            ]);
        }
        $parts = json_decode((string) file_get_contents(database_path('demo/catalogue.json')), true, 32, JSON_THROW_ON_ERROR);
        foreach (is_array($parts) ? $parts : [] as $part) {
            $shop->catalogue()->create($part);
        }
        self::shelf($shop);
        $this->skiff($shop);
        $this->others($shop);
    }

    /** What lies on the shelf, with prices of a fortnight ago. */
    private static function shelf(Shop $shop): void
    {
        /** @var list<array{name: string, unit: string, on_hand?: int, price: float|null, delivery_days: int, lengths?: list<float>}> $items */
        $items = json_decode((string) file_get_contents(database_path('demo/stock.json')), true, 8, JSON_THROW_ON_ERROR);
        foreach ($items as $item) {
            $kept = StockItem::query()->create([...Arr::except($item, 'lengths'), 'shop_id' => $shop->id, 'priced_on' => $item['price'] === null ? null : CarbonImmutable::today()->subDays(14)]);
            $kept->lengths()->createMany(array_map(static fn (float|int $metres): array => ['millimetres' => (int) round(1000 * $metres)], $item['lengths'] ?? []));
        }
    }

    /** The skiff as it came: with its mistakes still to be decided. */
    private function skiff(Shop $shop): void
    {
        $plan = StandardAreas::areas()->format->document((string) file_get_contents(database_path('demo/mistakes/skiff.json')));
        $job = self::takeIn($shop, 'Maren Tavola', 'Bow motor, live sonar and two screens', 4, $plan);
        $job->update(['bay' => 1, 'waits_for' => 'Decision on the bow-motor wire']);
    }

    private function others(Shop $shop): void
    {
        $boats = [
            ['console', 'Oskar Brennling', 'Three screens on a supply of their own', 2, 6, 'Survey'],
            ['pontoon', 'Aurensee Guides', 'Bow and stern motors on one bank', 3, 9, 'Batteries to arrive'],
            ['rowing', 'Lakeside Hire', 'Portable sonar box', 4, 2, 'Collection'],
            ['catamaran', 'Aurensee Survey Club', 'Two parallel strings, survey sonar', 5, 12, 'Trial on the lake'],
        ];
        foreach ($boats as [$file, $customer, $title, $bay, $days, $waits]) {
            $plan = StandardAreas::areas()->format->document((string) file_get_contents(database_path("demo/boats/{$file}.json")));
            if ($file === 'console') {
                $plan = $plan->with(self::asSurveyed());
            }
            $job = self::takeIn($shop, $customer, $title, $days, $plan);
            $job->update(['bay' => $bay, 'waits_for' => $waits]);
            if ($file === 'pontoon') {
                self::passport($job);
            }
        }
    }

    /** The stern motor's way of the guide deck: read under load a year ago, and again now, with a joint that has gone bad. */
    private static function passport(Job $job): void
    {
        $plan = $job->plan()->first() ?? throw new \LogicException('A boat that was taken in has a plan.');
        $boat = StandardAreas::areas()->evaluate($job->judged($plan)->plan())->boat;
        $circuit = $boat->runs['stern-motor']->circuit ?? throw new \LogicException('The guide deck has a stern motor.');
        $path = MeteredPath::to($boat, $circuit) ?? throw new \LogicException('Its way is known.');
        $amps = 37.0;
        foreach ([[365, 0.0, 18.0], [0, 0.009, 6.0]] as [$days, $more, $celsius]) {
            $at = 39.1;
            $volts = [$path->points[0]->id => $at];
            foreach ($path->ohms() as $number => $ohms) {
                $isLast = $number === count($path->points) - 2;
                $at -= $amps * Resistance::warmth($celsius) * ($ohms + ($isLast ? $more : 0.0));
                $volts[$path->points[$number + 1]->id] = round($at, 2);
            }
            $job->loadTests()->create([
                'user_id' => User::query()->where('role', Role::Rigger)->firstOrFail()->id, 'circuit' => $path->on, 'taken_on' => CarbonImmutable::today()->subDays($days), 'load_name' => 'Carbon pile, set to 1 Ω',
                'amps' => $amps, 'celsius' => $celsius, 'meter' => 'Hand meter 1', 'volts' => $volts, 'kept_at' => now()->subDays($days),
            ]);
        }
    }

    /** @param  int  $days  from today until it is promised */
    private static function takeIn(Shop $shop, string $customer, string $title, int $days, PlanDocument $plan): Job
    {
        $pictures = DemoPhotographs::of($plan);
        $job = NewJob::make($shop, null, $customer, $title, self::inDays($days), $pictures->in($plan));
        $pictures->storeFor($job);

        return $job;
    }

    /** The console boat's survey is just done: its path check is not answered yet, and a photograph is still to be taken. */
    private static function asSurveyed(): Patch
    {
        return Patch::of([['on' => 'check:check-console', 'unset' => ['renewed_by']]])->and(Patch::remove('photograph:photo-mid'));
    }

    /** A promised day counted from today, so that the demo's week strip is never empty. */
    private static function inDays(int $days): CarbonImmutable
    {
        return CarbonImmutable::today()->addDays($days);
    }
}
