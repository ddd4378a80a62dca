<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\OneOrListShape;
use Dinghy\File\Shape\PartsShape;
use Dinghy\File\Shape\Shape;

/** Everything that can be chosen in a plan, with what people call it: what a page offers, it takes from here. */
final class FieldChoices
{
    /**
     * @return array<string, list<array{string|int|bool, string}>> value and label, by kind of part (or "plan") and field: "way.kind", "plan.boat.fuel"
     */
    public static function of(PlanFormat $format): array
    {
        return self::within($format->shape, 'plan');
    }

    /** @return array<string, list<array{string|int|bool, string}>> */
    private static function within(Shape $shape, string $path): array
    {
        return match (true) {
            $shape instanceof ChoiceShape => [$path => array_map(
                static fn (string|int $choice): array => [$choice, $shape->label($choice)],
                $shape->choices,
            )],
            $shape instanceof FlagShape => [$path => [[false, $shape->no], [true, $shape->yes]]],
            $shape instanceof NullableShape => self::within($shape->shape, $path),
            $shape instanceof PartsShape => self::within($shape->part, $shape->kind),
            $shape instanceof ListShape, $shape instanceof OneOrListShape => self::within(
                $shape->inner('0') ?? $shape,
                $path,
            ),
            $shape instanceof ObjectShape => array_merge(...array_map(
                static fn (Field $field): array => self::within($field->shape, "{$path}.{$field->name}"),
                array_values($shape->fields),
            )),
            default => [],
        };
    }
}
