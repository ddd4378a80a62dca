<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\NamingShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TerminalShape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Quantity\Units;

/**
 * What a person typed into a field of a plan, or into the fields of what goes there whole, as the file holds it. A text
 * that stands where a number belongs is read with its unit; numbers that are there already stay as they are.
 */
final readonly class TypedValue
{
    /** Names that TypedQuantity knows the unit of, by the unit of a shape. */
    private const NAMES = [
        'A' => 'any_a', 'V' => 'any_v', 'Ah' => 'any_ah', 'mΩ' => 'any_mohm', '%' => 'any_pct', '°C' => 'any_celsius', '°' => 'any_deg',
        'N' => 'any_n', 'kg' => 'any_kg', 'm²' => 'any_m2', 'h' => 'any_hours', 'days' => 'any_days', 'mm' => 'any_mm', 'kHz' => 'any_khz',
    ];

    public function __construct(private Units $units)
    {
    }

    /**
     * @param  Shape  $shape  of the field
     * @param  string  $name  of the field, as in a patch
     * @param  mixed  $value  decoded JSON with objects as \stdClass
     * @param  string|null  $shown  what stood there: a bare number over "5.9 in" is inches
     *
     * @throws QuantityRefused
     */
    public function read(Shape $shape, string $name, mixed $value, ?string $shown = null): mixed
    {
        return match (true) {
            $shape instanceof NullableShape => $this->read($shape->shape, $name, $value, $shown),
            $value instanceof \stdClass => $this->readObject($shape, $value),
            is_array($value) => array_map(
                fn (mixed $item, int $at): mixed => $this->read($shape->inner((string) $at) ?? $shape, "{$name}.{$at}", $item),
                array_values($value),
                array_keys(array_values($value)),
            ),
            ! is_string($value) => $value,
            $shape instanceof NumberShape => $this->number($shape, $name, $value, $shown),
            $shape instanceof ChoiceShape => self::choice($shape, $value),
            $shape instanceof FlagShape => ['yes' => true, 'no' => false][$value] ?? $value,
            $shape instanceof TextShape, $shape instanceof NamingShape, $shape instanceof TerminalShape => trim($value) === '' ? null : trim($value),
            $shape instanceof ObjectShape => $value,
            // What holds several numbers in one, as a gauge or a box, its name tells.
            default => TypedQuantity::read(self::asKnown($shape, $name), $value, $this->units, $shown),
        };
    }

    /** Fields left empty are not given. */
    private function readObject(Shape $shape, \stdClass $value): \stdClass
    {
        $read = new \stdClass;
        foreach (get_object_vars($value) as $name => $inner) {
            $of = $shape->inner((string) $name);
            $given = $of === null ? $inner : $this->read($of, (string) $name, $inner);
            if ($given !== null || $inner === null) {
                $read->{$name} = $given;
            }
        }

        return $read;
    }

    /** @return float|string|list<float>|null */
    private function number(NumberShape $shape, string $name, string $typed, ?string $shown): float|string|array|null
    {
        if ($shape->share) {
            $number = TypedQuantity::read('any_pct', $typed, $this->units);

            // "50 %" and "50" are a half; "0.5" is what the file holds.
            return is_float($number) && ($number > 1 || str_contains($typed, '%')) ? $number / 100 : $number;
        }

        return TypedQuantity::read(self::asKnown($shape, $name), $typed, $this->units, $shown);
    }

    private static function asKnown(Shape $shape, string $name): string
    {
        if ($shape instanceof GaugeShape) {
            return 'gauge';
        }
        $unit = $shape instanceof NumberShape ? $shape->unitAlone() : '';
        $last = substr($name, (int) strrpos('.'.$name, '.'));

        // A length keeps its name, which says whether it may lie on either side.
        return self::NAMES[$unit] ?? ($unit === 'm' && ! str_ends_with($last, '_m') ? 'any_m' : $name);
    }

    private static function choice(ChoiceShape $shape, string $value): string|int
    {
        foreach ($shape->choices as $choice) {
            if ((string) $choice === $value) {
                return $choice;
            }
        }

        return $value;
    }
}
