<?php

declare(strict_types=1);

namespace Tests\Reliability;

use Symfony\Component\Process\Process;

/** The private database, as the set-up scripts serve it: ended without warning, and served again. */
final class DatabaseServer
{
    private ?Process $process = null;

    private int $pid;

    public function __construct()
    {
        $this->pid = (int) getenv('DATABASE_PID');
    }

    public function kill(): void
    {
        posix_kill($this->pid, SIGKILL);
        while (posix_kill($this->pid, 0) && ! str_contains((string) @file_get_contents("/proc/{$this->pid}/stat"), ') Z ')) {
            usleep(10_000);
        }
    }

    public function run(): void
    {
        // Its group is its own: whoever ends this script ends it too.
        $this->process = Process::fromShellCommandline('exec '.getenv('DATABASE_COMMAND'), env: ['TMPDIR' => false], timeout: null);
        $this->process->disableOutput();
        $this->process->start();
        $this->pid = (int) $this->process->getPid();
        for ($try = 0; @fsockopen('127.0.0.1', (int) getenv('DB_PORT')) === false; $try++) {
            $try < 600 || throw new \RuntimeException('The database did not come back.');
            usleep(50_000);
        }
    }

    /** Ends one that this script serves; the first one is the caller's. */
    public function end(): void
    {
        $this->process?->stop(20);
    }
}
