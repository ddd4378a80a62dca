<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Plan\Plan;
use Illuminate\Console\Command;

final class Bench extends Command
{
    protected $signature = 'dinghy:bench {--runs=200 : Counted runs of each figure}';

    protected $description = 'Times the core on the demo plan, warm, and prints medians beside their aims';

    private const WARM_UP = 30;

    public function handle(): int
    {
        $json = (string) file_get_contents(database_path('demo/mistakes/skiff.json'));
        $plan = Plan::fromJson($json);
        $this->table(['what', 'median ms', '95 % ms', 'aim ms'], [
            ['evaluate the demo plan', ...$this->time(static fn (): array => EvaluationDocument::of(Evaluation::of($plan))), '3.00'],
            ['read and evaluate the demo plan', ...$this->time(static fn (): array => EvaluationDocument::of(Evaluation::of(Plan::fromJson($json)))), ''],
        ]);
        $this->line('Peak memory: '.number_format(memory_get_peak_usage() / 1_048_576, 1).' MB');

        return self::SUCCESS;
    }

    /**
     * @param  \Closure(): mixed  $what
     * @return array{string, string} ms
     */
    private function time(\Closure $what): array
    {
        $runs = max(1, (int) $this->option('runs'));
        $times = [];
        for ($run = -self::WARM_UP; $run < $runs; $run++) {
            $start = hrtime(true);
            $what();
            if ($run >= 0) {
                $times[] = (hrtime(true) - $start) / 1e6;
            }
        }
        sort($times);

        return [number_format($times[intdiv($runs, 2)], 2), number_format($times[(int) floor(0.95 * ($runs - 1))], 2)];
    }
}
