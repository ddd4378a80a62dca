<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Instruments\InstrumentFault;
use App\Instruments\SimulatedBoat;
use Illuminate\Console\Command;

final class Instruments extends Command
{
    protected $signature = 'dinghy:instruments
        {--port=10110 : TCP is served on it, UDP is sent to it}
        {--fault=* : checksum, silence, two-talkers, frozen-depth or binary}
        {--every=1.0 : Seconds between two turns}';

    protected $description = 'A small simulated boat that speaks NMEA 0183 on loopback, over TCP and UDP';

    private const HOST = '127.0.0.1';

    public function handle(): int
    {
        $named = array_map(static fn (mixed $one): string => is_string($one) ? $one : '', (array) $this->option('fault'));
        $faults = array_filter(array_map(InstrumentFault::tryFrom(...), $named));
        $port = filter_var($this->option('port'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 65535]]);
        $every = filter_var($this->option('every'), FILTER_VALIDATE_FLOAT, ['options' => ['min_range' => 0.01, 'max_range' => 60]]);
        if (count($faults) < count($named) || $port === false || $every === false) {
            $this->error($port === false ? '--port takes a number from 1 to 65535.' : ($every === false ? '--every takes seconds from 0.01 to 60.' : '--fault takes one of '.implode(', ', array_column(InstrumentFault::cases(), 'value')).'.'));

            return 2;
        }
        $server = @stream_socket_server('tcp://'.self::HOST.":{$port}");
        $air = stream_socket_client('udp://'.self::HOST.":{$port}");
        if ($server === false || $air === false) {
            $this->error("Port {$port} on ".self::HOST.' is taken. Stop what uses it, or choose another: --port='.($port + 1));

            return 2;
        }
        $this->info('The simulated boat speaks on '.self::HOST." port {$port}, TCP and UDP. Ctrl-C stops it.");
        $this->speak($server, $air, new SimulatedBoat(array_values($faults)), $every);
    }

    /**
     * @param  resource  $server
     * @param  resource  $air
     */
    private function speak($server, $air, SimulatedBoat $boat, float $every): never
    {
        $listeners = [];
        $next = microtime(true);
        for ($second = 0; ; $second++) {
            do {
                [$ready, $none] = [[$server], null];
                $wait = max(0.0, $next - microtime(true));
                if ((int) @stream_select($ready, $none, $none, 0, (int) ($wait * 1e6)) > 0 && ($new = @stream_socket_accept($server, 0)) !== false) {
                    stream_set_blocking($new, false);
                    $listeners[] = $new;
                }
            } while (microtime(true) < $next);
            $next += $every;
            $said = $boat->says($second);
            if ($said !== '') {
                @fwrite($air, $said);
                // Who has gone takes nothing any more.
                $listeners = array_filter($listeners, static fn ($listener): bool => @fwrite($listener, $said) !== false && ! feof($listener));
            }
        }
    }
}
