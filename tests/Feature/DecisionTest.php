<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Acceptance;
use Tests\PdfWords;
use Tests\TestCase;

/** Findings that somebody lets stand: with a reason and a name, for the figures they were given for. */
final class DecisionTest extends TestCase
{
    public function test_a_decision_counts_is_seen_and_opens_again_when_its_figures_change(): void
    {
        $rigger = $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}";
        $before = $rigger->getJson($uri)->assertOk();
        self::assertStringStartsWith('3 stops, 3 to decide.', (string) $before->json('verdict'));

        $answer = $rigger->postJson("{$uri}/decisions", ['occasion' => $this->occasion('W01'), 'reason' => 'Owner replaces the screen this winter'])->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/decisions', 200, (string) $answer->getContent());
        self::assertStringStartsWith('3 stops, 2 to decide.', (string) $answer->json('verdict'));
        self::assertSame(['Owner replaces the screen this winter', 'Jorun Tellvik'], [$answer->json('decided.0.reason'), $answer->json('decided.0.author')]);
        self::assertSame(2, $rigger->getJson('/api/shed')->json('jobs.0.decisions'));
        self::assertSame('Owner replaces the screen this winter', $rigger->getJson("{$uri}?units=metric")->json('decided.0.reason'), 'in any units');

        $text = PdfWords::of((string) $rigger->get("{$uri}/work-sheet")->assertOk()->getContent());
        self::assertStringContainsString('DECIDED. 9 in display, tiller loses', $text);
        self::assertStringContainsString('Owner replaces the screen this winter (Jorun Tellvik', $text);

        // Another wire elsewhere leaves it; another length of this run opens it.
        $elsewhere = $rigger->postJson("{$uri}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:bow-motor', 'set' => ['run.gauge' => '6 AWG']]]])->assertOk();
        self::assertCount(1, $elsewhere->json('decided'));
        $here = $rigger->postJson("{$uri}/plan/edits", ['base' => 2, 'patch' => [['on' => 'branch:br-tiller-display', 'set' => ['run.extra_mohm' => 70]]]])->assertOk();
        self::assertSame([], $here->json('decided'));
        $back = $rigger->postJson("{$uri}/plan/undo")->assertOk();
        self::assertCount(1, $back->json('decided'), 'the same figures, the same decision');

        $open = $rigger->deleteJson("{$uri}/decisions/{$back->json('decided.0.id')}")->assertOk();
        ApiContract::assertMet('DELETE', '/api/jobs/{job}/decisions/{acceptance}', 200, (string) $open->getContent());
        self::assertSame([], $open->json('decided'));
        self::assertSame(1, Acceptance::query()->count(), 'the log keeps it');
    }

    public function test_what_cannot_be_decided(): void
    {
        $rigger = $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}/decisions";
        $rigger->postJson($uri, ['occasion' => $this->occasion('W02'), 'reason' => 'It has always been so'])->assertStatus(409);
        $rigger->postJson($uri, ['occasion' => str_repeat('0', 32), 'reason' => 'It has always been so'])->assertStatus(409);
        $rigger->postJson($uri, ['occasion' => $this->occasion('W01'), 'reason' => ' '])->assertStatus(422)->assertJsonPath('message', 'Reason: say in a few words why it may stay so.');
        $rigger->deleteJson("{$uri}/999")->assertNotFound();
        self::assertSame(0, Acceptance::query()->count());
    }

    private function occasion(string $rule): string
    {
        return collect($this->getJson("/api/jobs/{$this->skiff()->id}")->json('evaluation.findings'))->firstWhere('rule', $rule)['occasion'];
    }

    /** A decision and the gauge it came with stand in one order: undo takes the decision back first, then the gauge, and redo the other way. */
    public function test_decisions_are_taken_back_in_their_order(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}";
        $this->postJson("{$uri}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:bow-motor', 'set' => ['run.gauge' => '6 AWG']]]])->assertOk();
        $finding = collect((array) $this->getJson($uri)->json('evaluation.findings'))->firstWhere('level', 'warn');
        $decided = $this->postJson("{$uri}/decisions", ['occasion' => $finding['occasion'], 'reason' => 'as agreed with Maren'])->assertOk();
        $id = $decided->json('decided.0.id');
        self::assertSame(['step' => -$id, 'says' => "the decision on {$finding['rule']}: as agreed with Maren"], $decided->json('version.undo'));
        $this->postJson("{$uri}/plan/undo", ['step' => 2])->assertConflict();

        $first = $this->postJson("{$uri}/plan/undo", ['step' => -$id])->assertOk();
        self::assertSame([[], '6 AWG', 2, -$id], [$first->json('decided'), $first->json('plan.feeds.0.run.gauge'), $first->json('version.undo.step'), $first->json('version.redo.step')]);
        $second = $this->postJson("{$uri}/plan/undo")->assertOk();
        self::assertSame(['8 AWG', null, 2], [$second->json('plan.feeds.0.run.gauge'), $second->json('version.undo'), $second->json('version.redo.step')]);
        $third = $this->postJson("{$uri}/plan/redo")->assertOk();
        self::assertSame(['6 AWG', -$id], [$third->json('plan.feeds.0.run.gauge'), $third->json('version.redo.step')]);
        $fourth = $this->postJson("{$uri}/plan/redo")->assertOk();
        self::assertSame(['as agreed with Maren', null], [$fourth->json('decided.0.reason'), $fourth->json('version.redo')]);

        // What is opened again by hand is no step, and a new change ends what could be made again.
        $this->postJson("{$uri}/plan/undo")->assertOk();
        $changed = $this->postJson("{$uri}/plan/edits", ['base' => 4, 'patch' => [['on' => 'feed:house', 'set' => ['run.gauge' => '4 AWG']]]])->assertOk();
        self::assertSame([5, null], [$changed->json('version.undo.step'), $changed->json('version.redo')]);
        self::assertNull($this->actingAs($this->person('owner'))->getJson($uri)->json('version.undo'), 'another person has steps of their own');
    }
}
