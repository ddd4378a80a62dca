<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Question;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Every input that a rule misses is asked for in words, and what is offered is an answer. */
final class QuestionTest extends TestCase
{
    /** Each choice that is offered is accepted by the plan, and what is not checked grows less. */
    public function test_answers_are_accepted_and_settle_what_was_asked(): void
    {
        $answered = 0;
        foreach (self::cases() as $name => [$code, $on, $needs, $plan, $changes]) {
            $document = Plans::changed(Plans::named($plan), $changes);
            $question = Question::of(new Unchecked(self::text($code), $on, $needs), StandardAreas::areas()->format);
            if ($question->shape === null) {
                continue;
            }
            foreach ($question->shape->choices as $choice) {
                $answered++;
                $after = Plans::evaluate($document->with(Patch::set($on, [$needs => $choice])))->unchecked;
                self::assertNotContains("{$code} {$on} {$needs}", array_map(static fn (Unchecked $unchecked): string => "{$unchecked->rule->code} {$unchecked->on} {$unchecked->needs}", $after), "{$name}: ".json_encode($choice));
            }
        }
        self::assertGreaterThan(30, $answered);
    }

    public function test_what_is_asked_of_an_empty_plan_is_asked_in_words(): void
    {
        $plan = StandardAreas::areas()->format->document('{"format": "dinghy-plan", "version": 1}')->plan();
        $asked = array_map(static fn (Unchecked $unchecked): string => Question::of($unchecked, StandardAreas::areas()->format)->asks, StandardAreas::areas()->evaluate($plan)->unchecked);

        self::assertSame(['What fuel is aboard?', 'When was the boat surveyed as it came? Dates and photographs are kept under Survey.'], $asked);
    }

    public function test_shapes_come_from_the_format(): void
    {
        self::assertSame(['petrol', 'diesel', 'none'], StandardAreas::areas()->format->field('plan', 'boat.fuel')?->choices);
        self::assertSame([true, false], StandardAreas::areas()->format->field('battery:b1', 'restrained')?->choices);
        self::assertSame([true, false], StandardAreas::areas()->format->field('feed:f', 'protection.0.trip_free')?->choices);
        self::assertSame(['battery', 'charger'], StandardAreas::areas()->format->field('charger:c', 'outputs.2.fuse_at')?->choices);
        self::assertSame([], StandardAreas::areas()->format->field('branch:b', 'run.length_m')?->choices, 'a number is typed');
        self::assertNull(StandardAreas::areas()->format->field('battery:b1', 'tray_mm'));
        self::assertNull(StandardAreas::areas()->format->field('battery:b1', 'nothing'));
        self::assertNull(StandardAreas::areas()->format->field('gizmo:b1', 'restrained'));
    }

    /** @return array<string, array{string, string, string, 'pump'|'series'|'parallel'|'routed'|'sounding', array<string, array<string, mixed>>}> */
    private static function cases(): array
    {
        /** @var array<string, array{string, string, string, 'pump'|'series'|'parallel'|'routed'|'sounding', array<string, array<string, mixed>>}> */
        return [...BankRulesTest::unknowns(), ...ProtectionRulesTest::unknowns(), ...WireRulesTest::unknowns(), ...DeviceRulesTest::unknowns(), ...LayoutRulesTest::unknowns()];
    }

    private static function text(string $code): RuleText
    {
        return array_column(array_map(static fn (Rule $rule): RuleText => $rule->text(), StandardAreas::areas()->rulebook->rules), null, 'code')[$code];
    }
}
