<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CataloguePart;
use App\Models\Job;
use Illuminate\Testing\TestResponse;
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

    /** Sea water of 25 °C and 35 ‰ carries sound at about 1534 m/s [pub Medwin 1975], fresh water of 20 °C at 1482.3 [pub Marczak 1997]. */
    public function test_how_far_a_depth_is_out_in_fresh_water_and_at_sea(): void
    {
        $this->actingAs($this->person('rigger'));
        $sound = collect($this->getJson("/api/jobs/{$this->skiff()->id}/stages/sonar")->assertOk()->json('sound'))->keyBy('celsius');
        self::assertEqualsWithDelta(1482.3, $sound[20]['fresh_m_per_s'], 0.1);
        self::assertEqualsWithDelta(1534.7, $sound[25]['sea_m_per_s'], 0.5);
        self::assertEqualsWithDelta(20 * (1482.3 / 1500 - 1), $sound[20]['error_m'], 0.005);
        self::assertEqualsWithDelta(20 * (1534.7 / 1500 - 1), $sound[25]['sea_error_m'], 0.01);
    }

    public function test_a_missing_adapter_is_offered_from_the_catalogue_with_its_price(): void
    {
        $this->actingAs($this->person('rigger'));
        $skiff = $this->skiff();
        $answer = $this->getJson("/api/jobs/{$skiff->id}/stages/sonar")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/stages/{stage}', 200, (string) $answer->getContent());
        self::assertSame([['transducer:transom-transducer', 'Adapter, 6-pin type A to 8-pin type B', 29, []], ['device:hub', 'Network hub, 3 ports in its place', 62, []]], array_map(
            static fn (array $order): array => [$order['on'], $order['says'], $order['price'], $order['lost']],
            $answer->json('orders'),
        ));
        $this->postJson("/api/jobs/{$skiff->id}/plan/edits", ['base' => $skiff->plan?->number, 'patch' => [...$answer->json('orders.0.patch'), ...$answer->json('orders.1.patch')]])->assertOk();
        self::assertSame([], $this->getJson("/api/jobs/{$skiff->id}/stages/sonar")->json('orders'));
    }

    public function test_a_transducer_of_the_catalogue_is_plugged_in_where_it_fits(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = Job::query()->findOrFail($this->postJson('/api/jobs', ['customer' => 'C', 'title' => 'T', 'boat' => 'B'])->json('id'));
        $this->putIn($job, '9 in display, type A', ['name' => 'screen'])->assertOk();
        $this->putIn($job, 'Puck for inside the hull, depth')->assertOk();
        self::assertSame([['device' => 'screen', 'socket' => 's1']], array_column((array) $this->getJson("/api/jobs/{$job->id}")->json('plan.network.transducers'), 'to'));
        self::assertSame([true], array_column((array) $this->getJson("/api/jobs/{$job->id}")->json('evaluation.network.transducers'), 'reached'));
    }

    public function test_an_extension_is_offered_for_a_short_cable_and_put_on_by_hand(): void
    {
        $this->actingAs($this->person('rigger'));
        $skiff = $this->skiff();
        $this->postJson("/api/jobs/{$skiff->id}/plan/edits", ['base' => $skiff->plan?->number, 'patch' => [['on' => 'transducer:bow-transducer', 'set' => ['cable_m' => 0.5]]]])->assertOk();
        $offered = collect($this->getJson("/api/jobs/{$skiff->id}/stages/sonar")->json('orders'))->keyBy('on');
        self::assertSame(['Extension, 9-pin type C, 3 m', 54], [$offered['transducer:bow-transducer']['says'], $offered['transducer:bow-transducer']['price']]);

        $this->putIn($skiff, 'Extension, 6-pin type A, 3 m')->assertStatus(422)->assertJsonFragment(['message' => 'Say which transducer it lengthens.']);
        $this->putIn($skiff, 'Extension, 6-pin type A, 3 m', ['transducer' => 'bow-transducer'])->assertStatus(422);
        $answer = $this->putIn($skiff, 'Extension, 6-pin type A, 3 m', ['transducer' => 'transom-transducer'])->assertOk();
        $transom = collect($answer->json('plan.network.transducers'))->firstWhere('id', 'transom-transducer');
        self::assertEquals([['part' => 'Extension, 6-pin type A, 3 m', 'length_m' => 3]], $transom['extensions']);
    }

    public function test_a_live_transducer_tells_where_its_fan_lies(): void
    {
        $this->actingAs($this->person('rigger'));
        $skiff = $this->skiff();
        $fan = fn (): array => collect($this->getJson("/api/jobs/{$skiff->id}/stages/sonar")->assertOk()->json('transducers'))->keyBy('id')->map(static fn (array $one): mixed => $one['fan'])->all();
        self::assertSame(['looks' => 'forward', 'edges_deg' => [0, 135], 'needs_mount' => false, 'has_mount' => null], $fan()['live-transducer']);
        self::assertNull($fan()['bow-transducer']);
        $this->postJson("/api/jobs/{$skiff->id}/plan/edits", ['base' => $skiff->plan?->number, 'patch' => [['on' => 'transducer:live-transducer', 'set' => ['looks' => 'perspective', 'perspective_mount' => false]]]])->assertOk();
        self::assertSame(['looks' => 'perspective', 'edges_deg' => [-67.5, 67.5], 'needs_mount' => true, 'has_mount' => false], $fan()['live-transducer']);
    }

    public function test_a_wiring_slip_is_printed(): void
    {
        $this->actingAs($this->person('rigger'));
        $console = Job::query()->whereHas('boat', static fn ($boat) => $boat->where('name', 'like', 'Console%'))->firstOrFail();
        $pdf = $this->get("/api/jobs/{$console->id}/terminal-blocks/old-block?units=imperial")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
        $this->get("/api/jobs/{$console->id}/terminal-blocks/another")->assertNotFound();
        self::assertSame([1, 'blue', true, 25], array_values(array_intersect_key($this->getJson("/api/jobs/{$console->id}/stages/sonar")->json('slips.0.landings.0'), ['pin' => 0, 'colour' => 0, 'right' => 0, 'cut_mm' => 0])));
    }

    public function test_a_backbone_is_put_together_piece_by_piece(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = Job::query()->findOrFail($this->postJson('/api/jobs', ['customer' => 'C', 'title' => 'T', 'boat' => 'B'])->json('id'));
        $this->putIn($job, 'Heading sensor', ['name' => 'compass'])->assertOk();
        self::assertStringContainsString('cable of its trunk first', (string) $this->putIn($job, 'Terminator, 120 Ω')->assertUnprocessable()->json('message'));
        $this->putIn($job, 'Trunk cable, light, 5 m')->assertOk();
        $this->putIn($job, 'Terminator, 120 Ω')->assertOk();
        $this->putIn($job, 'Terminator, 120 Ω')->assertOk();
        self::assertStringContainsString('third', (string) $this->putIn($job, 'Terminator, 120 Ω')->assertUnprocessable()->json('message'));
        self::assertStringContainsString('Say which device', (string) $this->putIn($job, 'Tee for a drop')->assertUnprocessable()->json('message'));
        $this->putIn($job, 'Tee for a drop', ['device' => 'compass'])->assertOk();
        $this->putIn($job, 'Drop cable, 2 m', ['device' => 'compass'])->assertOk();
        $this->putIn($job, 'Power tap with fuse')->assertOk();
        $bus = $this->getJson("/api/jobs/{$job->id}")->json('plan.network.backbones.0');
        self::assertSame([['start', 'end'], [['at_m' => 2.5]]], [$bus['terminators'], $bus['power']]);
        self::assertSame([['compass', 2.5, 2]], array_map(static fn (array $node): array => [$node['device'], $node['at_m'], $node['drop_m']], $bus['nodes']));
    }

    /**
     * @param  array<string, mixed>  $how
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function putIn(Job $job, string $part, array $how = []): TestResponse
    {
        return $this->postJson("/api/jobs/{$job->id}/plan/parts", ['part' => CataloguePart::query()->where('name', $part)->firstOrFail()->id, ...$how]);
    }
}
