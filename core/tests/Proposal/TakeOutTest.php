<?php

declare(strict_types=1);

namespace Dinghy\Tests\Proposal;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Proposal\AddBank;
use Dinghy\Proposal\AddBlock;
use Dinghy\Proposal\FreeId;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Proposal\TakeOut;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What goes with a part that is taken out, and what stays. */
final class TakeOutTest extends TestCase
{
    /** @param  array<string, list<string>>  $left  ids by kind */
    #[DataProvider('parts')]
    public function test_what_would_dangle_goes_and_the_rest_stays(string $on, array $left): void
    {
        $document = self::two();
        $without = $document->with(TakeOut::of($document->plan(), $on));
        $plan = $without->plan();

        $ids = static fn (array $parts): array => array_map(strval(...), array_keys($parts));
        $found = ['batteries' => $ids($plan->batteries), 'banks' => $ids($plan->banks), 'feeds' => $ids($plan->feeds), 'blocks' => $ids($plan->blocks), 'devices' => $ids($plan->devices), 'chargers' => $ids($plan->chargers), 'bonds' => array_column($plan->bonds, 'id')];
        $all = ['batteries' => ['h1', 'h2', 's1'], 'banks' => ['house', 'start'], 'feeds' => ['main', 'radio'], 'blocks' => ['fuses'], 'devices' => ['screen', 'light', 'vhf'], 'chargers' => ['charger-h1', 'charger-s1'], 'bonds' => ['negatives']];
        self::assertSame([...$all, ...$left], $found);
        self::assertSame($document->hash(), $without->with(TakeOut::of($document->plan(), $on)->inverseOn($document))->hash(), 'and all of it comes back');
    }

    /** @return array<string, array{string, array<string, list<string>>}> */
    public static function parts(): array
    {
        return [
            'a bank takes batteries, feeds, bonds and chargers along; devices stay unfed' => ['bank:house', ['batteries' => ['s1'], 'banks' => ['start'], 'feeds' => ['radio'], 'chargers' => ['charger-s1'], 'bonds' => []]],
            'a block takes its feed along' => ['block:fuses', ['feeds' => ['radio'], 'blocks' => []]],
            'a device on a feed takes the feed along' => ['device:vhf', ['feeds' => ['main'], 'devices' => ['screen', 'light']]],
            'a device on a branch leaves the feed' => ['device:light', ['devices' => ['screen', 'vhf']]],
            'a feed goes alone' => ['feed:radio', ['feeds' => ['main']]],
            'a charger goes alone' => ['charger:charger-h1', ['chargers' => ['charger-s1']]],
            'a bond goes alone' => ['bond:negatives', ['bonds' => []]],
        ];
    }

    public function test_the_battery_that_starts_the_engine_stays(): void
    {
        $document = Plans::changed(self::two(), ['plan' => ['boat.engine' => (object) ['battery' => 's1', 'cranking_a' => 150, 'min_cca_a' => 350]]]);
        $this->expectException(ProposalRefused::class);
        $this->expectExceptionMessage('A battery of the start bank starts the engine: name another for it first.');
        TakeOut::of($document->plan(), 'bank:start');
    }

    /** Ids are unique over all kinds of parts, batteries and branches included, and fit the format. */
    public function test_free_ids(): void
    {
        $plan = self::two()->plan();
        foreach (['VHF radio' => 'vhf-radio', 'Screen' => 'screen-2', 'fuses' => 'fuses-2', 'to screen' => 'to-screen-2', 'negatives' => 'negatives-2', 'h1' => 'h1-2', '…' => 'part', 'Übergröße 12″' => 'bergr-e-12'] as $name => $id) {
            self::assertSame($id, FreeId::like($plan, $name));
        }
        self::assertLessThanOrEqual(36, strlen(FreeId::like($plan, str_repeat('a very long name ', 9))));
    }

    public function test_a_station_that_is_not_aboard_is_refused_for_every_part(): void
    {
        $plan = self::two()->plan();
        $said = [];
        foreach ([
            static fn (): Patch => AddBank::to($plan, (object) ['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 50], 'x', 1, 1, 'attic', null),
            static fn (): Patch => AddBlock::to($plan, 'x', (object) ['circuits' => 6], 'house', 'attic'),
        ] as $add) {
            try {
                $add();
            } catch (ProposalRefused $refusal) {
                $said[] = $refusal->getMessage();
            }
        }
        self::assertSame(array_fill(0, 2, 'The plan has no attic station. It may have been taken out since.'), $said);
    }

    /** The parallel boat with a starting battery that feeds a radio, and a bond between both banks. */
    private static function two(): PlanDocument
    {
        $root = Plans::parallel()->root();
        $start = (array) $root->batteries[0];
        $root->batteries[] = (object) ['id' => 's1', 'chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 80, 'cca_a' => 650, ...array_intersect_key($start, array_flip(['stud_pos', 'stud_neg', 'restrained', 'booted', 'space']))];
        $root->banks[] = (object) ['id' => 'start', 'strings' => [['s1']]];
        $root->feeds[] = (object) ['id' => 'radio', 'class' => 'electronics', 'from' => (object) ['bank' => 'start'], 'protection' => [(object) ['family' => 'blade', 'rating_a' => 10, 'from_source_m' => 0.1]], 'run' => (object) ['length_m' => 2], 'to' => (object) ['device' => 'vhf']];
        $root->devices[] = (object) ['id' => 'vhf', 'kind' => 'radio', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 1, 'peak_a' => 6];
        $root->chargers[] = (object) ['id' => 'charger-s1', 'input' => 'mains', 'outputs' => [(object) ['battery' => 's1', 'amps' => 10, 'profile' => 'agm']]];
        $root->bonds = [(object) ['id' => 'negatives', 'from' => 'house', 'to' => 'start']];

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }
}
