<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use Illuminate\Testing\TestResponse;
use Tests\PdfWords;
use Tests\TestCase;

/** Where things go, over HTTP: the boat plan, what is moved and added on it, a board's template at its true size. */
final class LayoutTest extends TestCase
{
    public function test_the_layout_of_every_boat(): void
    {
        $this->actingAs($this->person('apprentice'));
        foreach (Job::query()->orderBy('bay')->get() as $job) {
            $answer = $this->getJson("/api/jobs/{$job->id}/stages/layout?units=metric")->assertOk();
            ApiContract::assertMet('GET', '/api/jobs/{job}/stages/{stage}', 200, (string) $answer->getContent());
            self::assertNotContains(false, array_column((array) $answer->json('stations'), 'aboard'), $job->boat->name);
            self::assertSame([], array_merge(...array_column((array) $answer->json('boards'), 'problems')));
            $plan = $this->getJson("/api/jobs/{$job->id}")->json('plan');
            self::assertCount(count($plan['batteries']) + count($plan['blocks']) + count($plan['devices']), (array) $answer->json('fittings'), 'every battery, block and device of the demo has its place');
            foreach ((array) $answer->json('mounting') as $mounting) {
                self::assertNotContains(false, array_column($mounting['checks'], 'good'), "{$job->boat->name}: {$mounting['label']}");
            }
        }
    }

    public function test_other_routes_are_offered_with_what_they_cost(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $this->propose($job, ['make' => 'way', 'from' => 'stern', 'to' => 'bow-locker', 'kind' => 'open'])->assertOk();
        $offered = fn (): array => (array) $this->getJson("/api/jobs/{$job->id}/routes?run=house")->json('routes');
        self::assertSame([null, null], array_column($offered(), 'gauge'), 'behind the old console no gauge would do');
        $this->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => $job->plan()->first()?->number, 'patch' => [['on' => 'branch:br-tiller-display', 'set' => ['run.extra_mohm' => 0]]]])->assertOk();
        $others = $offered();

        self::assertSame([['stern', 'bow-locker'], ['stern', 'tiller', 'midship', 'bow-locker']], array_column($others, 'stations'));
        self::assertSame([false, true], array_column($others, 'now'), 'its route goes by way of midship');
        self::assertLessThan($others[1]['copper_kg'], $others[0]['copper_kg']);
    }

    /** A way that follows the drawing grows as its station moves, and with it the runs; one that was taped stays. */
    public function test_a_station_is_moved(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $run = static fn (TestResponse $answer): float => collect((array) $answer->json('evaluation.runs'))->firstWhere('id', 'br-tiller-display')['length_m'];
        $drawn = $this->propose($job, ['make' => 'drawn', 'way' => 'w-midship-locker'])->assertOk();
        $way = static fn (TestResponse $answer, string $id): float => collect((array) $answer->json('plan.boat.ways'))->firstWhere('id', $id)['length_m'];
        self::assertEqualsWithDelta(1.71, $way($drawn, 'w-midship-locker'), 1e-9, 'from 2.8, 1.0 to 4.4, 0.4');

        $moved = $this->propose($job, ['make' => 'move', 'station' => 'midship', 'at' => ['x_m' => 2.0, 'y_m' => 1.0]])->assertOk();
        self::assertEqualsWithDelta(2.47, $way($moved, 'w-midship-locker'), 1e-9, 'hypot(2.4, 0.6)');
        self::assertEqualsWithDelta(1.6, $way($moved, 'w-tiller-midship'), 1e-9, 'taped');
        self::assertEqualsWithDelta($run($drawn) + 0.76, $run($moved), 1e-9);
        $bent = $this->propose($job, ['make' => 'bends', 'way' => 'w-midship-locker', 'bends' => [['x_m' => 2.0, 'y_m' => 0.4]]])->assertOk();
        self::assertEqualsWithDelta(3.0, $way($bent, 'w-midship-locker'), 1e-9);
        self::assertEqualsWithDelta(2.47, $way($this->postJson("/api/jobs/{$job->id}/plan/undo")->assertOk(), 'w-midship-locker'), 1e-9);
    }

    public function test_what_is_new_on_the_plan_and_what_is_refused(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $added = $this->propose($job, ['make' => 'station', 'name' => 'Rod locker', 'kind' => 'locker', 'at' => ['x_m' => 3.4, 'y_m' => -0.8]])->assertOk();
        self::assertContains('rod-locker', array_column((array) $added->json('plan.boat.stations'), 'id'));
        self::assertContains('S07', array_column((array) $added->json('evaluation.findings'), 'rule'), 'a locker nobody has photographed');
        $named = $this->propose($job, ['make' => 'station', 'name' => 'Starboard hatch'])->assertOk();
        $hatch = array_column((array) $named->json('plan.boat.stations'), null, 'id')['starboard-hatch'];
        self::assertLessThan(0, $hatch['y_m'], 'where its name says');
        $overboard = $this->propose($job, ['make' => 'move', 'station' => 'rod-locker', 'at' => ['x_m' => 3.4, 'y_m' => -3]])->assertOk();
        self::assertContains('M07', array_column((array) $overboard->json('evaluation.findings'), 'rule'), 'warned, kept');
        $hole = $this->propose($job, ['make' => 'part', 'kind' => 'hole', 'name' => 'Antenna', 'part' => ['diameter_mm' => 20]])->assertOk();
        self::assertContains('M03', array_column((array) $hole->json('evaluation.findings'), 'rule'));

        self::assertStringContainsString('choose another', (string) $this->propose($job, ['make' => 'way', 'from' => 'bow', 'to' => 'bow', 'kind' => 'open'])->assertStatus(422)->json('message'));
        self::assertStringContainsString('no moon station', (string) $this->propose($job, ['make' => 'move', 'station' => 'moon', 'at' => ['x_m' => 1, 'y_m' => 1]])->assertStatus(422)->json('message'));
        self::assertStringContainsString('from -5 to 35', (string) $this->propose($job, ['make' => 'move', 'station' => 'bow', 'at' => ['x_m' => 100, 'y_m' => 1]])->assertStatus(422)->json('message'));
        self::assertStringContainsString('hole, board', (string) $this->propose($job, ['make' => 'part', 'kind' => 'bank', 'name' => 'x', 'part' => ['a' => 1]])->assertStatus(422)->json('message'));
        $typed = fn (string $text): TestResponse => $this->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => $job->plan()->first()?->number, 'typed' => ['on' => 'way:w-locker-bow', 'field' => 'length_m', 'text' => $text]]);
        self::assertStringContainsString('from 0.01 to 40 m of way', (string) $typed('0')->assertStatus(422)->json('message'));
        $gap = $this->postJson("/api/jobs/{$job->id}/plan/edits", ['base' => $job->plan()->first()?->number, 'patch' => [['on' => 'feed:house', 'set' => ['run.route' => ['stern', 'rod-locker', 'bow-locker']]]]]);
        self::assertStringContainsString('no way leads from "stern" to "rod-locker"', (string) $gap->assertStatus(422)->json('message'));
    }

    /** Taken out with its ways; what stood there stays and is asked for its place again; one undo brings all of it back. */
    public function test_a_station_is_taken_out(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $before = $this->getJson("/api/jobs/{$job->id}")->json('plan');
        $without = $this->deleteJson("/api/jobs/{$job->id}/plan/parts", ['on' => 'station:midship'])->assertOk();
        self::assertSame(['w-stern-tiller', 'w-locker-bow'], array_column((array) $without->json('plan.boat.ways'), 'id'));
        self::assertEquals($before, $this->postJson("/api/jobs/{$job->id}/plan/undo")->assertOk()->json('plan'));
    }

    /** A board of 300 × 150 mm, a hole of it and the ruler, measured in the PDF's own coordinates: 72 points to an inch. */
    public function test_the_template_of_a_board_has_its_true_size(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff();
        $a4 = (string) $this->get("/api/jobs/{$job->id}/boards/stern-board")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        $drawn = self::operators($a4);
        $boxes = array_map(static fn (array $box): array => [round($box[2] * 25.4 / 72, 2), round(abs($box[3]) * 25.4 / 72, 2)], $drawn['re']);
        self::assertContains([300.0, 150.0], $boxes);
        self::assertContains([76.0, 56.0], $boxes);
        // Each part in its place on the board, from the board's lower left corner, and the holes of the first in its own.
        $board = array_values(array_filter($drawn['re'], static fn (array $box): bool => abs($box[2] * 25.4 / 72 - 300) < 0.01))[0];
        [$left, $bottom] = [$board[0], min($board[1], $board[1] + $board[3])];
        $placed = array_map(static fn (array $box): array => array_map(static fn (float $points): float => round($points * 25.4 / 72, 1), [$box[0] - $left, min($box[1], $box[1] + $box[3]) - $bottom, $box[2], abs($box[3])]), $drawn['re']);
        self::assertSame([[0.0, 0.0, 300.0, 150.0], [20.0, 40.0, 76.0, 56.0], [112.0, 40.0, 76.0, 56.0], [204.0, 45.0, 76.0, 30.0]], array_slice($placed, 0, 4));
        // A cross of 3 mm beyond a hole of 5 mm on every side, over its middle.
        $crosses = array_map(static fn (array $line): array => array_map(static fn (float $points): float => round($points * 25.4 / 72, 1), [$line[0] - $left, $line[1] - $bottom, $line[2] - $left, $line[3] - $bottom]), $drawn['line']);
        self::assertContains([22.5, 48.0, 33.5, 48.0], $crosses);
        self::assertContains([88.0, 93.5, 88.0, 82.5], $crosses);
        // A4, 12 mm from its edges.
        self::assertSame([12.0, 12.0], [round($left * 25.4 / 72, 1), round(297 - ($bottom * 25.4 / 72 + 150), 1)]);
        $rulers = array_filter($drawn['line'], static fn (array $line): bool => abs(hypot($line[2] - $line[0], $line[3] - $line[1]) * 25.4 / 72 - 100) < 0.01);
        self::assertNotSame([], $rulers, 'a ruler of 100 mm');
        // 300 mm are wider than A4 between its margins: two sheets.
        self::assertSame(2, preg_match_all('#/Type /Page\b(?!s)#', $a4));
        self::assertStringContainsString('sheet 2 of 2', PdfWords::of($a4));
        self::assertStringContainsString('Print at 100 %', PdfWords::of($a4));
        self::assertStringContainsString('Letter', (string) shell_exec('printf %s '.escapeshellarg(base64_encode((string) $this->get("/api/jobs/{$job->id}/boards/stern-board?paper=letter")->getContent())).' | base64 -d | pdfinfo - | grep -i "page size" | sed "s/letter/Letter/"'));
        $this->get("/api/jobs/{$job->id}/boards/none")->assertNotFound();
    }

    /**
     * What a PDF draws, from its content streams.
     *
     * @return array{re: list<list<float>>, line: list<list<float>>}
     */
    private static function operators(string $pdf): array
    {
        $found = ['re' => [], 'line' => []];
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);
        foreach ($streams[1] as $stream) {
            $text = @gzuncompress($stream) ?: $stream;
            preg_match_all('/(-?[\d.]+) (-?[\d.]+) (-?[\d.]+) (-?[\d.]+) re\b/', $text, $boxes, PREG_SET_ORDER);
            preg_match_all('/(-?[\d.]+) (-?[\d.]+) m (-?[\d.]+) (-?[\d.]+) l\b/', $text, $lines, PREG_SET_ORDER);
            $numbers = static fn (array $match): array => array_map(floatval(...), array_slice($match, 1));
            $found['re'] = [...$found['re'], ...array_map($numbers, $boxes)];
            $found['line'] = [...$found['line'], ...array_map($numbers, $lines)];
        }

        return $found;
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function propose(Job $job, array $what): TestResponse
    {
        return $this->postJson("/api/jobs/{$job->id}/plan/proposals", $what);
    }

    /** The stage that a page shows is said in the address, and no field of a change is taken for it. */
    public function test_what_the_stage_draws_comes_with_a_change(): void
    {
        $job = $this->skiff();
        $put = $this->actingAs($this->person('rigger'))->postJson("/api/jobs/{$job->id}/plan/proposals?units=metric&showing=layout", ['make' => 'station', 'name' => 'Floor hatch'])->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/plan/proposals', 200, (string) $put->getContent());
        self::assertContains('floor-hatch', array_column((array) $put->json('drawn.layout.stations'), 'id'));
        self::assertSame($this->getJson("/api/jobs/{$job->id}/stages/layout?units=metric")->json(), $put->json('drawn.layout'), 'the same as when it is asked for');
        self::assertSame([], $this->getJson("/api/jobs/{$job->id}?showing=nothing")->assertOk()->json('drawn'));
    }
}
