<?php

declare(strict_types=1);

namespace Dinghy\File;

/** Where a part stands in a document: the list that holds it, and its place there. */
final class PartPlace
{
    /**
     * @param  \stdClass  $owner  the part, or the plan, that it belongs to
     * @param  \stdClass  $holder  the object within its owner that has its list
     * @param  int|null  $at  null: not there
     */
    private function __construct(
        private readonly string $on,
        private readonly PartKind $kind,
        private readonly \stdClass $owner,
        private readonly \stdClass $holder,
        private readonly ?int $at,
    ) {
    }

    /**
     * The parts that a field of a document holds, and the parts inside those.
     *
     * @param  string  $path  within $on; Patch::WHOLE: the whole of it
     * @return list<string> as "branch:br-hub"
     */
    public static function partsIn(PartKinds $kinds, \stdClass $root, string $on, string $path): array
    {
        $owner = $on === 'plan' ? $root : self::find($kinds, $root, $on)?->part();
        $parts = [];
        if ($owner === null) {
            return [];
        }
        foreach ($kinds->listsIn($on) as $list => $kind) {
            if ($path !== Patch::WHOLE && ! str_starts_with("{$list}.", "{$path}.")) {
                continue;
            }
            $keys = explode('.', $list);
            $name = array_pop($keys);
            $holder = self::section($owner, $keys);
            foreach ($holder === null ? [] : self::items($holder, $name) as $item) {
                if ($item instanceof \stdClass && is_string($item->id ?? null)) {
                    $parts[] = "{$kind}:{$item->id}";
                    array_push($parts, ...self::partsIn($kinds, $root, "{$kind}:{$item->id}", Patch::WHOLE));
                }
            }
        }

        return $parts;
    }

    /** @return self|null null: there is no such part */
    public static function find(PartKinds $kinds, \stdClass $root, string $on): ?self
    {
        [$name, $id] = [...explode(':', $on, 2), ''];
        $kind = $kinds->named($name);
        if ($kind === null) {
            return null;
        }
        foreach (self::owners($kinds, $root, $kind->owner) as $owner) {
            $holder = self::section($owner, $kind->sections());
            foreach ($holder === null ? [] : self::items($holder, $kind->key()) as $at => $part) {
                if ($holder !== null && $part instanceof \stdClass && ($part->id ?? null) === $id) {
                    return new self($on, $kind, $owner, $holder, $at);
                }
            }
        }

        return null;
    }

    /**
     * Where a part stands, or would stand.
     *
     * @param  string|null  $in  the part that is to hold it, as "block:bow-block"
     *
     * @throws PatchRefused
     */
    public static function of(PartKinds $kinds, \stdClass $root, string $on, ?string $in): self
    {
        $found = self::find($kinds, $root, $on);
        if ($found !== null) {
            return $found;
        }
        $kind = $kinds->named(explode(':', $on, 2)[0]) ?? throw PatchRefused::noSuchPart($on);
        $owner = match (true) {
            $kind->owner === null => $root,
            $in === null => null,
            default => self::find($kinds, $root, $in)?->part(),
        };
        if ($owner === null) {
            throw PatchRefused::noSuchPart($in ?? $on);
        }
        $holder = $owner;
        foreach ($kind->sections() as $section) {
            $holder->{$section} ??= new \stdClass;
            $holder = $holder->{$section} instanceof \stdClass
                ? $holder->{$section}
                : throw PatchRefused::noSuchPart($in ?? $on);
        }

        return new self($on, $kind, $owner, $holder, null);
    }

    /**
     * Where a part is to stand from now on: a part that stands in another one leaves it.
     *
     * @throws PatchRefused
     */
    public static function to(PartKinds $kinds, \stdClass $root, string $on, ?string $in): self
    {
        $found = self::find($kinds, $root, $on);
        if ($found !== null && $in !== null && ($found->address()['in'] ?? $in) !== $in) {
            $found->put(null, null);
        }

        return self::of($kinds, $root, $on, $in);
    }

    /** The part; null: not there. */
    public function part(): ?\stdClass
    {
        $part = $this->at === null ? null : self::items($this->holder, $this->kind->key())[$this->at];

        return $part instanceof \stdClass ? $part : null;
    }

    /** @return array{in?: string, at?: int} what a patch needs to put it back where it was */
    public function address(): array
    {
        $id = $this->owner->id ?? null;

        return [
            ...($this->kind->owner !== null && is_string($id) ? ['in' => "{$this->kind->owner}:{$id}"] : []),
            ...($this->at === null ? [] : ['at' => $this->at]),
        ];
    }

    /**
     * @param  \stdClass|null  $part  null: take it out
     * @param  int|null  $at  where a new one goes; null: last
     *
     * @throws PatchRefused
     */
    public function put(?\stdClass $part, ?int $at): void
    {
        $items = self::items($this->holder, $this->kind->key());
        if ($part === null) {
            $this->at ?? throw PatchRefused::noSuchPart($this->on);
            array_splice($items, $this->at, 1);
        } elseif ($this->at !== null) {
            $items[$this->at] = $part;
        } else {
            array_splice($items, max(0, min(count($items), $at ?? count($items))), 0, [$part]);
        }
        $this->holder->{$this->kind->key()} = $items;
    }

    /** @return array<string, \stdClass> every part of a kind that has an id, by it; none where there is no such kind */
    public static function byId(PartKinds $kinds, \stdClass $root, string $kind): array
    {
        $known = $kinds->named($kind);
        $parts = [];
        foreach ($known === null ? [] : self::all($kinds, $root, $known) as $part) {
            is_string($part->id ?? null) && $parts[$part->id] = $part;
        }

        return $parts;
    }

    /** @return list<\stdClass> every part of a kind, in the order of the file */
    public static function all(PartKinds $kinds, \stdClass $root, PartKind $kind): array
    {
        $parts = [];
        foreach (self::owners($kinds, $root, $kind->owner) as $owner) {
            $holder = self::section($owner, $kind->sections());
            array_push($parts, ...($holder === null ? [] : self::items($holder, $kind->key())));
        }

        return array_values(array_filter($parts, static fn (mixed $part): bool => $part instanceof \stdClass));
    }

    /** @return list<\stdClass> the plan itself, or every part of a kind */
    private static function owners(PartKinds $kinds, \stdClass $root, ?string $owner): array
    {
        $kind = $owner === null ? null : $kinds->named($owner);

        return $kind === null ? [$root] : self::all($kinds, $root, $kind);
    }

    /**
     * The object inside another that keys lead to.
     *
     * @param  list<string>  $keys
     */
    private static function section(\stdClass $owner, array $keys): ?\stdClass
    {
        foreach ($keys as $key) {
            $owner = $owner->{$key} ?? null;
            if (! $owner instanceof \stdClass) {
                return null;
            }
        }

        return $owner;
    }

    /** @return list<mixed> */
    private static function items(\stdClass $owner, string $list): array
    {
        $items = $owner->{$list} ?? [];

        return is_array($items) ? array_values($items) : [];
    }
}
