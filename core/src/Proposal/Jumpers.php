<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Jumper;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;

/**
 * Jumpers of a bank landed, moved and taken off. The first change makes all of them wires that are really there. Wrong
 * posts are allowed: the rulebook speaks of them.
 */
final class Jumpers
{
    /** A new jumper between two posts. */
    public static function join(Plan $plan, PlanDocument $document, string $bank, Post $from, Post $to): Patch
    {
        foreach (self::bank($plan, $bank)->wires() as $wire) {
            if (($wire->from->is($from) && $wire->to->is($to)) || ($wire->from->is($to) && $wire->to->is($from))) {
                throw ProposalRefused::because('A jumper joins those two posts already.');
            }
        }
        if ($from->is($to)) {
            throw ProposalRefused::because('A jumper joins two posts: choose another than the one it begins at.');
        }

        return self::landed(
            $plan,
            $document,
            $bank,
            static fn (array $wires): array => [...$wires, [null, $from, $to]],
        );
    }

    /** One end of a jumper put on another post. */
    public static function land(
        Plan $plan,
        PlanDocument $document,
        string $bank,
        string $wire,
        bool $first,
        Post $post,
    ): Patch {
        return self::landed($plan, $document, $bank, static fn (array $wires): array => array_map(
            static fn (array $one): array => $one[0] !== $wire ? $one : [
                $wire,
                $first ? $post : $one[1],
                $first ? $one[2] : $post,
            ],
            $wires,
        ), $wire);
    }

    public static function takeOff(Plan $plan, PlanDocument $document, string $bank, string $wire): Patch
    {
        return self::landed(
            $plan,
            $document,
            $bank,
            static fn (array $wires): array => array_values(
                array_filter($wires, static fn (array $one): bool => $one[0] !== $wire),
            ),
            $wire,
        );
    }

    /** The plus or the minus of a feed on another post of its bank. */
    public static function lead(Plan $plan, string $feed, bool $plus, Post $post): Patch
    {
        $bank = ($plan->feeds[$feed] ?? throw ProposalRefused::noSuch('feed', $feed))->supply->bank;
        foreach ($bank->terminals() as $terminal) {
            if ($terminal->post($bank)->is($post)) {
                return Patch::set("feed:{$feed}", [$plus ? 'from.plus' : 'from.minus' => $terminal->name]);
            }
        }
        throw ProposalRefused::because("No feed can be taken from that post: it is no terminal of {$bank->label()}.");
    }

    /**
     * @param  \Closure(list<array{string|null, Post, Post}>): list<array{string|null, Post, Post}>  $change  of id, first and second end
     * @param  string|null  $wire  that must be there
     */
    private static function landed(
        Plan $plan,
        PlanDocument $document,
        string $bank,
        \Closure $change,
        ?string $wire = null,
    ): Patch {
        $there = self::bank($plan, $bank);
        $wires = array_map(static fn (Jumper $one): array => [$one->id, $one->from, $one->to], $there->wires());
        $wire === null || in_array(
            $wire,
            array_column($wires, 0),
            true,
        ) || throw ProposalRefused::because('The plan has no such jumper. It may have been taken out since.');
        $usual = $document->valueOf("bank:{$bank}", 'jumper');
        $known = $there->jumpers === null ? [] : array_column(self::given($document, $bank), null, 'id');
        $taken = $plan->named->ids();
        $jumpers = [];
        foreach ($change($wires) as [$id, $from, $to]) {
            $jumper = $known[$id ?? ''] ?? (object) [
                'id' => self::freeId($bank, $taken),
                ...($usual instanceof \stdClass ? get_object_vars($usual) : []),
            ];
            [$jumper->from, $jumper->to] = [(string) $from, (string) $to];
            $jumpers[] = $jumper;
        }

        return Patch::set("bank:{$bank}", ['jumpers' => $jumpers]);
    }

    /** @return list<\stdClass> the jumpers as the file has them */
    private static function given(PlanDocument $document, string $bank): array
    {
        $jumpers = $document->valueOf("bank:{$bank}", 'jumpers');

        return array_values(
            array_filter(
                is_array($jumpers) ? $jumpers : [],
                static fn (mixed $jumper): bool => $jumper instanceof \stdClass,
            ),
        );
    }

    /** @param  array<string, true>  $taken */
    private static function freeId(string $bank, array &$taken): string
    {
        for ($number = 1; isset($taken["{$bank}-jumper-{$number}"]); $number++);
        $taken["{$bank}-jumper-{$number}"] = true;

        return "{$bank}-jumper-{$number}";
    }

    private static function bank(Plan $plan, string $bank): Bank
    {
        return $plan->banks[$bank] ?? throw ProposalRefused::noSuch('bank', $bank);
    }
}
