<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DatabaseSeeder;
use Dinghy\Tests\Measured;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/**
 * The server and its database are killed without warning, again and again, while a phone sends what was done: what the phone was
 * told is kept is there, once, in its order; what it was not told it sends again.
 */
final class KilledTest extends TestCase
{
    private const ENTRIES = 200;

    /** of the server, and of the database */
    private const KILLS = 20;

    private ?OwnDatabase $database = null;

    private ?WebServer $server = null;

    protected function tearDown(): void
    {
        $this->server?->stop();
        $this->database?->stop();
    }

    public function test_none_that_was_told_to_be_kept_is_lost_or_doubled(): void
    {
        $seed = Seed::sown();
        $this->database = OwnDatabase::start();
        $this->server = WebServer::start($this->database->environment());
        $phone = Phone::signedIn($this->server->address(), 'rigger@fernhollow.example', DatabaseSeeder::PASSWORD);
        [[$job], [$by]] = [$this->database->rows('select id from jobs where bay = 1')[0], $this->database->rows("select id from users where email = 'rigger@fernhollow.example'")[0]];

        $moments = range(0, self::ENTRIES - 1);
        shuffle($moments);
        $kills = array_fill_keys(array_slice($moments, 0, self::KILLS), 'server') + array_fill_keys(array_slice($moments, self::KILLS, self::KILLS), 'database');
        $sent = [];
        $unanswered = 0;
        for ($number = 0; $number < self::ENTRIES; $number++) {
            $sent[] = $entry = self::entry($number, (int) $by);
            $doomed = $kills[$number] ?? null;
            $answer = $phone->sends("/api/jobs/{$job}/work/entries", ['entries' => [$entry]], $doomed === null ? null : fn () => $this->kills($doomed));
            // Not told that it is kept: the same again, until it is.
            for ($try = 0; ($answer['outcomes'][0]['kept'] ?? null) !== true; $try++) {
                self::assertLessThan(20, $try, "SEED={$seed}, {$number}: ".json_encode($answer));
                $unanswered++;
                usleep(100_000);
                // A server that is killed while it writes a session leaves nobody signed in: its person signs in again.
                isset($answer['message']) && $phone->signsIn('rigger@fernhollow.example', DatabaseSeeder::PASSWORD);
                $answer = $phone->sends("/api/jobs/{$job}/work/entries", ['entries' => [$entry]]);
            }
        }
        $kept = array_column($this->database->rows("select entry from work_entries where job_id = {$job} order by id"), 0);
        self::assertSame(array_column($sent, 'id'), $kept, "SEED={$seed}");
        self::assertCount(2 * self::KILLS, $kills);
        self::assertGreaterThan(5, $unanswered, 'kills met requests that were under way');
        // The record stands as if nothing had happened: of each label that was done and taken back in turn the last counts.
        $last = [];
        foreach ($sent as $entry) {
            $entry['act'] === 'note' || $last[$entry['step']] = $entry['act'];
        }
        $done = array_map(strval(...), array_keys(array_filter($last, static fn (string $act): bool => $act === 'done')));
        $told = array_column($phone->asks("/api/jobs/{$job}/work")['done'] ?? [], 'step');
        self::assertEqualsCanonicalizing($done, $told);
        Measured::say('killed '.self::KILLS.' times each, '.self::ENTRIES." entries: {$unanswered} sent again, none lost, none doubled");
    }

    private function kills(string $what): void
    {
        // Somewhere within the time that an entry takes.
        usleep(mt_rand(0, 90_000));
        if ($what === 'server') {
            $this->server?->kill();
            $this->server?->run($this->database?->environment() ?? []);
        } else {
            $this->database?->kill();
            $this->database?->run();
        }
    }

    /** @return array<string, mixed>&array{id: string, step: string, act: string} */
    private static function entry(int $number, int $by): array
    {
        $entry = ['id' => sprintf('00000000-0000-4000-8000-%012d', $number), 'at' => '2026-11-29T12:00:00+00:00', 'by' => $by];
        // Labels need nothing: each is done and taken back in turn.
        $labels = ['label:bow-motor-', 'label:house-', 'label:br-hub'];

        return $number % 3 === 0
            ? [...$entry, 'step' => $labels[intdiv($number, 3) % 3], 'act' => intdiv($number, 9) % 2 === 0 ? 'done' : 'undo']
            : [...$entry, 'step' => 'photograph:stern', 'act' => 'note', 'words' => "Number {$number}."];
    }
}
