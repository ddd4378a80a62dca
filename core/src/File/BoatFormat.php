<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Hull\HullKind;
use Dinghy\Plan\HoleMaterial;
use Dinghy\Plan\HoleUse;
use Dinghy\Plan\Way;
use Dinghy\Plan\WayKind;

/** The part of the plan format that is the boat herself: hull, stations, ways, holes to be drilled, boards made up on the bench. */
final class BoatFormat
{
    public static function boat(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('name', new TextShape(200), ''),
            Field::optional('hull', ChoiceShape::ofEnum(HullKind::class)),
            Field::optional('length_m', new NumberShape(0.3, 30, 'm')),
            Field::optional('beam_m', new NumberShape(0.2, 10, 'm')),
            Field::optional('loaded_kg', new NumberShape(1, 50000, 'kg')),
            Field::optional('windage_m2', new NumberShape(0.05, 100, 'm²')),
            Field::optional('fuel', new ChoiceShape(['petrol', 'diesel', 'none'])),
            Field::optional('hull_carries_current', new FlagShape),
            Field::optional('compass_m', self::point()),
            Field::optional('engine', new ObjectShape([
                Field::required('battery', TextShape::id()),
                Field::optional('cranking_a', new NumberShape(1, 2000, 'A')),
                Field::optional('min_cca_a', new NumberShape(10, 3000, 'A')),
            ])),
            Field::optional('stations', new ListShape(self::station(), 100), []),
            Field::optional('ways', new ListShape(self::way(), 300), []),
        ]);
    }

    /** A hole that is to be drilled. */
    public static function hole(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('name', new TextShape(100), ''),
            Field::optional('station', TextShape::id()),
            Field::optional('for', ChoiceShape::ofEnum(HoleUse::class), 'screw'),
            Field::required('diameter_mm', new NumberShape(0.5, 300, 'mm')),
            Field::optional('material', ChoiceShape::ofEnum(HoleMaterial::class), 'fibreglass'),
            Field::optional('behind', new TextShape(300), ''),
            Field::optional('below_water', new FlagShape, false),
        ]);
    }

    /** A board with switches, breakers and blocks; measures from its lower left corner. */
    public static function board(): ObjectShape
    {
        $millimetres = new NumberShape(0, 2000, 'mm');
        $side = new NumberShape(5, 2000, 'mm');

        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('name', new TextShape(100), ''),
            Field::optional('station', TextShape::id()),
            Field::required('width_mm', $side),
            Field::required('height_mm', $side),
            Field::optional('colour', new TextShape(30)),
            Field::optional('parts', new ListShape(new ObjectShape([
                Field::required('name', new TextShape(100, null, 'text', 1)),
                Field::required('x_mm', $millimetres),
                Field::required('y_mm', $millimetres),
                Field::required('width_mm', $side),
                Field::required('height_mm', $side),
                Field::optional('holes', new ListShape(new ObjectShape([
                    Field::required('x_mm', $millimetres),
                    Field::required('y_mm', $millimetres),
                    Field::required('diameter_mm', new NumberShape(0.5, 200, 'mm')),
                ]), 20), []),
            ]), 40), []),
        ]);
    }

    private static function station(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('name', new TextShape(100), ''),
            Field::required('x_m', self::along()),
            Field::required('y_m', self::across()),
            Field::optional('kind', new ChoiceShape(['deck', 'locker', 'console', 'battery', 'engine', 'transom', 'motor'])),
            Field::optional('petrol_vapour', new FlagShape),
            Field::optional('inside_mm', new ListShape(new NumberShape(10, 5000, 'mm'), 3, 3)),
            Field::optional('lid', new ChoiceShape(['none', 'forward', 'aft', 'port', 'starboard'])),
            Field::optional('moves', new FlagShape, false),
            Field::optional('celsius', new NumberShape(-20, 90, '°C')),
        ]);
    }

    private static function way(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::required('from', TextShape::id()),
            Field::required('to', TextShape::id()),
            Field::required('length_m', new NumberShape(0.01, 40, 'm of way')),
            Field::optional('measured', new ChoiceShape(['tape', 'drawing']), 'tape'),
            Field::optional('bends_m', new ListShape(self::point(), 20), []),
            Field::optional('bore_mm', new NumberShape(3, 300, 'mm')),
            Field::optional('kind', ChoiceShape::ofEnum(WayKind::class)),
            Field::optional('engine_space', new FlagShape, false),
            Field::optional('occupied_mm', new ListShape(new NumberShape(0.5, 100, 'mm'), 60), []),
            Field::optional('curved', new FlagShape, false),
            Field::optional('old_wire', new FlagShape, false),
            Field::optional('pull_cord', new FlagShape),
            Field::optional('spare_cable', new FlagShape, false),
            Field::optional('support_m', new NumberShape(0.05, 10, 'm'), Way::HELD_EVERY),
            Field::optional('chafe', new ChoiceShape(['protected', 'bulkhead', 'edge']), 'protected'),
        ]);
    }

    /** A place in the boat: x forward from the transom, y to port. */
    public static function point(): Shape
    {
        return new ObjectShape([Field::required('x_m', self::along()), Field::required('y_m', self::across())]);
    }

    private static function along(): Shape
    {
        return new NumberShape(-5, 35, 'm');
    }

    private static function across(): Shape
    {
        return new NumberShape(-10, 10, 'm');
    }
}
