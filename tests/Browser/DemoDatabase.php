<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Schema;
use Symfony\Component\Process\Process;

/**
 * The demo's data as bin/start makes them. They are made once for all tests of a process, and put back for each: rows alone,
 * for a table that is made anew waits for the disk.
 */
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
        $rows = self::client('mariadb-dump', '--skip-comments', '--no-create-info', '--skip-add-locks', '--no-autocommit')->mustRun()->getOutput();
        $empty = implode('', array_map(static fn (string $table): string => "DELETE FROM `{$table}`;\n", Schema::getTableListing(schemaQualified: false)));
        self::$dump = "SET foreign_key_checks = 0;\nBEGIN;\n{$empty}{$rows}";
    }

    private static function client(string $program, string ...$options): Process
    {
        $connection = Config::array('database.connections.mariadb');

        return new Process([
            $program, '--no-defaults', '--protocol=tcp', ...$options,
            "--host={$connection['host']}", "--port={$connection['port']}", "--user={$connection['username']}", $connection['database'],
        ], env: ['MYSQL_PWD' => $connection['password']], timeout: 240);
    }
}
