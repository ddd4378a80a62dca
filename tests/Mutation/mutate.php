<?php

declare(strict_types=1);

// Samples mutants of the core and of the application and tests each in a copy: bin/test mutants [N] [seed]
// Prints the share that a test saw, and every one that none did.

use Symfony\Component\Finder\Finder;
use Tests\Mutation\Copy;
use Tests\Mutation\Mutant;

require __DIR__.'/../../vendor/autoload.php';

$root = dirname(__DIR__, 2);
$count = max(1, (int) ($argv[1] ?? 120));
$seed = (int) ($argv[2] ?? random_int(1, 1_000_000));
mt_srand($seed);
echo "Mutants, seed {$seed}\n";

/** @return list<Mutant> */
$sample = static function (string $folder, int $count) use ($root): array {
    $all = [];
    // What only times things is checked by being run.
    foreach ((new Finder)->files()->name('*.php')->notName('Bench.php')->notPath('Bench/')->in("{$root}/{$folder}")->sortByName() as $file) {
        array_push($all, ...Mutant::allOf($root, "{$folder}/{$file->getRelativePathname()}"));
    }
    $chosen = [];
    while ($all !== [] && count($chosen) < $count) {
        $mutant = array_splice($all, mt_rand(0, count($all) - 1), 1)[0];
        try {
            \PhpToken::tokenize($mutant->source(), TOKEN_PARSE);
            $chosen[] = $mutant;
        } catch (\ParseError) {
            // no program
        }
    }

    return $chosen;
};

$tests = static fn (string ...$which): array => ['vendor/bin/phpunit', '--no-progress', '--stop-on-defect', '--do-not-cache-result', ...$which];

/** @return non-empty-list<list<string>> as arguments of PHP: the nearest tests first, those of many boats last */
$checks = static function (string $file) use ($root, $tests): array {
    if (! str_starts_with($file, 'core/')) {
        return [$tests('--testsuite', 'feature')];
    }
    $near = str_replace('core/src', 'core/tests', dirname($file));

    return [
        ...(is_dir("{$root}/{$near}") ? [$tests('--exclude-group', 'many-boats', $near)] : []),
        ['artisan', 'dinghy:docs', '--check'],
        $tests('--exclude-group', 'many-boats', '--testsuite', 'core'),
        $tests('--group', 'many-boats', '--testsuite', 'core'),
    ];
};

$copies = [];
foreach ([1, 2] as $number) {
    $copies[] = new Copy($root, sys_get_temp_dir().'/dinghy-mutants-'.getmypid()."/{$number}", ['SEED' => '20261127', 'DB_DATABASE' => "dinghy_mutants{$number}"]);
}
register_shutdown_function(static function () use ($copies): void {
    array_map(static fn (Copy $copy) => $copy->remove(), $copies);
    @rmdir(sys_get_temp_dir().'/dinghy-mutants-'.getmypid());
});
if (! $copies[0]->passes([...$checks('core/src/Plan/Plan.php'), ...$checks('app/Models/Job.php')])) {
    fwrite(STDERR, "The tests fail as they are, before anything is changed: bin/test core feature says where.\n");
    exit(1);
}
foreach (['core/src' => $count, 'app' => (int) ceil($count / 3)] as $folder => $wanted) {
    $queue = $sample($folder, $wanted);
    $tested = [];
    while ($queue !== [] || array_filter($copies, static fn (Copy $copy): bool => ! $copy->isFree()) !== []) {
        foreach ($copies as $copy) {
            if ($copy->isFree() && $queue !== []) {
                $mutant = array_shift($queue);
                $copy->begin($mutant, $checks($mutant->file));
            }
            $finished = $copy->finished();
            if ($finished !== null) {
                [$mutant, $seen] = $tested[] = $finished;
                echo $seen ? '' : "  not seen: {$mutant->label()}\n", count($tested) % 20 === 0 ? '  '.count($tested)." of {$wanted}\n" : '';
            }
        }
        usleep(20_000);
    }
    $seen = count(array_filter($tested, static fn (array $one): bool => $one[1]));
    printf("%s: %d of %d seen, %.0f %%\n", $folder, $seen, count($tested), 100 * $seen / max(1, count($tested)));
}
