<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Boat;
use App\Models\Customer;
use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\Reading;
use App\WorkOrders\NewJob;
use App\WorkOrders\PlanClash;
use App\WorkOrders\PlanHistory;
use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Tests\TestCase;

/** What the database itself holds together, and that a new boat comes in whole or not at all. */
final class StorageTest extends TestCase
{
    public function test_a_customer_with_boats_cannot_be_deleted(): void
    {
        $this->expectException(QueryException::class);
        $this->skiff()->boat->customer->delete();
    }

    public function test_a_work_order_takes_its_versions_and_readings_with_it(): void
    {
        $job = $this->skiff();
        $job->readings()->create(['plan_version_id' => $job->plan?->id, 'meter_point' => 'b1', 'volts' => 12.7]);
        // A reading holds the plan version it was taken on: it goes first.
        $job->readings()->delete();
        $job->delete();

        self::assertSame([0, 0], [PlanVersion::query()->where('job_id', $job->id)->count(), Reading::query()->count()]);
    }

    public function test_a_customer_cannot_be_twice(): void
    {
        $shop = $this->person('owner')->shop;
        $this->expectException(QueryException::class);
        $shop->customers()->create(['name' => 'MAREN tavola']);
    }

    public function test_two_versions_of_one_number_cannot_be(): void
    {
        $version = $this->skiff()->plan ?? self::fail('The skiff has a plan.');
        $this->expectException(QueryException::class);
        $version->replicate()->save();
    }

    public function test_a_boat_whose_plan_cannot_be_stored_does_not_come_in(): void
    {
        $before = [Customer::query()->count(), Boat::query()->count(), Job::query()->count()];
        Event::listen('eloquent.creating: '.PlanVersion::class, static fn () => throw new \RuntimeException('The disk is full.'));
        try {
            NewJob::make($this->person('owner')->shop, null, 'Nobody Yet', 'A copy', null, StandardAreas::areas()->format->document((string) file_get_contents(base_path('database/demo/mistakes/skiff.json'))));
            self::fail('It came in.');
        } catch (\RuntimeException $e) {
            self::assertSame('The disk is full.', $e->getMessage());
        }
        self::assertSame($before, [Customer::query()->count(), Boat::query()->count(), Job::query()->count()]);
    }

    /** Whoever works on when the database is gone is told that nothing was kept, and works on when it is back. */
    public function test_a_database_that_does_not_answer(): void
    {
        $rigger = $this->person('rigger');
        $connection = 'database.connections.'.config('database.default');
        $port = config("{$connection}.port");
        config(["{$connection}.port" => 1]);
        DB::purge();
        $answer = $this->actingAs($rigger)->getJson('/api/shed');
        config(["{$connection}.port" => $port]);
        DB::purge();

        $answer->assertStatus(503)->assertJson(['message' => 'Not kept: the database does not answer. Try again in a moment.']);
    }

    public function test_a_known_customer_is_not_made_twice(): void
    {
        $this->actingAs($this->person('owner'));
        foreach (['Maren Tavola', ' Maren Tavola '] as $name) {
            $this->postJson('/api/jobs', ['customer' => $name, 'title' => 'Again', 'promised_on' => '2026-12-24', 'plan' => '{"format":"dinghy-plan","version":1}'])->assertCreated()
                ->assertJson(['boat' => 'Again', 'promised_on' => '2026-12-24']);
        }
        self::assertSame(1, Customer::query()->where('name', 'Maren Tavola')->count());
        // An accent makes another name; a unique index keeps two at once from making one twice.
        foreach (['Müller', 'Muller', 'MÜLLER'] as $name) {
            $this->postJson('/api/jobs', ['customer' => $name, 'title' => $name, 'boat' => 'Dory'])->assertCreated();
        }
        self::assertSame(['Muller', 'Müller'], Customer::query()->where('name', 'like', 'M_ller')->pluck('name')->sort()->values()->all());
        self::assertSame(2, Customer::query()->where('name_key', 'müller')->firstOrFail()->boats()->count());
        $this->postJson('/api/jobs', ['customer' => '', 'title' => 'x', 'promised_on' => 'soon', 'plan' => '{}'])
            ->assertUnprocessable()->assertJsonValidationErrors(['customer' => 'Customer is missing. Type whose boat it is.', 'promised_on']);
    }

    public function test_a_chain_of_many_undos_and_redos_walks_back_and_forth(): void
    {
        $history = new PlanHistory($this->skiff());
        $rigger = $this->person('rigger');
        $hashes = [$this->skiff()->plan?->hash];
        foreach (['6 AWG', '4 AWG', '2 AWG'] as $i => $gauge) {
            $hashes[] = $history->edit($rigger, $i + 1, Patch::set('feed:bow-motor', ['run.gauge' => $gauge]))->hash;
        }
        foreach ([2, 1, 0] as $at) {
            self::assertSame($hashes[$at], $history->undo($rigger)->hash);
        }
        foreach ([1, 2] as $at) {
            self::assertSame($hashes[$at], $history->redo($rigger)->hash);
        }
        self::assertSame($hashes[1], $history->undo($rigger)->hash);
        // A new change ends what could be redone.
        $history->edit($rigger, 10, Patch::set('feed:house', ['run.gauge' => '4 AWG']));
        $this->expectException(PlanClash::class);
        $history->redo($rigger);
    }
}
