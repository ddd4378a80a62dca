<?php

declare(strict_types=1);

/*
 * Two people edit one boat at once; then the server and the database are ended without warning, again and again, while one
 * edits and photographs. Nothing that was acknowledged may be lost, and nothing may be acknowledged that is not there.
 * Called by bin/test reliability; prints a table for docs/reliability.md.
 */

use App\Models\Job;
use App\Models\SentChange;
use App\WorkOrders\PlanChain;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Browser\WebServer;
use Tests\Reliability\DatabaseServer;
use Tests\Reliability\Editor;

require __DIR__.'/../../vendor/autoload.php';
(require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class)->bootstrap();

define('EDITS', max(10, (int) ($argv[1] ?? 200)));
define('KILLS', max(1, (int) ($argv[2] ?? 20)));
define('PHOTOGRAPHS', KILLS);

$failures = 0;
$lines = [];
$told = static function (string $what, int|string $figure, bool $isRight = true) use (&$failures, &$lines): void {
    $failures += $isRight ? 0 : 1;
    $lines[] = "| {$what} | {$figure} |";
    echo str_pad($what, 70), $figure, $isRight ? '' : '   WRONG', "\n";
};

/** What a child did, in the order it did it: a line of JSON each. */
$did = static fn (string $file): array => array_map(static fn (string $line): array => (array) json_decode($line, true), array_filter(explode("\n", (string) @file_get_contents($file))));
$inBackground = static function (Closure $work): int {
    $pid = pcntl_fork();
    if ($pid === 0) {
        $work();
        posix_kill(posix_getpid(), SIGKILL); // without ending what the parent still uses
    }

    return $pid;
};
$scratch = sys_get_temp_dir().'/dinghy-reliability-'.getmypid();
mkdir($scratch, 0700);

/** Each acknowledged change against the chain: there once, by whom it was made, as it was sent. */
$compare = static function (Job $job, array $kept): array {
    $lost = 0;
    foreach ($kept as $one) {
        $sent = SentChange::query()->where('sent_id', $one['change'])->get();
        $version = $job->planVersions()->where('number', $one['number'])->first();
        $isThere = $sent->count() === 1 && $sent[0]->made === $one['number'] && $version?->patch === json_encode([['on' => $one['on'], 'set' => ['soc' => $one['soc']]]]);
        $lost += $isThere ? 0 : 1;
    }

    return [$lost, (new PlanChain($job))->faults()];
};
$edit = static function (Editor $editor, string $job, string $on, float $soc, int &$base, string $log): void {
    [$status, $answer] = $editor->change('POST', "/api/jobs/{$job}/plan/edits", ['base' => $base, 'patch' => [['on' => $on, 'set' => ['soc' => $soc]]]]);
    if ($status === 200) {
        $base = $answer['version']['number'];
        file_put_contents($log, json_encode(['change' => $answer['change'], 'number' => SentChange::query()->where('sent_id', $answer['change'])->value('made'), 'on' => $on, 'soc' => $soc])."\n", FILE_APPEND);
    } else {
        file_put_contents($log, json_encode(['refused' => $status])."\n", FILE_APPEND);
        $base = $editor->boat($job)['version']['number'];
    }
};

Artisan::call('migrate:fresh', ['--seed' => true, '--force' => true]);
$server = WebServer::start();
$database = new DatabaseServer;
$address = $server->address();
$person = static fn (string $role): Editor => new Editor($address, "{$role}@fernhollow.example", DatabaseSeeder::PASSWORD);
$job = Job::query()->where('bay', 1)->firstOrFail();
DB::disconnect();

echo "Two editors at once\n";
$children = [];
foreach (['owner' => 'battery:b1', 'rigger' => 'battery:b2'] as $role => $own) {
    $children[] = $inBackground(static function () use ($person, $job, $edit, $role, $own, $scratch): void {
        DB::reconnect();
        [$editor, $base] = [$person($role), 1];
        for ($i = 1; $i <= EDITS; $i++) {
            // Every fifth one is of a battery that both of them edit: of those some clash.
            $edit($editor, (string) $job->id, $i % 5 === 0 ? 'battery:b3' : $own, $i / 1000 + ($role === 'owner' ? 0.0005 : 0), $base, "{$scratch}/{$role}");
        }
    });
}
foreach ($children as $child) {
    pcntl_waitpid($child, $status);
}
DB::reconnect();
$all = [...$did("{$scratch}/owner"), ...$did("{$scratch}/rigger")];
$kept = array_values(array_filter($all, static fn (array $one): bool => isset($one['number'])));
[$lost, $faults] = $compare($job, $kept);
$told('edits sent by two people at once', count($all), count($all) === 2 * EDITS);
$told('acknowledged', count($kept));
$told('refused because the other had changed the same', count($all) - count($kept));
$told('acknowledged and not there, or not as sent, or twice', $lost, $lost === 0);
$told('versions beside those acknowledged', $job->planVersions()->count() - 1 - count($kept), $job->planVersions()->count() - 1 === count($kept));
$told('faults of the sealed chain', count($faults), $faults === []);

foreach (['web server' => [$server->kill(...), $server->run(...)], 'database' => [$database->kill(...), $database->run(...)]] as $what => [$kill, $run]) {
    echo "The {$what} ended without warning\n";
    Artisan::call('migrate:fresh', ['--seed' => true, '--force' => true]);
    $job = Job::query()->where('bay', 1)->firstOrFail();
    DB::disconnect();
    foreach (['owner', 'edits', 'pictures', 'again'] as $file) {
        @unlink("{$scratch}/{$file}");
    }
    $editing = $inBackground(static function () use ($person, $job, $scratch): void {
        $editor = $person('owner');
        $base = $editor->boat((string) $job->id)['version']['number'];
        for ($i = 1; $i <= EDITS; $i++) {
            $on = 'battery:b'.(1 + $i % 3);
            [$status, $answer] = $editor->change('POST', "/api/jobs/{$job->id}/plan/edits", ['base' => $base, 'patch' => [['on' => $on, 'set' => ['soc' => $i / 1000]]]]);
            file_put_contents("{$scratch}/edits", json_encode(['status' => $status, 'change' => $answer['change'], 'on' => $on, 'soc' => $i / 1000])."\n", FILE_APPEND);
            $base = $answer['version']['number'] ?? $base;
            usleep(40_000);
        }
        file_put_contents("{$scratch}/again", count($editor->unanswered).' of them, '.array_sum($editor->unanswered).' times');
    });
    $photographing = $inBackground(static function () use ($person, $job, $scratch): void {
        $editor = $person('apprentice');
        for ($i = 0; $i < PHOTOGRAPHS; $i++) {
            $image = imagecreatetruecolor(200 + $i, 150);
            for ($dot = 0; $dot < 4000; $dot++) {
                imagefilledellipse($image, mt_rand(0, 220), mt_rand(0, 150), 6, 6, mt_rand(0, 0xFFFFFF));
            }
            ob_start();
            imagejpeg($image, null, 95);
            $editor->photograph((string) $job->id, 'other', (string) ob_get_clean());
            file_put_contents("{$scratch}/pictures", json_encode(['width' => 200 + $i])."\n", FILE_APPEND);
        }
    });
    for ($kills = 0, $busy = [$editing, $photographing]; $busy !== [] || $kills < KILLS;) {
        usleep(mt_rand(20_000, 120_000));
        // Spread over the edits, in the middle of whatever goes on.
        if ($kills < KILLS && (count($busy) < 2 || count($did("{$scratch}/edits")) >= $kills * EDITS / KILLS)) {
            $kill();
            usleep(mt_rand(0, 150_000));
            $run();
            $kills++;
        }
        $busy = array_filter($busy, static fn (int $pid): bool => pcntl_waitpid($pid, $status, WNOHANG) === 0);
    }
    DB::reconnect();
    $edits = $did("{$scratch}/edits");
    $kept = array_map(static fn (array $one): array => [...$one, 'number' => (int) SentChange::query()->where('sent_id', $one['change'])->value('made')], array_values(array_filter($edits, static fn (array $one): bool => $one['status'] === 200)));
    [$lost, $faults] = $compare($job, $kept);
    $widths = array_column($did("{$scratch}/pictures"), 'width');
    $entries = json_decode((string) $job->plan()->first()?->document, false)->survey->photographs ?? [];
    $shown = $job->photographs()->whereIn('content', array_filter(array_map(static fn (stdClass $entry): ?string => $entry->picture ?? null, $entries)))->get()->filter(static fn ($picture): bool => hash('sha256', $picture->picture) === $picture->content);
    $missing = count(array_diff($widths, $shown->pluck('width')->all()));
    $of = $job->planVersions()->where('patch', 'like', '%"soc"%')->count();
    $told("{$what} ended by SIGKILL", $kills, $kills >= KILLS);
    $told('edits sent and acknowledged meanwhile', count($edits).' and '.count($kept), count($edits) === EDITS && count($kept) === EDITS);
    $told('sent more than once, because no answer came', (string) @file_get_contents("{$scratch}/again"));
    $told('acknowledged and not there, or not as sent, or twice', $lost, $lost === 0);
    $told('edits in the plan beside those acknowledged', $of - count($kept), $of === count($kept));
    $told('photographs sent and acknowledged', count($widths), count($widths) === PHOTOGRAPHS);
    $told('of them not in the plan, or not the picture that was sent', $missing, $missing === 0);
    $told('entries of photographs beside them', count(array_filter($entries, static fn (stdClass $entry): bool => $entry->of === 'other')) - PHOTOGRAPHS, count(array_filter($entries, static fn (stdClass $entry): bool => $entry->of === 'other')) === PHOTOGRAPHS);
    $told('faults of the sealed chain', count($faults), $faults === []);
}
$server->stop();
$database->end();
array_map(unlink(...), (array) glob("{$scratch}/*"));
rmdir($scratch);
echo "\n", implode("\n", $lines), "\n", $failures === 0 ? "Nothing was lost.\n" : "{$failures} figures are wrong.\n";
exit($failures === 0 ? 0 : 1);
