<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use Tests\TestCase;

/** The house rules of a shop: what they are, whom they would change, and that boats are judged by them. */
final class HouseRulesTest extends TestCase
{
    public function test_each_rule_has_its_default_and_a_reason(): void
    {
        $answer = $this->actingAs($this->person('apprentice'))->getJson('/api/house-rules')->assertOk();
        ApiContract::assertMet('GET', '/api/house-rules', 200, (string) $answer->getContent());
        self::assertFalse($answer->json('can_change'));
        $fields = array_column((array) $answer->json('rules'), null, 'field');
        self::assertSame(5, $fields['drop_pct.thrust']['value']);
        self::assertContains(105, $fields['insulation_c']['choices']);
        self::assertContains('6 AWG', $fields['stock_gauges']['choices']);
        foreach ($fields as $field => $rule) {
            self::assertGreaterThan(20, strlen((string) $rule['reason']), "{$field} says why");
            self::assertEquals($rule['default'], $rule['value']);
        }
        // Metric boats bring the sizes they are wired with.
        self::assertContains('Catamaran 6.8 m', array_column((array) $answer->json('own'), 'boat'));
    }

    public function test_a_rule_tried_names_the_boats_and_changes_nothing(): void
    {
        $rigger = $this->actingAs($this->person('owner'));
        $before = $rigger->getJson('/api/jobs/'.$this->skiff()->id)->json('evaluation');
        $answer = $rigger->postJson('/api/house-rules/try', ['set' => ['drop_pct.electronics' => '1 %', 'layup_days' => '31']])->assertOk();
        ApiContract::assertMet('POST', '/api/house-rules/try', 200, (string) $answer->getContent());
        $skiff = array_column((array) $answer->json('boats'), null, 'boat')['Tiller skiff 5.6 m'];
        self::assertStringContainsString('the limit is 1 %', implode("\n", $skiff['changes']));
        $alone = array_column((array) $answer->json('rules'), 'boats', 'field');
        self::assertSame(count((array) $answer->json('boats')), $alone['drop_pct.electronics']);
        self::assertSame(0, $alone['layup_days']);
        self::assertSame($before, $rigger->getJson('/api/jobs/'.$this->skiff()->id)->json('evaluation'));
    }

    public function test_a_rule_kept_judges_every_boat_and_is_exported_with_it(): void
    {
        $job = $this->skiff()->id;
        $rigger = $this->actingAs($this->person('owner'));
        $etag = $rigger->getJson("/api/jobs/{$job}")->headers->get('ETag');
        $kept = $rigger->putJson('/api/house-rules', ['version' => 1, 'set' => ['drop_pct.electronics' => '1', 'slack_m' => '1 ft'], 'units' => 'imperial'])->assertOk();
        self::assertSame(2, $kept->json('version'));
        $now = $rigger->getJson("/api/jobs/{$job}", ['If-None-Match' => (string) $etag])->assertOk();
        $limits = array_column((array) $now->json('evaluation.runs'), 'limit_pct', 'id');
        self::assertEquals(1, $limits['house']);
        self::assertObjectNotHasProperty('house_rules', (object) $now->json('plan'));
        $exported = $rigger->getJson("/api/jobs/{$job}/plan")->json('house_rules');
        self::assertEquals(1, $exported['drop_pct']['electronics']);
        self::assertEqualsWithDelta(0.3048, $exported['slack_m'], 1e-9);
        self::assertEquals(5, $exported['drop_pct']['thrust']);
        // Back to the default, nothing of it stays.
        $rigger->putJson('/api/house-rules', ['version' => 2, 'set' => ['drop_pct.electronics' => '3 %', 'slack_m' => null]])->assertOk();
        self::assertEquals(new \stdClass, Shop::query()->firstOrFail()->houseRules()->kept->drop_pct);
    }

    public function test_a_boats_own_rules_win_over_the_shops(): void
    {
        $rigger = $this->actingAs($this->person('owner'));
        $catamaran = \App\Models\Job::query()->where('bay', 5)->firstOrFail()->id;
        $before = $rigger->getJson("/api/jobs/{$catamaran}")->json('evaluation.runs.0.gauge');
        $rigger->putJson('/api/house-rules', ['version' => 1, 'set' => ['stock_gauges' => ['4/0 AWG']]])->assertOk();
        self::assertSame($before, $rigger->getJson("/api/jobs/{$catamaran}")->json('evaluation.runs.0.gauge'));
    }

    public function test_blocks_are_counted_from_the_other_end_on_the_page_and_never_in_the_file(): void
    {
        $job = $this->skiff()->id;
        $rigger = $this->actingAs($this->person('owner'));
        $rigger->putJson('/api/house-rules', ['version' => 1, 'set' => ['numbering_end' => 'positive']])->assertOk();
        $bank = collect((array) $rigger->getJson("/api/jobs/{$job}")->json('evaluation.banks'))->firstWhere('id', 'thrust');
        self::assertSame(['b1' => 3, 'b2' => 2, 'b3' => 1], array_column($bank['batteries'], 'number', 'id'));
        self::assertStringNotContainsString('numbering', (string) $rigger->getJson("/api/jobs/{$job}/plan")->getContent());
        $rigger->putJson('/api/house-rules', ['version' => 2, 'set' => ['numbering_end' => 'middle']])->assertStatus(422);
    }

    public function test_bad_rules_are_refused_by_name_and_nothing_is_kept(): void
    {
        $rigger = $this->actingAs($this->person('owner'));
        foreach ([
            [['drop_pct.thrust' => '80'], 'drop allowed to motors: expected'],
            [['drop_pct.thrust' => 'five'], 'a number'],
            [['insulation_c' => 12], 'house rules: insulation of the wire kept: expected'],
            [['stock_gauges' => []], 'house rules: gauges kept: expected'],
            [['colour' => 'red'], 'There is no house rule "colour".'],
        ] as [$set, $says]) {
            $answer = $rigger->putJson('/api/house-rules', ['version' => 1, 'set' => $set])->assertStatus(422);
            self::assertStringContainsString($says, (string) $answer->json('message'));
        }
        $rigger->putJson('/api/house-rules', ['version' => 7, 'set' => ['layup_days' => '14']])->assertStatus(409);
        self::assertSame(1, Shop::query()->firstOrFail()->house_rules_version);
    }
}
