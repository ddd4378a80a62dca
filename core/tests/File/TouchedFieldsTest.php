<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Dinghy\File\PatchRefused;
use Dinghy\File\TouchedFields;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TouchedFieldsTest extends TestCase
{
    /** @param  list<array{on: string, path: string}>  $shared */
    #[DataProvider('pairs')]
    public function test_two_changes_meet_where_one_field_holds_the_other(Patch $mine, Patch $theirs, array $shared): void
    {
        $skiff = Plans::skiff();
        self::assertSame($shared, TouchedFields::of($mine, $skiff)->shared(TouchedFields::of($theirs, $skiff)));
        self::assertSame($shared !== [], TouchedFields::of($theirs, $skiff)->shared(TouchedFields::of($mine, $skiff)) !== [], 'the other way round');
    }

    /** @return array<string, array{Patch, Patch, list<array{on: string, path: string}>}> */
    public static function pairs(): array
    {
        $gauge = Patch::set('feed:house', ['run.gauge' => '4 AWG']);
        $gaugeField = [['on' => 'feed:house', 'path' => 'run.gauge']];
        $fuse = Patch::set('branch:br-hub', ['fuse_a' => 3]);
        $fuseField = [['on' => 'branch:br-hub', 'path' => 'fuse_a']];
        $block = (object) ['id' => 'bow-block', 'branches' => []];
        $hub = (object) ['id' => 'hub', 'kind' => 'other', 'v_min' => 9, 'v_max' => 16, 'typical_a' => 1, 'peak_a' => 1];

        return [
            'the same field' => [$gauge, Patch::set('feed:house', ['run.gauge' => '2 AWG']), $gaugeField],
            'a field that begins alike' => [$gauge, Patch::set('feed:house', ['run.gauge_note' => 1]), []],
            'another part' => [$gauge, Patch::set('feed:bow-motor', ['run.gauge' => '4 AWG']), []],
            'what holds the field' => [$gauge, Patch::set('feed:house', ['run' => new \stdClass]), $gaugeField],
            'the list of feeds' => [$gauge, Patch::set('plan', ['feeds' => []]), $gaugeField],
            'a branch and the branches of its block' => [$fuse, Patch::set('block:bow-block', ['branches' => []]), $fuseField],
            'a branch and its block put anew' => [$fuse, Patch::put('block:bow-block', $block), $fuseField],
            'a branch and its block taken out' => [$fuse, Patch::remove('block:bow-block'), $fuseField],
            'a branch and all blocks' => [$fuse, Patch::set('plan', ['blocks' => []]), $fuseField],
            'a branch that is put into the block' => [Patch::set('block:bow-block', ['branches' => [(object) ['id' => 'br-new', 'to' => (object) ['device' => 'hub']]]]), Patch::put('branch:br-new', (object) ['id' => 'br-new'], 'block:bow-block'), [['on' => 'block:bow-block', 'path' => 'branches']]],
            'a station and the boat' => [Patch::set('station:bow', ['name' => 'Foredeck']), Patch::set('plan', ['boat' => new \stdClass]), [['on' => 'station:bow', 'path' => 'name']]],
            'a station and the hull' => [Patch::set('station:bow', ['name' => 'Foredeck']), Patch::set('plan', ['boat.hull' => 'box']), []],
            'another field of the block' => [$fuse, Patch::set('block:bow-block', ['circuits' => 12]), []],
            'a whole part' => [Patch::put('device:hub', $hub), Patch::set('device:hub', ['typical_a' => 1]), [['on' => 'device:hub', 'path' => '']]],
            'another device' => [Patch::put('device:hub', $hub), Patch::set('device:motor', ['typical_a' => 1]), []],
        ];
    }

    /** @param  array<string, mixed>  $set */
    #[DataProvider('roundabout')]
    public function test_a_field_has_one_address(string $on, array $set, string $name): void
    {
        $this->expectException(PatchRefused::class);
        $this->expectExceptionMessage($name);
        StandardAreas::areas()->format->patch([['on' => $on, 'set' => $set]]);
    }

    /** @return list<array{string, array<string, mixed>, string}> */
    public static function roundabout(): array
    {
        return [
            ['plan', ['feeds.0.run.gauge' => '4 AWG'], 'Name the part itself, as "feed:ID"'],
            ['plan', ['feeds.0' => new \stdClass], '"feed:ID"'],
            ['plan', ['boat.stations.1.x_m' => 2], '"station:ID"'],
            ['plan', ['survey.photographs.0.words' => 'x'], '"photograph:ID"'],
            ['block:bow-block', ['branches.0.fuse_a' => 3], '"branch:ID"'],
            ['bank:thrust', ['jumpers.0.gauge' => '2 AWG'], '"jumper:ID"'],
            ['board:b', ['parts.0.id' => 'other'], 'an id cannot be changed'],
        ];
    }
}
