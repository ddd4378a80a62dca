<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CataloguePart;
use Tests\TestCase;

/** The catalogue out as a table and in again. */
final class CatalogueTest extends TestCase
{
    public function test_what_goes_out_comes_in_unchanged(): void
    {
        $owner = $this->actingAs($this->person('owner'));
        $csv = (string) $owner->get('/api/catalogue/table')->assertOk()->getContent();
        self::assertStringContainsString('"AGM deep-cycle 12 V 100 Ah, group 31"', $csv);
        $told = $owner->postJson('/api/catalogue/table', ['csv' => $csv, 'keep' => true])->assertOk();
        ApiContract::assertMet('POST', '/api/catalogue/table', 200, (string) $told->getContent());
        self::assertSame([[], [], CataloguePart::query()->count(), []], [$told->json('new'), $told->json('changed'), $told->json('same'), $told->json('refused')]);
    }

    /** Accents tell letters apart; case, spaces and the way an accent is encoded do not. */
    public function test_one_rule_of_sameness(): void
    {
        $owner = $this->actingAs($this->person('owner'));
        $line = static fn (string $name, int $ah): string => "kind,name,chemistry,nominal_v,capacity_ah\nbattery,{$name},agm,12,{$ah}\n";
        $owner->postJson('/api/catalogue/table', ['csv' => $line('Étoile 100', 100), 'keep' => true])->assertOk()->assertJson(['new' => ['Étoile 100']]);
        $owner->postJson('/api/catalogue/table', ['csv' => $line('ETOILE 100', 80), 'keep' => true])->assertOk()->assertJson(['new' => ['ETOILE 100']]);
        self::assertSame([100, 80], CataloguePart::query()->whereIn('name', ['Étoile 100', 'ETOILE 100'])->get()->sortBy('id')->map(static fn (CataloguePart $part): mixed => $part->figures['capacity_ah'])->values()->all());
        $owner->postJson('/api/catalogue/table', ['csv' => $line("E\u{301}TOILE  100", 90), 'keep' => false])->assertOk()->assertJson(['new' => [], 'changed' => ["E\u{301}TOILE  100"]]);
        $twice = "kind,name,chemistry,nominal_v,capacity_ah\nbattery,Étoile 7,agm,12,7\nbattery,étoile  7,agm,12,8\n";
        self::assertSame('The name stands in line 2 already.', $owner->postJson('/api/catalogue/table', ['csv' => $twice, 'keep' => false])->json('refused.0.why'));
    }

    /** What a spreadsheet would compute goes out as words, and comes in as it was (OWASP, CSV injection: = + - @ tab return). */
    public function test_no_cell_is_a_formula(): void
    {
        $owner = $this->actingAs($this->person('owner'));
        foreach (['=1+1', '+1', '-1', '@SUM(A1)', "'=1", "''-2"] as $name) {
            $this->person('owner')->shop->catalogue()->create(['kind' => 'battery', 'name' => $name, 'figures' => ['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 100]]);
        }
        $csv = (string) $owner->get('/api/catalogue/table')->assertOk()->getContent();
        self::assertSame(0, preg_match('/(^|,)"?[=+@-][^0-9]/m', $csv));
        foreach (["'=1+1", "'+1", "'-1", "'@SUM(A1)", "''=1", "'''-2"] as $cell) {
            self::assertStringContainsString("battery,{$cell},", $csv);
        }
        $told = $owner->postJson('/api/catalogue/table', ['csv' => $csv, 'keep' => true])->assertOk();
        self::assertSame([[], [], []], [$told->json('new'), $told->json('changed'), $told->json('refused')]);
    }

    public function test_figures_that_change_are_named_as_the_table_writes_them(): void
    {
        $owner = $this->actingAs($this->person('owner'));
        $csv = "kind,name,device,v_min,v_max,typical_a,peak_a,standby_a,fuse_a,lead.gauge,lead.length_m,data,network_ports,wakes\ndevice,\"Network hub, 5 ports\",network-hub,9,32,0.4,0.7,0.1,3,16 AWG,1,network,5,by-power\n";
        $differences = $owner->postJson('/api/catalogue/table', ['csv' => $csv, 'keep' => false])->assertOk()->json('differences');
        self::assertSame([
            ['peak_a', '0.6', '0.7'], ['lead.gauge', '18 AWG', '16 AWG'], ['price', '95', 'none'],
        ], array_map(static fn (array $one): array => [$one['field'], $one['was'], $one['is']], (array) $differences));
    }

    public function test_names_are_as_long_as_they_may_be_and_prices_are_prices(): void
    {
        $owner = $this->actingAs($this->person('owner'));
        $why = static fn (string $name, string $price): array => (array) $owner->postJson('/api/catalogue/table', ['csv' => "kind,name,chemistry,nominal_v,capacity_ah,price\nbattery,{$name},agm,12,100,{$price}\n", 'keep' => false])->assertOk()->json('refused.*.why');
        self::assertSame([[], ['The name is longer than 100 letters.']], [$why(str_repeat('é', 100), '0'), $why(str_repeat('é', 101), '0')]);
        self::assertSame([[], ['price: expected a number from 0 to 10,000,000.'], ['price: expected a number from 0 to 10,000,000.'], ['"1e999" in column price is not understood.']], [$why('N', '10000000'), $why('N', '10000001'), $why('N', '-1'), $why('N', '1e999')]);
    }

    public function test_good_and_bad_lines(): void
    {
        $owner = $this->actingAs($this->person('owner'));
        $csv = implode("\n", [
            'kind,name,chemistry,nominal_v,capacity_ah,device,v_min,v_max,typical_a,peak_a,circuits,tray_mm,longest_runs,always_on',
            'battery,AGM 12 V 55 Ah,agm,12,55,,,,,,,230x140x210,,',
            'battery,"Flooded deep-cycle 12 V 85 Ah, group 24",flooded,12,85,,,,,,,,,',
            'battery,Wet 12 V,lead,12,80,,,,,,,,,',
            'device,Pump,,,,pump,9,15,3,4,,,10 AWG 4.57; 8 AWG 7.01,yes',
            'device,Backwards,,,,pump,15,9,3,4,,,,',
            'device,Loose words,,,,pump,nine,15,3,4,,,,',
            'gadget,Thing,,,,,,,,,,,,',
            'block,Big block,,,,,,,,,99,,,',
            'device,Pump,,,,pump,9,15,3,4,,,,',
            '',
        ]);
        $before = CataloguePart::query()->count();
        $told = $owner->postJson('/api/catalogue/table', ['csv' => $csv, 'keep' => false])->assertOk();
        self::assertSame(['AGM 12 V 55 Ah', 'Pump'], $told->json('new'));
        self::assertSame(['Flooded deep-cycle 12 V 85 Ah, group 24'], $told->json('changed'));
        self::assertSame(['Flooded deep-cycle 12 V 85 Ah, group 24'], array_values(array_unique(array_column((array) $told->json('differences'), 'name'))));
        $why = array_column($told->json('refused'), 'why', 'line');
        self::assertSame([4, 6, 7, 8, 9, 10], array_keys($why));
        foreach ([4 => 'chemistry: expected one of flooded, agm', 6 => 'v_max: expected more than v_min', 7 => '"nine" in column v_min', 8 => 'expected battery, device, block, charger, shunt, switch, wire, protection, connector, transducer', 9 => 'circuits: expected a whole number from 1 to 48', 10 => 'stands in line 5 already'] as $line => $words) {
            self::assertStringContainsString($words, $why[$line]);
        }
        self::assertSame($before, CataloguePart::query()->count(), 'a look changes nothing');
        $owner->postJson('/api/catalogue/table', ['csv' => $csv, 'keep' => true])->assertOk();
        self::assertSame($before + 2, CataloguePart::query()->count());
        self::assertSame(4.57, CataloguePart::query()->where('name', 'Pump')->firstOrFail()->figures['longest_runs'][0]['length_m']);
        self::assertTrue(CataloguePart::query()->where('name', 'Pump')->firstOrFail()->figures['always_on']);
    }

    public function test_a_table_that_is_too_long_says_where_it_was_left(): void
    {
        $csv = "kind,name,circuits\n".implode("\n", array_map(static fn (int $i): string => "block,Block {$i},6", range(1, 2005)));
        $told = $this->actingAs($this->person('rigger'))->postJson('/api/catalogue/table', ['csv' => $csv, 'keep' => false])->assertOk();
        self::assertCount(2000, $told->json('new'));
        self::assertSame([2002], array_column($told->json('refused'), 'line'));
        self::assertStringContainsString('at most 2000 parts', $told->json('refused.0.why'));
    }

    public function test_tables_as_spreadsheets_write_them_and_tables_that_are_none(): void
    {
        $owner = $this->actingAs($this->person('owner'));
        $look = static fn (string $csv) => $owner->postJson('/api/catalogue/table', ['csv' => $csv, 'keep' => false])->assertOk();
        self::assertSame(['Gel 12 V 40 Ah'], $look("\u{FEFF}kind;name;chemistry;nominal_v;capacity_ah;mass_kg\r\nbattery;Gel 12 V 40 Ah;gel;12;40;14,5\r\n")->json('new'));
        self::assertStringContainsString('There is no column "colour"', (string) $look("kind,name,colour\n")->json('refused.0.why'));
        self::assertStringContainsString('"kind" and "name" must be among them', (string) $look("name\nx\n")->json('refused.0.why'));
        $owner->postJson('/api/catalogue/table', ['csv' => '', 'keep' => false])->assertStatus(422)->assertJsonPath('message', 'Choose a table of parts, of at most 1 MB.');
    }

    public function test_a_part_is_added_changed_copied_retired_and_taken_back(): void
    {
        $this->actingAs($this->person('owner'));
        $made = $this->postJson('/api/catalogue/parts?units=imperial', ['kind' => 'battery', 'name' => 'LiFePO4 12 V 60 Ah', 'figures' => ['chemistry' => 'lifepo4', 'nominal_v' => '12 V', 'capacity_ah' => '60 Ah', 'mass_kg' => '15 lb', 'size_mm' => '9.1 x 5.4 x 8.3 in', 'max_series' => '4', 'price' => '319,50']])->assertCreated();
        ApiContract::assertMet('POST', '/api/catalogue/parts', 201, (string) $made->getContent());
        $figures = $made->json('figures');
        self::assertSame(['lifepo4', 12, 60, 4, 319.5], [$figures['chemistry'], $figures['nominal_v'], $figures['capacity_ah'], $figures['max_series'], $figures['price']]);
        self::assertEqualsWithDelta(6.80388555, $figures['mass_kg'], 1e-9);

        $id = $made->json('id');
        $changed = $this->putJson("/api/catalogue/parts/{$id}", ['version' => 1, 'name' => 'LiFePO4 12 V 60 Ah, long', 'figures' => [...$figures, 'capacity_ah' => '64']])->assertOk();
        ApiContract::assertMet('PUT', '/api/catalogue/parts/{part}', 200, (string) $changed->getContent());
        self::assertSame([2, 64, 'LiFePO4 12 V 60 Ah, long'], [$changed->json('version'), $changed->json('figures.capacity_ah'), $changed->json('name')]);
        $late = $this->putJson("/api/catalogue/parts/{$id}", ['version' => 1, 'name' => 'Another', 'figures' => $figures])->assertStatus(409);
        self::assertStringContainsString('somebody changed', (string) $late->json('message'));

        $this->putJson("/api/catalogue/parts/{$id}", ['version' => 2, 'retired' => true])->assertOk();
        $this->postJson("/api/jobs/{$this->skiff()->id}/plan/parts", ['part' => $id])->assertStatus(404);
        $taken = $this->postJson('/api/catalogue/parts', ['kind' => 'battery', 'name' => 'lifepo4 12 V 60 Ah, LONG', 'figures' => $figures])->assertStatus(409);
        self::assertStringContainsString('Give it another name', (string) $taken->json('message'));
        self::assertSame([3, true], array_values(array_intersect_key((array) collect((array) $this->getJson('/api/catalogue')->json('parts'))->firstWhere('id', $id), ['version' => 1, 'retired' => 1])));
        $this->putJson("/api/catalogue/parts/{$id}", ['version' => 3, 'retired' => false])->assertOk();
        $this->postJson("/api/jobs/{$this->skiff()->id}/plan/parts", ['part' => $id, 'series' => 1])->assertOk();
    }

    public function test_a_part_that_no_plan_would_take_is_refused_by_the_name_of_its_field(): void
    {
        $this->actingAs($this->person('owner'));
        $add = fn (string $kind, array $figures): string => (string) $this->postJson('/api/catalogue/parts', ['kind' => $kind, 'name' => 'New', 'figures' => $figures])->assertUnprocessable()->json('message');
        self::assertSame('Not kept: Works up to: expected more than v_min, 20 V, found 15 V.', $add('device', ['kind' => 'display', 'v_min' => '20 V', 'v_max' => '15 V', 'typical_a' => '1 A', 'peak_a' => '2 A']));
        self::assertSame('Not kept: Made for: expected a number from 1 to 2000 A, found 9000.', $add('switch', ['rating_a' => '9000']));
        self::assertStringContainsString('a number', $add('shunt', ['rating_a' => 'plenty']));
        self::assertStringContainsString('price', $add('switch', ['rating_a' => '100', 'price' => '-4']));
        self::assertStringContainsString('kind: expected battery, device', $add('anchor', []));
        self::assertSame(0, $this->person('owner')->shop->parts()->where('name', 'New')->count());
    }

    /** What hangs on banks is put in from the catalogue as from a shelf. */
    public function test_shunt_switch_and_chargers_of_every_kind_are_put_in(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = $this->skiff()->id;
        $part = fn (string $name): int => (int) $this->person('owner')->shop->parts()->where('name', $name)->value('id');
        $put = fn (string $name, array $how) => $this->postJson("/api/jobs/{$job}/plan/parts", ['part' => $part($name), ...$how]);
        self::assertEquals(['rating_a' => 300, 'mohm' => 0.167, 'stud' => 'M10', 'capacity_set_ah' => 50], $put('Monitor shunt, 300 A', ['bank' => 'electronics'])->assertOk()->json('plan.banks.1.shunt'));
        self::assertTrue($put('Battery switch, 200 A', ['bank' => 'thrust'])->assertOk()->json('plan.banks.0.switch'));
        self::assertTrue($put('Battery switch, 200 A', ['run' => 'house'])->assertOk()->json('plan.feeds.1.switch'));
        foreach ((array) $this->getJson("/api/jobs/{$job}")->json('plan.chargers') as $charger) {
            $this->deleteJson("/api/jobs/{$job}/plan/parts", ['on' => "charger:{$charger['id']}"])->assertOk();
        }
        $solar = $put('Solar controller, 10 A', ['banks' => ['electronics']])->assertOk();
        self::assertSame(['solar', 'e1'], [$solar->json('plan.chargers.0.input'), $solar->json('plan.chargers.0.outputs.0.battery')]);
        $this->deleteJson("/api/jobs/{$job}/plan/parts", ['on' => "charger:{$solar->json('plan.chargers.0.id')}"])->assertOk();
        $drawing = $put('DC–DC charger, 20 A', ['banks' => ['electronics'], 'from' => 'thrust'])->assertOk();
        self::assertSame('thrust', $drawing->json('plan.chargers.0.input_from.bank'));
        self::assertStringContainsString('draws on', (string) $put('DC–DC charger, 20 A', ['banks' => ['thrust'], 'from' => 'thrust'])->assertUnprocessable()->json('message'));
        self::assertStringContainsString('has a feed already', (string) $put('Converter to 12 V, 20 A', ['from' => 'thrust', 'block' => 'bow-block'])->assertUnprocessable()->json('message'));
        $both = $put('Charger, 4 outputs of 15 A', ['banks' => ['thrust']])->assertOk();
        self::assertCount(3, (array) $both->json('plan.chargers.1.outputs'));
    }
}
