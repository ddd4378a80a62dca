<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A shop that worked with Dinghy before: what it has is carried over, in a database of its own. */
final class MigrationTest extends TestCase
{
    /** The first migration of those that are tried. */
    private const FIRST = '2026_11_27_000009';

    private const PLAN = '{"format":"dinghy-plan","version":1,"survey":{"photographs":[{"id":"photo-a","of":"other"},{"id":"photo-b","of":"other"}]}}';

    protected function setUp(): void
    {
        parent::setUp();
        $database = config('database.connections.mariadb.database').'_carried';
        DB::statement("drop database if exists {$database}");
        DB::statement("create database {$database}");
        config(['database.connections.carried' => [...(array) config('database.connections.mariadb'), 'database' => $database], 'database.default' => 'carried']);
        $earlier = array_filter((array) glob(database_path('migrations/*.php')), static fn (mixed $file): bool => basename((string) $file) < self::FIRST);
        Artisan::call('migrate', ['--path' => array_values($earlier), '--realpath' => true, '--force' => true]);
    }

    protected function tearDown(): void
    {
        DB::statement('drop database '.config('database.connections.carried.database'));
        DB::disconnect('carried');
        parent::tearDown();
    }

    public function test_what_there_is_is_carried_over(): void
    {
        [$shop, $job] = $this->earlierShop();
        Artisan::call('migrate', ['--force' => true]);

        self::assertSame([['Muller', 1], ['Müller', 2]], DB::table('customers')->orderBy('name_key')->get()->map(static fn (\stdClass $one): array => [$one->name, DB::table('boats')->where('customer_id', $one->id)->count()])->all(), 'doubles are one, and keep their boats');
        self::assertSame(['owner@place.example'], DB::table('users')->pluck('email')->all());
        self::assertSame('étoile 100', DB::table('catalogue_parts')->where('shop_id', $shop)->value('name_key'));

        $entries = static fn (int $number): array => array_map(static fn (\stdClass $entry): ?string => $entry->picture ?? null, json_decode((string) DB::table('plan_versions')->where('number', $number)->value('document'))->survey->photographs);
        self::assertSame([hash('sha256', 'picture a'), hash('sha256', 'picture b')], $entries(1));
        self::assertSame([hash('sha256', 'picture b')], $entries(2));
        self::assertSame(['picture a', 'picture b'], DB::table('photographs')->where('job_id', $job)->orderBy('picture')->pluck('picture')->all());
        self::assertSame(0, Artisan::call('dinghy:verify'), Artisan::output());
        self::assertSame('2026-03-01 08:30:00', DB::table('plan_versions')->where('number', 1)->value('made_at'));

        Artisan::call('migrate:rollback', ['--step' => 7, '--force' => true]);
        Artisan::call('migrate', ['--force' => true]);
        self::assertSame(0, Artisan::call('dinghy:verify'), 'back and forth');
    }

    /** @return array{int, int} ids of shop and work order */
    private function earlierShop(): array
    {
        $shop = DB::table('shops')->insertGetId(['name' => 'Place']);
        $user = DB::table('users')->insertGetId(['shop_id' => $shop, 'name' => 'Owner', 'email' => 'Owner@Place.example', 'password' => 'x', 'role' => 'owner']);
        foreach (['Müller', 'müller', 'Muller'] as $name) {
            $customer = DB::table('customers')->insertGetId(['shop_id' => $shop, 'name' => $name]);
            $boat = DB::table('boats')->insertGetId(['customer_id' => $customer, 'name' => "Boat of {$name}"]);
            $job = DB::table('jobs')->insertGetId(['boat_id' => $boat, 'title' => 'Work']);
        }
        DB::table('catalogue_parts')->insert(['shop_id' => $shop, 'kind' => 'battery', 'name' => 'Étoile 100', 'figures' => '{}']);
        foreach (['photo-a' => 'picture a', 'photo-b' => 'picture b'] as $name => $picture) {
            DB::table('photographs')->insert(['job_id' => $job, 'name' => $name, 'width' => 1, 'height' => 1, 'picture' => $picture, 'thumbnail' => 't']);
        }
        $second = '{"format":"dinghy-plan","version":1,"survey":{"photographs":[{"id":"photo-b","of":"other"}]}}';
        $first = DB::table('plan_versions')->insertGetId(['job_id' => $job, 'number' => 1, 'kind' => 'import', 'document' => self::PLAN, 'hash' => hash('sha256', self::PLAN), 'made_at' => '2026-03-01 08:30:00']);
        DB::table('plan_versions')->insert(['job_id' => $job, 'number' => 2, 'parent_id' => $first, 'user_id' => $user, 'kind' => 'edit', 'patch' => '[{"on":"photograph:photo-a","put":null}]', 'document' => $second, 'hash' => hash('sha256', $second), 'made_at' => '2026-03-01 09:00:00']);

        return [$shop, $job];
    }
}
