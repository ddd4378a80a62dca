<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Instruments\InstrumentFault;
use App\Instruments\SimulatedBoat;
use App\Instruments\SimulatedMeter;
use App\Instruments\SimulatedMonitor;
use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanRefused;
use Dinghy\Trip\Simulation;
use Illuminate\Console\Command;

final class Instruments extends Command
{
    protected $signature = 'dinghy:instruments
        {--port=10110 : TCP is served on it, UDP is sent to it}
        {--fault=* : checksum, silence, two-talkers, frozen-depth or binary}
        {--meter= : TCP port of its hand meter; else it has none}
        {--shows=12.71 V : What the hand meter shows until it is told otherwise}
        {--every=1.0 : Seconds between two turns}
        {--day= : A plan file whose day its battery monitor lives through}
        {--bank= : The bank that the monitor watches; else the first}
        {--speed=60 : Seconds of that day to a second}';

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
        $monitor = $this->monitor();
        if ($monitor === false) {
            return 2;
        }
        $server = @stream_socket_server('tcp://'.self::HOST.":{$port}");
        $air = stream_socket_client('udp://'.self::HOST.":{$port}");
        if ($server === false || $air === false) {
            $this->error("Port {$port} on ".self::HOST.' is taken. Stop what uses it, or choose another: --port='.($port + 1));

            return 2;
        }
        $meter = $this->meter();
        if ($meter === false) {
            return 2;
        }
        $this->info('The simulated boat speaks on '.self::HOST." port {$port}, TCP and UDP.".($meter === null ? '' : " Its hand meter answers on port {$this->word('meter')}.").' Ctrl-C stops it.');
        $this->speak($server, $air, new SimulatedBoat(array_values($faults), $monitor), $meter, $every);
    }

    /** @return SimulatedMeter|false|null null: none was asked for; false: it was, and cannot be */
    private function meter(): SimulatedMeter|false|null
    {
        if ($this->word('meter') === '') {
            return null;
        }
        $port = filter_var($this->word('meter'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 65535]]);
        $meter = $port === false ? null : SimulatedMeter::on(self::HOST, $port, $this->word('shows'));
        if ($meter === null) {
            $this->error($port === false ? '--meter takes a port from 1 to 65535.' : "Port {$port} on ".self::HOST.' is taken. Stop what uses it, or choose another: --meter='.($port + 1));

            return false;
        }

        return $meter;
    }

    private function word(string $option): string
    {
        $word = $this->option($option);

        return is_string($word) ? $word : '';
    }

    /** @return SimulatedMonitor|false|null null: none was asked for; false: it was, and cannot be */
    private function monitor(): SimulatedMonitor|false|null
    {
        $plan = $this->option('day');
        if (! is_string($plan) || $plan === '') {
            return null;
        }
        $speed = filter_var($this->option('speed'), FILTER_VALIDATE_FLOAT, ['options' => ['min_range' => 0.1, 'max_range' => 7200]]);
        try {
            $boat = resolve(Areas::class)->evaluate(PlanFile::read($plan)->plan())->boat;
        } catch (PlanRefused $e) {
            PlanFile::refuse($this, $e);

            return false;
        }
        $named = $this->option('bank');
        $bank = is_string($named) && $named !== '' ? $boat->plan->banks[$named] ?? null : array_values($boat->plan->banks)[0] ?? null;
        $day = Simulation::of($boat);
        if ($speed === false || $bank === null || $day === null) {
            $this->error(match (true) {
                $speed === false => '--speed takes seconds of the day to a second, from 0.1 to 7200.',
                $bank === null => '--bank takes a bank of the plan: '.implode(', ', array_keys($boat->plan->banks)).'.',
                default => '--day takes a plan with a day on the water.',
            });

            return false;
        }

        return new SimulatedMonitor($day, $bank, $speed);
    }

    /**
     * @param  resource  $server
     * @param  resource  $air
     */
    private function speak($server, $air, SimulatedBoat $boat, ?SimulatedMeter $meter, float $every): never
    {
        $listeners = [];
        $next = microtime(true);
        for ($second = 0; ; $second++) {
            do {
                [$ready, $none] = [[$server, ...$meter?->sockets() ?? []], null];
                $wait = max(0.0, $next - microtime(true));
                if ((int) @stream_select($ready, $none, $none, 0, (int) ($wait * 1e6)) > 0) {
                    $meter?->serve($ready);
                    if (in_array($server, $ready, true) && ($new = @stream_socket_accept($server, 0)) !== false) {
                        stream_set_blocking($new, false);
                        $listeners[] = $new;
                    }
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
