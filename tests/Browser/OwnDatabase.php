<?php

declare(strict_types=1);

namespace Tests\Browser;

use Symfony\Component\Process\Process;
use Tests\FreePort;

/** A MariaDB for one test alone, which can be killed: a change is on the disk with its commit, as for people's work. */
final class OwnDatabase
{
    private ?Process $process = null;

    private function __construct(private readonly string $folder, private readonly int $port, private readonly string $password)
    {
    }

    public static function start(): self
    {
        // Where the user can reach it that the database runs as.
        $folder = '/tmp/dinghy-own-'.getmypid();
        (new Process(['rm', '-rf', $folder]))->mustRun();
        mkdir($folder, 0755);
        $database = new self($folder, FreePort::find(), (string) getenv('DB_PASSWORD'));
        self::isRoot() && (new Process(['chown', 'mysql:', $folder]))->mustRun();
        (new Process(['mariadb-install-db', ...self::as(), "--datadir={$folder}/data", '--auth-root-authentication-method=normal', '--skip-test-db'], env: ['TMPDIR' => $folder], timeout: 120))->mustRun();
        file_put_contents("{$folder}/first.sql", implode('', array_map(
            static fn (string $host): string => "CREATE USER IF NOT EXISTS 'root'@'{$host}';\nALTER USER 'root'@'{$host}' IDENTIFIED BY '{$database->password}';\nGRANT ALL ON *.* TO 'root'@'{$host}' WITH GRANT OPTION;\n",
            ['localhost', '127.0.0.1'],
        )).'CREATE DATABASE IF NOT EXISTS dinghy;');
        $database->run();
        (new Process([PHP_BINARY, 'artisan', 'migrate:fresh', '--seed', '--force'], dirname(__DIR__, 2), $database->environment(), timeout: 180))->mustRun();

        return $database;
    }

    /** @return array<string, string> of whoever is to use it */
    public function environment(): array
    {
        return ['DB_HOST' => '127.0.0.1', 'DB_PORT' => (string) $this->port, 'DB_DATABASE' => 'dinghy', 'DB_USERNAME' => 'root', 'DB_PASSWORD' => $this->password];
    }

    /** Until it answers. */
    public function run(): void
    {
        $this->process = new Process([
            'mariadbd', '--no-defaults', ...self::as(), "--datadir={$this->folder}/data", '--bind-address=127.0.0.1', "--port={$this->port}",
            "--socket={$this->folder}/s", "--pid-file={$this->folder}/pid", "--init-file={$this->folder}/first.sql", '--innodb-flush-log-at-trx-commit=1',
        ], env: ['TMPDIR' => $this->folder], timeout: null);
        $this->process->disableOutput();
        $this->process->start();
        for ($try = 0; $try < 600; $try++) {
            if ((new Process(['mariadb-admin', '--no-defaults', '--protocol=tcp', '-h', '127.0.0.1', '-P', (string) $this->port, '-u', 'root', '--silent', 'status'], env: ['MYSQL_PWD' => $this->password]))->run() === 0) {
                return;
            }
            usleep(50_000);
        }
        throw new \RuntimeException('The database of the test does not answer.');
    }

    /** Without warning. */
    public function kill(): void
    {
        [$process, $this->process] = [$this->process, null];
        $pid = $process?->getPid();
        $pid === null || posix_kill($pid, SIGKILL);
        while ($process?->isRunning() === true) {
            usleep(10_000);
        }
    }

    /** @return list<list<string>> what it answers, row by row */
    public function rows(string $query): array
    {
        $answer = (new Process(['mariadb', '--no-defaults', '--protocol=tcp', '-h', '127.0.0.1', '-P', (string) $this->port, '-u', 'root', '-N', 'dinghy', '-e', $query], env: ['MYSQL_PWD' => $this->password]))->mustRun()->getOutput();

        return array_map(static fn (string $line): array => explode("\t", $line), array_values(array_filter(explode("\n", $answer))));
    }

    public function stop(): void
    {
        $this->process === null || $this->kill();
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    /** @return list<string> */
    private static function as(): array
    {
        return self::isRoot() ? ['--user=mysql'] : [];
    }

    private static function isRoot(): bool
    {
        return posix_geteuid() === 0;
    }
}
