<?php

declare(strict_types=1);

namespace Dinghy\Tests\Network;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\Plans;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/** Ports, and what screens see over cables: against counting and a table of who reaches whom, on random boats. */
final class CablingTest extends TestCase
{
    private const DEVICES = ['screen', 'module', 'hub', 'light', 'heading', 'antenna'];

    public function test_ports_and_sight_of_random_boats(): void
    {
        $seed = Seed::sown();
        $seen = 0;
        for ($boat = 0; $boat < 200; $boat++) {
            [$document, $pairs] = self::random();
            $figures = Plans::evaluate($document)->boat->figures(SonarFigures::class);
            $reaches = self::table($pairs);
            foreach (self::DEVICES as $device) {
                $ends = count(array_filter(array_merge(...$pairs), static fn (string $end): bool => $end === $device));
                self::assertSame($ends, $figures->cabling->used($device), "SEED={$seed}, boat {$boat}, {$device}");
            }
            $expected = array_values(array_filter(['t1', 't2', 't3'], static fn (string $id): bool => $reaches['screen'][$id === 't1' ? 'screen' : 'module']));
            self::assertSame(['screen' => $expected], $figures->cabling->seen($figures->chains), "SEED={$seed}, boat {$boat}");
            // One device off: the same table without its cables.
            $without = self::table(array_filter($pairs, static fn (array $pair): bool => ! in_array('hub', $pair, true)));
            $left = $figures->cabling->without(['hub'], null)->seen($figures->chains)['screen'];
            self::assertSame($without['screen']['module'], in_array('t2', $left, true), "SEED={$seed}, boat {$boat}, hub off");
            $seen += $reaches['screen']['module'] ? 1 : 0;
        }
        self::assertGreaterThan(40, $seen);
        self::assertLessThan(190, $seen);
    }

    /** @return array{PlanDocument, list<array{string, string}>} and the devices that its cables join */
    private static function random(): array
    {
        $root = Plans::sounding()->root();
        $root->network->cables = $pairs = [];
        for ($cable = mt_rand(1, 7); $cable > 0; $cable--) {
            [$from, $to] = array_map(static fn (int $at): string => self::DEVICES[$at], (array) array_rand(self::DEVICES, 2));
            $pairs[] = mt_rand(0, 1) === 0 ? [$from, $to] : [$to, $from];
            $root->network->cables[] = (object) ['id' => "c{$cable}", 'from' => end($pairs)[0], 'to' => end($pairs)[1], 'length_m' => 1];
        }

        return [Plans::sounding()->format->document(json_encode($root, JSON_THROW_ON_ERROR)), $pairs];
    }

    /**
     * Who reaches whom [Warshall 1962].
     *
     * @param  array<array{string, string}>  $pairs
     * @return array<string, array<string, bool>>
     */
    private static function table(array $pairs): array
    {
        $reaches = [];
        foreach (self::DEVICES as $from) {
            foreach (self::DEVICES as $to) {
                $reaches[$from][$to] = $from === $to || in_array([$from, $to], $pairs, true) || in_array([$to, $from], $pairs, true);
            }
        }
        foreach (self::DEVICES as $by) {
            foreach (self::DEVICES as $from) {
                foreach (self::DEVICES as $to) {
                    $reaches[$from][$to] = $reaches[$from][$to] || ($reaches[$from][$by] && $reaches[$by][$to]);
                }
            }
        }

        return $reaches;
    }
}
