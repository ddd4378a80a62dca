<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Ladder;
use App\Bench\LargeBoat;
use App\Bench\LargeNetwork;
use Dinghy\Area\Day\Figure\WantedDay;
use Dinghy\Area\Day\Variant\DayVariants;
use Dinghy\Area\Day\Variant\Trial;
use Dinghy\Area\Rigging\Probing;
use Dinghy\Area\Rigging\Rule\GapRead;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Area\Rigging\Steps as RigSteps;
use Dinghy\Circuit\Fault;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\State;
use Dinghy\Circuit\Variants;
use Dinghy\Evaluation\Areas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\Remedies;
use Dinghy\File\PlanDocument;
use Dinghy\Kit\CutPlan;
use Dinghy\Kit\Kit;
use Dinghy\Network\Chains;
use Dinghy\Trip\Day;
use Dinghy\Trip\Simulation;
use Illuminate\Console\Command;
use Symfony\Component\Process\Process;

final class Bench extends Command
{
    protected $signature = 'dinghy:bench {--runs=40 : Counted runs of each figure} {--figures : Print the figures as JSON, without comparing}';

    protected $description = 'Times the core, warm, compiled and not, and prints the times beside their aims';

    /** ms, by what is timed */
    private const AIMS = [
        'evaluate the demo skiff' => '3',
        'evaluate 60 devices on 3 banks' => '10',
        'one solve of it at rest' => '1',
        self::FAULTS.' single faults of it, loaded' => '100',
        self::CHAINS => '5',
        self::KIT => '30',
        self::DAY => '250',
        self::VARIANTS => '1000',
        self::GAPS => '100',
        self::JUDGED => '150',
    ];

    private const KIT = 'kit of 60 devices, cut from a full shelf';

    private const DAY = 'twelve hours of 20 devices on 3 banks, minute by minute';

    private const VARIANTS = 'fourteen hours of it solved backwards, with its variants';

    private const GAPS = 'every gap and reading of 60 devices on 3 banks, step by step';

    private const JUDGED = 'one reading outside, judged with its suspects';

    private const ONE_SOLVE = 'one solve of its circuit, loaded';

    private const CHAINS = 'chains of '.LargeNetwork::TRANSDUCERS.' transducers, '.LargeNetwork::ADAPTERS.' adapters';

    private const WARM_UP = 10;

    private const FAULTS = 500;

    private const PROCESSES = 7;

    private const SMALL = 200;

    private const LARGE = 2000;

    public function handle(): int
    {
        $figures = $this->figures();
        if ($this->option('figures') === true) {
            $this->line(json_encode($figures, JSON_THROW_ON_ERROR));

            return self::SUCCESS;
        }
        $plain = self::isCompiled() ? $this->notCompiled() : [];
        $rows = [];
        foreach ($figures as $what => $times) {
            $rows[] = [$what, ...$times, self::AIMS[$what] ?? '', ...array_slice($plain[$what] ?? ['', ''], 0, 2)];
        }
        $this->table(
            ['what', 'least ms', 'median ms', '95 % ms', 'aim ms', 'least without JIT', 'median without JIT'],
            $rows,
        );
        self::isCompiled() || $this->warn('PHP runs without its just-in-time compiler: opcache.jit cannot be switched on here.');
        $this->line('From '.self::SMALL.' to '.self::LARGE.' nodes: '.number_format(
            (float) $figures[self::LARGE.' nodes, solved'][0] / max(
                0.001,
                (float) $figures[self::SMALL.' nodes, solved'][0],
            ),
            1,
        ).'-fold by the least (aim: at most 12)');
        foreach ([self::DAY, self::VARIANTS] as $long) {
            $this->line(ucfirst($long).': '.number_format((float) $figures[$long][0] / max(0.001, (float) $figures[self::ONE_SOLVE][0]), 0, '', ' ').' times one solve of the same boat');
        }
        $this->line('Peak memory: '.number_format(
            memory_get_peak_usage() / 1_048_576,
            1,
        ).' MB (aim: under 32 beside the framework)');
        $this->againstSimulator(resolve(Areas::class)->evaluate(LargeBoat::plan()));

        return self::SUCCESS;
    }

    private static function isCompiled(): bool
    {
        return (opcache_get_status(false)['jit']['on'] ?? false) === true;
    }

    /**
     * @return array<string, array<int, string>> the same figures from a process without the compiler, in one and the same run
     */
    private function notCompiled(): array
    {
        $process = new Process(
            [
                PHP_BINARY,
                '-d',
                'opcache.jit=disable',
                '-d',
                'opcache.enable_cli=0',
                base_path('artisan'),
                'dinghy:bench',
                '--figures',
                '--runs='.$this->option('runs'),
            ],
            null,
            ['DINGHY_COMPILED' => 'no'],
            null,
            600,
        );
        $figures = json_decode($process->mustRun()->getOutput(), true, 8, JSON_THROW_ON_ERROR);

        return is_array($figures) ? $figures : [];
    }

    /** @return array<string, array{string, string, string}> ms: least, median, 95 % */
    private function figures(): array
    {
        $json = (string) file_get_contents(database_path('demo/boats/skiff.json'));
        $skiff = resolve(Areas::class)->format->document($json)->plan();
        $large = LargeBoat::plan();
        $chains = LargeNetwork::network();
        $dayDocument = LargeBoat::withDay();
        $withDay = resolve(Areas::class)->evaluate($dayDocument->plan())->boat;
        $mistakes = resolve(Areas::class)->format->document((string) file_get_contents(
            database_path('demo/mistakes/skiff.json'),
        ));
        [$mistaken, $evaluated] = [
            resolve(Areas::class)->evaluate($mistakes->plan()),
            resolve(Areas::class)->evaluate($large),
        ];
        $try = static fn (PlanDocument $document, Evaluation $evaluation): \Closure => static function () use ($document, $evaluation): void {
            array_map((new Remedies($document, $evaluation))->of(...), $evaluation->findings);
        };
        $network = $evaluated->boat->states->network(State::Loaded);
        $variants = Variants::loaded($network, []);
        $faults = self::faults($network);
        $solve = static fn (Network $of): \Closure => static fn () => (new Network(
            $of->sources,
            $of->resistors,
            $of->loads,
            $of->topology,
        ))->loaded();
        $steps = $evaluated->boat->figures(RigSteps::class)->all;
        $landings = array_values(array_filter($steps, static fn (Step $step): bool => $step->metered instanceof GapRead));
        $last = $landings[count($landings) - 1];
        $landed = array_values(array_filter(array_slice($steps, 0, (int) array_search($last, $steps, true)), static fn (Step $step): bool => $step->kind === StepKind::Connect));
        $shelf = LargeBoat::shelf($evaluated->boat);
        [$small, $big] = [Ladder::of(self::SMALL), Ladder::of(self::LARGE)];
        $order = static fn (Network $of): \Closure => static fn () => (new Network(
            $of->sources,
            $of->resistors,
            $of->loads,
        ))->loaded();

        return array_map(fn (\Closure $what): array => $this->time($what), [
            'evaluate the demo skiff' => static fn (): array => EvaluationDocument::of(
                resolve(Areas::class)->evaluate($skiff),
            ),
            'read and evaluate the demo skiff' => static fn (): array => EvaluationDocument::of(
                resolve(Areas::class)->evaluate(resolve(Areas::class)->format->document($json)->plan()),
            ),
            self::CHAINS => static fn (): Chains => Chains::of($chains),
            'evaluate 60 devices on 3 banks' => static fn () => resolve(Areas::class)->evaluate($large),
            self::KIT => static fn (): array => CutPlan::allOf(Kit::of($evaluated->boat)->pieces, 0.1, $shelf),
            '… and write the document' => static fn (): array => EvaluationDocument::of(
                resolve(Areas::class)->evaluate($large),
            ),
            'try the remedies of the skiff with mistakes, '.count($mistaken->findings).' findings' => $try($mistakes, $mistaken),
            'try the remedies of 60 devices, '.count($evaluated->findings).' findings' => $try(
                resolve(Areas::class)->format->document(LargeBoat::json()),
                $evaluated,
            ),
            'one solve of it at rest' => static fn () => (new Network(
                $network->sources,
                $network->resistors,
                $network->loads,
                $network->topology,
            ))->atRest(),
            'one solve of it loaded' => $solve($network),
            self::FAULTS.' single faults of it, loaded' => static function () use ($variants, $faults): void {
                foreach ($faults as $fault) {
                    $variants->with($fault);
                }
            },
            self::DAY => static fn (): ?Day => Simulation::of($withDay),
            self::VARIANTS => static fn (): array => DayVariants::of(new Trial($dayDocument, $withDay, WantedDay::of($withDay->plan->trip ?? [], 14) ?? [], LargeBoat::stock())),
            self::GAPS => static fn (): array => (new Probing($evaluated->boat))->along([], $steps),
            self::JUDGED => static fn (): ?array => (new Probing($evaluated->boat))->judge($last, $landed, [0.0, 1.0], [], true),
            self::ONE_SOLVE => $solve($withDay->states->network(State::Loaded)),
            self::SMALL.' nodes, solved' => $solve($small),
            self::LARGE.' nodes, solved' => $solve($big),
            self::SMALL.' nodes, ordered first' => $order($small),
            self::LARGE.' nodes, ordered first' => $order($big),
        ]);
    }

    /** Whole processes: the command line's meter on the large boat, and the circuit simulator on its netlist. */
    private function againstSimulator(Evaluation $evaluation): void
    {
        if (trim((string) shell_exec('command -v ngspice')) === '') {
            $this->line('ngspice is not installed: no comparison.');

            return;
        }
        [$plan, $netlist] = [
            (string) tempnam(sys_get_temp_dir(), 'dinghy-plan'),
            (string) tempnam(sys_get_temp_dir(), 'dinghy-net'),
        ];
        file_put_contents($plan, LargeBoat::json());
        file_put_contents($netlist, $evaluation->boat->states->netlist(State::Loaded));
        $meter = [
            PHP_BINARY,
            base_path('artisan'),
            'dinghy:meter',
            $plan,
            '--plus=b1+',
            '--minus=b1-',
            '--state=loaded',
        ];
        [, $mine] = $this->time(static fn () => (new Process($meter))->mustRun(), self::PROCESSES, 1);
        [, $simulator] = $this->time(
            static fn () => (new Process(['ngspice', '-b', $netlist]))->run(),
            self::PROCESSES,
            1,
        );
        [, $solve] = $this->time(
            static fn () => $evaluation->boat->states->with(
                array_fill_keys(array_keys($evaluation->boat->plan->devices), 1.0),
            ),
        );
        unlink($plan);
        unlink($netlist);
        $this->line("As whole processes: dinghy:meter {$mine} ms with the whole evaluation and the framework, ngspice -b {$simulator} ms: ".number_format(
            (float) $mine / (float) $simulator,
            1,
        ).' to 1; the solve alone '.$solve.' ms: '.number_format(
            (float) $solve / (float) $simulator,
            2,
        ).' to 1.');
    }

    /** @return list<Fault> */
    private static function faults(Network $network): array
    {
        $faults = [];
        foreach (range(0, self::FAULTS - 1) as $i) {
            // A step of seven: every kind of fault meets every kind of element.
            $resistor = $network->resistors[(7 * $i) % count($network->resistors)]->name;
            $battery = $network->sources[$i % count($network->sources)]->name;
            $faults[] = match ($i % 5) {
                0, 1, 2 => Fault::raised($resistor, 0.05),
                3 => Fault::opened($resistor),
                default => Fault::weakened($battery, 0.5, 3),
            };
        }

        return $faults;
    }

    /**
     * @param  \Closure(): mixed  $what
     * @return array{string, string, string} ms: least, median, 95 %
     */
    private function time(\Closure $what, ?int $runs = null, int $warmUp = self::WARM_UP): array
    {
        $runs ??= max(1, (int) $this->option('runs'));
        $times = [];
        for ($run = -$warmUp; $run < $runs; $run++) {
            $start = hrtime(true);
            $what();
            if ($run >= 0) {
                $times[] = (hrtime(true) - $start) / 1e6;
            }
        }
        sort($times);

        return array_map(
            static fn (int $at): string => number_format($times[$at], 2, '.', ''),
            [0, intdiv($runs, 2), (int) floor(0.95 * ($runs - 1))],
        );
    }
}
