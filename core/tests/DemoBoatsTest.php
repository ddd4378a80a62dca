<?php

declare(strict_types=1);

namespace Dinghy\Tests;

use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The five boats of the demo: good work is left in peace, and of each boat's second copy every planted mistake is found. */
final class DemoBoatsTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../database/demo/';

    #[DataProvider('boats')]
    public function test_good_work_has_no_stop_and_nothing_unknown(string $boat): void
    {
        $evaluation = self::evaluate("boats/{$boat}");

        self::assertSame([], self::said($evaluation, Level::Stop));
        self::assertSame([], self::said($evaluation, Level::Warn));
        self::assertSame([], array_map(static fn ($unchecked): string => "{$unchecked->rule->code} {$unchecked->on} {$unchecked->needs}", $evaluation->unchecked));
    }

    /**
     * @param  array<string, string|list<string>>  $planted  rules by part
     * @param  list<string>  $follow  rules that speak of what the mistakes bring about
     */
    #[DataProvider('mistakes')]
    public function test_every_planted_mistake_is_found_and_nothing_else(string $boat, array $planted, array $follow): void
    {
        $said = self::evaluate("mistakes/{$boat}")->findings;
        $found = array_filter($said, static fn (Finding $finding): bool => $finding->level !== Level::Note);
        foreach ($planted as $on => $codes) {
            $here = array_map(static fn (Finding $finding): string => $finding->rule->code, array_filter($said, static fn (Finding $finding): bool => $finding->on === $on));
            self::assertSame([], array_diff((array) $codes, $here), $on);
        }
        self::assertSame([], array_values(array_diff(array_map(static fn (Finding $finding): string => $finding->rule->code, $found), array_merge(...array_map(static fn (string|array $codes): array => (array) $codes, array_values($planted))), $follow)));
    }

    /** Each remedy that can be applied is applied, one after the other: the boat then stands as good work does. */
    #[DataProvider('mistakes')]
    public function test_remedies_mend_the_mistakes(string $boat): void
    {
        $document = StandardAreas::areas()->format->document((string) file_get_contents(self::FOLDER."mistakes/{$boat}.json"));
        for ($step = 0; $step < 12; $step++) {
            $evaluation = Plans::evaluate($document);
            $remedies = new \Dinghy\Evaluation\Remedies($document, $evaluation);
            $offered = array_filter(array_map(static fn (Finding $finding) => $finding->level === Level::Note ? null : $remedies->of($finding), $evaluation->findings));
            if ($offered === []) {
                break;
            }
            $document = $document->with(array_values($offered)[0]->patch);
        }
        self::assertSame([], array_map(static fn (Finding $finding): string => $finding->rule->code,
            array_values(array_filter(Plans::evaluate($document)->findings, static fn (Finding $finding): bool => $finding->level !== Level::Note))));
    }

    /** @return array<string, array{string}> */
    public static function boats(): array
    {
        return ['skiff' => ['skiff'], 'console' => ['console'], 'pontoon' => ['pontoon'], 'rowing' => ['rowing'], 'catamaran' => ['catamaran']];
    }

    /** @return array<string, array{string, array<string, string|list<string>>, list<string>}> */
    public static function mistakes(): array
    {
        return [
            // 8 AWG in a bundle of four for 56 A; the tiller screen through an old console; the breaker two feet from the post. A hub
            // without a port left; an adapter left in its box; a depth without its offset.
            'skiff' => ['skiff', ['feed:bow-motor' => 'W02', 'device:tiller-display' => ['W01', 'N10'], 'feed:house' => 'F04', 'device:hub' => 'N01', 'transducer:transom-transducer' => 'N02'], ['F03']],
            // A wing nut on the motor's feed; a corroded console in the screens' supply; the DC–DC charger fused once. The two shields
            // of an old six-wire transducer swapped, and its cable too short; a transducer on a shaft that slides; a heading sensor at the motor.
            'console' => ['console', ['feed:bow-motor' => 'B09', 'device:screen-left' => 'W01', 'charger:dc-dc' => 'F13', 'terminal-block:old-block' => 'N09', 'transducer:old-transducer' => 'N08', 'transducer:bow-transducer' => 'N07', 'device:heading' => 'N05'], ['D02', 'N02']],
            // The lift tapped across Battery 2; the monitor set to three times the bank; a charger lead fused at the charger.
            // Two sonars on the same frequencies; the helm's screen reached by no cable; a cable too short for its motor's loop.
            'pontoon' => ['pontoon', ['feed:lift' => 'B05', 'bank:thrust' => 'B15', 'charger:shore' => 'B12', 'transducer:live-transducer' => 'N03', 'device:screen-helm' => 'N01', 'transducer:bow-transducer' => 'N08'], []],
            // No main fuse; clad aluminium; the pack not held down. An adapter that loses temperature; the live transducer behind a strake,
            // at the propeller.
            'rowing' => ['rowing', ['feed:pack-feed' => 'F01', 'battery:p1' => 'B08', 'transducer:clamp-transducer' => 'N02', 'transducer:live-transducer' => 'N07'], ['W04']],
            // Strings without fuses, and then the main breaks too little; taken off at one end of thin jumpers; a lead charger on lithium.
            // A backbone that works only when its tap is moved, and with one terminator; a transducer behind a core.
            'catamaran' => ['catamaran', ['bank:thrust' => 'B22', 'bank:house' => 'B06', 'charger:shore-2' => 'B10', 'backbone:instrument-bus' => 'N04', 'transducer:hull-transducer' => 'N07'], ['F05']],
        ];
    }

    /** @return list<string> */
    private static function said(Evaluation $evaluation, Level $level): array
    {
        return array_values(array_map(static fn (Finding $finding): string => "{$finding->rule->code} {$finding->says}", array_filter($evaluation->findings, static fn (Finding $finding): bool => $finding->level === $level)));
    }

    private static function evaluate(string $file): Evaluation
    {
        return StandardAreas::areas()->evaluate(Plans::demo($file)->plan(), whole: true);
    }
}
