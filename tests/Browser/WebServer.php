<?php

declare(strict_types=1);

namespace Tests\Browser;

use Symfony\Component\Process\Process;
use Tests\FreePort;

/** Dinghy on a loopback port of its own, as bin/start serves it; can be stopped and come back on the same port. */
final class WebServer
{
    private const WORKERS = '4';

    private ?Process $process = null;

    private function __construct(private readonly int $port)
    {
    }

    /** @param  array<string, string>  $environment that differs from the tests' own */
    public static function start(array $environment = []): self
    {
        $server = new self(FreePort::find());
        $server->run($environment);

        return $server;
    }

    /** @return array<string, string> the environment of all that share a cache with this server */
    public static function cache(): array
    {
        return ['CACHE_STORE' => 'file', 'CACHE_FOLDER' => self::cacheFolder()];
    }

    /** A cache of its own: a server that is tried beside this one loses nothing when it is emptied. */
    public static function cacheFolder(): string
    {
        return sys_get_temp_dir().'/dinghy-cache-'.getmypid();
    }

    public function address(): string
    {
        return "http://127.0.0.1:{$this->port}";
    }

    /** @param  array<string, string>  $environment that differs from the tests' own */
    public function run(array $environment = []): void
    {
        $root = dirname(__DIR__, 2);
        // Its workers are its children: setsid makes one group of them all, which stop() ends.
        $this->process = new Process(
            ['setsid', PHP_BINARY, '-S', "127.0.0.1:{$this->port}", '-t', 'public', 'bin/shared/router.php'],
            $root,
            ['PHP_CLI_SERVER_WORKERS' => self::WORKERS, 'SESSION_DRIVER' => 'file', ...self::cache(), ...$environment],
            timeout: null,
        );
        $this->process->disableOutput();
        $this->process->start();
        for ($try = 0; $try < 1200 && @fsockopen('127.0.0.1', $this->port) === false; $try++) {
            usleep(50_000);
        }
    }

    /** Without warning, whatever it is about. */
    public function kill(): void
    {
        [$process, $this->process] = [$this->process, null];
        $group = $process?->getPid();
        $group === null || posix_kill(-$group, SIGKILL);
        $process?->stop(1);
        // A worker that is still going down holds the port that the next server wants, and even answers on it.
        while ($group !== null && posix_kill(-$group, 0)) {
            usleep(5_000);
        }
    }

    public function stop(): void
    {
        [$process, $this->process] = [$this->process, null];
        $group = $process?->getPid();
        if ($process === null || $group === null) {
            return;
        }
        posix_kill(-$group, SIGTERM);
        // Not wait(): that calls it an error to be ended by a signal, which is what is asked for here.
        while ($process->isRunning()) {
            usleep(20_000);
        }
    }
}
