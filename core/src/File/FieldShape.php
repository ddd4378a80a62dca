<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\Shape;

/** What can stand in a field of a part, from the one definition of the format: choices, or a number to be typed. */
final readonly class FieldShape
{
    /** @param  list<string|int|bool>  $choices  empty: a number is typed */
    private function __construct(public array $choices)
    {
    }

    /** @return self|null null: it is neither a choice nor a number */
    public static function of(Shape $shape): ?self
    {
        foreach (self::either($shape->schema()) as $one) {
            $type = $one['type'] ?? null;
            $types = is_array($type) ? $type : [$type];
            $choices = is_array($one['enum'] ?? null) ? array_values(
                array_filter($one['enum'], static fn (mixed $choice): bool => is_string($choice) || is_int($choice)),
            ) : [];
            $shape = match (true) {
                $choices !== [] => new self($choices),
                in_array('boolean', $types, true) => new self([true, false]),
                in_array('number', $types, true), in_array('integer', $types, true) => new self([]),
                default => null,
            };
            if ($shape !== null) {
                return $shape;
            }
        }

        return null;
    }

    /** @return list<array<mixed>> what a schema may be */
    private static function either(mixed $schema): array
    {
        if (! is_array($schema)) {
            return [];
        }
        // "oneOf" beside properties says which of them must be there, not what it may be.
        $several = $schema['anyOf'] ?? (isset($schema['properties']) ? null : $schema['oneOf'] ?? null);

        return is_array($several) ? array_merge(...array_map(self::either(...), array_values($several))) : [$schema];
    }
}
