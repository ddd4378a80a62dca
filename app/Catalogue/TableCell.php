<?php

declare(strict_types=1);

namespace App\Catalogue;

use Dinghy\File\GaugeShape;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\Shape;

/**
 * A figure of a part as a cell of a table. Lists of words or numbers stand with spaces between them; where each item is more
 * than one word, a semicolon stands between items: "185 225; 400 500", "red sonar+; black sonar-", "s1 sonar-9 depth temperature".
 * What comes last in an item may be a list; a word with a space in it stands in quotes. Measures are written "340x180x270", a gauge with its unit.
 */
final readonly class TableCell
{
    private const MEASURES = 3;

    public static function written(Shape $shape, mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            $value instanceof \stdClass => implode(' ', self::words($shape, $value)),
            is_array($value) && self::areMeasures($shape) => implode('x', array_map(strval(...), array_filter($value, is_scalar(...)))),
            is_array($value) => implode(self::isPlainList($shape) ? ' ' : '; ', array_map(
                static fn (mixed $item): string => self::written(self::bare($shape)->inner('0') ?? $shape, $item),
                $value,
            )),
            default => is_scalar($value) ? (string) $value : '',
        };
    }

    /** @return mixed null: it is not understood */
    public static function read(Shape $shape, string $cell): mixed
    {
        $shape = self::bare($shape);

        return match (true) {
            $shape instanceof FlagShape => ['yes' => true, 'true' => true, '1' => true, 'no' => false, 'false' => false, '0' => false][strtolower($cell)] ?? null,
            $shape instanceof ListShape && self::areMeasures($shape) => self::items(explode('x', $cell), $shape->item, self::MEASURES),
            $shape instanceof ListShape => self::items(self::isPlainList($shape) ? self::split($cell) : explode(';', $cell), $shape->item),
            $shape instanceof ObjectShape => self::object($shape, $cell),
            $shape instanceof NumberShape || ($shape instanceof ChoiceShape && ! is_string($shape->choices[0])) => self::number($cell),
            default => $cell,
        };
    }

    /** A comma for the decimal is taken as well, as half the world writes it. */
    public static function number(string $cell): int|float|null
    {
        $number = str_replace(',', '.', $cell);

        return is_numeric($number) && is_finite((float) $number) ? 0 + $number : null;
    }

    /** What is left over of the words is the first one's: a gauge has its unit with it. */
    private static function object(ObjectShape $shape, string $cell): ?\stdClass
    {
        $words = self::split($cell);
        $fields = $shape->fields;
        $last = array_pop($fields);
        if ($last === null || count($words) <= count($fields)) {
            return null;
        }
        $takesRest = self::bare($last->shape) instanceof ListShape;
        $first = $takesRest ? 1 : count($words) - count($fields);
        $cells = [
            implode(' ', array_slice($words, 0, $first)),
            ...array_slice($words, $first, count($fields) - 1),
            implode(' ', array_slice($words, $first + count($fields) - 1)),
        ];
        $object = new \stdClass;
        foreach (array_values($shape->fields) as $at => $field) {
            $value = self::read($field->shape, $cells[$at]);
            if ($value === null) {
                return null;
            }
            $object->{$field->name} = $value;
        }

        return $object;
    }

    /** @return list<string> */
    private static function words(Shape $shape, \stdClass $value): array
    {
        $words = [];
        foreach ($shape instanceof ObjectShape ? $shape->fields : [] as $name => $field) {
            $word = self::written($field->shape, get_object_vars($value)[$name] ?? null);
            $isOneWord = ! $field->shape instanceof GaugeShape && ! self::bare($field->shape) instanceof ListShape;
            $words[] = $isOneWord && str_contains($word, ' ') ? '"'.$word.'"' : $word;
        }

        return $words;
    }

    /**
     * @param  list<string>  $cells
     * @return list<mixed>|null
     */
    private static function items(array $cells, Shape $item, ?int $count = null): ?array
    {
        $items = [];
        foreach ($cells as $cell) {
            $value = trim($cell) === '' ? null : self::read($item, trim($cell));
            if ($value === null) {
                return null;
            }
            $items[] = $value;
        }

        return $count === null || count($items) === $count ? $items : null;
    }

    /** @return list<string> */
    private static function split(string $cell): array
    {
        $words = str_getcsv((string) preg_replace('/\s+/', ' ', trim($cell)), ' ', '"', '');

        return array_values(array_filter($words, static fn (?string $word): bool => $word !== null && $word !== ''));
    }

    private static function bare(Shape $shape): Shape
    {
        return NullableShape::within($shape);
    }

    private static function areMeasures(Shape $shape): bool
    {
        $shape = self::bare($shape);

        return $shape instanceof ListShape && $shape->least === self::MEASURES && $shape->most === self::MEASURES;
    }

    /** Whether each item is one word. */
    private static function isPlainList(Shape $shape): bool
    {
        $item = $shape instanceof ListShape ? self::bare($shape->item) : $shape;

        return ! $item instanceof ObjectShape && ! $item instanceof ListShape;
    }
}
