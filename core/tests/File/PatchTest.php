<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\File\Patch;
use Dinghy\File\PatchRefused;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PatchTest extends TestCase
{
    /** @param  array<string, mixed>  $set */
    #[DataProvider('patches')]
    public function test_an_inverse_restores_the_document_to_the_letter(string $on, array $set): void
    {
        $before = Plans::skiff();
        $patch = Patch::set($on, $set);
        $after = $before->with($patch);

        self::assertNotSame($before->toJson(), $after->toJson());
        self::assertSame(json_decode($before->toJson(), true), json_decode($after->with($patch->inverseOn($before))->toJson(), true));
    }

    /** @return list<array{string, array<string, mixed>}> */
    public static function patches(): array
    {
        return [
            ['feed:bow-motor', ['run.gauge' => '4 AWG']],
            ['feed:house', ['protection.0.rating_a' => null]],
            ['branch:br-hub', ['run.length_m' => 2.5, 'run.bundled' => 4]],
            ['battery:b2', ['soc' => 0.5]],
            ['plan', ['house_rules.drop_pct.electronics' => 4]],
            ['station:bow', ['name' => 'Foredeck']],
            ['bank:electronics', ['jumper.gauge' => '2 AWG', 'jumper.length_m' => 0.2]],
        ];
    }

    public function test_the_document_patched_stays_as_it_was(): void
    {
        $before = Plans::skiff();
        $text = $before->toJson();
        $before->with(Patch::set('feed:house', ['run.gauge' => '2 AWG']));
        $before->root()->title = 'changed by a caller';

        self::assertSame($text, $before->toJson());
    }

    #[DataProvider('malformed')]
    public function test_what_is_not_a_patch_is_refused(mixed $raw): void
    {
        $this->expectException(PatchRefused::class);
        Plans::skiff()->with(Patch::of($raw));
    }

    /** @return list<array{mixed}> */
    public static function malformed(): array
    {
        return [
            ['x'], [[]], [[['on' => 'feed:house']]], [[['on' => 'feed:nowhere', 'set' => ['run.gauge' => '4 AWG']]]],
            [[['on' => 'feed:house', 'set' => ['id' => 'other']]]], [[['on' => 'feed:house', 'set' => ['protection.7.rating_a' => 3]]]],
            [[['on' => 'feed:house', 'set' => ['../x' => 3]]]], [[['on' => 'feed:house', 'put' => ['x' => 3]]]], [[['on' => 'feed:house', 'unset' => [3]]]],
            [[['on' => 'feed:house', 'set' => ['class.x' => 3]]]],
        ];
    }

    public function test_parts_are_put_and_taken_out_and_the_inverse_brings_them_back_where_they_were(): void
    {
        $before = Plans::skiff();
        $pump = (object) ['id' => 'pump', 'kind' => 'pump', 'v_min' => 9, 'v_max' => 16, 'typical_a' => 3, 'peak_a' => 4];
        $branch = (object) ['id' => 'br-pump', 'class' => 'general', 'to' => (object) ['device' => 'pump']];
        $patches = [
            Patch::put('device:pump', $pump)->and(Patch::put('branch:br-pump', $branch, 'block:bow-block')),
            Patch::remove('branch:br-live-sonar')->and(Patch::remove('device:live-sonar')),
            Patch::put('device:hub', (object) ['id' => 'hub', 'kind' => 'other', 'v_min' => 9, 'v_max' => 16, 'typical_a' => 1, 'peak_a' => 1]),
            Patch::put('device:pump', $pump)->and(Patch::set('device:pump', ['typical_a' => 2])),
            Patch::remove('station:tiller'),
        ];
        foreach ($patches as $patch) {
            $after = $before->with($patch);
            self::assertNotSame($before->hash(), $after->hash());
            self::assertSame($before->hash(), $after->with($patch->inverseOn($before))->hash());
            self::assertSame($after->hash(), $before->with(Patch::of(json_decode(json_encode($patch->toJson(), JSON_THROW_ON_ERROR), true)))->hash(), 'as it comes from the page');
        }
        self::assertSame(['br-bow-display', 'br-tiller-display', 'br-live-sonar', 'br-hub', 'br-pump'], array_column($before->with($patches[0])->root()->blocks[0]->branches, 'id'));
    }

    public function test_a_branch_put_in_another_block_leaves_its_own_and_comes_back_to_its_place(): void
    {
        $before = Plans::skiff()->with(Patch::put('block:stern-block', (object) ['id' => 'stern-block', 'station' => 'stern-box', 'branches' => []]));
        $branch = $before->valueOf('branch:br-tiller-display', Patch::WHOLE);
        self::assertInstanceOf(\stdClass::class, $branch, 'the skiff has the branch');
        $moved = Patch::put('branch:br-tiller-display', $branch, 'block:stern-block');
        $after = $before->with($moved);

        self::assertSame([['br-bow-display', 'br-live-sonar', 'br-hub'], ['br-tiller-display']], array_map(static fn (\stdClass $block): array => array_column($block->branches, 'id'), $after->root()->blocks));
        self::assertSame($before->hash(), $after->with($moved->inverseOn($before))->hash());
        self::assertSame($after->hash(), $after->with($moved)->hash(), 'where it stands already');
        $this->expectExceptionMessage('no part "block:nowhere"');
        $before->with(Patch::put('branch:br-tiller-display', $branch, 'block:nowhere'));
    }

    public function test_a_part_that_is_not_there_has_no_value(): void
    {
        self::assertNull(Plans::skiff()->with(Patch::remove('branch:br-hub'))->valueOf('branch:br-hub', Patch::WHOLE));
    }

    /** @param  array<mixed>  $steps */
    #[DataProvider('wrongPuts')]
    public function test_a_part_that_cannot_be_put_is_refused(array $steps, string $words): void
    {
        $this->expectException(PatchRefused::class);
        $this->expectExceptionMessage($words);
        Plans::skiff()->with(Patch::of($steps));
    }

    /** @return array<string, array{array<mixed>, string}> */
    public static function wrongPuts(): array
    {
        return [
            'another id' => [[['on' => 'device:a', 'put' => ['id' => 'b']]], 'under its own id'],
            'no id' => [[['on' => 'device:a', 'put' => ['kind' => 'pump']]], 'under its own id'],
            'a list' => [[['on' => 'device:a', 'put' => [1]]], '"put" with the part or null'],
            'with fields beside it' => [[['on' => 'device:a', 'put' => ['id' => 'a'], 'set' => ['x' => 1]]], '"put" with the part or null'],
            'a branch in nothing' => [[['on' => 'branch:a', 'put' => ['id' => 'a']]], 'no part'],
            'a branch in no block' => [[['on' => 'branch:a', 'put' => ['id' => 'a'], 'in' => 'block:z']], 'no part "block:z"'],
            'a kind that is none' => [[['on' => 'gizmo:a', 'put' => ['id' => 'a']]], 'no part "gizmo:a"'],
            'what is not there' => [[['on' => 'device:nobody', 'put' => null]], 'no part "device:nobody"'],
        ];
    }
}
