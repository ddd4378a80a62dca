<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Boat;
use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Tests\PdfWords;
use Tests\TestCase;

final class PlanTest extends TestCase
{
    private const PATH = '/api/jobs/{job}/plan/edits';

    public function test_a_job_answers_with_plan_and_evaluation_as_described(): void
    {
        $answer = $this->actingAs($this->person('rigger'))->getJson($this->uri());
        $answer->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}', 200, (string) $answer->getContent());
        $etag = (string) $answer->headers->get('ETag');
        $this->getJson($this->uri(), ['If-None-Match' => $etag])->assertStatus(304);
        $this->person('rigger')->shop->catalogue()->where('kind', 'device')->firstOrFail()->update(['figures' => ['typical_a' => 9]]);
        $etag = (string) $this->getJson($this->uri(), ['If-None-Match' => $etag])->assertOk()->headers->get('ETag');
        $this->getJson($this->uri(), ['If-None-Match' => $etag])->assertStatus(304);
        $this->edit($this->person('rigger'), 1, 'feed:house', ['run.gauge' => '4 AWG'])->assertOk();
        $this->getJson($this->uri(), ['If-None-Match' => $etag])->assertOk();
    }

    public function test_an_edit_is_kept_evaluated_and_taken_back(): void
    {
        $rigger = $this->person('rigger');
        $answer = $this->edit($rigger, 1, 'feed:bow-motor', ['run.gauge' => '6 AWG'])->assertOk();
        ApiContract::assertMet('POST', self::PATH, 200, (string) $answer->getContent());
        self::assertSame('2 stops, 2 to decide.', substr($answer->json('verdict'), 0, 21));
        self::assertSame(2, $answer->json('version.number'));
        self::assertEquals(60, $answer->json('evaluation.runs.0.protection_a'));

        $undone = $this->postJson($this->uri('/plan/undo'))->assertOk();
        self::assertSame($this->version(1)->hash, $undone->json('version.hash'));
        self::assertSame(['step' => 2, 'says' => 'feed to Bow motor 36 V: gauge 8 AWG → 6 AWG'], $undone->json('version.redo'));
        $this->postJson($this->uri('/plan/redo'))->assertOk();
        self::assertSame($this->version(2)->hash, $this->version(4)->hash);
        $this->postJson($this->uri('/plan/redo'))->assertConflict();
        self::assertSame(['import', 'edit', 'undo', 'redo'], $this->skiff()->planVersions()->pluck('kind')->all());
    }

    public function test_what_was_typed_is_read_in_the_units_chosen(): void
    {
        $this->actingAs($this->person('rigger'));
        $type = fn (int $base, string $field, string $text): TestResponse => $this->postJson($this->uri('/plan/edits'), [
            'base' => $base, 'units' => 'imperial', 'typed' => ['on' => 'feed:bow-motor', 'field' => $field, 'text' => $text],
        ]);
        $answer = $type(1, 'run.length_m', '19ft 6in')->assertOk();
        self::assertEqualsWithDelta(5.9436, $answer->json('evaluation.runs.0.length_m'), 1e-9);
        self::assertNull($answer->json('plan.feeds.0.run.route'));
        self::assertSame('4 AWG', $type(2, 'run.gauge', '4')->assertOk()->json('evaluation.runs.0.gauge'));
        self::assertTrue($type(3, 'run.gauge', '')->assertOk()->json('evaluation.runs.0.gauge_chosen'));
        $refused = $type(4, 'run.length_m', 'some feet')->assertUnprocessable();
        self::assertStringContainsString('19ft 6in', $refused->json('message'));
        $tooLong = $type(4, 'run.length_m', '900 ft')->assertUnprocessable();
        ApiContract::assertMet('POST', self::PATH, 422, (string) $tooLong->getContent());
        self::assertStringContainsString('Not kept: Feed to Bow motor 36 V, length, one way: expected a number from 0.05 to 60 m', $tooLong->json('message'));
        self::assertSame(4, $this->skiff()->planVersions()->count());
    }

    public function test_several_fields_that_stand_together_are_typed_in_one(): void
    {
        $typed = fn (string $text, string $shown = ''): TestResponse => $this->actingAs($this->person('rigger'))->postJson($this->uri('/plan/edits'), ['base' => 1, 'units' => 'metric', 'typed' => ['on' => 'plan', 'fields' => [['field' => 'boat.compass_m.x_m', 'text' => '2.4 m'], ['field' => 'boat.compass_m.y_m', 'text' => $text, 'shown' => $shown], ['field' => 'boat.beam_m', 'text' => ' ']]]]);
        $typed('to port')->assertUnprocessable();
        $kept = $typed('-20', '10 cm')->assertOk();
        self::assertEquals(['x_m' => 2.4, 'y_m' => -0.2], $kept->json('plan.boat.compass_m'));
        self::assertEquals(2.2, $kept->json('plan.boat.beam_m'), 'what was left empty is not touched');
    }

    public function test_a_bare_number_keeps_the_unit_that_was_shown(): void
    {
        $answer = $this->actingAs($this->person('rigger'))->postJson($this->uri('/plan/edits'), ['base' => 1, 'units' => 'imperial', 'typed' => ['on' => 'feed:house', 'field' => 'protection.0.from_source_m', 'text' => '7', 'shown' => '5.9 in']])->assertOk();
        self::assertEqualsWithDelta(0.1778, $answer->json('plan.feeds.1.protection.0.from_source_m'), 1e-9);
    }

    /** A length that is typed was taken with a tape: from then on it stays when its station is moved. */
    public function test_a_tape_length_stays(): void
    {
        $this->actingAs($this->person('rigger'));
        $way = json_decode($this->version(1)->document)->boat->ways[0];
        $this->edit($this->person('rigger'), 1, "way:{$way->id}", ['measured' => 'drawing'])->assertOk();
        $typed = $this->postJson($this->uri('/plan/edits'), ['base' => 2, 'units' => 'metric', 'typed' => ['on' => "way:{$way->id}", 'field' => 'length_m', 'text' => '9 m']])->assertOk();
        self::assertEquals([9, 'tape'], [$typed->json('plan.boat.ways.0.length_m'), $typed->json('plan.boat.ways.0.measured')]);
        $moved = $this->postJson($this->uri('/plan/proposals'), ['make' => 'move', 'station' => $way->from, 'at' => ['x_m' => 1.1, 'y_m' => 0.2]])->assertOk();
        self::assertEquals(9, $moved->json('plan.boat.ways.0.length_m'));
    }

    public function test_edits_of_different_fields_merge(): void
    {
        $this->edit($this->person('rigger'), 1, 'feed:house', ['run.gauge' => '4 AWG'])->assertOk();
        $answer = $this->edit($this->person('owner'), 1, 'feed:bow-motor', ['run.gauge' => '2 AWG'])->assertOk();

        self::assertSame('4 AWG', $answer->json('plan.feeds.1.run.gauge'));
        self::assertSame('2 AWG', $answer->json('plan.feeds.0.run.gauge'));
    }

    public function test_edits_of_one_field_clash_and_both_values_are_told(): void
    {
        $this->edit($this->person('rigger'), 1, 'feed:house', ['run.gauge' => '4 AWG'])->assertOk();
        $clash = $this->edit($this->person('owner'), 1, 'feed:house', ['run.gauge' => '8 AWG'])->assertConflict();

        ApiContract::assertMet('POST', self::PATH, 409, (string) $clash->getContent());
        self::assertSame([['on' => 'feed:house', 'path' => 'run.gauge', 'yours' => '8 AWG', 'theirs' => '4 AWG']], $clash->json('fields'));
        self::assertStringContainsString('Jorun Tellvik', $clash->json('message'));
        self::assertSame(2, $this->skiff()->planVersions()->count());
        $this->edit($this->person('owner'), 1, 'feed:house', ['run.gauge' => '4 AWG'])->assertOk(); // the same value is no clash
    }

    /** The same field by another address, a version that is not there yet, an id by its path: the check is not walked round. */
    public function test_the_clash_check_cannot_be_walked_round(): void
    {
        [$rigger, $owner] = [$this->person('rigger'), $this->person('owner')];
        $this->edit($owner, 1, 'branch:br-hub', ['fuse_a' => 5])->assertOk();
        $block = json_decode($this->version(1)->document)->blocks[0];
        foreach (['branches' => array_slice($block->branches, 0, 2)] as $path => $value) {
            $clash = $this->edit($rigger, 1, "block:{$block->id}", [$path => $value])->assertConflict();
            self::assertSame('branches', $clash->json('fields.0.path'));
        }
        foreach (['feeds.0.run.gauge' => '2 AWG', 'blocks.0.branches.0.fuse_a' => 3, 'feeds.0.id' => 'other'] as $path => $value) {
            self::assertStringStartsWith('Not kept:', (string) $this->edit($rigger, 2, 'plan', [$path => $value])->assertUnprocessable()->json('message'));
        }
        self::assertStringContainsString('there is no version 99', (string) $this->edit($rigger, 99, 'feed:house', ['run.gauge' => '2 AWG'])->assertConflict()->json('message'));
        self::assertSame(2, $this->skiff()->plan?->number);
    }

    public function test_undo_takes_back_ones_own_and_not_what_others_changed_since(): void
    {
        [$rigger, $owner] = [$this->person('rigger'), $this->person('owner')];
        $this->edit($rigger, 1, 'feed:house', ['run.gauge' => '4 AWG'])->assertOk();
        $this->edit($owner, 2, 'feed:bow-motor', ['run.gauge' => '2 AWG'])->assertOk();
        $answer = $this->actingAs($rigger)->postJson($this->uri('/plan/undo'))->assertOk();
        self::assertSame(['2 AWG', '6 AWG'], [$answer->json('plan.feeds.0.run.gauge'), $answer->json('plan.feeds.1.run.gauge')]);

        $this->actingAs($rigger)->postJson($this->uri('/plan/redo'))->assertOk();
        $this->edit($owner, 5, 'feed:house', ['run.gauge' => '1/0 AWG'])->assertOk();
        self::assertNull($this->actingAs($rigger)->getJson($this->uri())->json('version.undo'));
        $this->postJson($this->uri('/plan/undo'))->assertConflict()->assertJson(['message' => 'There is nothing of yours to undo.']);
        // Once theirs is taken back, one's own can be again.
        $this->actingAs($owner)->postJson($this->uri('/plan/undo'))->assertOk();
        self::assertSame('6 AWG', $this->actingAs($rigger)->postJson($this->uri('/plan/undo'))->assertOk()->json('plan.feeds.1.run.gauge'));
    }

    public function test_undo_passes_over_what_others_changed_and_tells_what_it_would_take_back(): void
    {
        [$rigger, $owner] = [$this->person('rigger'), $this->person('owner')];
        $this->edit($rigger, 1, 'feed:bow-motor', ['run.gauge' => '6 AWG'])->assertOk();
        $this->edit($rigger, 2, 'feed:house', ['run.gauge' => '4 AWG'])->assertOk();
        $this->edit($owner, 3, 'feed:house', ['run.gauge' => '2 AWG'])->assertOk();
        $seen = $this->actingAs($rigger)->getJson($this->uri());
        self::assertSame(['step' => 2, 'says' => 'feed to Bow motor 36 V: gauge 6 AWG → 8 AWG'], $seen->json('version.undo'));
        $this->postJson($this->uri('/plan/undo'), ['step' => 3])->assertConflict();
        $this->postJson($this->uri('/plan/undo'), ['step' => 'x'])->assertUnprocessable();
        $undone = $this->postJson($this->uri('/plan/undo'), ['step' => 2])->assertOk();
        self::assertSame(['8 AWG', '2 AWG'], [$undone->json('plan.feeds.0.run.gauge'), $undone->json('plan.feeds.1.run.gauge')]);
        self::assertSame(2, $this->postJson($this->uri('/plan/redo'), ['step' => 2])->assertOk()->json('version.undo.step'));
    }

    /** The owner hangs a lamp on the rigger's new station: to take the station back would leave the lamp nowhere, and undo goes on to what came before. */
    public function test_undo_passes_over_what_others_stand_on_by_now(): void
    {
        [$rigger, $owner] = [$this->person('rigger'), $this->person('owner')];
        $this->edit($rigger, 1, 'feed:bow-motor', ['run.gauge' => '6 AWG'])->assertOk();
        $put = fn (User $user, int $base, string $on, array $part): TestResponse => $this->actingAs($user)->postJson($this->uri('/plan/edits'), ['base' => $base, 'patch' => [['on' => $on, 'put' => $part]]]);
        $put($rigger, 2, 'station:shelf', ['id' => 'shelf', 'x_m' => 2, 'y_m' => 0.5])->assertOk();
        $put($owner, 3, 'device:lamp', ['id' => 'lamp', 'kind' => 'light', 'station' => 'shelf', 'v_min' => 9, 'v_max' => 16, 'typical_a' => 1, 'peak_a' => 1])->assertOk();
        self::assertSame(2, $this->actingAs($rigger)->getJson($this->uri())->json('version.undo.step'));
        self::assertSame('8 AWG', $this->postJson($this->uri('/plan/undo'))->assertOk()->json('plan.feeds.0.run.gauge'));
        $this->actingAs($owner)->postJson($this->uri('/plan/undo'))->assertOk();
        self::assertSame(3, $this->actingAs($rigger)->getJson($this->uri())->json('version.undo.step'), 'nothing stands on it any more');
    }

    public function test_a_change_that_changes_nothing_is_no_step(): void
    {
        $rigger = $this->person('rigger');
        $this->edit($rigger, 1, 'feed:bow-motor', ['run.gauge' => '8 AWG'])->assertOk()->assertJson(['version' => ['number' => 1, 'undo' => null]]);
        $this->actingAs($rigger)->call('PUT', $this->uri('/plan?base=1'), content: $this->version(1)->document)->assertOk();
        self::assertSame(1, $this->skiff()->planVersions()->count());
    }

    public function test_export_and_import_give_the_same_evaluation(): void
    {
        $this->actingAs($this->person('rigger'));
        $export = $this->get($this->uri('/plan'))->assertOk();
        $document = json_decode((string) $export->getContent(), true);
        self::assertSame(0.3, $document['house_rules']['slack_m']);
        $new = $this->postJson('/api/jobs', ['customer' => 'Else', 'title' => 'Copy', 'plan' => $export->getContent()])->assertCreated();
        ApiContract::assertMet('POST', '/api/jobs', 201, (string) $new->getContent());
        self::assertEquals($this->getJson($this->uri())->json('evaluation'), $new->json('evaluation'));
        self::assertSame('aluminium', Job::query()->findOrFail($new->json('id'))->boat->hull);
    }

    public function test_nothing_of_a_refused_file_is_kept(): void
    {
        $this->actingAs($this->person('rigger'));
        $counts = fn (): array => [Boat::query()->count(), Job::query()->count(), PlanVersion::query()->count()];
        $before = $counts();
        foreach (['{', '{"format":"dinghy-plan","version":1,"feeds":[{"id":"f"}]}', str_repeat('[', 2_000_000)] as $plan) {
            $this->postJson('/api/jobs', ['customer' => 'Else', 'title' => 'Copy', 'plan' => $plan])->assertUnprocessable();
            $this->call('PUT', $this->uri('/plan?base=1'), content: $plan)->assertUnprocessable();
        }
        self::assertSame($before, $counts());
    }

    public function test_why_and_work_sheet(): void
    {
        $this->actingAs($this->person('apprentice'));
        $why = $this->getJson($this->uri('/why?figure=run:bow-motor:drop_pct&units=metric'))->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/why', 200, (string) $why->getContent());
        self::assertSame('E = 10.75 · I · L / CM', $why->json('formula'));
        $this->getJson($this->uri('/why?figure=run:nothing:drop_pct'))->assertNotFound();

        $text = PdfWords::of((string) $this->get($this->uri('/work-sheet?units=imperial&kit=no'))->assertOk()->getContent(), $pages);
        self::assertLessThanOrEqual(2, $pages);
        self::assertStringNotContainsString('Cut list', $text);
        $whole = PdfWords::of((string) $this->get($this->uri('/work-sheet?units=imperial'))->assertOk()->getContent(), $all);
        self::assertGreaterThan($pages, $all);
        self::assertLessThanOrEqual($pages + 2, $all);
        foreach (['Cut list', 'Kit list', 'Lug 6 AWG (16 mm²), hole 5/16', '18 ft 10 in', 'Blade fuse 7.5 A'] as $expected) {
            self::assertStringContainsString($expected, $whole);
        }
        foreach (['Tiller skiff 5.6 m', 'plan version 1', '8 AWG', '19 ft 4 in', '40 A magnetic', '38.10 V', '37.89 – 38.31', '62 mΩ', 'STOP.', 'rings off', 'licensed electrician', 'ABYC E-11', 'red / black'] as $expected) {
            self::assertStringContainsStringIgnoringCase($expected, $text);
        }
    }

    public function test_a_boat_with_much_in_it_still_fits_on_two_pages(): void
    {
        $plan = json_decode($this->version(1)->document, true);
        for ($i = 1; $i <= 14; $i++) {
            $plan['devices'][] = ['id' => "light-{$i}", 'name' => "Deck light {$i}", 'kind' => 'light', 'station' => 'bow', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 0.4, 'peak_a' => 0.5];
            $plan['blocks'][0]['branches'][] = ['id' => "br-light-{$i}", 'class' => 'general', 'fuse_a' => 3, 'run' => ['gauge' => '16 AWG'], 'to' => ['device' => "light-{$i}"]];
        }
        $this->actingAs($this->person('rigger'))->call('PUT', $this->uri('/plan?base=1'), content: (string) json_encode($plan))->assertOk();

        $text = PdfWords::of((string) $this->get($this->uri('/work-sheet?kit=no'))->assertOk()->getContent(), $pages);
        self::assertSame(2, $pages);
        self::assertStringContainsString('Deck light 14', $text);
        self::assertStringContainsString('Sources:', $text);
    }

    public function test_readings_are_judged_and_kept_with_the_plan_version(): void
    {
        $this->actingAs($this->person('apprentice'));
        $take = fn (string $point, string $volts): TestResponse => $this->postJson($this->uri('/readings'), ['meter_point' => $point, 'volts' => $volts]);
        self::assertTrue($take('thrust:tap:1', '12,68 V')->assertOk()->json('readings.0.right'));
        self::assertFalse($take('thrust:tap:1', '25.4')->assertOk()->json('readings.0.right'));
        $take('thrust:tap:9', '12')->assertUnprocessable();
        $take('thrust:tap:1', '12700')->assertUnprocessable();
        $take('thrust:tap:1', 'twelve')->assertUnprocessable();
        self::assertSame(2, $this->skiff()->readings()->count());
    }

    public function test_two_probes_on_any_two_points(): void
    {
        $this->actingAs($this->person('apprentice'));
        $read = fn (string $plus, string $minus, string $state = 'rest'): TestResponse => $this->getJson($this->uri('/meter?'.http_build_query(['plus' => $plus, 'minus' => $minus, 'state' => $state])));
        $answer = $read('b3+', 'b1-')->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/meter', 200, (string) $answer->getContent());
        self::assertEqualsWithDelta(38.1, $answer->json('volts'), 1e-3);
        self::assertEqualsWithDelta(-12.7, $read('b1-', 'b1+')->json('volts'), 1e-3);
        self::assertLessThan(36.0, $read('motor+', 'motor-', 'loaded')->json('volts'));
        self::assertNull($read('b1+', 'e1-')->json('volts'));
        self::assertStringContainsString('Nothing joins', (string) $read('b1+', 'e1-')->json('says'));
        $read('b9+', 'b1-')->assertStatus(422)->assertJsonPath('message', 'The plan has no point "b9+" for the plus probe. Choose a post, a plug or a bus.');
    }

    public function test_a_short_along_a_run(): void
    {
        $this->actingAs($this->person('apprentice'));
        $answer = $this->getJson($this->uri('/short?run=house&units=metric'))->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/short', 200, (string) $answer->getContent());
        $amps = array_column($answer->json('places'), 'amps');
        self::assertCount(11, $amps);
        $falling = $amps;
        rsort($falling);
        self::assertSame($falling, $amps, 'the farther, the less');
        self::assertEquals([0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1], array_column($answer->json('places'), 'along'));
        // Ohm's law: what the wire adds grows evenly along it, so that the reciprocals of the amps do.
        self::assertEqualsWithDelta(1 / $amps[5], (1 / $amps[0] + 1 / $amps[10]) / 2, 1e-6);
        self::assertStringContainsString('magnetic breaker opens within', (string) $answer->json('places.10.says'));
        $this->getJson($this->uri('/short?run=nowhere'))->assertNotFound();
    }

    public function test_the_shed_tells_how_each_boat_stands(): void
    {
        $answer = $this->actingAs($this->person('apprentice'))->getJson('/api/shed')->assertOk();
        ApiContract::assertMet('GET', '/api/shed', 200, (string) $answer->getContent());
        self::assertCount(5, $answer->json('jobs'));
        self::assertSame([3, 3], [$answer->json('jobs.0.stops'), $answer->json('jobs.0.decisions')]);
        self::assertSame(['power', 'survey', 'day'], [$answer->json('jobs.0.stage.name'), $answer->json('jobs.1.stage.name'), $answer->json('jobs.4.stage.name')], 'the first that is not in order, or the last');
    }

    /** @param  array<string, mixed>  $set */
    private function edit(User $user, int $base, string $on, array $set): TestResponse
    {
        return $this->actingAs($user)->postJson($this->uri('/plan/edits'), ['base' => $base, 'patch' => [['on' => $on, 'set' => $set]]]);
    }

    private function uri(string $rest = ''): string
    {
        return "/api/jobs/{$this->skiff()->id}{$rest}";
    }

    private function version(int $number): PlanVersion
    {
        return $this->skiff()->planVersions()->where('number', $number)->firstOrFail();
    }
}
