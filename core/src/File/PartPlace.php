<?php

declare(strict_types=1);

namespace Dinghy\File;

/** Where a part stands in a document: the list that holds it, and its place there. */
final class PartPlace
{
    /** The lists of each kind; for parts inside parts the outer kind first. */
    private const LISTS = [
        'battery' => ['', 'batteries'], 'bank' => ['', 'banks'], 'feed' => ['', 'feeds'], 'block' => ['', 'blocks'],
        'device' => ['', 'devices'], 'charger' => ['', 'chargers'], 'bond' => ['', 'bonds'],
        'branch' => ['block', 'branches'], 'jumper' => ['bank', 'jumpers'], 'station' => ['boat', 'stations'], 'way' => ['boat', 'ways'],
        'hole' => ['', 'holes'], 'board' => ['', 'boards'],
        'complaint' => ['survey', 'complaints'], 'found' => ['survey', 'batteries'], 'check' => ['survey', 'path_checks'], 'photograph' => ['survey', 'photographs'],
    ];

    /** Objects of the plan that hold lists and are no parts themselves. */
    private const SECTIONS = ['boat', 'survey'];

    /** @param  int|null  $at  null: not there */
    private function __construct(
        private readonly string $on,
        private readonly \stdClass $owner,
        private readonly string $list,
        private readonly ?int $at,
    ) {
    }

    /** @return list<string> the keys that lead to the parts of a kind, as ["blocks", "branches"]; none for the plan itself */
    public static function keysTo(string $kind): array
    {
        [$outer, $list] = self::LISTS[$kind] ?? ['', ''];

        return match (true) {
            $outer === '' => $list === '' ? [] : [$list],
            in_array($outer, self::SECTIONS, true) => [$outer, $list],
            default => [self::LISTS[$outer][1], $list],
        };
    }

    /**
     * The lists of parts inside a part, or inside the plan itself.
     *
     * @param  string  $on  a part as "kind:id", or "plan"
     * @return array<string, string> kind of their parts by the path of the list within $on, as "branches" or "boat.stations"
     */
    public static function listsIn(string $on): array
    {
        $kind = explode(':', $on, 2)[0];
        $lists = [];
        foreach (self::LISTS as $held => [$outer, $list]) {
            match (true) {
                $kind === 'plan' && $outer === '' => $lists[$list] = $held,
                $kind === 'plan' && in_array($outer, self::SECTIONS, true) => $lists["{$outer}.{$list}"] = $held,
                $outer === $kind => $lists[$list] = $held,
                default => null,
            };
        }

        return $lists;
    }

    /**
     * The parts that a field of a document holds, and the parts inside those.
     *
     * @param  string  $path  within $on; Patch::WHOLE: the whole of it
     * @return list<string> as "branch:br-hub"
     */
    public static function partsIn(\stdClass $root, string $on, string $path): array
    {
        $owner = $on === 'plan' ? $root : self::find($root, $on)?->part();
        $parts = [];
        foreach ($owner === null ? [] : self::listsIn($on) as $list => $kind) {
            if ($path !== Patch::WHOLE && ! str_starts_with("{$list}.", "{$path}.")) {
                continue;
            }
            [$section, $name] = [...array_slice(explode('.', ".{$list}"), -2)];
            $holder = $section === '' ? $owner : $owner->{$section} ?? null;
            foreach ($holder instanceof \stdClass ? self::items($holder, $name) : [] as $item) {
                if ($item instanceof \stdClass && is_string($item->id ?? null)) {
                    $parts[] = "{$kind}:{$item->id}";
                    array_push($parts, ...self::partsIn($root, "{$kind}:{$item->id}", Patch::WHOLE));
                }
            }
        }

        return $parts;
    }

    /** @return self|null null: there is no such part */
    public static function find(\stdClass $root, string $on): ?self
    {
        [$kind, $id] = [...explode(':', $on, 2), ''];
        [$outer, $list] = self::LISTS[$kind] ?? ['', ''];
        foreach ($list === '' ? [] : self::owners($root, $outer) as $owner) {
            foreach (self::items($owner, $list) as $at => $part) {
                if ($part instanceof \stdClass && ($part->id ?? null) === $id) {
                    return new self($on, $owner, $list, $at);
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
    public static function of(\stdClass $root, string $on, ?string $in): self
    {
        $found = self::find($root, $on);
        if ($found !== null) {
            return $found;
        }
        [$outer, $list] = self::LISTS[explode(':', $on, 2)[0]] ?? throw PatchRefused::noSuchPart($on);
        $section = in_array($outer, self::SECTIONS, true);
        if ($section && ! isset($root->{$outer})) {
            $root->{$outer} = new \stdClass;
        }
        $owner = match (true) {
            $outer === '' => $root,
            $section => $root->{$outer},
            default => $in === null ? null : self::find($root, $in)?->part(),
        };

        return $owner instanceof \stdClass ? new self($on, $owner, $list, null) : throw PatchRefused::noSuchPart($in ?? $on);
    }

    /**
     * Where a part is to stand from now on: a part that stands in another one leaves it.
     *
     * @throws PatchRefused
     */
    public static function to(\stdClass $root, string $on, ?string $in): self
    {
        $found = self::find($root, $on);
        if ($found !== null && $in !== null && ($found->address()['in'] ?? $in) !== $in) {
            $found->put(null, null);
        }

        return self::of($root, $on, $in);
    }

    /** The part; null: not there. */
    public function part(): ?\stdClass
    {
        $part = $this->at === null ? null : self::items($this->owner, $this->list)[$this->at];

        return $part instanceof \stdClass ? $part : null;
    }

    /** @return array{in?: string, at?: int} what a patch needs to put it back where it was */
    public function address(): array
    {
        $outer = self::LISTS[explode(':', $this->on, 2)[0]][0];
        $id = $this->owner->id ?? null;

        return [
            ...(in_array($outer, ['block', 'bank'], true) && is_string($id) ? ['in' => "{$outer}:{$id}"] : []),
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
        $items = self::items($this->owner, $this->list);
        if ($part === null) {
            $this->at ?? throw PatchRefused::noSuchPart($this->on);
            array_splice($items, $this->at, 1);
        } elseif ($this->at !== null) {
            $items[$this->at] = $part;
        } else {
            array_splice($items, max(0, min(count($items), $at ?? count($items))), 0, [$part]);
        }
        $this->owner->{$this->list} = $items;
    }

    /** @return list<\stdClass> */
    private static function owners(\stdClass $root, string $outer): array
    {
        return match (true) {
            $outer === '' => [$root],
            in_array($outer, self::SECTIONS, true) => ($root->{$outer} ?? null) instanceof \stdClass ? [$root->{$outer}] : [],
            default => array_values(array_filter(self::items($root, $outer === 'block' ? 'blocks' : 'banks'), static fn (mixed $part): bool => $part instanceof \stdClass)),
        };
    }

    /** @return list<mixed> */
    private static function items(\stdClass $owner, string $list): array
    {
        $items = $owner->{$list} ?? [];

        return is_array($items) ? array_values($items) : [];
    }
}
