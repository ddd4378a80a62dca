<?php

declare(strict_types=1);

namespace Dinghy\Tests\Evaluation;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Plan\Device;
use Dinghy\Plan\Plan;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\OtherIds;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use Dinghy\Wiring\Circuit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The same boat written otherwise comes to the same. */
#[Group('many-boats')]
final class MetamorphicTest extends TestCase
{
    private const BOATS = 120;

    /** Lists whose order says nothing: strings, protection, outputs and phases have theirs. */
    private const UNORDERED = ['batteries', 'banks', 'feeds', 'blocks', 'branches', 'devices', 'chargers', 'bonds', 'holes', 'boards', 'stations', 'ways', 'jumpers', 'photographs', 'complaints', 'path_checks'];

    /** @param  \Closure(\stdClass): \stdClass  $rewritten */
    #[DataProvider('rewritings')]
    public function test_written_otherwise_it_comes_to_the_same(\Closure $rewritten, bool $sentences): void
    {
        $seed = Seed::sown();
        $compared = 0;
        for ($i = 0; $i < self::BOATS; $i++) {
            $document = $i % 3 === 0 ? RandomBoat::joined() : MutantBoat::document(2);
            try {
                $document->plan();
            } catch (PlanRefused) {
                continue;
            }
            $other = StandardAreas::areas()->format->document(json_encode($rewritten($document->root()), JSON_THROW_ON_ERROR));
            $compared++;
            self::assertSame([], self::differences(self::toldOf($document, $sentences), self::toldOf($other, $sentences)), "SEED={$seed} case {$i}: ".json_encode($document->root()));
        }
        self::assertGreaterThan(self::BOATS / 2, $compared, "SEED={$seed}");
    }

    /** @return array<string, array{\Closure(\stdClass): \stdClass, bool}> what is done to a plan, and whether sentences stay too */
    public static function rewritings(): array
    {
        return [
            'keys and lists in another order' => [static function (\stdClass $root): \stdClass {
                self::shuffle($root);

                return $root;
            }, false],
            'other ids' => [self::renamed(...), false],
            'other units' => [static function (\stdClass $root): \stdClass {
                $root->units = ($root->units ?? 'metric') === 'metric' ? 'imperial' : 'metric';

                return $root;
            }, false],
            'a way in two' => [self::split(...), false],
            'a device that is off' => [self::withIdleDevice(...), true],
        ];
    }

    public function test_more_length_never_raises_volts_and_thicker_wire_never_lowers_them(): void
    {
        $seed = Seed::sown();
        $compared = 0;
        for ($i = 0; $i < 2 * self::BOATS; $i++) {
            $document = $i % 2 === 0 ? RandomBoat::joined() : MutantBoat::document(2);
            try {
                $evaluation = Plans::evaluate($document);
            } catch (PlanRefused) {
                continue;
            }
            $run = $evaluation->boat->circuits()[mt_rand(0, count($evaluation->boat->circuits()) - 1)];
            if ($run->circuit === null || $run->length === null) {
                continue;
            }
            $pinned = self::pinned($document, $evaluation);
            $length = $pinned->with(Patch::of([['on' => $run->circuit->on(), 'set' => ['run.length_m' => min(60.0, $run->length * mt_rand(11, 30) / 10)], 'unset' => ['run.route', 'run.minus_route', 'run.slack_from_m', 'run.slack_to_m']]]));
            $thicker = $pinned->with(Patch::set($run->circuit->on(), ['run.gauge' => '4/0 AWG']));
            [$same, $longer, $stronger] = [Plans::evaluate($pinned), Plans::evaluate($length), Plans::evaluate($thicker)];
            foreach (self::onlyThrough($evaluation, $run->circuit) as $device) {
                $compared++;
                $which = "SEED={$seed} case {$i}, {$device} behind {$run->id}: ".json_encode($pinned->root());
                foreach (['loaded', 'lowest'] as $state) {
                    $volts = self::voltsAt($same, $device, $state);
                    self::assertLessThanOrEqual(($volts ?? INF) + 1e-6, self::voltsAt($longer, $device, $state) ?? 0.0, "{$state}, longer: {$which}");
                    self::assertGreaterThanOrEqual(($volts ?? 0.0) - 1e-6, self::voltsAt($stronger, $device, $state) ?? ($volts === null ? 0.0 : -1.0), "{$state}, thicker: {$which}");
                }
            }
        }
        self::assertGreaterThan(self::BOATS, $compared, "SEED={$seed}");
    }

    /** The plan with every gauge and rating as it was chosen: nothing else is chosen anew. */
    private static function pinned(PlanDocument $document, Evaluation $evaluation): PlanDocument
    {
        foreach ($evaluation->boat->circuits() as $run) {
            $set = ['run.gauge' => $run->gauge->name];
            foreach ($run->protection as $index => $protection) {
                $set[$run->ratingField($index)] = $protection->rating;
            }
            $document = $run->circuit === null ? $document : $document->with(Patch::set($run->circuit->on(), $set));
        }

        return $document;
    }

    /** @return list<string> the devices whose one and only path goes through a circuit */
    private static function onlyThrough(Evaluation $evaluation, Circuit $circuit): array
    {
        return array_values(array_map(static fn (Device $device): string => $device->id, array_filter($circuit->behind,
            static fn (Device $device): bool => count($evaluation->boat->wiring->pathsTo($device)) === 1)));
    }

    private static function voltsAt(Evaluation $evaluation, string $device, string $state): ?float
    {
        foreach ($evaluation->boat->figures(PowerFigures::class)->devices as $volts) {
            if ($volts->device->id === $device) {
                return $state === 'loaded' ? $volts->loaded : $volts->lowest;
            }
        }

        return null;
    }

    private static function shuffle(mixed &$node, string $key = ''): void
    {
        if ($node instanceof \stdClass) {
            $fields = get_object_vars($node);
            $keys = array_keys($fields);
            self::mix($keys);
            $node = new \stdClass;
            foreach ($keys as $name) {
                self::shuffle($fields[$name], (string) $name);
                $node->{$name} = $fields[$name];
            }
        } elseif (is_array($node)) {
            foreach ($node as &$item) {
                self::shuffle($item);
            }
            if (in_array($key, self::UNORDERED, true)) {
                self::mix($node);
            }
        }
    }

    /** @param  list<mixed>  $list */
    private static function mix(array &$list): void
    {
        for ($i = count($list) - 1; $i > 0; $i--) {
            $j = mt_rand(0, $i);
            [$list[$i], $list[$j]] = [$list[$j], $list[$i]];
        }
    }

    /** Every id turned round, wherever it is spoken of. */
    private static function renamed(\stdClass $root): \stdClass
    {
        return OtherIds::in($root, self::turned(...));
    }

    private static function turned(string $id): string
    {
        return 'q-'.strrev($id);
    }

    /** A station in the middle of each way. */
    private static function split(\stdClass $root): \stdClass
    {
        $ways = [];
        $places = array_column($root->boat->stations ?? [], null, 'id');
        foreach ($root->boat->ways ?? [] as $way) {
            $middle = "mid-{$way->id}";
            [$from, $to] = [$places[$way->from], $places[$way->to]];
            $root->boat->stations[] = (object) ['id' => $middle, 'x_m' => ($from->x_m + $to->x_m) / 2, 'y_m' => ($from->y_m + $to->y_m) / 2, 'kind' => 'deck'];
            $ways[] = (object) [...get_object_vars($way), 'to' => $middle, 'length_m' => $way->length_m / 2];
            $ways[] = (object) [...get_object_vars($way), 'id' => "half-{$way->id}", 'from' => $middle, 'length_m' => $way->length_m / 2];
        }
        if ($ways !== []) {
            $root->boat->ways = $ways;
        }

        return $root;
    }

    private static function withIdleDevice(\stdClass $root): \stdClass
    {
        // What leads to one device alone is sized by its maker's table too: a second one, on or off, ends that.
        if (count($root->blocks[0]->branches ?? []) < 2) {
            return $root;
        }
        $root->devices[] = (object) ['id' => 'idle', 'kind' => 'other', 'v_min' => 0, 'v_max' => 80, 'typical_a' => 0, 'peak_a' => 0];
        $root->blocks[0]->branches[] = (object) ['id' => 'to-idle', 'class' => 'general', 'fuse_a' => 3, 'run' => (object) ['length_m' => 1, 'gauge' => '14 AWG'], 'to' => (object) ['device' => 'idle']];

        return $root;
    }

    /**
     * What is told of a plan, in names that do not hang on how it is written.
     *
     * @return list<array<string, mixed>>
     */
    private static function toldOf(PlanDocument $document, bool $sentences): array
    {
        $told = json_decode(json_encode(EvaluationDocument::of(Plans::evaluate($document)), JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
        self::assertIsArray($told);
        $lines = [];
        foreach (['runs', 'banks', 'devices', 'meter_points', 'findings', 'unchecked'] as $section) {
            foreach ($told[$section] as $part) {
                if (self::isOfTheWriting($section, $part)) {
                    continue;
                }
                // Sentences are written in the plan's units and name parts in its order; the figures beside them say what they say.
                $lines[] = self::leaves(['in' => $section, ...array_diff_key($part, array_flip($sentences ? ['remedy'] : ['says', 'remedy', 'label', 'note', 'schools', 'asks', 'needs', 'occasion', 'patch', 'id']))]);
            }
        }

        return $lines;
    }

    /**
     * Each told of one pairs with one told of the other: words the same, numbers to seven digits.
     *
     * @param  list<array<string, mixed>>  $one
     * @param  list<array<string, mixed>>  $other
     * @return list<string> what has no partner
     */
    private static function differences(array $one, array $other): array
    {
        $alone = [];
        foreach ($one as $told) {
            $partner = null;
            foreach ($other as $at => $candidate) {
                if (self::alike($told, $candidate)) {
                    $partner = $at;
                    break;
                }
            }
            if ($partner === null) {
                $alone[] = 'before: '.json_encode($told, JSON_THROW_ON_ERROR);
            } else {
                unset($other[$partner]);
            }
        }

        return [...$alone, ...array_map(static fn (array $told): string => 'after: '.json_encode($told, JSON_THROW_ON_ERROR), array_values($other))];
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     */
    private static function alike(array $one, array $other): bool
    {
        if (array_keys($one) !== array_keys($other)) {
            return false;
        }
        foreach ($one as $leaf => $value) {
            $against = $other[$leaf];
            if (is_float($value) && is_float($against) ? abs($value - $against) > 1e-7 * max(1e-3, abs($value), abs($against)) : $value !== $against) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<mixed>  $tree
     * @return array<string, mixed> by path
     */
    private static function leaves(array $tree, string $under = ''): array
    {
        $leaves = [];
        foreach ($tree as $key => $value) {
            $leaves += is_array($value) ? self::leaves($value, "{$under}{$key}.") : ["{$under}{$key}" => self::plain($value)];
        }

        return $leaves;
    }

    /** @param  array<string, mixed>  $part */
    private static function isOfTheWriting(string $section, array $part): bool
    {
        $on = (string) ($part['on'] ?? $part['id'] ?? '');

        return in_array($on, ['branch:to-idle', 'device:idle', 'to-idle', 'idle', 'idle:plug'], true) || str_starts_with($on, 'way:') || str_starts_with($on, 'station:') || in_array($part['rule'] ?? '', ['S07', 'F14'], true);
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            is_float($value) || is_int($value) => (float) $value,
            is_string($value) => preg_replace_callback('/(?<![a-z0-9-])q-([a-z0-9-]+?)(?=[+-]?(?:$|[^a-z0-9-]))/', static fn (array $match): string => strrev($match[1]), $value),
            default => $value,
        };
    }
}
