<?php

declare(strict_types=1);

namespace Dinghy\Tests\Plan;

use Dinghy\Plan\Patch;
use Dinghy\Plan\PatchRefused;
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

    public function test_overlap_is_by_part_and_by_field_or_what_holds_it(): void
    {
        $gauge = Patch::set('feed:house', ['run.gauge' => '4 AWG']);

        self::assertSame([], $gauge->overlap(Patch::set('feed:house', ['run.gauge_note' => 1])));
        self::assertSame([], $gauge->overlap(Patch::set('feed:bow-motor', ['run.gauge' => '4 AWG'])));
        self::assertCount(1, $gauge->overlap(Patch::set('feed:house', ['run.gauge' => '2 AWG'])));
        self::assertCount(1, $gauge->overlap(Patch::set('feed:house', ['run' => new \stdClass])));
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
}
