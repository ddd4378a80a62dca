<?php

declare(strict_types=1);

namespace Dinghy\File;

/**
 * What a plan has otherwise than another, as the patch that makes the one into the other, part by part and field by
 * field.
 */
final class PlanDifference
{
    /** Keys that a path can name; an object with another key is set as a whole. */
    private const KEY = '/^[A-Za-z0-9_-]+$/D';

    /** Keys of a path at most. */
    private const DEEPEST = 6;

    /** @var list<Patch> what goes leaves first, so that a part may come again elsewhere */
    private array $removed = [];

    /** @var list<Patch> */
    private array $changed = [];

    private function __construct(private readonly PartKinds $kinds)
    {
    }

    /** @return Patch|null null: they say the same */
    public static function between(PlanDocument $before, PlanDocument $after): ?Patch
    {
        $difference = new self($before->format->kinds);
        $difference->part('plan', $before->root(), $after->root());

        return Patch::all([...$difference->removed, ...$difference->changed]);
    }

    private function part(string $on, \stdClass $before, \stdClass $after): void
    {
        [$set, $unset] = [[], []];
        $this->fields($on, '', $before, $after, $set, $unset);
        if ($set !== [] || $unset !== []) {
            $this->changed[] = Patch::change($on, $set, $unset);
        }
    }

    /**
     * @param  string  $within  path of the two objects, with a dot behind it where it is not the part itself
     * @param  array<string, mixed>  $set
     * @param  list<string>  $unset
     */
    private function fields(
        string $on,
        string $within,
        \stdClass $before,
        \stdClass $after,
        array &$set,
        array &$unset,
    ): void {
        foreach (array_keys(get_object_vars($before) + get_object_vars($after)) as $key) {
            $path = "{$within}{$key}";
            [$was, $is] = [$before->{$key} ?? null, $after->{$key} ?? null];
            $kind = $this->kinds->listsIn($on)[$path] ?? null;
            if (! property_exists($after, (string) $key)) {
                $unset[] = $path;
            } elseif (! property_exists($before, (string) $key)) {
                $set[$path] = $is;
            } elseif ($kind !== null && is_array($was) && is_array($is)) {
                $this->list($on, $path, $kind, array_values($was), array_values($is), $set);
            } elseif ($was instanceof \stdClass && $is instanceof \stdClass && self::canBeNamed($path, $is)) {
                $this->fields($on, "{$path}.", $was, $is, $set, $unset);
            } elseif (Spelling::of($was) !== Spelling::of($is)) {
                $set[$path] = $is;
            }
        }
    }

    /**
     * @param  list<mixed>  $before
     * @param  list<mixed>  $after
     * @param  array<string, mixed>  $set
     */
    private function list(string $on, string $path, string $kind, array $before, array $after, array &$set): void
    {
        [$was, $is] = [self::byId($before), self::byId($after)];
        if ($was === null || $is === null || ! self::comesInOrder(array_keys($was), array_keys($is))) {
            if (Spelling::of($before) !== Spelling::of($after)) {
                $set[$path] = $after;
            }

            return;
        }
        foreach (array_keys(array_diff_key($was, $is)) as $id) {
            $this->removed[] = Patch::remove("{$kind}:{$id}");
        }
        foreach (array_keys($is) as $at => $id) {
            isset($was[$id]) ? $this->part("{$kind}:{$id}", $was[$id], $is[$id])
                : $this->changed[] = Patch::put("{$kind}:{$id}", $is[$id], str_contains($on, ':') ? $on : null, $at);
        }
    }

    /**
     * @param  list<mixed>  $items
     * @return array<string, \stdClass>|null null: not all of them have an id of their own
     */
    private static function byId(array $items): ?array
    {
        $byId = [];
        foreach ($items as $item) {
            if (! $item instanceof \stdClass || ! is_string($item->id ?? null) || preg_match(self::KEY, "{$item->id}") !== 1 || ctype_digit($item->id) || isset($byId[$item->id])) {
                return null;
            }
            $byId[$item->id] = $item;
        }

        return $byId;
    }

    /**
     * Whether those that stay keep their order: new ones are then put between them.
     *
     * @param  list<string>  $was
     * @param  list<string>  $is
     */
    private static function comesInOrder(array $was, array $is): bool
    {
        return array_values(array_intersect($was, $is)) === array_values(array_intersect($is, $was));
    }

    private static function canBeNamed(string $path, \stdClass $object): bool
    {
        $keys = array_keys(get_object_vars($object));

        return $keys !== [] && substr_count($path, '.') + 2 <= self::DEEPEST && preg_grep(
            self::KEY,
            $keys,
            PREG_GREP_INVERT,
        ) === [];
    }
}
