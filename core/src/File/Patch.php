<?php

declare(strict_types=1);

namespace Dinghy\File;

/**
 * A change to a plan: for parts addressed as "kind:id" (or "plan" for the whole), fields to set or to unset, or the whole
 * part to put there or to take out. A field is a dotted path within the part, as "run.gauge" or "protection.0.rating_a";
 * the whole part is the path "". Parts are never addressed by index.
 */
final readonly class Patch
{
    private const MOST_STEPS = 200;

    /** The whole part, as a field of itself. */
    public const WHOLE = '';

    /**
     * @param  list<array{on: string, set: array<string, mixed>, unset: list<string>, put?: \stdClass|null, in?: string, at?: int}>  $steps
     */
    private function __construct(public array $steps)
    {
    }

    /**
     * @param  mixed  $raw  decoded JSON with objects as \stdClass or as arrays: a list of {on, set?, unset?}
     *
     * @throws PatchRefused
     */
    public static function of(mixed $raw): self
    {
        if (! is_array($raw) || ! array_is_list($raw) || $raw === [] || count($raw) > self::MOST_STEPS) {
            throw PatchRefused::malformed('a list of 1 to '.self::MOST_STEPS.' steps');
        }

        return new self(array_map(self::step(...), $raw));
    }

    /**
     * A patch as it was stored: it was read once, before there were all the limits of today.
     *
     * @throws \JsonException|PatchRefused
     */
    public static function stored(string $json): self
    {
        $raw = json_decode($json, false, PlanDocument::DEPTH, JSON_THROW_ON_ERROR);

        return new self(
            array_map(
                self::step(...),
                is_array($raw) ? array_values($raw) : throw PatchRefused::malformed('a list of steps'),
            ),
        );
    }

    /** @param  array<string, mixed>  $fields */
    public static function set(string $on, array $fields): self
    {
        return self::change($on, $fields, []);
    }

    /**
     * @param  array<string, mixed>  $set
     * @param  list<string>  $unset
     */
    public static function change(string $on, array $set, array $unset): self
    {
        return new self([['on' => $on, 'set' => $set, 'unset' => $unset]]);
    }

    /**
     * A part that is to be there with this content, new or in the place of the one of its id.
     *
     * @param  string|null  $in  the part that holds it, as "block:bow-block" for a branch; it moves there from any other
     * @param  int|null  $at  its place among its like, where it is new; null: the last
     */
    public static function put(string $on, \stdClass $part, ?string $in = null, ?int $at = null): self
    {
        return new self([self::placing($on, $part, $in, $at)]);
    }

    public static function remove(string $on): self
    {
        return new self([self::placing($on, null, null, null)]);
    }

    /**
     * Several patches as one.
     *
     * @param  list<self>  $patches
     * @return ($patches is non-empty-list ? self : self|null) null: there are none
     */
    public static function all(array $patches): ?self
    {
        return $patches === [] ? null : new self(
            array_merge(...array_map(static fn (self $patch): array => $patch->steps, $patches)),
        );
    }

    public function and(self $other): self
    {
        return new self([...$this->steps, ...$other->steps]);
    }

    /** @throws PatchRefused */
    public function applyTo(\stdClass $root, PartKinds $kinds): void
    {
        foreach ($this->steps as $step) {
            if (array_key_exists('put', $step)) {
                PartPlace::to($kinds, $root, $step['on'], $step['in'] ?? null)->put($step['put'], $step['at'] ?? null);

                continue;
            }
            $part = self::part($root, $kinds, $step['on']);
            foreach ($step['set'] as $path => $value) {
                self::write($part, $step['on'], $path, true, $value);
            }
            foreach ($step['unset'] as $path) {
                self::write($part, $step['on'], $path, false, null);
            }
        }
    }

    /**
     * The patch that takes this one back, made on the document as it was before.
     *
     * @throws PatchRefused
     */
    public function inverseOn(PlanDocument $before): self
    {
        [$root, $kinds] = [$before->root(), $before->format->kinds];
        $steps = [];
        foreach ($this->steps as $step) {
            if (array_key_exists('put', $step)) {
                $place = PartPlace::of($kinds, $root, $step['on'], $step['in'] ?? null);
                array_unshift(
                    $steps,
                    ['on' => $step['on'], 'set' => [], 'unset' => [], 'put' => $place->part(), ...$place->address()],
                );
                PartPlace::to($kinds, $root, $step['on'], $step['in'] ?? null)->put($step['put'], $step['at'] ?? null);

                continue;
            }
            $part = self::part($root, $kinds, $step['on']);
            $set = [];
            $unset = [];
            foreach ([...array_keys($step['set']), ...$step['unset']] as $path) {
                // An absent outer object is taken away whole: what the patch made must not stay behind empty.
                [$shortest, $there, $value] = self::find($part, $path);
                if ($there) {
                    $set[$path] = $value;
                } else {
                    $unset[] = $shortest;
                }
            }
            array_unshift($steps, ['on' => $step['on'], 'set' => $set, 'unset' => array_values(array_unique($unset))]);
        }

        return new self($steps);
    }

    /** @return list<array{on: string, path: string}> */
    public function fields(): array
    {
        $fields = [];
        foreach ($this->steps as $step) {
            foreach (array_key_exists('put', $step) ? [self::WHOLE] : [...array_keys($step['set']), ...$step['unset']] as $path) {
                $fields[] = ['on' => $step['on'], 'path' => $path];
            }
        }

        return $fields;
    }

    /** Whether it sets a field that the other one sets too; a part that it puts there may still be changed. */
    public function sets(self $other): bool
    {
        foreach ($this->fields() as $mine) {
            foreach ($mine['path'] === self::WHOLE ? [] : $other->fields() as $theirs) {
                if (TouchedFields::meet($mine, $theirs)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The value of a field in a document; null when it is absent or null, or a whole part is not there. */
    public static function valueIn(\stdClass $root, PartKinds $kinds, string $on, string $path): mixed
    {
        if ($path === self::WHOLE) {
            return PartPlace::find($kinds, $root, $on)?->part();
        }

        return self::find(self::part($root, $kinds, $on), $path)[2];
    }

    /** @return list<\stdClass> the JSON form */
    public function toJson(): array
    {
        return array_map(static function (array $step): \stdClass {
            $json = (object) ['on' => $step['on']];
            if (array_key_exists('put', $step)) {
                $json->put = $step['put'];
                foreach (['in', 'at'] as $key) {
                    if (isset($step[$key])) {
                        $json->{$key} = $step[$key];
                    }
                }
            }
            if ($step['set'] !== []) {
                $json->set = (object) $step['set'];
            }
            if ($step['unset'] !== []) {
                $json->unset = $step['unset'];
            }

            return $json;
        }, $this->steps);
    }

    /**
     * @return array{on: string, set: array<string, mixed>, unset: list<string>, put?: \stdClass|null, in?: string, at?: int}
     */
    private static function step(mixed $raw): array
    {
        $raw = $raw instanceof \stdClass ? get_object_vars($raw) : $raw;
        if (is_array($raw) && array_key_exists('put', $raw)) {
            return self::putStep($raw);
        }
        if (! is_array($raw) || array_diff(array_keys($raw), ['on', 'set', 'unset']) !== [] || ! is_string($raw['on'] ?? null)) {
            throw PatchRefused::malformed('each step has "on" and "set" or "unset"');
        }
        $set = $raw['set'] ?? [];
        $set = $set instanceof \stdClass ? get_object_vars($set) : $set;
        $unset = $raw['unset'] ?? [];
        if (! is_array($set) || ! is_array($unset) || ($set === [] && $unset === [])) {
            throw PatchRefused::malformed('"set" is an object of fields, "unset" a list of fields, and one of them is there');
        }
        $fields = [];
        foreach ($set as $path => $value) {
            $fields[self::path($path)] = $value;
        }

        return ['on' => $raw['on'], 'set' => $fields, 'unset' => array_map(self::path(...), array_values($unset))];
    }

    /**
     * @param  array<mixed>  $raw
     * @return array{on: string, set: array<string, mixed>, unset: list<string>, put: \stdClass|null, in?: string, at?: int}
     */
    private static function putStep(array $raw): array
    {
        // Where objects came as arrays, a part is written back as the object it is.
        $part = is_array($raw['put']) && ! array_is_list($raw['put']) ? json_decode(
            json_encode($raw['put'], JSON_THROW_ON_ERROR),
            false,
            32,
            JSON_THROW_ON_ERROR,
        ) : $raw['put'];
        [$on, $in, $at] = [$raw['on'] ?? null, $raw['in'] ?? null, $raw['at'] ?? null];
        if (array_diff(array_keys($raw), ['on', 'put', 'in', 'at']) !== [] || ! is_string($on) || ! str_contains($on, ':')
            || ! ($part === null || $part instanceof \stdClass) || ! ($in === null || is_string($in)) || ! ($at === null || is_int($at))) {
            throw PatchRefused::malformed('a step that puts a part has "on", "put" with the part or null, and for a part inside another "in"');
        }
        if ($part !== null && ($part->id ?? null) !== explode(':', $on, 2)[1]) {
            throw PatchRefused::malformed('a part is put there under its own id');
        }

        return self::placing($on, $part, $in, $at);
    }

    /** @return array{on: string, set: array<string, mixed>, unset: list<string>, put: \stdClass|null, in?: string, at?: int} */
    private static function placing(string $on, ?\stdClass $part, ?string $in, ?int $at): array
    {
        return [
            'on' => $on,
            'set' => [],
            'unset' => [],
            'put' => $part,
            ...($in === null ? [] : ['in' => $in]),
            ...($at === null ? [] : ['at' => $at]),
        ];
    }

    private static function path(mixed $path): string
    {
        if (! is_string($path) || preg_match('/^[a-z0-9_]+(\.[A-Za-z0-9_-]+){0,5}$/D', $path) !== 1) {
            throw PatchRefused::malformed('a field reads like "run.gauge"');
        }
        if ($path === 'id' || str_ends_with($path, '.id')) {
            throw PatchRefused::malformed('an id cannot be changed');
        }

        return $path;
    }

    private static function part(\stdClass $root, PartKinds $kinds, string $on): \stdClass
    {
        if ($on === 'plan') {
            return $root;
        }

        return PartPlace::find($kinds, $root, $on)?->part() ?? throw PatchRefused::noSuchPart($on);
    }

    /**
     * @return array{string, bool, mixed} the shortest path that is absent (or the whole one), whether all is there, the value
     */
    private static function find(\stdClass $part, string $path): array
    {
        $at = $part;
        $walked = [];
        foreach (explode('.', $path) as $key) {
            $walked[] = $key;
            if ($at instanceof \stdClass && property_exists($at, $key)) {
                $at = $at->{$key};
            } elseif (is_array($at) && array_key_exists($key, $at)) {
                $at = $at[$key];
            } else {
                return [implode('.', $walked), false, null];
            }
        }

        return [$path, true, $at];
    }

    private static function write(\stdClass $part, string $on, string $path, bool $keep, mixed $value): void
    {
        $keys = explode('.', $path);
        $last = array_pop($keys);
        $at = $part;
        foreach ($keys as $key) {
            if ($at instanceof \stdClass) {
                if (! isset($at->{$key})) {
                    if (! $keep) {
                        return;
                    }
                    $at->{$key} = new \stdClass;
                }
                $at = &$at->{$key};
            } elseif (is_array($at) && array_key_exists($key, $at)) {
                $at = &$at[$key];
            } else {
                throw PatchRefused::noSuchField($on, $path);
            }
        }
        if ($at instanceof \stdClass) {
            if ($keep) {
                $at->{$last} = $value;
            } else {
                unset($at->{$last});
            }
        } elseif (is_array($at) && array_key_exists($last, $at) && $keep) {
            $at[$last] = $value;
        } else {
            throw PatchRefused::noSuchField($on, $path);
        }
    }
}
