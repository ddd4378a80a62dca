<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is filled in of the part in hand: whole objects and lists with quantities as typed, and parts made field by field. */
final class PartInHandTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person('rigger'));
    }

    public function test_an_object_goes_in_whole_with_what_was_typed_in_it(): void
    {
        $kept = $this->typed('bank:electronics', 'shunt', ['rating_a' => '300 A', 'mohm' => '0.25 mΩ', 'capacity_set_ah' => '', 'stud' => 'M10'])->assertOk();
        self::assertEquals(['rating_a' => 300, 'mohm' => 0.25, 'stud' => 'M10'], $kept->json('plan.banks.1.shunt'));
        self::assertSame('Electronics bank: shunt changed → not given', $kept->json('version.undo.says'));
    }

    public function test_a_list_goes_in_whole_beside_what_stood_there(): void
    {
        $chargers = (array) $this->getJson($this->uri(''))->json('plan.chargers');
        $outputs = $chargers[0]['outputs'];
        $kept = $this->typed("charger:{$chargers[0]['id']}", 'outputs', [...$outputs, ['battery' => 'e1', 'amps' => '12 A', 'profile' => 'agm', 'lead' => ['gauge' => '10 AWG', 'length_m' => '6 ft']]])->assertOk();
        $last = array_slice((array) $kept->json('plan.chargers.0.outputs'), -1)[0];
        self::assertEquals(['battery' => 'e1', 'amps' => 12, 'profile' => 'agm', 'lead' => ['gauge' => '10 AWG', 'length_m' => 1.8288]], $last);
    }

    /** @param  array<string, mixed>  $part */
    #[DataProvider('parts')]
    public function test_a_part_is_made_field_by_field(string $kind, string $name, array $part, string $id, ?string $in = null): void
    {
        $kept = $this->postJson($this->uri('/plan/proposals?units=imperial'), ['make' => 'part', 'kind' => $kind, 'name' => $name, 'part' => $part, ...($in === null ? [] : ['in' => $in])])->assertOk();
        self::assertSame(2, $kept->json('version.number'));
        $plan = (string) json_encode($kept->json('plan'));
        self::assertStringContainsString("\"id\":\"{$id}\"", $plan);
        ApiContract::assertMet('POST', '/api/jobs/{job}/plan/proposals', 200, (string) $kept->getContent());
    }

    /** @return array<string, array{0: string, 1: string, 2: array<string, mixed>, 3: string, 4?: string}> */
    public static function parts(): array
    {
        return [
            'a bond' => ['bond', 'Bond', ['from' => 'thrust', 'to' => 'electronics', 'gauge' => '6 awg', 'length_m' => '2 ft'], 'bond'],
            'a feed' => ['feed', 'To the hub', ['class' => 'electronics', 'from' => ['bank' => 'electronics'], 'run' => ['length_m' => '3 ft'], 'to' => ['device' => 'hub']], 'to-the-hub'],
            'a converter' => ['charger', 'Converter', ['input' => 'dc-dc', 'input_from' => ['bank' => 'thrust'], 'outputs' => [['block' => 'bow-block', 'amps' => '15 A', 'volts' => '12 V']]], 'converter'],
            'a branch' => ['branch', 'Lamp', ['class' => 'general', 'fuse_a' => '5 A', 'to' => ['device' => 'hub']], 'lamp', 'block:bow-block'],
        ];
    }

    public function test_a_part_that_another_holds_says_which(): void
    {
        $make = fn (array $more): TestResponse => $this->postJson($this->uri('/plan/proposals'), ['make' => 'part', 'kind' => 'branch', 'name' => 'Lamp', 'part' => ['class' => 'general', 'to' => ['device' => 'hub']], ...$more]);
        self::assertSame('Not kept: Say which block the branch is put in.', $make([])->assertUnprocessable()->json('message'));
        self::assertSame('Not kept: Say which block the branch is put in.', $make(['in' => 'bank:thrust'])->assertUnprocessable()->json('message'));
        $make(['in' => 'block:nowhere'])->assertUnprocessable();
        self::assertSame(1, $this->skiff()->planVersions()->count());
    }

    public function test_a_refusal_names_what_is_wrong_as_the_page_does(): void
    {
        foreach ([
            'Not kept: Expected a number, such as 30 A; found "plenty".' => ['bank:electronics', 'shunt', ['rating_a' => 'plenty']],
            'Not kept: Electronics bank, shunt: resistance: expected a number from 0.01 to 100 mΩ, found 400.' => ['bank:electronics', 'shunt', ['mohm' => '400']],
            'Not kept: Hub, colour: unknown key' => ['device:hub', 'colour', 'red'],
        ] as $says => [$on, $field, $value]) {
            self::assertStringStartsWith(str_replace('Hub', 'Network hub', $says), (string) $this->typed($on, $field, $value)->assertUnprocessable()->json('message'));
        }
        $message = (string) $this->postJson($this->uri('/plan/edits'), ['base' => 'x', 'typed' => 'y', 'own' => 7])->assertUnprocessable()->json('message');
        self::assertStringNotContainsString('more error', $message);
        self::assertStringContainsString('base', $message);
    }

    private function typed(string $on, string $field, mixed $value): TestResponse
    {
        return $this->postJson($this->uri('/plan/edits'), ['base' => 1, 'units' => 'metric', 'typed' => ['on' => $on, 'field' => $field, 'value' => $value]]);
    }

    private function uri(string $path): string
    {
        return "/api/jobs/{$this->skiff()->id}{$path}";
    }
}
