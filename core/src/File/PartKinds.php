<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\PartsShape;

/** Every kind of part of a format. */
final readonly class PartKinds
{
    /** @param  array<string, PartKind>  $all  by name, in the order of the format */
    private function __construct(public array $all)
    {
    }

    public static function of(ObjectShape $format): self
    {
        return new self(array_column(self::within($format, null, []), null, 'name'));
    }

    public function named(string $kind): ?PartKind
    {
        return $this->all[$kind] ?? null;
    }

    /** @return list<string> kinds of which a new part says all of itself */
    public function addedAsIs(): array
    {
        return array_keys(array_filter($this->all, static fn (PartKind $kind): bool => $kind->addedAsIs));
    }

    /**
     * The lists of parts inside a part, or inside the plan itself.
     *
     * @param  string  $on  a part as "kind:id", or "plan"
     * @return array<string, string> kind of their parts by the path of the list within $on, as "branches" or "boat.stations"
     */
    public function listsIn(string $on): array
    {
        $owner = $on === 'plan' ? null : explode(':', $on, 2)[0];
        $lists = [];
        foreach ($this->all as $kind) {
            if ($kind->owner === $owner) {
                $lists[$kind->list()] = $kind->name;
            }
        }

        return $lists;
    }

    /**
     * @return list<string> the keys that lead to the parts of a kind, as ["blocks", "branches"]; none for the plan itself
     */
    public function keysTo(string $kind): array
    {
        $found = $this->named($kind);

        return $found === null ? [] : [
            ...($found->owner === null ? [] : $this->keysTo($found->owner)),
            ...$found->path,
        ];
    }

    /**
     * @param  list<string>  $path
     * @return list<PartKind>
     */
    private static function within(ObjectShape $object, ?string $owner, array $path): array
    {
        $kinds = [];
        foreach ($object->fields as $name => $field) {
            $shape = NullableShape::within($field->shape);
            if ($shape instanceof PartsShape) {
                array_push(
                    $kinds,
                    new PartKind($shape->kind, $owner, [...$path, $name], $shape->addedAsIs, $shape->word ?? $shape->kind),
                    ...self::within($shape->part, $shape->kind, []),
                );
            } elseif ($shape instanceof ObjectShape) {
                array_push($kinds, ...self::within($shape, $owner, [...$path, $name]));
            }
        }

        return $kinds;
    }
}
