<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Plan\PlanDocument;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rulebook;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each rule driven by a plan through the core's door: made to speak, silent just inside its limit, mended by its remedy. */
final class RulesTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $changes to the pump plan, which no rule speaks about */
    #[DataProvider('speaking')]
    public function test_a_rule_speaks(string $code, Level $level, string $on, array $changes): void
    {
        $finding = self::found(Plans::pump($changes), $code);

        self::assertNotNull($finding, "{$code} is silent.");
        self::assertSame($level, $finding->level);
        self::assertSame($on, $finding->on);
        self::assertNotSame('', $finding->remedy);
    }

    /** @param  array<string, array<string, mixed>>  $changes */
    #[DataProvider('silent')]
    public function test_a_rule_is_silent_just_inside_its_limit(string $code, array $changes): void
    {
        self::assertNull(self::found(Plans::pump($changes), $code));
    }

    /** @param  array<string, array<string, mixed>>  $changes */
    #[DataProvider('speaking')]
    public function test_a_remedys_patch_silences_its_rule(string $code, Level $level, string $on, array $changes): void
    {
        $document = Plans::pump($changes);
        $finding = self::found($document, $code);
        if ($finding?->patch === null) {
            self::assertContains($code, ['B04', 'D01', 'W02', 'F02', 'F03', 'F07'], "{$code} could propose a patch.");

            return;
        }
        self::assertNull(self::found($document->with($finding->patch), $code), "{$code} still speaks after {$finding->remedy}");
    }

    /** @return array<string, array{string, Level, string, array<string, array<string, mixed>>}> */
    public static function speaking(): array
    {
        $protection = static fn (array $fields): array => ['feed:f1' => ['protection' => [(object) (['family' => 'blade', 'rating_a' => 15, 'from_source_m' => 0.15, ...$fields])]]];

        return [
            'B04 too many volts' => ['B04', Level::Stop, 'device:d1', ['device:d1' => ['v_max' => 11.9]]],
            'B04 too few volts' => ['B04', Level::Stop, 'device:d1', ['device:d1' => ['v_min' => 12.1]]],
            'D01' => ['D01', Level::Stop, 'device:d1', ['device:d1' => ['v_max' => 14.69]]],
            'F01' => ['F01', Level::Stop, 'feed:f1', ['feed:f1' => ['protection' => []]]],
            'F02' => ['F02', Level::Stop, 'feed:f1', ['feed:f1' => ['run.gauge' => '16 AWG', 'protection.0.rating_a' => 30]]],
            'F02 a decision where no lower size carries the load' => ['F02', Level::Warn, 'feed:f1', [
                'feed:f1' => ['run.gauge' => '14 AWG', 'protection' => [(object) ['family' => 'strip-small', 'rating_a' => 40, 'from_source_m' => 0.1]]],
                'device:d1' => ['typical_a' => 30, 'peak_a' => 32],
            ]],
            'F02 behind a thin factory lead' => ['F02', Level::Stop, 'feed:f1', ['device:d1' => ['lead' => (object) ['gauge' => '18 AWG', 'length_m' => 0.5]], ...$protection(['rating_a' => 30])]],
            'F03 below peak' => ['F03', Level::Warn, 'feed:f1', $protection(['rating_a' => 10])],
            'F03 a motor below its peak' => ['F03', Level::Warn, 'feed:f1', ['device:d1' => ['kind' => 'motor', 'peak_a' => 20], ...$protection(['rating_a' => 15])]],
            'F03 below the makers figure' => ['F03', Level::Warn, 'feed:f1', ['device:d1' => ['fuse_a' => 20]]],
            'F04 unsheathed' => ['F04', Level::Warn, 'feed:f1', $protection(['from_source_m' => 0.179])],
            'F04 far away' => ['F04', Level::Stop, 'feed:f1', $protection(['from_source_m' => 1.84])],
            'F04 sheathed and far away' => ['F04', Level::Stop, 'feed:f1', $protection(['from_source_m' => 1.84, 'sheathed' => true])],
            'F07' => ['F07', Level::Warn, 'feed:f1', $protection(['rating_a' => 17])],
            'W01' => ['W01', Level::Warn, 'device:d1', ['feed:f1' => ['run.length_m' => 7]]],
            'W01 in a factory lead' => ['W01', Level::Warn, 'device:d1', ['device:d1' => ['lead' => (object) ['gauge' => '16 AWG', 'length_m' => 1]]]],
            'W01 by an old console in the path' => ['W01', Level::Warn, 'device:d1', ['feed:f1' => ['run.extra_mohm' => 30]]],
            'W02' => ['W02', Level::Stop, 'feed:f1', ['feed:f1' => ['run.gauge' => '18 AWG', 'run.bundled' => 25], 'device:d1' => ['typical_a' => 8.1]]],
        ];
    }

    /** @return array<string, array{string, array<string, array<string, mixed>>}> */
    public static function silent(): array
    {
        $protection = static fn (array $fields): array => ['feed:f1' => ['protection' => [(object) (['family' => 'blade', 'rating_a' => 15, 'from_source_m' => 0.15, ...$fields])]]];

        return [
            'B04 at the upper limit' => ['B04', ['device:d1' => ['v_max' => 12]]],
            'B04 at the lower limit' => ['B04', ['device:d1' => ['v_min' => 12]]],
            'D01 at the limit' => ['D01', ['device:d1' => ['v_max' => 14.7]]],
            'F02 at the ampacity' => ['F02', ['feed:f1' => ['run.gauge' => '16 AWG', 'protection.0.rating_a' => 25]]],
            'F03 at 1.25 × typical' => ['F03', ['device:d1' => ['typical_a' => 12, 'peak_a' => 12]]],
            'F03 a motor at its peak' => ['F03', ['device:d1' => ['kind' => 'motor', 'typical_a' => 15, 'peak_a' => 15]]],
            'F03 where the maker asks for less' => ['F03', ['device:d1' => ['fuse_a' => 10], ...$protection(['rating_a' => 10])]],
            'F04 at seven inches' => ['F04', $protection(['from_source_m' => 0.178])],
            'F04 sheathed at seventy-two' => ['F04', $protection(['from_source_m' => 1.83, 'sheathed' => true])],
            'F07 a half size' => ['F07', $protection(['rating_a' => 7.5])],
            'W02 at the ampacity' => ['W02', ['feed:f1' => ['run.gauge' => '18 AWG'], 'device:d1' => ['typical_a' => 20, 'peak_a' => 20]]],
            // 8 A · 2 · 3 m: 3 % of 12 V are lost at 30.56 mΩ both ways; the extra resistance is set just below what is left.
            'W01 just inside' => ['W01', ['feed:f1' => ['run.extra_mohm' => 24.6]]],
        ];
    }

    public function test_the_pump_plan_is_good_work(): void
    {
        $evaluation = Plans::evaluate(Plans::pump());

        self::assertSame([], $evaluation->findings);
        self::assertSame([], $evaluation->unchecked);
    }

    public function test_mixed_banks(): void
    {
        $series = Plans::series(3);
        self::assertNull(self::found($series, 'B01'));
        self::assertNull(self::found($series, 'B02'));
        self::assertStringContainsString('b2 is gel', self::found(Plans::changed($series, ['battery:b2' => ['chemistry' => 'gel']]), 'B01')?->says ?? '');
        self::assertSame(6.0, self::found(Plans::changed($series, ['battery:b2' => ['nominal_v' => 6]]), 'B02')?->figures['lowest_v']);
        self::assertStringContainsString('parallel', self::found(Plans::changed($series, ['bank:thrust' => ['strings' => [['b1', 'b2'], ['b3']]]]), 'B02')?->says ?? '');
    }

    /** @param  array<string, array<string, mixed>>  $changes */
    #[DataProvider('unknowns')]
    public function test_a_rule_whose_input_is_missing_says_so(string $code, string $on, string $needs, array $changes): void
    {
        $unchecked = Plans::evaluate(Plans::pump($changes))->unchecked;
        $said = array_map(static fn ($unchecked): string => "{$unchecked->rule} {$unchecked->on} {$unchecked->needs}", $unchecked);

        self::assertContains("{$code} {$on} {$needs}", $said);
        self::assertNull(self::found(Plans::pump($changes), $code));
    }

    /** @return list<array{string, string, string, array<string, array<string, mixed>>}> */
    public static function unknowns(): array
    {
        return [
            ['F04', 'feed:f1', 'protection.0.from_source_m', ['feed:f1' => ['protection' => [(object) ['family' => 'blade', 'rating_a' => 15]]]]],
            ['W01', 'feed:f1', 'run.length_m', ['feed:f1' => ['run.length_m' => null]]],
            ['W02', 'feed:f1', 'ampacity of 22 AWG', ['feed:f1' => ['run.gauge' => '22 AWG']]],
            ['F02', 'feed:f1', 'ampacity of 22 AWG', ['feed:f1' => ['run.gauge' => '22 AWG']]],
            ['D01', 'device:d1', 'charging volts of bank house', ['battery:b1' => ['chemistry' => 'other-lithium']]],
        ];
    }

    public function test_every_rule_has_its_words_and_a_code_of_its_own(): void
    {
        $codes = [];
        foreach (Rulebook::rules() as $rule) {
            $text = $rule->text();
            $codes[] = $text->code;
            self::assertNotSame('', $text->speaksWhen.$text->because.$text->source);
        }
        self::assertSame(array_unique($codes), $codes);
    }

    private static function found(PlanDocument $document, string $code): ?Finding
    {
        foreach (Plans::evaluate($document)->findings as $finding) {
            if ($finding->rule->code === $code) {
                return $finding;
            }
        }

        return null;
    }
}
