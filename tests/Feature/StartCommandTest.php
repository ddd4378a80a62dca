<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** bin/start and bin/test refuse with a sentence, before they change anything. */
final class StartCommandTest extends TestCase
{
    /** @param  list<string>  $command */
    #[DataProvider('refusals')]
    public function test_a_wrong_call_is_a_clear_sentence(array $command, string $sentence): void
    {
        $process = $this->command(...$command);

        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString($sentence, $process->getErrorOutput());
        self::assertStringNotContainsString('line ', $process->getErrorOutput());
    }

    /** @return list<array{list<string>, string}> */
    public static function refusals(): array
    {
        return [
            [['bin/start', '--port', 'eighty'], '--port takes a number from 1 to 65535.'],
            [['bin/start', '--port'], '--port takes a number from 1 to 65535.'],
            [['bin/start', '--port=70000'], '--port takes a number from 1 to 65535.'],
            [['bin/start', '--prot', '80'], '"--prot" is not an option of bin/start'],
            [['bin/test', 'everything'], '"everything" is not a stage. There are: style analysis'],
        ];
    }

    public function test_a_taken_port_is_named_with_the_way_out(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        $process = $this->command('bin/start', '--port', (string) $port);

        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString("Port {$port} on 127.0.0.1 is taken.", $process->getErrorOutput());
    }

    public function test_help_says_what_it_does(): void
    {
        self::assertStringContainsString('--fresh', $this->command('bin/start', '--help')->getOutput());
        self::assertStringContainsString('browser', $this->command('bin/test', '--help')->getOutput());
    }

    private function command(string ...$command): Process
    {
        $process = new Process($command, dirname(__DIR__, 2));
        $process->run();

        return $process;
    }
}
