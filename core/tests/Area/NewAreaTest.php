<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area;

use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Areas;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\Remedies;
use Dinghy\Evaluation\StageState;
use Dinghy\Evaluation\Verdict;
use Dinghy\Evaluation\Why;
use Dinghy\File\PlanDifference;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Proposal\AddToBoat;
use Dinghy\Proposal\TakeOut;
use Dinghy\Rule\Question;
use Dinghy\Rule\Rule;
use Dinghy\Rule\Rulebook;
use Dinghy\Rule\Stage;
use Dinghy\Tests\Area\Anchoring\AnchoringArea;
use Dinghy\Tests\Area\Anchoring\Anchors;
use Dinghy\Tests\Area\Anchoring\ShortScope;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** An area that nobody has heard of is plugged in by its own files and one line, and everything that is made of areas knows it. */
final class NewAreaTest extends TestCase
{
    private static function areas(): Areas
    {
        return new Areas([...StandardAreas::areas()->all, new AnchoringArea]);
    }

    private static function anchored(float $rode, ?float $depth = 4.5): PlanDocument
    {
        $root = Plans::routed()->root();
        $root->anchors = [(object) ['id' => 'bower', 'station' => 'bow', 'rode_m' => $rode, ...($depth === null ? [] : ['depth_m' => $depth])]];

        return self::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    public function test_its_section_is_read_checked_and_described(): void
    {
        self::assertSame([30.0, 0.5], [self::anchored(30)->plan()->part(Anchors::class)?->all[0]->rode, self::anchored(30)->plan()->part(Anchors::class)->freeboard]);
        self::assertNull(self::areas()->format->document(Plans::routed()->toJson())->plan()->part(Anchors::class));
        foreach (['/anchors/0/rode_m: expected a rode that reaches' => self::anchored(3), '/anchors/0/rode_m: expected a number from 1' => self::anchored(0)] as $words => $wrong) {
            try {
                $wrong->plan();
                self::fail($words);
            } catch (PlanRefused $refused) {
                self::assertStringStartsWith($words, $refused->getMessage());
            }
        }
        $schema = json_decode(json_encode(self::areas()->format->shape->schema(), JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(200, $schema['properties']['anchors']['items']['properties']['rode_m']['maximum']);
        self::assertArrayHasKey('freeboard_m', $schema['properties']['boat']['properties']);
        self::assertContains(['required' => ['anchor']], $schema['properties']['feeds']['items']['properties']['to']['oneOf']);
        self::assertSame(['rode_m'], self::areas()->format->catalogue()['anchor']->ofThePart);
        $this->expectException(PlanRefused::class);
        $this->expectExceptionMessage('unknown key "anchors"');
        StandardAreas::areas()->format->document(self::anchored(30)->toJson())->plan();
    }

    public function test_its_parts_are_added_changed_compared_and_taken_out_like_others(): void
    {
        $document = self::anchored(30);
        $added = $document->with(AddToBoat::part($document->plan(), $document->format, 'anchor', 'Bower', (object) ['rode_m' => 20]));
        self::assertSame(['bower', 'bower-2'], array_column($added->root()->anchors, 'id'), 'an id of its own');
        self::assertSame(['anchor:bower-2'], array_column(PlanDifference::between($document, $added)->steps ?? [], 'on'));
        self::assertSame(20, $added->valueOf('anchor:bower-2', 'rode_m'));

        $withoutBow = $document->with(TakeOut::of($document->plan(), 'station:bow'));
        self::assertNull($withoutBow->valueOf('anchor:bower', 'station'), 'what stood at a station stands nowhere');

        $root = $document->root();
        $root->feeds[] = (object) ['id' => 'windlass', 'class' => 'general', 'from' => (object) ['bank' => $root->banks[0]->id], 'to' => (object) ['anchor' => 'bower']];
        $fed = self::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
        $without = $fed->with(TakeOut::of($fed->plan(), 'anchor:bower'));
        self::assertSame([[], null], [$without->root()->anchors, $without->valueOf('feed:windlass', '')], 'a feed to it goes with it');
        $this->expectException(PlanRefused::class);
        $this->expectExceptionMessage('expected the id of a anchor in this file, found "bower"');
        $without->with(\Dinghy\File\Patch::put('feed:windlass', $root->feeds[count($root->feeds) - 1]))->plan();
    }

    public function test_its_rules_figures_and_words_stand_in_every_answer(): void
    {
        $document = self::anchored(20);
        $evaluation = self::areas()->evaluate($document->plan());
        $answer = EvaluationDocument::of($evaluation, new Remedies($document, $evaluation));
        self::assertSame([['id' => 'bower', 'scope' => 4.0]], $answer['anchors']);
        $found = array_values(array_filter((array) $answer['findings'], static fn (array $finding): bool => $finding['rule'] === 'M90'))[0];
        self::assertSame(['anchoring', 'Give it more rode.'], [$found['stage'], $found['remedy']]);
        self::assertNotNull($found['patch'], 'its remedy was tried and mends it');
        self::assertSame('rode / (depth + freeboard)', (new Why($evaluation))->of('scope:bower')?->formula->says);
        self::assertSame('speaks when: a rode is shorter than five times depth and freeboard', (new Why($evaluation))->of('finding:M90:anchor:bower')?->formula->says);
        self::assertStringContainsString('Scope 4.', Verdict::of($evaluation));
        self::assertContains('M90', array_map(static fn ($rule): string => $rule->text()->code, self::areas()->rulebook->rules));

        $says = static fn (PlanDocument $plan): string => array_column(array_map(static fn (StageState $state): array => ['stage' => $state->stage->name, 'says' => $state->says], StageState::allOf(self::areas()->evaluate($plan->plan()), [])), 'says', 'stage')['anchoring'];
        self::assertSame('1 to decide', $says($document));
        self::assertSame('in order', $says(self::anchored(30)));
        self::assertSame('not all checked', $says(self::anchored(30, null)));
        self::assertSame('to be stowed', $says($document->with(\Dinghy\File\Patch::of([['on' => 'anchor:bower', 'unset' => ['station'], 'set' => ['rode_m' => 40]]]))));
        self::assertSame('not begun', $says(self::areas()->format->document(Plans::routed()->toJson())));
    }

    public function test_what_it_misses_is_asked_for(): void
    {
        $unchecked = array_values(array_filter(self::areas()->evaluate(self::anchored(30, null)->plan())->unchecked, static fn ($one): bool => $one->rule->code === 'M90'))[0];
        self::assertSame('anchor:bower', $unchecked->on);
        self::assertSame([], self::areas()->format->field($unchecked->on, $unchecked->needs)?->choices, 'a number is typed');
        self::assertSame('How deep is it where she anchors?', Question::of($unchecked, self::areas()->format)->asks);
    }

    public function test_two_areas_that_claim_one_code_are_refused_at_once(): void
    {
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('Two rules are called M90.');
        new Rulebook([[new Stage('a', 'A'), [new ShortScope], []], [new Stage('b', 'B'), [], [new ShortScope]]]);
    }

    /** What judges the same more closely goes by the same code, belongs where it is judged, and adds nothing where its rule spoke already. */
    public function test_a_rule_may_be_judged_more_closely_by_another_area(): void
    {
        $book = StandardAreas::areas()->rulebook;
        self::assertSame(['power', 'day'], array_map(static fn (Rule $rule): string => $book->stageOf($rule->text())->name, $book->called('B18')));
        self::assertTrue($book->isLate('B18'));
        self::assertFalse($book->isLate('B10'));
    }
}
