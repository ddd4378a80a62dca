<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Customer;
use App\Models\Role;
use App\Models\Shop;
use App\WorkOrders\NewJob;
use Carbon\CarbonImmutable;
use Dinghy\Plan\PlanDocument;
use Illuminate\Database\Seeder;

/** The demo: an invented shop on an invented lake, with five boats in. */
final class DatabaseSeeder extends Seeder
{
    /** Shown by bin/start and in the README: a demo has no secrets. */
    public const PASSWORD = 'lake-aurensee';

    public function run(): void
    {
        $shop = Shop::query()->create(['name' => 'Fernhollow Slip']);
        foreach (['owner' => 'Ilka Marrend', 'rigger' => 'Jorun Tellvik', 'apprentice' => 'Pim Osterhay'] as $role => $name) {
            $shop->users()->create([
                'name' => $name,
                'email' => "{$role}@fernhollow.example",
                'password' => self::PASSWORD,
                'role' => Role::from($role),
            ]);
        }
        $this->skiff($shop);
        $this->others($shop);
    }

    private function skiff(Shop $shop): void
    {
        $plan = PlanDocument::fromJson((string) file_get_contents(database_path('demo/mistakes/skiff.json')));
        $job = NewJob::make($shop, null, 'Maren Tavola', 'Bow motor, live sonar and two screens', self::inDays(4), $plan);
        $job->update(['bay' => 1, 'waits_for' => 'Decision on the bow-motor wire']);
    }

    private function others(Shop $shop): void
    {
        $boats = [
            ['Oskar Brennling', 'Console boat 6.2 m', 'fibreglass', 6.2, 2.4, 'Three screens, failing console supply', 2, 6, 'Survey'],
            ['Aurensee Guides', 'Pontoon guide deck 7.4 m', 'pontoon', 7.4, 2.55, 'Bow and stern motors on one bank', 3, 9, 'Batteries to arrive'],
            ['Lakeside Hire', 'Rowing hull 4.2 m', 'box', 4.2, 1.5, 'Portable sonar box', 4, 2, 'Collection'],
            ['Aurensee Survey Club', 'Catamaran 6.8 m', 'fibreglass', 6.8, 2.9, 'Two parallel strings, survey sonar', 5, 12, 'Survey'],
        ];
        foreach ($boats as [$customer, $name, $hull, $length, $beam, $title, $bay, $days, $waits]) {
            /** @var Customer $owner */
            $owner = $shop->customers()->create(['name' => $customer]);
            $owner->boats()->create(['name' => $name, 'hull' => $hull, 'length_m' => $length, 'beam_m' => $beam])
                ->jobs()->create(['title' => $title, 'bay' => $bay, 'promised_on' => self::inDays($days), 'waits_for' => $waits]);
        }
    }

    /** A promised day counted from today, so that the demo's week strip is never empty. */
    private static function inDays(int $days): CarbonImmutable
    {
        return CarbonImmutable::today()->addDays($days);
    }
}
