<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\StockItem;
use App\Models\StockLength;
use App\Stock\Taking;
use Dinghy\Kit\Kit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The shelf: what boats take of it and put back, counts and prices, tables in and out. */
final class StockTest extends TestCase
{
    public function test_a_boat_takes_what_there_is_and_the_next_finds_it_gone(): void
    {
        $this->actingAs($this->person('rigger'));
        $item = $this->item('Label');
        $item->update(['on_hand' => 45]);
        $first = $this->kit($this->skiff());
        self::assertSame([40.0, 0.0, 45.0, 0.0], $this->line($first, 'Label', 'quantity', 'taken', 'free', 'short'));

        $taken = $this->act($this->skiff(), 'take');
        self::assertSame([40.0, 40.0, 5.0, 0.0], $this->line($taken, 'Label', 'quantity', 'taken', 'free', 'short'));
        self::assertTrue($taken['taken']);
        $other = $this->act($this->boat('Console boat'), 'take');
        [$wanted, $got, $free, $short] = $this->line($other, 'Label', 'quantity', 'taken', 'free', 'short');
        self::assertSame([5.0, 0.0, $wanted - 5], [$got, $free, $short]);
        self::assertSame(0, $item->refresh()->on_hand);

        // Taken again nothing more is moved, and put back it is all there.
        self::assertSame(40.0, $this->line($this->act($this->skiff(), 'take'), 'Label', 'taken')[0]);
        $this->act($this->boat('Console boat'), 'put-back');
        self::assertFalse($this->act($this->skiff(), 'put-back')['taken']);
        self::assertSame(45, $item->refresh()->on_hand);
    }

    public function test_two_boats_want_the_last_spool(): void
    {
        $this->actingAs($this->person('rigger'));
        [$skiff, $pontoon] = [$this->skiff(), $this->boat('Pontoon guide deck')];
        StockLength::query()->delete();
        $last = $this->item('6 AWG red')->lengths()->create(['millimetres' => 9000]);
        self::assertSame(0.0, $this->line($this->kit($pontoon), '6 AWG red', 'short')[0], 'it would do for her');

        $taken = $this->spools($this->act($skiff, 'take'), '6 AWG red');
        self::assertSame(['taken'], array_column($taken, 'state'));
        $used = array_sum(array_column($taken[0]['pieces'], 'm'));
        self::assertEqualsWithDelta($used, $taken[0]['length_m'], 0.001);
        $this->act($pontoon, 'take');
        [$got, $short] = $this->line($this->kit($pontoon), '6 AWG red', 'taken', 'short');
        self::assertLessThanOrEqual(9 - $used + 0.001, $got, 'what hangs on it is free, and no more');
        self::assertGreaterThan(0.0, $short);
        self::assertEqualsWithDelta(9000, (int) $last->item->lengths()->sum('millimetres'), 0);

        // Put back by both it hangs together again.
        $this->act($pontoon, 'put-back');
        $this->act($skiff, 'put-back');
        self::assertSame([9000], $last->item->lengths()->pluck('millimetres')->all());
        $this->act($skiff, 'take');
        self::assertSame($skiff->id, $last->refresh()->job_id);

        // Whoever holds it cannot lose it off the shelf either.
        $this->deleteJson("/api/stock/items/{$last->stock_item_id}/lengths/{$last->id}")->assertConflict();
        self::assertNotNull($last->fresh());
    }

    public function test_what_is_left_of_a_spool_goes_back_or_to_the_scrap(): void
    {
        $this->actingAs($this->person('rigger'));
        $skiff = $this->skiff();
        StockLength::query()->delete();
        [$red, $black] = [$this->item('6 AWG red'), $this->item('6 AWG black')];
        $red->lengths()->create(['millimetres' => 9000]);
        $black->lengths()->create(['millimetres' => 5100]);
        $this->act($skiff, 'take');
        $cut = $this->act($skiff, 'cut');

        $spools = $this->spools($cut, '6 AWG red');
        self::assertSame(['cut'], array_column($spools, 'state'));
        $used = array_sum(array_column($spools[0]['pieces'], 'm'));
        self::assertEqualsWithDelta(0.0, $spools[0]['left_m'], 0.001);
        self::assertSame([(int) round(9000 - 1000 * $used)], $red->lengths()->whereNull('job_id')->pluck('millimetres')->all());
        // 5 m are cut of 5.1: a tenth of a metre is under the metre that the house keeps.
        self::assertSame([], $black->lengths()->whereNull('job_id')->pluck('millimetres')->all());
        self::assertSame(0.0, $this->line($cut, '6 AWG red', 'short')[0]);

        // The wire of the electronics is planned longer: what was cut does not do for it any more.
        $this->postJson("/api/jobs/{$skiff->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:house', 'set' => ['protection.0.from_source_m' => 0.2]]]])->assertOk();
        self::assertGreaterThan(0.0, $this->line($this->kit($skiff), '6 AWG red', 'short')[0] + array_sum(array_map(static fn (array $spool): int => $spool['state'] === 'free' ? 1 : 0, $this->spools($this->kit($skiff), '6 AWG red'))));
    }

    public function test_of_a_plan_that_has_changed_nothing_is_taken(): void
    {
        $this->actingAs($this->person('rigger'));
        $skiff = $this->skiff();
        $hash = (string) $skiff->plan?->hash;
        $this->postJson("/api/jobs/{$skiff->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:house', 'set' => ['run.gauge' => '4 AWG']]]])->assertOk();
        $refused = $this->postJson("/api/jobs/{$skiff->id}/kit", ['do' => 'take', 'plan' => $hash])->assertConflict();
        self::assertStringStartsWith('Nothing was moved: the plan has changed', (string) $refused->json('message'));
        self::assertFalse($this->kit($skiff)['taken']);
        self::assertStringStartsWith('Say what is done', (string) $this->postJson("/api/jobs/{$skiff->id}/kit", ['do' => 'sell', 'plan' => 'x'])->assertUnprocessable()->json('message'));
    }

    public function test_what_the_plan_needs_no_more_goes_back_with_the_next_taking(): void
    {
        $this->actingAs($this->person('rigger'));
        $skiff = $this->skiff();
        $this->act($skiff, 'take');
        $fuse = $this->item('Blade fuse 7.5 A');
        $before = $fuse->on_hand;
        $this->postJson("/api/jobs/{$skiff->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'branch:br-live-sonar', 'set' => ['fuse_a' => 10]]]])->assertOk();
        $this->act($skiff, 'take');
        self::assertSame($before + 3, $this->item('Blade fuse 7.5 A')->on_hand);
        self::assertSame(0, $this->item('Blade fuse 7.5 A')->bookings()->count());
    }

    public function test_taking_fails_as_a_whole(): void
    {
        $skiff = $this->skiff();
        $kit = $skiff->boat->customer->shop->evaluate($skiff->judged($skiff->plan ?? self::fail()))->boat->figures(Kit::class);
        $before = StockItem::query()->sum('on_hand');
        StockLength::updating(static fn () => throw new \RuntimeException('The disk is full.'));
        try {
            Taking::take($skiff, $kit);
            self::fail('It was taken.');
        } catch (\RuntimeException $e) {
            self::assertSame('The disk is full.', $e->getMessage());
        } finally {
            StockLength::flushEventListeners();
        }
        self::assertSame($before, StockItem::query()->sum('on_hand'));
    }

    public function test_agreed_prices_stand_while_the_shelf_gets_dearer(): void
    {
        $this->actingAs($this->person('owner'));
        $skiff = $this->skiff();
        $before = $this->kit($skiff)['totals']['price'];
        self::assertGreaterThan(100, $before);
        self::assertNotNull($this->act($skiff, 'keep-prices')['prices_of']);
        $wire = $this->item('6 AWG red');
        $this->putJson("/api/stock/items/{$wire->id}", ['version' => $wire->version, 'price' => 60])->assertOk();
        self::assertSame($before, $this->kit($skiff)['totals']['price']);
        $now = $this->act($skiff, 'release-prices');
        self::assertNull($now['prices_of']);
        self::assertGreaterThan($before + 100, $now['totals']['price']);
    }

    public function test_counted_and_priced_by_hand(): void
    {
        $this->actingAs($this->person('rigger'));
        $tie = $this->item('Tie');
        $answer = $this->putJson("/api/stock/items/{$tie->id}", ['version' => $tie->version, 'on_hand' => 7, 'price' => 0.06])->assertOk();
        ApiContract::assertMet('PUT', '/api/stock/items/{item}', 200, (string) $answer->getContent());
        self::assertSame([7, today()->toDateString()], [$tie->refresh()->on_hand, $tie->priced_on?->toDateString()]);
        $clash = $this->putJson("/api/stock/items/{$tie->id}", ['version' => $tie->version - 1, 'on_hand' => 9])->assertConflict();
        self::assertStringContainsString('somebody changed "Tie"', (string) $clash->json('message'));
        self::assertSame(7, $tie->refresh()->on_hand);
        foreach ([['on_hand' => -1], ['on_hand' => 2.5], ['price' => -3], ['priced_on' => 'today'], ['delivery_days' => 1000]] as $wrong) {
            $told = (string) $this->putJson("/api/stock/items/{$tie->id}", ['version' => $tie->version, ...$wrong])->assertUnprocessable()->json('message');
            self::assertMatchesRegularExpression('/^(Count|Price|Day of the price|Delivery): type /', $told);
        }
        $wire = $this->item('6 AWG red');
        self::assertStringContainsString('counted by its lengths', (string) $this->putJson("/api/stock/items/{$wire->id}", ['version' => $wire->version, 'on_hand' => 3])->assertUnprocessable()->json('message'));
        self::assertStringContainsString('counted by the piece', (string) $this->postJson("/api/stock/items/{$tie->id}/lengths", ['metres' => 3])->assertUnprocessable()->json('message'));
    }

    public function test_lengths_come_and_go(): void
    {
        $this->actingAs($this->person('rigger'));
        $wire = $this->item('4 AWG black');
        $added = $this->postJson("/api/stock/items/{$wire->id}/lengths", ['metres' => 7.62, 'count' => 2])->assertCreated();
        ApiContract::assertMet('POST', '/api/stock/items/{item}/lengths', 201, (string) $added->getContent());
        $lengths = collect($added->json('items'))->firstWhere('name', '4 AWG black')['lengths'];
        self::assertEqualsWithDelta([7.62, 7.62], array_column($lengths, 'metres'), 1e-9);
        $this->deleteJson("/api/stock/items/{$wire->id}/lengths/{$lengths[0]['id']}")->assertOk();
        self::assertSame(1, $wire->lengths()->count());
        self::assertStringStartsWith('Length: type metres', (string) $this->postJson("/api/stock/items/{$wire->id}/lengths", ['metres' => 0])->assertUnprocessable()->json('message'));
    }

    public function test_the_shelf_goes_out_as_a_table_and_comes_in_the_same(): void
    {
        $this->actingAs($this->person('owner'));
        $table = (string) $this->get('/api/stock/table')->assertOk()->getContent();
        $told = $this->postJson('/api/stock/table', ['csv' => $table, 'keep' => false])->assertOk();
        ApiContract::assertMet('POST', '/api/stock/table', 200, (string) $told->getContent());
        self::assertSame([[], [], [], []], [$told->json('new'), $told->json('changed'), $told->json('refused'), $told->json('differences')]);
        self::assertSame(StockItem::query()->count(), $told->json('same'));
    }

    /** A list as half the world writes it, with mistakes: its good lines are kept, the others named. */
    public function test_a_price_list_with_mistakes_is_taken_in_by_its_good_lines(): void
    {
        $this->actingAs($this->person('owner'));
        $csv = "\u{FEFF}name;unit;price;priced_on\n6 awg red;m;7,35;2026-11-01\nTie;;0,04;\nLabel;;-2;\nTie;;0,05;\nGlue;;3,10;\nNew clip;pcs;1.234,50;\n\"=SUM(A1)\";pcs;2,00;\n";
        $look = $this->postJson('/api/stock/table', ['csv' => $csv, 'keep' => false])->assertOk();
        self::assertSame([4, 5, 6, 7], array_column($look->json('refused'), 'line'));
        self::assertSame('0.05', (string) $this->item('Tie')->price, 'only looked at');
        $kept = $this->postJson('/api/stock/table', ['csv' => $csv, 'keep' => true])->assertOk();
        self::assertSame($look->json(), $kept->json());
        self::assertSame(['7.35', '2026-11-01'], [(string) $this->item('6 AWG red')->price, $this->item('6 AWG red')->priced_on?->toDateString()]);
        self::assertSame('0.04', (string) $this->item('Tie')->price);
        self::assertSame('0.08', (string) $this->item('Label')->price);
        self::assertNull(StockItem::query()->where('name', 'Glue')->first());
        self::assertStringContainsString("\"'=SUM(A1)\"", str_replace("'=SUM(A1)", "\"'=SUM(A1)\"", (string) $this->get('/api/stock/table')->getContent()));
    }

    /** @param  list<string>  $named */
    #[DataProvider('badTables')]
    public function test_a_table_that_is_none_says_why(string $csv, array $named): void
    {
        $this->actingAs($this->person('owner'));
        $before = StockItem::query()->count();
        $refused = $this->postJson('/api/stock/table', ['csv' => $csv, 'keep' => true])->assertOk()->json('refused');
        foreach ($named as $at => $words) {
            self::assertStringContainsString($words, $refused[$at]['why']);
        }
        self::assertSame($before, StockItem::query()->count());
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function badTables(): iterable
    {
        yield 'another column' => ["name,colour\nTie,red", ['There is no column "colour"']];
        yield 'no name' => ["unit,price\npcs,3", ['"name" must be among them']];
        yield 'cells that are none' => ["name,unit,on_hand,price,priced_on,delivery_days\nA,box,,,,\nB,pcs,-1,,,\nC,pcs,,dear,,\nD,pcs,,,14.3.2026,\nE,pcs,,,,soon\n,pcs,,,,", [
            'pcs or m', 'a whole number from 0 on', 'a number such as 4.20 or 4,20', 'a day such as 2026-03-14', 'days from 0 to 365', 'A name',
        ]];
        yield 'a wire by the piece' => ["name,unit,on_hand\n2/0 AWG red,m,3", ['counted by its lengths']];
        yield 'another unit' => ["name,unit\nTie,m", ['counted by pcs']];
    }

    public function test_what_all_boats_miss_stands_together_and_by_when_it_is_ordered(): void
    {
        $this->actingAs($this->person('rigger'));
        $label = $this->item('Label');
        $label->update(['on_hand' => 50, 'delivery_days' => 3]);
        $orders = $this->getJson('/api/stock/orders')->assertOk();
        ApiContract::assertMet('GET', '/api/stock/orders', 200, (string) $orders->getContent());
        $labels = collect($orders->json('orders'))->firstWhere('item', 'Label');
        $wanted = array_sum(array_map(fn (Job $job): float => $this->line($this->kit($job), 'Label', 'quantity')[0], Job::ofShop($label->shop_id)->get()->all()));
        self::assertEqualsWithDelta($wanted - 50, $labels['quantity'], 1e-9, 'the fifty are there once, not for each boat');
        self::assertGreaterThan(1, count($labels['for']));
        $first = min(array_filter(array_column($labels['for'], 'promised_on')));
        self::assertSame(date('Y-m-d', (int) strtotime("{$first} -3 days")), $labels['order_by']);
        $by = array_map(static fn (?string $day): string => $day ?? '9999', array_column($orders->json('orders'), 'order_by'));
        $sorted = $by;
        sort($sorted);
        self::assertSame($sorted, $by);
        self::assertStringStartsWith('item,quantity,unit,price,order_by,for', (string) $this->get('/api/stock/orders?as=table')->assertOk()->getContent());
    }

    /** Each boat alone finds the spool long enough; together they miss what it does not hold. */
    public function test_a_spool_that_two_boats_want_is_there_once(): void
    {
        $this->actingAs($this->person('rigger'));
        $all = Job::ofShop($this->skiff()->boat->customer->shop_id)->get()->all();
        StockLength::query()->delete();
        $wanted = array_map(fn (Job $job): float => array_sum(array_map(static fn (array $spool): float => (float) array_sum(array_column($spool['pieces'], 'm')), $this->spools($this->kit($job), '6 AWG red'))), $all);
        self::assertGreaterThan(1, count(array_filter($wanted)), 'two boats have this wire');
        $longest = max($wanted);
        $this->item('6 AWG red')->lengths()->create(['millimetres' => (int) ceil(1000 * $longest)]);
        foreach ($all as $job) {
            self::assertNotContains('bought', array_column($this->spools($this->kit($job), '6 AWG red'), 'state'), 'alone it does');
        }
        $order = $this->missing('6 AWG red');
        self::assertGreaterThanOrEqual(array_sum($wanted) - $longest - 0.01, $order['quantity']);
        $this->item('6 AWG red')->lengths()->create(['millimetres' => (int) ceil(1000 * (array_sum($wanted) + 1))]);
        self::assertNull($this->missing('6 AWG red'));
    }

    public function test_what_is_ordered_is_missing_no_more_and_comes_to_the_shelf(): void
    {
        $this->actingAs($this->person('rigger'));
        $label = $this->item('Label');
        $label->update(['on_hand' => 50, 'delivery_days' => 3]);
        $missing = $this->missing('Label');
        $placed = $this->postJson('/api/stock/orders', ['orders' => [['item' => 'Label', 'missing' => $missing['quantity'], 'quantity' => $missing['quantity'] + 100]]])->assertCreated();
        ApiContract::assertMet('POST', '/api/stock/orders', 201, (string) $placed->getContent());
        self::assertNull(collect($placed->json('orders'))->firstWhere('item', 'Label'));
        $awaited = $placed->json('awaited.0');
        self::assertSame(['Label', (float) $missing['quantity'] + 100, today()->addDays(3)->toDateString(), false, $this->person('rigger')->name], [$awaited['item'], (float) $awaited['quantity'], $awaited['expected_on'], $awaited['late'], $awaited['by']]);
        self::assertEqualsWithDelta($missing['quantity'] + 100, $this->line($this->kit($this->skiff()), 'Label', 'awaited')[0], 1e-9);
        self::assertSame(50, $label->refresh()->on_hand);

        // The second of two who order it at once is told that it is done.
        $again = $this->postJson('/api/stock/orders', ['orders' => [['item' => 'Label', 'missing' => $missing['quantity'], 'quantity' => 5]]])->assertConflict();
        self::assertStringStartsWith('Nothing was ordered: of "Label" another amount is missing', (string) $again->json('message'));

        // Some of it comes, then the rest; what has come does not come twice.
        $some = $this->postJson("/api/stock/orders/{$awaited['id']}/arrived", ['awaited' => $awaited['quantity'], 'quantity' => 60])->assertOk();
        ApiContract::assertMet('POST', '/api/stock/orders/{order}/arrived', 200, (string) $some->getContent());
        self::assertSame([110, (float) $missing['quantity'] + 40], [$label->refresh()->on_hand, (float) $some->json('awaited.0.quantity')]);
        self::assertStringStartsWith('Not counted', (string) $this->postJson("/api/stock/orders/{$awaited['id']}/arrived", ['awaited' => $awaited['quantity'], 'quantity' => 60])->assertConflict()->json('message'));
        self::assertSame(110, $label->refresh()->on_hand, 'an answer that was lost counts nothing twice');
        $rest = ['awaited' => $missing['quantity'] + 40];
        self::assertSame([], $this->postJson("/api/stock/orders/{$awaited['id']}/arrived", $rest)->assertOk()->json('awaited'));
        self::assertSame(150 + (int) $missing['quantity'], $label->refresh()->on_hand);
        self::assertStringContainsString('it has come', (string) $this->postJson("/api/stock/orders/{$awaited['id']}/arrived", $rest)->assertNotFound()->json('message'));
        self::assertNull($this->missing('Label'));
    }

    public function test_a_wire_that_is_ordered_comes_as_a_length_and_what_does_not_come_is_missing_again(): void
    {
        $this->actingAs($this->person('rigger'));
        StockLength::query()->delete();
        $missing = $this->missing('6 AWG red');
        $order = ['item' => '6 AWG red', 'missing' => $missing['quantity'], 'quantity' => 100];
        $placed = $this->postJson('/api/stock/orders', ['orders' => [[...$order, 'expected_on' => today()->addDay()->toDateString()]]])->assertCreated();
        self::assertNull($this->missing('6 AWG red'));
        $gone = $this->deleteJson("/api/stock/orders/{$placed->json('awaited.0.id')}")->assertOk();
        ApiContract::assertMet('DELETE', '/api/stock/orders/{order}', 200, (string) $gone->getContent());
        self::assertSame($missing, $this->missing('6 AWG red'));

        $placed = $this->postJson('/api/stock/orders', ['orders' => [$order]])->assertCreated();
        $this->travel(400)->days();
        self::assertTrue($this->getJson('/api/stock/orders')->json('awaited.0.late'));
        $this->postJson("/api/stock/orders/{$placed->json('awaited.0.id')}/arrived", ['awaited' => 100, 'quantity' => 100])->assertOk();
        self::assertSame([100000], $this->item('6 AWG red')->lengths()->pluck('millimetres')->all());
    }

    /** Loom is laid by the metre and need not be one piece: it is taken off what holds it, and is there once for all boats. */
    public function test_what_is_laid_by_the_metre_is_taken_off_its_lengths(): void
    {
        $this->actingAs($this->person('rigger'));
        $loom = 'Split loom 16 mm';
        [$wanted] = $this->line($this->kit($this->skiff()), $loom, 'quantity');
        self::assertGreaterThan(0.5, $wanted);
        $all = $this->missing($loom)['quantity'];
        $this->item($loom)->lengths()->createMany([['millimetres' => 50000], ['millimetres' => (int) ceil(1000 * $wanted) + 300]]);
        self::assertNull($this->missing($loom), "{$all} m were missing");
        $taken = $this->act($this->skiff(), 'take');
        self::assertEqualsWithDelta([$wanted, 50.3, 0.0], $this->line($taken, $loom, 'taken', 'free', 'short'), 0.002);
        $this->act($this->skiff(), 'cut');
        // What hung on it is under the metre that the house keeps.
        self::assertEqualsWithDelta([$wanted, 50.0, 0.0], $this->line($this->kit($this->skiff()), $loom, 'taken', 'free', 'short'), 0.002);
        $this->act($this->skiff(), 'put-back');
        self::assertSame([50000], $this->item($loom)->lengths()->whereNull('job_id')->pluck('millimetres')->all(), 'what is cut does not go back');
        self::assertEqualsWithDelta($wanted, $this->line($this->act($this->skiff(), 'take'), $loom, 'taken')[0], 0.002, 'and is not taken twice');
    }

    public function test_a_thing_that_no_list_has_is_put_on_it_with_its_order(): void
    {
        $this->actingAs($this->person('owner'));
        $this->item('4 AWG black')->delete();
        $missing = collect($this->getJson('/api/stock/orders')->json('orders'))->firstWhere('listed', false);
        $this->postJson('/api/stock/orders', ['orders' => [['item' => $missing['item'], 'missing' => $missing['quantity'], 'quantity' => ceil($missing['quantity'])]]])->assertCreated();
        self::assertSame([$missing['unit'], 0], [$this->item($missing['item'])->unit, $this->item($missing['item'])->on_hand]);
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('badOrders')]
    public function test_an_order_that_is_none_is_refused_as_a_whole(array $wrong, int $status, string $says): void
    {
        $this->actingAs($this->person('rigger'));
        $this->item('Label')->update(['on_hand' => 0]);
        $good = ['item' => 'Label', 'missing' => $this->missing('Label')['quantity'], 'quantity' => 500];
        $refused = $this->postJson('/api/stock/orders', ['orders' => [$good, ['item' => 'Tie', 'missing' => 1, 'quantity' => 1], [...$good, ...$wrong]]]);
        if (($wrong['item'] ?? null) === null) {
            $refused = $this->postJson('/api/stock/orders', ['orders' => [[...$good, ...$wrong]]]);
        }
        $refused->assertStatus($status);
        self::assertStringContainsString($says, (string) $refused->json('message'));
        self::assertSame([], $this->getJson('/api/stock/orders')->json('awaited'));
    }

    /** @return iterable<string, array{array<string, mixed>, int, string}> */
    public static function badOrders(): iterable
    {
        yield 'nothing' => [['quantity' => 0], 422, 'How much: type a number from 0.05'];
        yield 'half a label' => [['quantity' => 10.5], 422, 'a whole number of pieces'];
        yield 'a day that was' => [['expected_on' => '2026-01-01'], 422, 'Expected: type a day from today on'];
        yield 'no day' => [['expected_on' => 'soon'], 422, 'Expected: type a day'];
        yield 'twice' => [['item' => 'Label'], 422, 'each once'];
        yield 'what nobody misses' => [['item' => 'Chair'], 409, 'Nothing was ordered'];
    }

    public function test_another_shop_sees_and_moves_no_order_of_this_one(): void
    {
        $this->actingAs($this->person('rigger'));
        $this->item('Label')->update(['on_hand' => 0]);
        $id = $this->postJson('/api/stock/orders', ['orders' => [['item' => 'Label', 'missing' => $this->missing('Label')['quantity'], 'quantity' => 500]]])->json('awaited.0.id');
        $this->actingAs($this->stranger());
        self::assertSame([], $this->getJson('/api/stock/orders')->assertOk()->json('awaited'));
        $this->postJson("/api/stock/orders/{$id}/arrived", ['awaited' => 500])->assertNotFound();
        $this->deleteJson("/api/stock/orders/{$id}")->assertNotFound();
        self::assertSame(0, $this->item('Label')->on_hand);
    }

    public function test_a_new_wire_comes_by_its_lengths(): void
    {
        $this->actingAs($this->person('rigger'));
        self::assertStringContainsString('counted by its lengths', (string) $this->postJson('/api/stock/items', ['name' => '2 AWG yellow', 'unit' => 'm', 'on_hand' => 3])->assertUnprocessable()->json('message'));
        $this->postJson('/api/stock/items', ['name' => '2 AWG yellow', 'unit' => 'm'])->assertCreated();
        $this->postJson('/api/stock/items', ['name' => 'Grey clip', 'unit' => 'pcs', 'on_hand' => 3])->assertCreated();
    }

    public function test_tools_that_the_shop_has_and_lacks(): void
    {
        $this->actingAs($this->person('rigger'));
        $owned = static fn (array $kit): array => array_column($kit['tools'], 'owned', 'name');
        $before = $owned($this->kit($this->skiff()));
        self::assertSame([true, false], [$before['Wire stripper'], $before['Hexagon crimper for heavy lugs']]);
        $this->item('Heat gun')->delete();
        $this->item('Hexagon crimper for heavy lugs')->update(['on_hand' => 1]);
        $after = $owned($this->kit($this->skiff()));
        self::assertSame([null, true], [$after['Heat gun'], $after['Hexagon crimper for heavy lugs']]);
    }

    public function test_tables_of_the_kit(): void
    {
        $this->actingAs($this->person('rigger'));
        $uri = "/api/jobs/{$this->skiff()->id}/kit/tables";
        foreach (['wires' => 'bow-motor+1', 'ends' => 'hexagon 6 AWG', 'list' => 'Blade fuse 5 A', 'spools' => '6 AWG red', 'tools' => 'Pull tester'] as $table => $has) {
            $answer = $this->get("{$uri}/{$table}")->assertOk();
            self::assertStringContainsString($has, (string) $answer->getContent());
            self::assertStringContainsString("-{$table}.csv", (string) $answer->headers->get('Content-Disposition'));
        }
        $this->postJson("/api/jobs/{$this->skiff()->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'device:motor', 'set' => ['name' => '=HYPERLINK("x")']]]])->assertOk();
        self::assertStringContainsString("'=HYPERLINK", (string) $this->get("{$uri}/wires")->getContent());
        self::assertStringContainsString('The tables are wires, ends', (string) $this->getJson("{$uri}/chairs")->assertNotFound()->json('message'));
    }

    /** @return array<string, mixed> */
    private function kit(Job $job): array
    {
        $answer = $this->getJson("/api/jobs/{$job->id}/stages/kit")->assertOk();
        ApiContract::assertMet('GET', '/api/jobs/{job}/stages/{stage}', 200, (string) $answer->getContent());

        return $answer->json();
    }

    /** @return array<string, mixed> */
    private function act(Job $job, string $do): array
    {
        $answer = $this->postJson("/api/jobs/{$job->id}/kit", ['do' => $do, 'plan' => $job->refresh()->plan?->hash])->assertOk();
        ApiContract::assertMet('POST', '/api/jobs/{job}/kit', 200, (string) $answer->getContent());

        return $answer->json();
    }

    /**
     * @param  array<string, mixed>  $kit
     * @return list<float>
     */
    private function line(array $kit, string $item, string ...$figures): array
    {
        $line = collect($kit['lines'])->firstWhere('item', $item);

        return array_map(static fn (string $figure): float => (float) $line[$figure], array_values($figures));
    }

    /**
     * @param  array<string, mixed>  $kit
     * @return list<array<string, mixed>>
     */
    private function spools(array $kit, string $wire): array
    {
        return array_values(array_filter($kit['spools'], static fn (array $spool): bool => $spool['wire'] === $wire));
    }

    /** @return array<string, mixed>|null what is missing of a thing for all boats together */
    private function missing(string $item): ?array
    {
        return collect($this->getJson('/api/stock/orders')->assertOk()->json('orders'))->firstWhere('item', $item);
    }

    private function item(string $name): StockItem
    {
        return StockItem::query()->where('name_key', StockItem::keyOf($name))->where('shop_id', $this->skiff()->boat->customer->shop_id)->firstOrFail();
    }

    private function boat(string $name): Job
    {
        return Job::query()->whereHas('boat', static fn ($boat) => $boat->where('name', 'like', "{$name}%"))->firstOrFail();
    }
}
