<?php

declare(strict_types=1);

namespace App\Instruments;

/**
 * A hand meter on a wire: asked "READ" it answers what it shows with its unit, as "12.71 V"; told "SHOW 38.1 V" it shows that from
 * then on. A line each.
 */
final class SimulatedMeter
{
    /** letters in a line, at the most */
    private const LONGEST = 60;

    /** @var array<int, resource> by their number */
    private array $callers = [];

    /** @param  resource  $server */
    private function __construct(private $server, private string $shows)
    {
    }

    /** @return self|null null: its port is taken */
    public static function on(string $host, int $port, string $shows): ?self
    {
        $server = @stream_socket_server("tcp://{$host}:{$port}");

        return $server === false ? null : new self($server, $shows);
    }

    /** @return list<resource> that something may come from */
    public function sockets(): array
    {
        return [$this->server, ...array_values($this->callers)];
    }

    /** @param  list<resource>  $ready  of its sockets */
    public function serve(array $ready): void
    {
        foreach ($ready as $socket) {
            if ($socket === $this->server) {
                $caller = @stream_socket_accept($this->server, 0);
                if ($caller !== false) {
                    stream_set_blocking($caller, false);
                    $this->callers[(int) $caller] = $caller;
                }
            } elseif (isset($this->callers[(int) $socket])) {
                $this->hear($socket);
            }
        }
    }

    /** @param  resource  $caller */
    private function hear($caller): void
    {
        $line = fgets($caller, self::LONGEST);
        if ($line === false) {
            fclose($this->callers[(int) $caller]);
            unset($this->callers[(int) $caller]);

            return;
        }
        if (preg_match('/^SHOW (.{1,40})$/', trim($line), $told) === 1) {
            $this->shows = $told[1];
        }
        @fwrite($caller, "{$this->shows}\n");
    }
}
