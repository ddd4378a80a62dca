<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\File\PlanDocument;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Rules driven by a plan through the core's door: made to speak, silent just inside their limit, mended by their remedy,
 * and saying so when an input is missing. Each case changes one of the small plans of good work in Plans.
 */
abstract class RuleTestCase extends TestCase
{
    /** @return array<string, array{string, Level, string, string, array<string, array<string, mixed>>}> code, level, part, plan, changes */
    abstract public static function speaking(): array;

    /** @return array<string, array{string, string, array<string, array<string, mixed>>}> code, plan, changes */
    abstract public static function silent(): array;

    /** @return array<string, array{string, string, string, string, array<string, array<string, mixed>>}> code, part, input, plan, changes */
    abstract public static function unknowns(): array;

    /** @return list<string> cases of speaking() that take a part that is bought, an act or a choice that is the rigger's: no change to the plan can make it */
    abstract protected static function withoutRemedy(): array;

    /**
     * @param  'pump'|'series'|'parallel'|'routed'|'sounding'  $plan
     * @param  array<string, array<string, mixed>>  $changes
     */
    #[DataProvider('speaking')]
    public function test_a_rule_speaks(string $code, Level $level, string $on, string $plan, array $changes): void
    {
        self::assertNull(self::found(Plans::named($plan), $code), "{$code} speaks of good work.");
        $finding = self::found(Plans::changed(Plans::named($plan), $changes), $code);

        self::assertNotNull($finding, "{$code} is silent.");
        self::assertSame($level, $finding->level);
        self::assertContains($level, $finding->rule->levels);
        self::assertSame($on, $finding->on);
        self::assertNotSame('', $finding->remedy);
        self::assertDoesNotMatchRegularExpression('/NAN|INF|  /', $finding->says.$finding->remedy);
    }

    /**
     * @param  'pump'|'series'|'parallel'|'routed'|'sounding'  $plan
     * @param  array<string, array<string, mixed>>  $changes
     */
    #[DataProvider('silent')]
    public function test_a_rule_is_silent_just_inside_its_limit(string $code, string $plan, array $changes): void
    {
        self::assertNull(self::found(Plans::changed(Plans::named($plan), $changes), $code));
    }

    /**
     * @param  'pump'|'series'|'parallel'|'routed'|'sounding'  $plan
     * @param  array<string, array<string, mixed>>  $changes
     */
    #[DataProvider('speaking')]
    public function test_a_remedy_silences_its_rule(string $code, Level $level, string $on, string $plan, array $changes): void
    {
        $document = Plans::changed(Plans::named($plan), $changes);
        $finding = self::found($document, $code);
        self::assertNotNull($finding);
        $remedy = Plans::remedy($document, $code);

        self::assertSame(in_array($this->dataName(), static::withoutRemedy(), true), $remedy === null, "{$finding->says} {$remedy?->says}");
        self::assertNull($remedy === null ? null : self::found($document->with($remedy->patch), $code), "{$code} still speaks after {$remedy?->says}");
    }

    /**
     * @param  'pump'|'series'|'parallel'|'routed'|'sounding'  $plan
     * @param  array<string, array<string, mixed>>  $changes
     */
    #[DataProvider('unknowns')]
    public function test_a_rule_whose_input_is_missing_says_so(string $code, string $on, string $needs, string $plan, array $changes): void
    {
        $document = Plans::changed(Plans::named($plan), $changes);
        $said = array_map(static fn ($unchecked): string => "{$unchecked->rule->code} {$unchecked->on} {$unchecked->needs}", Plans::evaluate($document)->unchecked);

        self::assertContains("{$code} {$on} {$needs}", $said);
    }

    protected static function found(PlanDocument $document, string $code): ?Finding
    {
        foreach (Plans::evaluate($document)->findings as $finding) {
            if ($finding->rule->code === $code) {
                return $finding;
            }
        }

        return null;
    }
}
