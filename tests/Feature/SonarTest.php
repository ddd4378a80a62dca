<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use Tests\TestCase;

/** What the stage Sonar draws beside the evaluation. */
final class SonarTest extends TestCase
{
    public function test_every_boat_has_what_its_data_side_draws(): void
    {
        $this->actingAs($this->person('rigger'));
        foreach (Job::query()->get() as $job) {
            $answer = $this->getJson("/api/jobs/{$job->id}/stages/sonar?units=metric")->assertOk();
            ApiContract::assertMet('GET', '/api/jobs/{job}/stages/{stage}', 200, (string) $answer->getContent());
            self::assertNotSame([], $answer->json('transducers'));
        }
    }

    /** The catamaran's backbone hangs on a branch: its volts are the circuit's, and what its legs carry comes to what its nodes draw. */
    public function test_a_backbone_is_told_node_by_node(): void
    {
        $this->actingAs($this->person('rigger'));
        $catamaran = Job::query()->whereHas('boat', static fn ($boat) => $boat->where('name', 'like', 'Catamaran%'))->firstOrFail();
        $bus = $this->getJson("/api/jobs/{$catamaran->id}/stages/sonar")->assertOk()->json('backbones.0');
        self::assertSame('instrument-bus', $bus['id']);
        self::assertGreaterThan(12, min(array_column($bus['nodes'], 'volts')));
        // Five load units beyond the tap, one before it.
        self::assertEqualsWithDelta([0.05, 0.25, 0.15], array_column($bus['legs'], 'amps'), 1e-4);
        self::assertEqualsWithDelta(0.3, array_sum(array_column($bus['nodes'], 'amps')), 1e-9);
    }

    /** 20° at 10 m: 2 · 10 · tan 10°, by trigonometry. */
    public function test_what_beams_cover(): void
    {
        $this->actingAs($this->person('rigger'));
        $beams = array_merge(...array_column($this->getJson("/api/jobs/{$this->skiff()->id}/stages/sonar")->assertOk()->json('transducers'), 'beams'));
        $twenty = array_values(array_filter($beams, static fn (array $beam): bool => (float) $beam['deg'] === 20.0))[0];
        self::assertEqualsWithDelta(20 * tan(deg2rad(10)), $twenty['footprints'][1]['across_m'], 1e-9);
    }
}
