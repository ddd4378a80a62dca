<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class SupplyTest extends TestCase
{
    /** The console boat has all three: its own battery now, a starting battery, a live sonar. */
    public function test_three_schools_and_taking_one(): void
    {
        $rigger = $this->actingAs($this->person('rigger'));
        $job = Job::query()->whereHas('boat', static fn ($boat) => $boat->where('name', 'Console boat 6.2 m'))->firstOrFail();
        $answer = $rigger->getJson("/api/jobs/{$job->id}/supply")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/supply', 200, (string) $answer->getContent());
        $schools = collect($answer->json('schools'))->keyBy('school');

        self::assertTrue($schools['own']['now']);
        self::assertGreaterThan($schools['starting']['figures']['cranking_v'], $schools['own']['figures']['cranking_v'], 'a battery of their own does not feel the starter');
        self::assertGreaterThan($schools['starting']['figures']['hours'], $schools['own']['figures']['hours']);
        self::assertGreaterThan($schools['own']['figures']['mass_kg'], $schools['pack']['figures']['mass_kg']);

        $taken = $rigger->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => 1, 'patch' => self::asSent($answer, 'pack')])->assertOk();
        self::assertContains('sonar-pack', array_column($taken->json('plan.banks'), 'id'));
        $rigger->postJson("/api/jobs/{$job->id}/plan/undo")->assertOk();
        $onStarting = $rigger->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => 3, 'patch' => self::asSent($answer, 'starting')])->assertOk();
        $again = collect($rigger->getJson("/api/jobs/{$job->id}/supply")->json('schools'))->keyBy('school');
        self::assertTrue($again['starting']['now']);
        self::assertFalse($again['own']['now']);
        self::assertNotNull($again['own']['patch']);
        self::assertSame('starting', collect($onStarting->json('plan.feeds'))->firstWhere('id', 'screens')['from']['bank']);
    }

    /** A pack of 20 Ah at 140, a charger of 4 A at 62, two slack ends of 0.3 m of 16 AWG at 0.90 a metre, both ways and a tenth for waste: 1.188. */
    public function test_what_a_school_costs(): void
    {
        $this->actingAs($this->person('rigger'));
        $schools = collect($this->getJson("/api/jobs/{$this->skiff()->id}/supply")->json('schools'))->keyBy('school');
        self::assertEqualsWithDelta(140 + 62 + 2 * 0.6 * 1.1 * 0.90, $schools['pack']['figures']['cost'], 1e-9);
        self::assertEqualsWithDelta(0.0, $schools['own']['figures']['cost'], 1e-9, 'she has one already');
        $why = $this->getJson("/api/jobs/{$this->skiff()->id}/why?figure=supply:pack:cost");
        self::assertSame(['203.19', ['140.00', '62.00', '1.19']], [$why->json('value'), array_column($why->json('inputs'), 'value')]);

        // The shop has no wire of 1 mm²: said, not counted as nothing.
        $console = Job::query()->whereHas('boat', static fn ($boat) => $boat->where('name', 'Console boat 6.2 m'))->firstOrFail();
        $pack = collect($this->getJson("/api/jobs/{$console->id}/supply")->json('schools'))->keyBy('school')['pack'];
        self::assertEqualsWithDelta(202.0, $pack['figures']['cost'], 1e-9);
        self::assertSame(['wire 1 mm2'], $pack['figures']['unpriced']);
    }

    public function test_what_a_school_misses(): void
    {
        $schools = collect($this->actingAs($this->person('apprentice'))->getJson("/api/jobs/{$this->skiff()->id}/supply")->json('schools'))->keyBy('school');

        self::assertSame('The plan has no engine with a starting battery.', $schools['starting']['missing']);
        self::assertNull($schools['starting']['figures']);
        self::assertNull($schools['pack']['missing']);
    }

    /** The patch as the page would send it: an empty object stays one. */
    private static function asSent(TestResponse $answer, string $school): mixed
    {
        $document = json_decode((string) $answer->getContent(), false, 64, JSON_THROW_ON_ERROR);

        return collect($document->schools)->firstWhere('school', $school)->patch;
    }
}
