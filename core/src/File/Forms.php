<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\MapShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\OneOrListShape;
use Dinghy\File\Shape\PartsShape;
use Dinghy\File\Shape\PostShape;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TerminalShape;
use Dinghy\File\Shape\TextShape;

/**
 * What a person can fill in of each kind of part and of the plan itself: every field with what it is called and how it is
 * entered. A page that shows it all can set all that a file can hold.
 */
final readonly class Forms
{
    /** Texts that may be longer than this are written in several lines. */
    private const LONGEST_LINE = 100;

    /** @return array<string, list<array<string, mixed>>> fields by kind of part, or "plan" */
    public static function of(PlanFormat $format): array
    {
        return ['plan' => self::fields($format->shape), ...self::ofParts($format->shape)];
    }

    /** @return list<array<string, mixed>> what a catalogue keeps of a kind of part */
    public static function ofCatalogue(CatalogueKind $kind): array
    {
        $kept = array_map(static fn (string $path): string => explode('.', $path)[0], $kind->figures);

        return array_values(array_filter(
            self::fields($kind->shape),
            static fn (array $field): bool => in_array($field['name'], $kept, true),
        ));
    }

    /** @return list<array<string, mixed>> */
    private static function fields(ObjectShape $object): array
    {
        return array_values(array_map(
            static fn (Field $field): array => [
                'name' => $field->name,
                'label' => $field->label,
                ...($field->group === '' ? [] : ['group' => $field->group]),
                ...($field->required ? ['required' => true] : []),
                ...($field->default === null || ! is_scalar($field->default) ? [] : ['default' => $field->default]),
                // What stands there by itself is never put in or taken away.
                ...($field->default instanceof \stdClass ? ['always' => true] : []),
                ...self::entry($field->shape),
            ],
            array_filter($object->fields, static fn (Field $field): bool => $field->machine === null),
        ));
    }

    /** @return array<string, mixed> how a value of the shape is entered */
    private static function entry(Shape $shape): array
    {
        return match (true) {
            $shape instanceof NullableShape => self::entry($shape->shape),
            $shape instanceof ChoiceShape => ['entry' => 'choice', 'choices' => array_map(
                static fn (string|int $choice): array => [$choice, $shape->label($choice)],
                $shape->choices,
            )],
            $shape instanceof FlagShape => ['entry' => 'flag', 'choices' => [[false, $shape->no], [true, $shape->yes]]],
            $shape instanceof GaugeShape => ['entry' => 'gauge'],
            $shape instanceof NumberShape => ['entry' => 'quantity', 'unit' => $shape->share ? HouseRuleText::SHARE : $shape->unitAlone()],
            $shape instanceof TextShape => ['entry' => 'words', ...($shape->most > self::LONGEST_LINE ? ['long' => true] : [])],
            $shape instanceof ReferenceShape => ['entry' => 'part', 'of' => $shape->kind],
            $shape instanceof PostShape => ['entry' => 'post'],
            $shape instanceof TerminalShape => ['entry' => 'terminal'],
            $shape instanceof PartsShape => ['entry' => 'parts', 'of' => $shape->kind],
            $shape instanceof ObjectShape => [
                'entry' => 'object',
                'fields' => self::fields($shape),
                ...($shape->exactlyOneOf === [] ? [] : ['oneOf' => $shape->exactlyOneOf]),
            ],
            $shape instanceof ListShape => ['entry' => 'list', 'least' => $shape->least, 'most' => $shape->most, 'item' => self::entry($shape->item)],
            $shape instanceof OneOrListShape => ['entry' => 'list', 'least' => 0, 'most' => $shape->most, 'item' => self::entry($shape->item)],
            $shape instanceof MapShape => ['entry' => 'map', 'of' => $shape->key->kind, 'item' => self::entry($shape->value)],
            default => throw new \LogicException('No way is known to enter a '.$shape::class.'.'),
        };
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function ofParts(Shape $shape): array
    {
        return match (true) {
            $shape instanceof NullableShape => self::ofParts($shape->shape),
            $shape instanceof PartsShape => [$shape->kind => self::fields($shape->part), ...self::ofParts($shape->part)],
            $shape instanceof ObjectShape => array_merge(...array_map(
                static fn (Field $field): array => self::ofParts($field->shape),
                array_values($shape->fields),
            )),
            default => [],
        };
    }
}
