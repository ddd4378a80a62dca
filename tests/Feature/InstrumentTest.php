<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\Address;
use App\Instruments\Board;
use App\Instruments\InstrumentFault;
use App\Instruments\Listener;
use App\Models\Shop;
use App\Settings\ShopSettings;
use Dinghy\Sentence\Checksum;
use Symfony\Component\Process\Process;
use Tests\FreePort;
use Tests\TestCase;

/** Instruments listened to while a page wants to hear them, and the minute that is kept of them. */
final class InstrumentTest extends TestCase
{
    private ?Process $boat = null;

    protected function tearDown(): void
    {
        $this->boat?->stop(1);
        parent::tearDown();
    }

    public function test_what_the_simulated_boat_says_is_heard_over_tcp(): void
    {
        $this->hears('network');
    }

    public function test_and_over_udp(): void
    {
        $this->hears('network-udp');
    }

    public function test_nobody_is_listened_to_that_no_page_asks_for(): void
    {
        $address = $this->speaks('network');
        $board = resolve(Board::class);
        $this->listen($board, static fn (): bool => false, 1.2);
        self::assertNull($board->told($address));
    }

    public function test_an_address_where_nobody_answers_is_said(): void
    {
        $this->registered('network', 1);
        $this->actingAs($this->person('rigger'));
        $path = "/api/jobs/{$this->skiff()->id}/instruments";
        self::assertStringContainsString('Nothing listens there yet', (string) $this->getJson($path)->json('instruments.0.says'));
        $this->listen(resolve(Board::class), static fn (Board $board): bool => $board->told(Address::of(Shop::query()->firstOrFail())[0]) !== null);
        self::assertSame('Nobody answers at 127.0.0.1 port 1.', $this->getJson($path)->json('instruments.0.says'));
    }

    public function test_a_fault_that_was_asked_for_is_told(): void
    {
        $address = $this->speaks('network', InstrumentFault::Checksum, InstrumentFault::TwoTalkers, InstrumentFault::Binary);
        $board = resolve(Board::class);
        $board->want($address);
        $this->listen($board, static fn (Board $board): bool => count($board->told($address)['heard']->faults ?? []) >= 2);
        self::assertSame(['two-talkers', 'checksum'], array_column($board->told($address)['heard']->faults ?? [], 'kind'));
    }

    public function test_the_last_minute_is_kept_with_the_boat_as_it_was_heard(): void
    {
        $address = $this->speaks('network');
        $this->actingAs($this->person('rigger'));
        $path = "/api/jobs/{$this->skiff()->id}/plan/proposals";
        self::assertStringContainsString('Nothing is heard', (string) $this->postJson($path, ['make' => 'trial', 'instrument' => $address->name])->assertUnprocessable()->json('message'));
        self::assertStringContainsString('no such instrument', (string) $this->postJson($path, ['make' => 'trial', 'instrument' => 'another'])->assertUnprocessable()->json('message'));
        $board = resolve(Board::class);
        $board->want($address);
        $this->listen($board, static fn (Board $board): bool => ($board->told($address)['heard']->minute['sentences'] ?? 0) > 0);

        $answer = $this->postJson($path, ['make' => 'trial', 'instrument' => $address->name, 'sounded' => '15 ft', 'units' => 'imperial'])->assertOk();

        $trial = $answer->json('plan.network.trials.0');
        self::assertSame([$address->name, 4.572, 0], [$trial['instrument'], $trial['sounded_m'], $trial['refused']]);
        self::assertContains('depth', array_column($trial['values'], 'measured'));
        self::assertGreaterThan(0, $trial['sentences']);
    }

    /** By hand: sounded 4.5 m, 4.2 m below the transducer: it sits 0.3 m under. The skiff's is measured at 0.15 m. */
    public function test_a_lead_line_gives_the_offset(): void
    {
        $this->actingAs($this->person('rigger'));
        $answer = $this->getJson("/api/jobs/{$this->skiff()->id}/lead-line?transducer=transom-transducer&sounded=4.5+m&depth_m=4.2")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/lead-line', 200, (string) $answer->getContent());
        self::assertSame('surface', $answer->json('depth_from'));
        self::assertEqualsWithDelta(0.3, $answer->json('offset_m'), 1e-9);
        self::assertFalse($answer->json('agrees'));
        $this->getJson("/api/jobs/{$this->skiff()->id}/lead-line?transducer=transom-transducer&sounded=deep&depth_m=4.2")->assertUnprocessable();
        $this->getJson("/api/jobs/{$this->skiff()->id}/lead-line?transducer=nobody&sounded=4&depth_m=4.2")->assertUnprocessable();
    }

    public function test_a_log_is_read_piece_by_piece_with_its_own_line_numbers(): void
    {
        $this->actingAs($this->person('rigger'));
        $sound = 'SDMTW,11.6,C';
        $body = "\${$sound}*".Checksum::of($sound)."\r\nnonsense\r\n";
        $answer = $this->call('POST', '/api/sentences?after=1000', server: ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'], content: $body)->assertOk();
        ApiContract::assertMet('POST', '/api/sentences', 200, (string) $answer->getContent());
        self::assertSame([2, 1, ['MTW' => 1], 1, 1002], [$answer->json('lines'), $answer->json('sentences'), $answer->json('kinds'), $answer->json('refused'), $answer->json('listed.0.line')]);
    }

    /** With and without: the extra ground becomes a wire of the plan, or goes, with the reason. */
    public function test_a_comparison_ends_as_a_wire_or_none(): void
    {
        $this->actingAs($this->person('rigger'));
        $path = "/api/jobs/{$this->skiff()->id}/plan/proposals";
        $grounds = static fn (mixed $devices): array => array_values(array_filter(array_column((array) $devices, 'ground')));
        $answer = $this->postJson($path, ['make' => 'ground', 'device' => 'live-sonar', 'bank' => 'electronics', 'why' => 'quieter with it while the motor runs'])->assertOk();
        self::assertSame([['bank' => 'electronics', 'words' => 'quieter with it while the motor runs']], $grounds($answer->json('plan.devices')));
        $answer = $this->postJson($path, ['make' => 'ground', 'device' => 'live-sonar', 'bank' => null, 'why' => ''])->assertOk();
        self::assertSame([], $grounds($answer->json('plan.devices')));
        $this->postJson($path, ['make' => 'ground', 'device' => 'live-sonar', 'bank' => 'nowhere', 'why' => ''])->assertUnprocessable();
    }

    /** A monitor that lives through the skiff's day, ten minutes of it to a turn: what it says is what the day comes to there. */
    public function test_a_monitor_lives_through_a_day(): void
    {
        $port = FreePort::find();
        $this->boat = new Process([PHP_BINARY, 'artisan', 'dinghy:instruments', "--port={$port}", '--every=0.05', '--day=database/demo/boats/skiff.json', '--bank=electronics', '--speed=600'], base_path());
        $this->boat->start();
        $this->boat->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'speaks on'));
        $address = $this->registered('network', $port);
        $board = resolve(Board::class);
        $board->want($address);
        $this->listen($board, static fn (Board $board): bool => ($board->told($address)['heard']->values['minutes-out']['value'] ?? 0) >= 239);
        $values = array_map(static fn (array $one): float => $one['value'], $board->told($address)['heard']->values ?? []);
        $this->actingAs($this->person('rigger'));
        $evening = collect($this->getJson("/api/jobs/{$this->skiff()->id}/stages/day")->json('run.batteries'))->firstWhere('id', 'e1');
        self::assertEqualsWithDelta(100 * $evening['soc_end'], $values['charge'], 1.0);
        self::assertEqualsWithDelta($evening['volts_min'], $values['volts'], 0.15);
        self::assertEqualsWithDelta(1.9, $values['amps'], 0.3, 'a screen and the hub on the way home');
    }

    public function test_a_monitor_of_no_day_is_refused(): void
    {
        foreach ([['--day=database/demo/boats/skiff.json', '--bank=nobody'], ['--day=database/demo/boats/skiff.json', '--speed=0'], ['--day=composer.json']] as $asked) {
            $boat = new Process([PHP_BINARY, 'artisan', 'dinghy:instruments', '--port='.FreePort::find(), ...$asked], base_path());
            self::assertSame(2, $boat->run(), implode(' ', $asked));
        }
    }

    private function hears(string $kind): void
    {
        $address = $this->speaks($kind);
        $this->actingAs($this->person('rigger'));
        $path = "/api/jobs/{$this->skiff()->id}/instruments";
        $this->getJson($path)->assertOk();
        $this->listen(resolve(Board::class), static fn (Board $board): bool => count($board->told($address)['heard']->values ?? []) >= 6);
        $answer = $this->getJson($path)->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/instruments', 200, (string) $answer->getContent());
        $values = array_column((array) $answer->json('instruments.0.heard.values'), 'value', 'measured');
        self::assertEqualsWithDelta(11.6, $values['water-temperature'], 1e-9);
        self::assertEqualsWithDelta(4.2, $values['depth'], 0.7);
        self::assertEqualsWithDelta(12.74, $values['volts'], 0.03);
        self::assertSame([[], []], [$answer->json('instruments.0.heard.faults'), $answer->json('instruments.0.heard.refused')]);
    }

    /** Starts the simulated boat and registers where it speaks. */
    private function speaks(string $kind, InstrumentFault ...$faults): Address
    {
        $port = FreePort::find();
        $this->boat = new Process([PHP_BINARY, 'artisan', 'dinghy:instruments', "--port={$port}", '--every=0.05', ...array_map(static fn (InstrumentFault $fault): string => "--fault={$fault->value}", $faults)], base_path());
        $this->boat->start();
        $this->boat->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'speaks on'));

        return $this->registered($kind, $port);
    }

    private function registered(string $kind, int $port): Address
    {
        $shop = Shop::query()->firstOrFail();
        $shop->update(['settings' => json_encode(ShopSettings::of(['instruments' => [['name' => 'the boat', 'kind' => $kind, 'host' => '127.0.0.1', 'port' => $port]]]), JSON_THROW_ON_ERROR)]);

        return Address::of($shop)[0];
    }

    /** @param  \Closure(Board): bool  $until */
    private function listen(Board $board, \Closure $until, float $longest = 8.0): void
    {
        $listener = new Listener($board);
        $addresses = Address::of(Shop::query()->firstOrFail());
        for ($end = microtime(true) + $longest; microtime(true) < $end && ! $until($board);) {
            $listener->turn(static fn (): array => $addresses);
        }
    }
}
