<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CataloguePart;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What belongs to the owner of a checkout alone, on a machine that others use too. */
final class SecretsTest extends TestCase
{
    /** @param  string|null  $password  null: none */
    #[DataProvider('strangers')]
    public function test_nobody_gets_into_the_private_database_without_its_password(string $user, ?string $password): void
    {
        $connection = Config::array('database.connections.mariadb');
        $this->expectException(\PDOException::class);
        $this->expectExceptionMessage('Access denied');
        new \PDO("mysql:host={$connection['host']};port={$connection['port']}", $user, $password);
    }

    /** @return array<string, array{string, string|null}> */
    public static function strangers(): array
    {
        return ['root without one' => ['root', null], 'root with another' => ['root', 'root'], 'anybody' => ['somebody', null], 'nobody' => ['', null]];
    }

    public function test_it_is_heard_on_loopback_alone(): void
    {
        $address = DB::selectOne("show variables like 'bind_address'");
        self::assertSame('127.0.0.1', $address->Value ?? null);
        self::assertGreaterThanOrEqual(32, strlen((string) Config::string('database.connections.mariadb.password')));
    }

    public function test_secrets_sessions_and_logs_are_read_by_their_owner_alone(): void
    {
        self::assertSame(0600, fileperms(base_path('.env')) & 0777);
        foreach (['framework/sessions', 'framework/cache', 'framework/views', 'logs'] as $folder) {
            self::assertSame(0700, fileperms(storage_path($folder)) & 0777, $folder);
        }
    }

    /** A part that is called after the way it opens is of the family that opens so. */
    public function test_breakers_of_the_demo_are_called_what_they_are(): void
    {
        $families = CataloguePart::query()->where('kind', 'protection')->get()->mapWithKeys(static fn (CataloguePart $part): array => [$part->name => $part->figures['family']])->all();
        foreach ($families as $name => $family) {
            self::assertSame(['Thermal' => 'breaker', 'Magnetic' => 'breaker-80'][strtok($name, ' ')] ?? $family, $family, $name);
        }
        self::assertContains('breaker', $families);
        self::assertContains('breaker-80', $families);
    }
}
