<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\WorkEntry;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\DoneSteps;
use Tests\FreePort;
use Tests\TestCase;

/** Holds that a meter passes, readings at rest, tests under load and a meter on a wire, as the server keeps and answers them. */
final class MeterTest extends TestCase
{
    private const PLUS = 'connect:bank:thrust:feed:bow-motor+@b3+';

    private ?Process $meter = null;

    protected function tearDown(): void
    {
        $this->meter?->stop(1);
        parent::tearDown();
    }

    public function test_the_stage_and_its_answers_are_as_they_are_described(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->sound();
        $stage = $this->getJson("/api/jobs/{$job->id}/stages/meter?units=metric")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/stages/{stage}', 200, (string) $stage->getContent());
        self::assertSame('b1', $stage->json('rest.0.of.id'));
        self::assertSame('feed:bow-motor', $stage->json('paths.0.on'));
        $judged = $this->postJson("/api/jobs/{$job->id}/readings/judgements", ['meter_point' => 'b1', 'value' => 12.7])->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/readings/judgements', 200, (string) $judged->getContent());
        $kept = $this->postJson("/api/jobs/{$job->id}/load-tests", self::tested())->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/load-tests', 200, (string) $kept->getContent());
        ApiContract::assertMet('GET', '/api/jobs/{job}/stages/{stage}', 200, (string) $this->getJson("/api/jobs/{$job->id}/stages/meter")->assertOk()->getContent());
    }

    /** A conductor lands once its gap and its post were read, each right; what was read stays with what was expected then. */
    public function test_a_gap_that_was_not_read_or_not_right_holds_its_landing(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->sound();
        DoneSteps::before($job, self::PLUS);
        $lands = fn (array $readings): mixed => $this->send($job, self::PLUS, ['readings' => $readings])->json('outcomes.0.says');
        self::assertStringContainsString('until every reading is taken', (string) $lands([]));
        self::assertStringContainsString('until every reading is taken', (string) $lands([0.0]));
        self::assertStringContainsString('this is Battery 2 of thrust +, not Battery 3 of thrust +', (string) $lands([0.0, 25.4]));
        self::assertStringContainsString('Do not land it', (string) $lands([12.7, 38.1]));
        self::assertStringContainsString('are the probes swapped?', (string) $lands([0.0, -38.1]));
        self::assertSame(0, WorkEntry::query()->where('step', self::PLUS)->count(), 'nothing of a refusal is kept');
        self::assertNull($lands([0.0, 38.1]));
        $entry = WorkEntry::query()->where('step', self::PLUS)->firstOrFail();
        self::assertIsArray($entry->content['measured']);
        self::assertSame([null, 38.1], array_map(static fn (mixed $one): mixed => is_float($one) ? round($one, 3) : $one, array_column($entry->content['measured'], 'expect')));
        self::assertStringContainsString('38.1 V at the post, red on Battery 3 of thrust +', (string) $this->getJson("/api/jobs/{$job->id}/work")->json('log.0.words'));
    }

    /** A meter shows the same to anyone: an apprentice lands what it lets land, and signs nothing else. */
    public function test_an_apprentice_reads_and_lands(): void
    {
        $job = $this->sound();
        DoneSteps::before($job, 'connect:bank:thrust:feed:bow-motor-@b1-');
        WorkEntry::query()->where('step', self::PLUS)->delete();
        $this->actingAs($this->person('apprentice'));
        self::assertNull($this->send($job, self::PLUS, ['readings' => [0.0, 38.1]], 'apprentice')->json('outcomes.0.says'));
        self::assertStringContainsString('signed by a rigger', (string) $this->send($job, 'connect:bank:thrust:feed:bow-motor-@b1-', ['readings' => [0.0, 38.1], 'tick' => true], 'apprentice')->json('outcomes.0.says'));
    }

    /** Ohms before power, power through a lamp first, volts before a plug. */
    public function test_power_waits_for_ohms_and_the_plug_for_volts(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->sound();
        DoneSteps::before($job, 'energise:feed:bow-motor');
        WorkEntry::query()->where('step', 'off:feed:bow-motor')->delete();
        $outcome = fn (string $step, array $with): mixed => $this->send($job, $step, $with)->json('outcomes.0.says');
        self::assertStringContainsString('That is a short: no power until it is found.', (string) $outcome('off:feed:bow-motor', ['readings' => [0.2, 1e9]]));
        self::assertStringContainsString('Not yet: first “Ohms to Bow motor', (string) $outcome('energise:feed:bow-motor', ['tick' => true]));
        self::assertNull($outcome('off:feed:bow-motor', ['readings' => [1e9, 1e9]]));
        self::assertStringContainsString('stays dark', (string) $outcome('energise:feed:bow-motor', []));
        self::assertNull($outcome('energise:feed:bow-motor', ['tick' => true]));
        self::assertStringContainsString('its plus sits on Battery 2 of thrust +', (string) $outcome('rest:feed:bow-motor', ['readings' => [25.4]]));
        self::assertStringContainsString('Not yet', (string) $outcome('plug-in:feed:bow-motor', []));
        self::assertNull($outcome('rest:feed:bow-motor', ['readings' => [38.1]]));
        self::assertNull($outcome('plug-in:feed:bow-motor', []));
    }

    /** The work tells what is measured at the steps ahead, each as the steps before it will have built her. */
    public function test_the_work_tells_what_is_measured_ahead(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->sound();
        DoneSteps::before($job, 'connect:bank:thrust:jumper:b2+b3-@b2+');
        $measures = array_column((array) $this->getJson("/api/jobs/{$job->id}/work")->json('measures'), 'of', 'step');
        $expected = static fn (string $step): array => array_map(static fn (mixed $of): mixed => is_array($of) ? $of['expect'] : null, is_array($measures[$step] ?? null) ? $measures[$step] : []);
        self::assertEqualsWithDelta(25.4, $expected('connect:bank:thrust:jumper:b2+b3-@b2+')[0], 0.001);
        self::assertNull($expected(self::PLUS)[0], 'nothing joins the feed to the bank');
        self::assertEqualsWithDelta(38.1, $expected(self::PLUS)[1], 0.001);
        self::assertSame([null, null], $expected('off:feed:bow-motor'));
        self::assertEqualsWithDelta(38.1, $expected('rest:feed:bow-motor')[0], 0.001);
    }

    public function test_a_reading_is_judged_before_it_is_kept(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->sound();
        DoneSteps::before($job, self::PLUS);
        $judge = fn (array $values, bool $checked = false): TestResponse => $this->postJson("/api/jobs/{$job->id}/work/judgements", ['step' => self::PLUS, 'values' => $values, 'checked' => $checked]);
        ApiContract::assertMet('POST', '/api/jobs/{job}/work/judgements', 200, (string) $judge([0.0])->assertOk()->getContent());
        self::assertSame(['inside', 'asks'], array_column((array) $judge([0.0, 0.0])->json('judgements'), 'verdict'));
        self::assertSame(['inside', 'outside'], array_column((array) $judge([0.0, 0.0], true)->json('judgements'), 'verdict'));
        self::assertSame(0, WorkEntry::query()->where('step', self::PLUS)->count());
        $judge([0.0, 38.1, 38.1])->assertUnprocessable();
        $this->postJson("/api/jobs/{$job->id}/work/judgements", ['step' => 'no such', 'values' => [1.0]])->assertUnprocessable();
    }

    /** What the blocks were read at is what their sums must be; what was read of all alike is the meter’s own fault. */
    public function test_readings_at_rest_stand_on_one_another(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->sound();
        $keep = fn (string $point, string $volts): TestResponse => $this->postJson("/api/jobs/{$job->id}/readings", ['meter_point' => $point, 'volts' => $volts])->assertOk();
        foreach (['b1' => '12.72', 'b2' => '12.75', 'b3' => '12.7'] as $block => $volts) {
            $keep($block, $volts);
        }
        $rest = array_column(array_column((array) $this->getJson("/api/jobs/{$job->id}/stages/meter")->json('rest'), 'of'), 'expect', 'id');
        self::assertEqualsWithDelta(25.47, $rest['thrust:tap:2'], 0.001);
        self::assertEqualsWithDelta(38.17, $rest['motor:plug'], 0.001);
        // What was read a month ago no block rests at any more.
        \App\Models\Reading::query()->update(['taken_at' => now()->subDays(30)]);
        self::assertEqualsWithDelta(25.4, array_column(array_column((array) $this->getJson("/api/jobs/{$job->id}/stages/meter")->json('rest'), 'of'), 'expect', 'id')['thrust:tap:2'], 0.001);
        \App\Models\Reading::query()->update(['taken_at' => now()]);
        $judge = fn (string $point, float $value): string => (string) $this->postJson("/api/jobs/{$job->id}/readings/judgements", ['meter_point' => $point, 'value' => $value])->assertOk()->json('judgements.0.says');
        self::assertStringContainsString('right', $judge('motor:plug', 38.2));
        self::assertStringContainsString('its plus sits on Battery 2 of thrust +', $judge('motor:plug', 25.45));
        foreach (['b1' => '13.7', 'b2' => '13.7', 'b3' => '13.7', 'e1' => '14.36'] as $block => $volts) {
            $keep($block, $volts);
        }
        self::assertStringContainsString('Everything reads 8 % high', $judge('thrust:pos', 41.12));
        $this->postJson("/api/jobs/{$job->id}/readings/judgements", ['meter_point' => 'no such', 'value' => 1])->assertUnprocessable();
    }

    /** A baseline, and a year later a joint that has gone bad; one that was read wrong is taken back. */
    public function test_a_passport_of_two_years(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->sound();
        self::assertStringContainsString('This is the baseline', (string) $this->postJson("/api/jobs/{$job->id}/load-tests", self::tested())->assertOk()->json('passports.0.says'));
        $later = $this->postJson("/api/jobs/{$job->id}/load-tests", self::tested(['taken_on' => '2027-11-30', 'volts' => ['source' => 37.59, 'feed:bow-motor:0' => 37.55, 'feed:bow-motor' => 36.75]]))->assertOk();
        self::assertTrue($later->json('passports.0.has_drifted'));
        self::assertStringContainsString('From behind the 60 A magnetic breaker to Bow motor 36 V it has grown by 10.8 mΩ since 2026-11-29', (string) $later->json('passports.0.says'));
        self::assertSame(['2026-11-29', '2027-11-30'], array_column((array) $later->json('passports.0.tests'), 'day'));
        $id = $later->json('passports.0.tests.1.id');
        self::assertIsInt($id);
        self::assertFalse($this->deleteJson("/api/jobs/{$job->id}/load-tests/{$id}")->assertOk()->json('passports.0.has_drifted'));
        self::assertSame(1, $job->loadTests()->count());
        self::assertSame('1 read', array_column((array) $this->getJson("/api/jobs/{$job->id}")->json('stages'), 'says', 'stage')['meter'] ?? null);
    }

    /** Sent again because its answer was lost, it is there once. */
    public function test_a_test_under_load_that_is_sent_twice_is_there_once(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->sound();
        for ($time = 0; $time < 2; $time++) {
            $this->postJson("/api/jobs/{$job->id}/load-tests", self::tested(), ['Change-Id' => '00000000-0000-4000-8000-000000000001'])->assertOk();
        }
        self::assertSame(1, $job->loadTests()->count());
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function wrong(): array
    {
        return [
            'no such way' => [['on' => 'feed:none'], 'no such way'],
            'no such point' => [['volts' => ['source' => 37.5, 'elsewhere' => 37.0]], 'no such point'],
            'one point' => [['volts' => ['source' => 37.5]], 'two points'],
            'no amps' => [['amps' => 0], 'Amps'],
            'a figure for a day' => [['taken_on' => 1e308], 'Day'],
            'no day' => [['taken_on' => '2026-02-30'], 'Day'],
            'hot copper' => [['celsius' => 400], 'Temperature'],
            'words for volts' => [['volts' => ['source' => 'much', 'feed:bow-motor' => 37.0]], 'a number from 0 to 75'],
        ];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_refused_in_words(array $wrong, string $says): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->sound();
        $refused = $this->postJson("/api/jobs/{$job->id}/load-tests", self::tested($wrong))->assertUnprocessable();
        self::assertStringContainsString($says, (string) $refused->json('message'));
        self::assertSame(0, $job->loadTests()->count());
    }

    /** The simulated meter answers on its wire; one that is off is said to be silent; what is not registered is not spoken to. */
    public function test_a_meter_on_a_wire(): void
    {
        $port = FreePort::find();
        $this->meter = new Process([PHP_BINARY, 'artisan', 'dinghy:instruments', '--port='.FreePort::find(), "--meter={$port}", '--shows=12.71 V'], base_path());
        $this->meter->start();
        $shop = $this->person('owner')->shop;
        $settings = $shop->settings()->jsonSerialize();
        $settings['instruments'] = [['name' => 'Meter', 'kind' => 'meter', 'host' => '127.0.0.1', 'port' => $port], ['name' => 'Off', 'kind' => 'meter', 'host' => '127.0.0.1', 'port' => FreePort::find()], ['name' => 'Boat', 'kind' => 'network', 'host' => '127.0.0.1', 'port' => 1]];
        $shop->update(['settings' => json_encode($settings, JSON_THROW_ON_ERROR)]);
        $this->actingAs($this->person('rigger'));
        $job = $this->sound();
        $shows = fn (string $name): TestResponse => $this->getJson("/api/jobs/{$job->id}/hand-meter?name={$name}");
        for ($try = 0; $try < 100 && $shows('Meter')->json('value') === null; $try++) {
            usleep(100_000);
        }
        $answer = $shows('Meter')->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/hand-meter', 200, (string) $answer->getContent());
        self::assertSame([12.71, 'V'], [$answer->json('value'), $answer->json('unit')]);
        foreach (['SHOW 38.1 V' => [38.1, 'V'], 'SHOW 12710 mV' => [12.71, 'V'], 'SHOW 4.7 kΩ' => [4700, 'Ω'], 'SHOW OL Ω' => [1e9, 'Ω'], 'SHOW -0.02 V' => [-0.02, 'V']] as $line => $expected) {
            $wire = stream_socket_client("tcp://127.0.0.1:{$port}");
            self::assertNotFalse($wire);
            fwrite($wire, "{$line}\n");
            fgets($wire);
            fclose($wire);
            self::assertEquals($expected, [$shows('Meter')->json('value'), $shows('Meter')->json('unit')], $line);
        }
        self::assertStringContainsString('No reading comes from 127.0.0.1', (string) $shows('Off')->assertOk()->json('says'));
        $shows('Boat')->assertNotFound();
        $shows('127.0.0.1')->assertNotFound();
    }

    /**
     * @param  array<string, mixed>  $otherwise
     * @return array<string, mixed>
     */
    private static function tested(array $otherwise = []): array
    {
        return [...['on' => 'feed:bow-motor', 'taken_on' => '2026-11-29', 'load' => 'Carbon pile', 'amps' => 37.1, 'celsius' => 20, 'meter' => 'Hand meter 1', 'volts' => ['source' => 37.59, 'feed:bow-motor:0' => 37.55, 'feed:bow-motor' => 37.15]], ...$otherwise];
    }

    /** A skiff with nothing wrong, three blocks of 12.7 V in series. */
    private function sound(): Job
    {
        $job = $this->skiff();
        $job->plan?->update(['document' => (string) file_get_contents(base_path('database/demo/boats/skiff.json'))]);

        return $job->refresh();
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<Response>
     */
    private function send(Job $job, string $step, array $with, string $role = 'rigger'): TestResponse
    {
        return $this->postJson("/api/jobs/{$job->id}/work/entries", ['entries' => [['id' => (string) Str::uuid(), 'step' => $step, 'act' => 'done', 'at' => CarbonImmutable::now()->format('Y-m-d\TH:i:sP'), 'by' => $this->person($role)->id, ...$with]]])->assertOk();
    }
}
