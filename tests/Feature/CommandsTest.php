<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The command line as a script sees it: its own process, no database, no settings. */
final class CommandsTest extends TestCase
{
    public function test_evaluate_prints_one_document(): void
    {
        $process = self::dinghy('dinghy:evaluate', 'database/demo/mistakes/skiff.json');

        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $document = json_decode($process->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertSame('dinghy-evaluation', $document['format']);
        self::assertSame(['N01', 'N02', 'W02', 'F03', 'F04', 'W01', 'D05', 'N10', 'N11'], array_column($document['findings'], 'rule'));
    }

    public function test_strict_exits_1_on_a_stop_and_0_without(): void
    {
        self::assertSame(1, self::dinghy('dinghy:evaluate', '--strict', 'database/demo/mistakes/skiff.json')->getExitCode());
        self::assertSame(0, self::dinghy('dinghy:evaluate', '--strict', 'database/demo/boats/skiff.json')->getExitCode());
    }

    public function test_simulate_prints_the_day(): void
    {
        $day = json_decode(self::dinghy('dinghy:simulate', 'database/demo/boats/catamaran.json', '--step=300', '--series')->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(['dinghy-trip', 1, 300.0, 8.0], [$day['format'], $day['version'], $day['step_s'], $day['hours']]);
        self::assertSame(['s1', 's2', 's3', 's4', 'h1', 'h2'], array_column($day['batteries'], 'id'));
        self::assertCount(96, $day['series']['minutes']);
        self::assertCount(96, $day['series']['soc']['h2']);
        self::assertSame(['id', 'ah', 'wh', 'volts_trip_min', 'minutes_until'], array_keys($day['devices'][0]));
        self::assertArrayNotHasKey('series', json_decode(self::dinghy('dinghy:simulate', 'database/demo/boats/skiff.json')->getOutput(), true, 64, JSON_THROW_ON_ERROR));
        self::assertSame(1, self::dinghy('dinghy:simulate', '--strict', 'database/demo/mistakes/skiff.json')->getExitCode());
        self::assertSame(2, self::dinghy('dinghy:simulate', '--step=0', 'database/demo/boats/skiff.json')->getExitCode());
        self::assertSame(2, self::dinghy('dinghy:simulate', self::file('{"format": "dinghy-plan", "version": 1}'))->getExitCode());
    }

    public function test_kit_prints_what_lies_on_the_bench(): void
    {
        $kit = json_decode(self::dinghy('dinghy:kit', 'database/demo/boats/skiff.json')->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(['dinghy-kit', 1], [$kit['format'], $kit['version']]);
        self::assertSame(['bow-motor+1', 'bow-motor+2', 'bow-motor-'], array_slice(array_column($kit['wires'], 'id'), 0, 3));
        self::assertSame(1, self::dinghy('dinghy:kit', '--strict', 'database/demo/mistakes/skiff.json')->getExitCode());
        self::assertSame(0, self::dinghy('dinghy:kit', '--strict', 'database/demo/boats/skiff.json')->getExitCode());
        self::assertSame(2, self::dinghy('dinghy:kit', self::file('{"format": "dinghy-plan"}'))->getExitCode());
        self::assertSame('dinghy-kit', json_decode(self::dinghy('dinghy:kit', self::file('{"format": "dinghy-plan", "version": 1}'))->getOutput(), true, 64, JSON_THROW_ON_ERROR)['format']);
    }

    public function test_steps_prints_the_work_in_its_order(): void
    {
        $work = json_decode(self::dinghy('dinghy:steps', 'database/demo/boats/skiff.json')->getOutput(), true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(['dinghy-steps', 1], [$work['format'], $work['version']]);
        self::assertSame(['photograph', 'hand-over'], [$work['steps'][0]['kind'], $work['steps'][count($work['steps']) - 1]['kind']]);
        self::assertSame(['id', 'kind', 'says', 'at', 'on', 'post', 'needs', 'hold', 'minutes', 'where', 'gap_v'], array_keys($work['steps'][0]));
        self::assertSame(2, self::dinghy('dinghy:steps', self::file('{"format": "dinghy-plan"}'))->getExitCode());
        self::assertSame(['hand-over'], array_column(json_decode(self::dinghy('dinghy:steps', self::file('{"format": "dinghy-plan", "version": 1}'))->getOutput(), true, 64, JSON_THROW_ON_ERROR)['steps'], 'kind'));
    }

    public function test_evaluate_prints_the_volts_of_a_state(): void
    {
        $state = static fn (string $name): array => json_decode(self::dinghy('dinghy:evaluate', 'database/demo/boats/skiff.json', "--state={$name}")->getOutput(), true, 64, JSON_THROW_ON_ERROR)['state'];
        $volts = static fn (string $name): array => array_column($state($name)['devices'], 'volts', 'id');

        self::assertEqualsWithDelta(38.1, $volts('rest')['motor'], 1e-6);
        self::assertGreaterThan($volts('motor=1')['motor'], $volts('motor=0.5')['motor']);
        self::assertSame('loaded', $state('loaded')['name']);
        foreach (['odd', 'motor=2'] as $wrong) {
            $process = self::dinghy('dinghy:evaluate', 'database/demo/boats/skiff.json', "--state={$wrong}");
            self::assertSame(2, $process->getExitCode());
            self::assertStringContainsString($wrong === 'odd' ? '"odd" is none' : 'from 0 to 1', $process->getOutput());
        }
    }

    public function test_the_meter_reads_any_two_points(): void
    {
        $meter = static fn (string ...$options) => self::dinghy('dinghy:meter', 'database/demo/boats/skiff.json', ...$options);

        self::assertSame("38.100 V\n", $meter('--plus=b3+', '--minus=b1-')->getOutput());
        self::assertSame("-12.700 V\n", $meter('--plus=b1-', '--minus=b1+')->getOutput());
        self::assertStringContainsString('floating', $meter('--plus=b1+', '--minus=e1-')->getOutput());
        self::assertLessThan(38.0, (float) $meter('--plus=motor+', '--minus=motor-', '--state=loaded')->getOutput());
        $wrong = $meter('--plus=b9+', '--minus=b1-');
        self::assertSame(2, $wrong->getExitCode());
        self::assertStringContainsString('--plus takes a post', $wrong->getOutput());
    }

    public function test_a_refusal_exits_2_with_a_line_for_each_problem(): void
    {
        $file = self::file('{"format":"dinghy-plan","version":1,"title":7,"batteries":[{"id":"b1","chemistry":"lead"}]}');
        $process = self::dinghy('dinghy:evaluate', $file);

        self::assertSame(2, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        $lines = explode("\n", trim($process->getErrorOutput()));
        self::assertStringStartsWith('/title: expected text', $lines[0]);
        self::assertStringStartsWith('/batteries/0/chemistry: expected one of flooded, agm', $lines[1]);
        self::assertContains('/batteries/0: missing key "nominal_v"', $lines);
        self::assertSame(2, self::dinghy('dinghy:evaluate', 'no/such/file.json')->getExitCode());
    }

    public function test_netlist_runs_in_ngspice_as_it_is(): void
    {
        $process = self::dinghy('dinghy:netlist', 'database/demo/mistakes/skiff.json', '--state=rest');
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $spice = new Process(['ngspice', '-b', self::file($process->getOutput())]);
        $spice->run();
        self::assertMatchesRegularExpression('/^b3_p = 3\.8\d+e\+01/m', $spice->getOutput());
        self::assertSame(2, self::dinghy('dinghy:netlist', 'database/demo/mistakes/skiff.json', '--state=odd')->getExitCode());
        self::assertSame(2, self::dinghy('dinghy:netlist', 'README.md')->getExitCode());
    }

    public function test_import_and_export_move_a_plan(): void
    {
        $this->artisan('dinghy:import', ['plan' => base_path('database/demo/mistakes/skiff.json'), '--customer' => 'By hand'])->assertSuccessful();
        $job = Job::query()->latest('id')->firstOrFail();
        self::assertSame('By hand', $job->boat->customer->name);
        $this->artisan('dinghy:export', ['job' => $job->id])->expectsOutputToContain('"dinghy-plan"')->assertSuccessful();
        $this->artisan('dinghy:export', ['job' => 999])->assertFailed();
        $before = Job::query()->count();
        $this->artisan('dinghy:import', ['plan' => self::file('{}')])->assertExitCode(2);
        self::assertSame($before, Job::query()->count());
    }

    private static function dinghy(string ...$arguments): Process
    {
        // No database and no key: these commands must need neither.
        $process = new Process([PHP_BINARY, 'artisan', ...$arguments], base_path(), ['DB_PORT' => '1', 'APP_KEY' => '', 'APP_ENV' => 'production']);
        $process->run();

        return $process;
    }

    private static function file(string $text): string
    {
        $file = tempnam(sys_get_temp_dir(), 'dinghy-plan') ?: throw new \RuntimeException('No temporary file.');
        file_put_contents($file, $text);

        return $file;
    }
}
