<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which folder may import which stands in docs/rooms.json; no folder imports one that imports it, over however many others. */
final class RoomsTest extends TestCase
{
    /** @param  \Closure(string): array<string, list<string>>  $found  in a folder of the project */
    #[DataProvider('halves')]
    public function test_folders_import_only_what_they_may_and_in_no_ring(string $half, \Closure $found): void
    {
        $root = dirname(__DIR__, 2);
        $allowed = json_decode((string) file_get_contents("{$root}/docs/rooms.json"), true, 8, JSON_THROW_ON_ERROR)[$half];
        $edges = $found("{$root}/{$half}");

        self::assertGreaterThan(10, count($edges));
        self::assertSame([], Rooms::ring($edges), "a ring of folders in {$half}");
        self::assertSame([], Rooms::ring($allowed), "a ring is allowed in {$half}");
        $new = $gone = [];
        foreach ($edges + $allowed as $room => $_) {
            array_push($new, ...array_map(static fn (string $other): string => "{$room} → {$other}", array_diff($edges[$room] ?? [], $allowed[$room] ?? [])));
            array_push($gone, ...array_map(static fn (string $other): string => "{$room} → {$other}", array_diff($allowed[$room] ?? [], $edges[$room] ?? [])));
        }
        $matrix = self::matrix($edges);
        self::assertSame([], $new, "{$half}: imports that docs/rooms.json does not allow. Folders, and what they import:\n{$matrix}");
        self::assertSame([], $gone, "{$half}: docs/rooms.json allows what is not there any more. Folders, and what they import:\n{$matrix}");
        self::assertSame(array_keys($edges), array_keys($allowed), "{$half}: the folders of docs/rooms.json, in the order of the alphabet");
    }

    /** @return array<string, array{string, \Closure(string): array<string, list<string>>}> */
    public static function halves(): array
    {
        return [
            'core' => ['core/src', static fn (string $root): array => Rooms::ofPhp($root, 'Dinghy')],
            'app' => ['app', static fn (string $root): array => Rooms::ofPhp($root, 'App')],
            'page' => ['resources/js', Rooms::ofScripts(...)],
        ];
    }

    /** What areas share lies below them, so that one can be taken out or put in without another. */
    public function test_no_area_of_the_core_imports_another(): void
    {
        $areas = [];
        foreach (Rooms::ofPhp(dirname(__DIR__, 2).'/core/src', 'Dinghy') as $room => $others) {
            foreach (preg_grep('~^Area/~', $others) ?: [] as $other) {
                $room === 'Area' || $areas[] = [explode('/', $room)[1], explode('/', $other)[1]];
            }
        }
        self::assertNotSame([], $areas);
        self::assertSame([], array_filter($areas, static fn (array $pair): bool => $pair[0] !== $pair[1]));
    }

    public function test_a_ring_is_found(): void
    {
        self::assertSame(['b', 'c', 'd', 'b'], Rooms::ring(['a' => ['b'], 'b' => ['c'], 'c' => ['d'], 'd' => ['b'], 'e' => []]));
        self::assertSame([], Rooms::ring(['a' => ['b', 'c'], 'b' => ['c'], 'c' => []]));
    }

    /** @param  array<string, list<string>>  $edges */
    private static function matrix(array $edges): string
    {
        return implode("\n", array_map(static fn (string $room, array $others): string => "  {$room}: ".implode(', ', $others), array_keys($edges), $edges));
    }
}
