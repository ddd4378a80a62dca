<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Config;
use Symfony\Component\Process\Process;

/** The demo's data as bin/start makes them. They are made once for all tests of a process, and put back for each. */
final class DemoDatabase
{
    private static ?string $dump = null;

    public static function putBack(): void
    {
        if (self::$dump !== null) {
            self::client('mariadb')->setInput(self::$dump)->mustRun();

            return;
        }
        Artisan::call('migrate:fresh', ['--seed' => true, '--force' => true]);
        self::$dump = self::client('mariadb-dump', '--skip-comments')->mustRun()->getOutput();
    }

    private static function client(string $program, string ...$options): Process
    {
        $connection = Config::array('database.connections.mariadb');

        return new Process([
            $program, '--no-defaults', '--protocol=tcp', ...$options,
            "--host={$connection['host']}", "--port={$connection['port']}", "--user={$connection['username']}", $connection['database'],
        ], env: ['MYSQL_PWD' => $connection['password']]);
    }
}
