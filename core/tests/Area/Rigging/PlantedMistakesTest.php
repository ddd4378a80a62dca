<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\HalfBuilt;
use Dinghy\Area\Rigging\Probing;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Metering\Reading;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Post;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Tests\Measured;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/**
 * Two hundred wiring mistakes, made by a person who takes every reading that is asked for and goes on while all of them are right.
 * What the meter shows comes from the circuit as it is really wired. Of the mistakes that a voltage can show all are found before
 * anything closes that volts stand across.
 */
final class PlantedMistakesTest extends TestCase
{
    private const PLANTED = 200;

    /** V that spark when they are closed [common practice, no source] */
    private const SPARKS = 1.0;

    /** V by which a reading differs that shows something */
    private const SHOWS = 0.5;

    public function test_all_that_a_voltage_can_show_are_found_before_anything_closes(): void
    {
        $seed = Seed::sown();
        $found = $hidden = $late = [];
        $steps = 0;
        for ($planted = 0; $planted < self::PLANTED;) {
            $boat = Plans::evaluate(self::boat())->boat;
            $landings = array_values(array_filter($boat->figures(Steps::class)->all, static fn (Step $step): bool => $step->kind === StepKind::Connect));
            $kind = ['wrong post', 'swapped poles', 'missing jumper', 'wrong bank', 'reversed block'][$planted % 5];
            $mistake = self::mistake($kind, $boat, $landings);
            if ($mistake === null) {
                continue; // she has no such thing, as a jumper
            }
            $planted++;
            [$wrong, $left, $turned] = $mistake;
            [$at, $closed] = self::wire($boat, $landings, $wrong, $left, $turned);
            $what = "{$kind}: ".json_encode($mistake, JSON_THROW_ON_ERROR);
            if ($closed !== null) {
                $late[] = "{$what}, closed at {$closed}, found at ".($at ?? 'no gap');
            } elseif ($at !== null) {
                $found[] = $what;
            } elseif (self::shows($boat, $landings, $wrong, $left, $turned)) {
                $late[] = "{$what}, not found";
            } else {
                $hidden[] = $what;
            }
        }
        $shown = count($found) + count($late);
        Measured::say(sprintf('Planted mistakes, SEED=%d: %d of %d that a voltage shows were found before anything closed (%.1f %%); %d change no volts', $seed, count($found), $shown, 100 * count($found) / max(1, $shown), count($hidden)));
        self::assertSame([], $late, "SEED={$seed}");
        self::assertGreaterThan(self::PLANTED / 2, count($found), "SEED={$seed}");
    }

    private static function boat(): \Dinghy\File\PlanDocument
    {
        return match (mt_rand(0, 5)) {
            0 => Plans::demo('boats/skiff'),
            1 => Plans::demo('boats/catamaran'),
            2 => Plans::demo('boats/pontoon'),
            3 => Plans::demo('boats/console'),
            4 => RandomBoat::document(),
            default => RandomBoat::joined(),
        };
    }

    /**
     * @param  list<Step>  $landings
     * @return array{array<string, string>, list<string>, string|null}|null nodes by step that they land on by mistake; steps that are
     *                                                                        left out; a block that stands the wrong way round
     */
    private static function mistake(string $kind, SolvedBoat $boat, array $landings): ?array
    {
        $any = static fn (array $of): mixed => $of === [] ? null : $of[mt_rand(0, count($of) - 1)];
        $onPosts = array_values(array_filter($landings, static fn (Step $step): bool => $step->post !== null));
        $jumpers = array_values(array_filter($onPosts, static fn (Step $step): bool => str_starts_with($step->says, 'Jumper') && str_contains($step->says, 'first end')));
        if ($kind === 'reversed block') {
            return [[], [], $any(array_map(static fn (Battery $one): string => $one->id, array_values($boat->plan->batteries)))];
        }
        if ($kind === 'missing jumper') {
            $first = $any($jumpers);
            $at = $first instanceof Step ? array_search($first, $landings, true) : false;

            return $at === false ? null : [[], [$landings[$at]->id, $landings[$at + 1]->id], null];
        }
        if ($kind === 'swapped poles') {
            $plus = $any(array_values(array_filter($onPosts, static fn (Step $step): bool => $step->side === '+')));
            $minus = $plus instanceof Step ? array_values(array_filter($landings, static fn (Step $step): bool => $step->side === '-' && $step->on === $plus->on && $step->node !== null))[0] ?? null : null;

            return $plus instanceof Step && $minus !== null ? [[$plus->id => (string) $minus->node, $minus->id => (string) $plus->node], [], null] : null;
        }
        $step = $any($onPosts);
        $bank = $step instanceof Step ? $boat->plan->bankOf(substr((string) $step->post, 0, -1)) : null;
        $posts = [];
        foreach ($boat->plan->batteries as $battery) {
            if (($boat->plan->bankOf($battery->id) === $bank) === ($kind === 'wrong post')) {
                array_push($posts, $battery->plus()->name, $battery->minus()->name);
            }
        }
        $post = $any(array_values(array_filter($posts, static fn (string $post): bool => $step instanceof Step && $post !== $step->post)));

        return $step instanceof Step && is_string($post) ? [[$step->id => $post], [], null] : null;
    }

    /**
     * @param  list<Step>  $landings
     * @param  array<string, string>  $wrong
     * @param  list<string>  $left
     * @return array{string|null, string|null} the step at which a reading was not right; the one, before it, that closed what sparks
     */
    private static function wire(SolvedBoat $boat, array $landings, array $wrong, array $left, ?string $turned): array
    {
        $probing = new Probing($boat);
        $asPlanned = $probing->after([]);
        $asWired = self::begun($boat, $turned);
        $closed = null;
        foreach ($landings as $step) {
            if (in_array($step->id, $left, true)) {
                $asPlanned->land($step);

                continue;
            }
            foreach ($probing->of($step, $asPlanned) as $measurement) {
                $real = static fn (?string $node): string => $node === $step->node ? $wrong[$step->id] ?? (string) $node : (string) $node;
                // The free end is the wire's own, wherever its other end came to.
                $free = $measurement->id === 'gap' ? $asWired->gapOf($step)?->free : $real($measurement->red->node);
                $volts = $free === null ? 0.0 : $asWired->volts($free, $real($measurement->black->node)) ?? 0.0;
                if (! $measurement->accepts((new Reading($measurement, $volts))->value)) {
                    return [$step->id, $closed];
                }
            }
            $gap = $asWired->gapOf($step);
            $post = $wrong[$step->id] ?? $gap?->post;
            if ($gap !== null && $post !== null && abs($asWired->volts($gap->free, $post) ?? 0.0) > self::SPARKS && abs($asPlanned->volts($gap->free, $gap->post) ?? 0.0) <= self::SPARKS) {
                $closed ??= $step->id;
            }
            $asPlanned->land($step);
            $asWired->land($step, $wrong[$step->id] ?? null);
        }

        return [null, $closed];
    }

    /**
     * Whether what is wrong shows anywhere once everything is landed.
     *
     * @param  list<Step>  $landings
     * @param  array<string, string>  $wrong
     * @param  list<string>  $left
     */
    private static function shows(SolvedBoat $boat, array $landings, array $wrong, array $left, ?string $turned): bool
    {
        $asPlanned = (new Probing($boat))->after($landings);
        $asWired = self::begun($boat, $turned);
        foreach ($landings as $step) {
            in_array($step->id, $left, true) || $asWired->land($step, $wrong[$step->id] ?? null);
        }
        $nodes = array_values(array_unique([...array_map(strval(...), array_keys($asPlanned->network()->topology->index + $asWired->network()->topology->index))]));
        $posts = array_merge(...array_map(static fn (Battery $one): array => [Post::plus($one->id)->name, Post::minus($one->id)->name], array_values($boat->plan->batteries)));
        foreach ($nodes as $node) {
            foreach ($posts as $post) {
                if (abs(($asPlanned->volts($node, $post) ?? 0.0) - ($asWired->volts($node, $post) ?? 0.0)) > self::SHOWS) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function begun(SolvedBoat $boat, ?string $turned): HalfBuilt
    {
        $volts = array_column(array_map(static fn ($source): array => [$source->name, $source->volts], HalfBuilt::begun($boat)->network()->sources), 1, 0);

        return HalfBuilt::begun($boat)->resting($turned === null ? [] : [$turned => -$volts[$turned]]);
    }
}
