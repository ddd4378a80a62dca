<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** A copy of this checkout that mutants are put into and tested in, one after the other. */
final class Copy
{
    /** s; a mutant may turn a loop into one without an end */
    private const PATIENCE = 300;

    private const COPIED = ['app', 'artisan', 'bin', 'bootstrap', 'compat', 'composer.json', 'config', 'core', 'database', 'docs', 'phpunit.xml', 'pint.json', 'public', 'README.md', 'resources', 'routes', 'tests', 'vendor', '.env', '.env.example', 'package.json'];

    private ?Process $running = null;

    private ?Mutant $mutant = null;

    /** @var list<list<string>> checks that are left to run, as arguments of PHP */
    private array $left = [];

    /** @param  array<string, string>  $environment */
    public function __construct(private readonly string $root, private readonly string $folder, private readonly array $environment)
    {
        foreach (['storage/framework/cache/data', 'storage/framework/sessions', 'storage/framework/views', 'storage/logs', 'storage/app'] as $own) {
            mkdir("{$folder}/{$own}", 0700, true); // as bin/shared makes them: a test looks
        }
        foreach (self::COPIED as $name) {
            if (file_exists("{$root}/{$name}")) {
                // Files are shared until one is written anew: a copy costs next to nothing.
                (new Process(['cp', '-al', "{$root}/{$name}", $folder]))->mustRun();
            }
        }
    }

    /**
     * Whether the copy passes as it is: else every mutant would seem to be seen.
     *
     * @param  list<list<string>>  $checks  as arguments of PHP
     */
    public function passes(array $checks): bool
    {
        foreach ($checks as $arguments) {
            if ($this->process($arguments)->run() !== 0) {
                return false;
            }
        }

        return true;
    }

    public function isFree(): bool
    {
        return $this->running === null;
    }

    /** @param  non-empty-list<list<string>>  $checks  as arguments of PHP, the likeliest to see it first */
    public function begin(Mutant $mutant, array $checks): void
    {
        $this->mutant = $mutant;
        $this->left = $checks;
        $this->write($mutant->source());
        $this->next();
    }

    /** @return array{Mutant, bool}|null the mutant and whether a test saw it; null: it is still being tested */
    public function finished(): ?array
    {
        if ($this->running === null || $this->mutant === null) {
            return null;
        }
        try {
            $this->running->checkTimeout();
        } catch (ProcessTimedOutException) {
            return $this->end(true);
        }
        if ($this->running->isRunning()) {
            return null;
        }
        if ($this->running->getExitCode() !== 0) {
            return $this->end(true);
        }
        if ($this->left === []) {
            return $this->end(false);
        }
        $this->next();

        return null;
    }

    public function remove(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    /** @return array{Mutant, bool} */
    private function end(bool $seen): array
    {
        $mutant = $this->mutant ?? throw new \LogicException('Nothing was tested.');
        $this->write((string) file_get_contents("{$this->root}/{$mutant->file}"));
        [$this->running, $this->mutant] = [null, null];

        return [$mutant, $seen];
    }

    private function next(): void
    {
        $arguments = array_shift($this->left) ?? [];
        $this->running = $this->process($arguments);
        $this->running->start();
    }

    /** @param  list<string>  $arguments */
    private function process(array $arguments): Process
    {
        $process = new Process([PHP_BINARY, '-d', 'memory_limit=1G', ...$arguments], $this->folder, $this->environment, null, self::PATIENCE);

        return $process->disableOutput();
    }

    private function write(string $source): void
    {
        $path = "{$this->folder}/{$this->mutant?->file}";
        @unlink($path); // shared with the checkout until now
        file_put_contents($path, $source);
    }
}
