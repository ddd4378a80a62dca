<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use Tests\PdfWords;
use Tests\TestCase;

/** The day on the water, as a page asks for it: it follows a change, and no change waits for it. */
final class DayTest extends TestCase
{
    public function test_the_day_as_it_is_planned(): void
    {
        $this->actingAs($this->person('rigger'));
        $answer = $this->day();
        ApiContract::assertMet('GET', '/api/jobs/{job}/stages/{stage}', 200, (string) $answer->getContent());
        self::assertMatchesRegularExpression('/^Turn home by 1[01]:\d\d\. Everything lasts: home at 10:30, 4 h 00 out\.$/', $answer->json('says'));
        self::assertGreaterThan(225, $answer->json('turn_home_min'), 'later than planned');
        self::assertSame(['in order', []], [$answer->json('stands'), $answer->json('findings')]);
        self::assertSame([390, 4, 3], [$answer->json('run.starts_min'), $answer->json('run.hours'), count($answer->json('run.phases'))]);
        self::assertSame([false, false, true], array_column($answer->json('run.phases'), 'home'));
        self::assertLessThanOrEqual(240, count($answer->json('run.series.minutes')));
        self::assertCount(count($answer->json('run.series.minutes')), $answer->json('run.series.soc.b1'));
        self::assertSame('tiller-display', $answer->json('run.worst'));
    }

    /** Six hours of fishing are more than 50 Ah give two screens and a live sonar: 8.4 A. */
    public function test_a_longer_day_runs_the_electronics_flat_and_no_edit_waits_for_it(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}";
        $phases = $this->getJson($uri)->json('plan.trip.phases');
        $phases[1]['hours'] = 6;
        $edit = $this->postJson("{$uri}/plan/edits?showing=day", ['base' => 1, 'patch' => [['on' => 'plan', 'set' => ['trip.phases' => $phases]]]])->assertOk();
        self::assertSame([], $edit->json('drawn'));
        self::assertSame('not run', collect($edit->json('stages'))->firstWhere('stage', 'day')['says']);

        $answer = $this->day();
        ApiContract::assertMet('GET', '/api/jobs/{job}/stages/{stage}', 200, (string) $answer->getContent());
        self::assertMatchesRegularExpression('/^Turn home by 1[01]:\d\d\. .* gives out first, at 1[01]:\d\d, [45] h \d\d out\.$/', $answer->json('says'));
        $said = collect($answer->json('findings'))->keyBy(static fn (array $finding): string => "{$finding['rule']} {$finding['on']}");
        self::assertArrayHasKey('B17 bank:electronics', $said);
        self::assertArrayHasKey('B30 device:tiller-display', $said);
        self::assertStringStartsWith('5 stops, 5 to decide.', $answer->json('verdict'));
        self::assertMatchesRegularExpression('/ out at 1[01]:\d\d\./', $answer->json('verdict'));
        self::assertSame('2 stops', $answer->json('stands'));
        self::assertMatchesRegularExpression('/gives out first, at 1[01]:\d\d am/', $this->day('imperial')->json('says'));
    }

    /** The night after it and the boat laid up come with the day: what fills each battery, and what draws while nobody is aboard. */
    public function test_the_night_and_the_winter(): void
    {
        $this->actingAs($this->person('rigger'));
        $answer = $this->day();
        self::assertSame(['b1', 'b2', 'b3', 'e1'], array_column($answer->json('night.batteries'), 'id'));
        foreach ($answer->json('night.batteries') as $battery) {
            self::assertLessThan(10, $battery['full_after_h']);
            self::assertEqualsWithDelta($battery['full_after_h'], $battery['bulk_h'] + $battery['absorption_h'], 0.001);
        }
        self::assertSame(['c1', 'c2'], array_column($answer->json('night.chargers'), 'id'));
        self::assertSame(['thrust', 'electronics'], array_column($answer->json('lay_up'), 'bank'));
        self::assertSame([30, 180], [$answer->json('lay_up.0.between_trips.days'), $answer->json('lay_up.0.winter.days')]);
    }

    /** Eight hours are more than either bank gives: what is named for them bears them once it is taken. */
    public function test_eight_hours_solved_backwards(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}";
        $answer = $this->getJson("{$uri}/day/variants?hours=8&units=metric")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/day/variants', 200, (string) $answer->getContent());
        self::assertFalse($answer->json('holds'));
        self::assertStringStartsWith('Not 8 h 00 as she is: ', $answer->json('says'));
        $variants = collect($answer->json('variants'))->keyBy('name');
        self::assertSame('The electronics bank runs short, and no motor hangs on it.', $variants['less-thrust']['missing']);
        $lithium = $variants['batteries-lifepo4'];
        self::assertLessThan(0, $lithium['figures']['mass_kg']);
        // Three blocks and the one of the electronics, at the catalogue's 530.
        self::assertEqualsWithDelta(4 * 530, $lithium['figures']['cost'], 1e-6);
        $this->postJson("{$uri}/plan/edits", ['base' => 1, 'patch' => $lithium['patch']])->assertOk();
        self::assertSame(8, $this->day()->json('run.hours'));
        self::assertSame([], array_intersect(['B17', 'B30'], array_column($this->day()->json('findings'), 'rule')));
        self::assertTrue($this->getJson("{$uri}/day/variants?hours=8")->assertOk()->json('holds'));
    }

    /** Odd columns, its own order, decimal commas and a sign the other way: four hours that drew more than was planned. */
    public function test_a_monitors_log_is_read_laid_over_the_day_and_fitted(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}/day/log?bank=thrust";
        $lines = [];
        for ($minute = 0; $minute <= 240; $minute += 2) {
            $lines[] = sprintf('%s;%s;%s;01.07.2026;%02d:%02d', '87', str_replace('.', ',', sprintf('%.1f', $minute < 15 || $minute >= 225 ? -34.0 : -6.4)), '37,9', 6 + intdiv(30 + $minute, 60), (30 + $minute) % 60);
        }
        $csv = "Monitor of the bow bank\nSOC (%);Strom [A];Spannung (V);Datum;Uhrzeit\n".implode("\n", $lines)."\n--;--;--;;\n";
        $answer = $this->log($uri, $csv)->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/day/log', 200, (string) $answer->getContent());
        self::assertSame([121, 1, false, 390, 0], [$answer->json('readings'), $answer->json('skipped'), $answer->json('out_is_plus'), $answer->json('starts_min'), $answer->json('begins_min')]);
        self::assertSame([null, 3, 4, 1, 2, 0], array_column($answer->json('columns'), 'number'));
        self::assertEqualsWithDelta(0.5 * 34 + 3.5 * 6.4, $answer->json('ah_out'), 0.6);
        $fishing = $answer->json('fit.phases.1');
        self::assertEqualsWithDelta(6.4, $fishing['measured_a'], 0.3);
        self::assertEqualsWithDelta($fishing['measured_a'], $fishing['fitted_a'], 0.1);
        self::assertSame('motor', $fishing['shares'][0]['device']);
        self::assertLessThan($answer->json('fit.before_a'), $answer->json('fit.residual_a'));

        $this->postJson("/api/jobs/{$this->skiff()->id}/plan/edits", ['base' => 1, 'patch' => $answer->json('fit.patch')])->assertOk();
        self::assertNull($this->log($uri, $csv)->json('fit.patch'), 'once it is taken, the plan is as the log says');

        $said = $this->log("{$uri}&columns=time:4,amps:1&out=plus&begins=10", $csv)->assertOk();
        self::assertSame([true, 10], [$said->json('out_is_plus'), $said->json('begins_min')]);
        self::assertLessThan(0, $said->json('ah_out'));
    }

    public function test_what_is_no_log_of_hers(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}/day/log";
        self::assertSame('Bank: this boat has no such bank. Choose one of hers.', $this->log("{$uri}?bank=nobody", "time,amps\n06:30,1\n07:00,1\n")->assertUnprocessable()->json('message'));
        self::assertStringStartsWith('No line of the log names columns', (string) $this->log("{$uri}?bank=thrust", 'a letter')->assertUnprocessable()->json('message'));
        self::assertStringStartsWith('Columns: say which', (string) $this->log("{$uri}?bank=thrust&columns=all", "time,amps\n06:30,1\n07:00,1\n")->assertUnprocessable()->json('message'));
        $this->log("{$uri}?bank=thrust", str_repeat('x', 8_400_000))->assertStatus(413);
    }

    /** A day by kind of fishing: one that comes with Dinghy is planned, the planned one is kept under a name, written over and taken out. */
    public function test_days_by_kind_of_fishing(): void
    {
        $this->actingAs($this->person('owner'));
        $uri = "/api/jobs/{$this->skiff()->id}";
        $usual = $this->getJson('/api/day-templates')->assertOk();
        ApiContract::assertMet('GET', '/api/day-templates', 200, (string) $usual->getContent());
        $trolling = collect($usual->json('templates'))->firstWhere('name', 'Trolling');
        $this->postJson("{$uri}/plan/proposals", ['make' => 'day', 'phases' => $trolling['phases']])->assertOk();
        self::assertSame(['run out', 'trolling', 'run home'], array_column($this->getJson($uri)->json('plan.trip.phases'), 'name'));
        $this->postJson("{$uri}/plan/proposals", ['make' => 'day', 'phases' => [['name' => 'x', 'hours' => 1, 'on' => ['rocket' => 1]]]])->assertUnprocessable();
        $this->postJson("{$uri}/plan/proposals", ['make' => 'day', 'phases' => [['name' => 'x', 'hours' => -1, 'on' => (object) []]]])->assertUnprocessable();

        foreach (['Our pike day', 'our  PIKE day', 'Trolling'] as $name) {
            $kept = $this->postJson("{$uri}/day-templates", ['name' => $name])->assertOk();
            ApiContract::assertMet('POST', '/api/jobs/{job}/day-templates', 200, (string) $kept->getContent());
        }
        $names = array_column($kept->json('templates'), 'name');
        self::assertSame(['our PIKE day', 'Trolling'], array_slice($names, 0, 2), 'one of the shop stands before one of the same name');
        self::assertSame(array_unique($names), $names);
        $left = $this->deleteJson('/api/day-templates/'.$kept->json('templates.1.id'))->assertOk();
        self::assertNull(collect($left->json('templates'))->firstWhere('name', 'Trolling')['id'], 'the one that comes with Dinghy is there again');
        self::assertStringStartsWith('Name: give the day', (string) $this->postJson("{$uri}/day-templates", ['name' => ''])->assertUnprocessable()->json('message'));
    }

    public function test_the_ways_of_supplying_electronics_over_the_day(): void
    {
        $this->actingAs($this->person('rigger'));
        $answer = $this->getJson("/api/jobs/{$this->skiff()->id}/day/supplies")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/day/supplies', 200, (string) $answer->getContent());
        $supplies = collect($answer->json('supplies'))->keyBy('school');
        self::assertSame('The plan has no engine with a starting battery.', $supplies['starting']['missing']);
        self::assertTrue($supplies['own']['now']);
        self::assertSame([null, null, []], [$supplies['own']['day']['out_min'], $supplies['own']['day']['floor_min'], $supplies['own']['day']['restart']]);
        self::assertGreaterThan(12, $supplies['own']['day']['least_v']);
    }

    /** The sheet says what the page says: its words are read back out of the PDF. */
    public function test_the_day_on_paper(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}";
        $pdf = (string) $this->get("{$uri}/day-sheet?units=metric")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        $text = PdfWords::of($pdf);
        self::assertStringContainsString('Everything lasts: home at 10:30, 4 h 00 out.', $text);
        self::assertStringContainsString('Battery 1 of electronics', $text);
        self::assertStringContainsString('42.6 V', $text);
        $this->fishing(6);
        self::assertMatchesRegularExpression('/gives out first, at 1[01]:\d\d, [45] h \d\d out\./', PdfWords::of((string) $this->get("{$uri}/day-sheet?units=metric")->getContent()));
        $this->postJson("{$uri}/plan/edits", ['base' => 2, 'patch' => [['on' => 'plan', 'set' => ['trip.phases' => []]]]])->assertOk();
        self::assertStringStartsWith('No day is planned', (string) $this->getJson("{$uri}/day-sheet")->assertUnprocessable()->json('message'));
    }

    public function test_hours_that_no_day_can_have(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}/day/variants";
        self::assertStringStartsWith('Hours: type how long', (string) $this->getJson("{$uri}?hours=0")->assertUnprocessable()->json('message'));
        $short = $this->getJson("{$uri}?hours=0.25")->assertUnprocessable();
        ApiContract::assertMet('GET', '/api/jobs/{job}/day/variants', 422, (string) $short->getContent());
        self::assertStringStartsWith('Hours: what stays of the day takes longer', (string) $short->json('message'));
    }

    /** A finding of the day has its reason, may be let stand, and is open again when the day is another. */
    public function test_what_is_said_of_the_day_is_explained_and_decided_about(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}";
        $this->fishing(6);
        $found = collect($this->day()->json('findings'))->firstWhere('on', 'bank:electronics');
        self::assertStringContainsString('down to its floor', $this->getJson("{$uri}/why?figure=finding:B17:bank:electronics")->assertOk()->json('value'));
        $this->getJson("{$uri}/why?figure=finding:B17:bank:nobody")->assertNotFound();

        $decided = $this->postJson("{$uri}/decisions", ['occasion' => $found['occasion'], 'reason' => 'The owner carries a pack'])->assertOk();
        self::assertSame([$found['occasion']], array_column($decided->json('decided'), 'occasion'));
        self::assertStringStartsWith('5 stops, 4 to decide.', $this->day()->json('verdict'));
        self::assertStringStartsWith('3 stops, 3 to decide.', $decided->json('verdict'), 'what was not run is not counted');

        $this->fishing(5.5);
        self::assertStringStartsWith('4 stops, 5 to decide.', $this->day()->json('verdict'), 'another day, another figure: it is open again');
    }

    public function test_an_earlier_way_home_is_offered_and_taken(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}";
        $this->fishing(6);
        $found = collect($this->day()->json('findings'))->firstWhere('on', 'device:tiller-display');
        $answer = $this->getJson("{$uri}/remedies?units=metric")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/remedies', 200, (string) $answer->getContent());
        $remedy = collect($answer->json('remedies'))->firstWhere('occasion', $found['occasion']);
        self::assertMatchesRegularExpression('/^Turn home at 11:\d\d, [45] h \d\d out\.$/', $remedy['says']);
        $this->postJson("{$uri}/plan/edits", ['base' => $this->getJson($uri)->json('version.number'), 'patch' => $remedy['patch']])->assertOk();
        $day = $this->day();
        self::assertSame([], array_values(array_filter(array_column($day->json('findings'), 'rule'), static fn (string $rule): bool => $rule === 'B30')));
        self::assertStringContainsString('Everything lasts', $day->json('says'));
    }

    public function test_a_boat_without_a_day_says_so(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}";
        $this->postJson("{$uri}/plan/edits", ['base' => 1, 'patch' => [['on' => 'plan', 'unset' => ['trip']]]])->assertOk();
        $answer = $this->day();
        ApiContract::assertMet('GET', '/api/jobs/{job}/stages/{stage}', 200, (string) $answer->getContent());
        self::assertSame(['No day on the water is planned yet: say what it is made of.', null, 'not begun'], [$answer->json('says'), $answer->json('run'), $answer->json('stands')]);
    }

    private function fishing(float $hours): void
    {
        $uri = "/api/jobs/{$this->skiff()->id}";
        $job = $this->getJson($uri);
        $phases = $job->json('plan.trip.phases');
        $phases[1]['hours'] = $hours;
        $this->postJson("{$uri}/plan/edits", ['base' => $job->json('version.number'), 'patch' => [['on' => 'plan', 'set' => ['trip.phases' => $phases]]]])->assertOk();
    }

    private function day(string $units = 'metric'): TestResponse
    {
        return $this->getJson("/api/jobs/{$this->skiff()->id}/stages/day?units={$units}")->assertOk();
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function log(string $uri, string $csv): TestResponse
    {
        return $this->call('POST', $uri, server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: $csv);
    }
}
