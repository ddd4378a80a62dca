<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Hull\HullKind;
use Dinghy\Record\WhenGone;

/** The part of the plan format that is the boat herself, and how places in her are written. */
final class BoatFormat
{
    public static function boat(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('name', new TextShape(200), '')->called('Name of the boat'),
            Field::optional('hull', ChoiceShape::ofEnum(HullKind::class))->called('Hull'),
            Field::optional('length_m', new NumberShape(0.3, 30, 'm'))->called('Length'),
            Field::optional('beam_m', new NumberShape(0.2, 10, 'm'))->called('Beam'),
            Field::optional('loaded_kg', new NumberShape(1, 50000, 'kg'))->called('Mass, loaded'),
            Field::optional('windage_m2', new NumberShape(0.05, 100, 'm²'))->called('Side that the wind finds'),
            Field::optional('fuel', new ChoiceShape(['petrol', 'diesel', 'none']))->called('Fuel aboard'),
            Field::optional('hull_carries_current', new FlagShape)->called('Hull carries return current'),
            Field::optional('hull_joins', new TextShape(200), '')->called('Where else a minus joins the hull'),
            Field::optional('compass_m', self::point())->called('Compass'),
            Field::optional('engine', new ObjectShape([
                Field::required('battery', ReferenceShape::to('battery', WhenGone::Rearranged))->called('Started by battery'),
                Field::optional('cranking_a', new NumberShape(1, 2000, 'A'))->called('Starter draws'),
                Field::optional('min_cca_a', new NumberShape(10, 3000, 'A'))->called('Cold cranking amps it asks for'),
                Field::optional('joins_hull', new FlagShape)->called('Joins minus to a metal hull'),
            ]))->called('Engine'),
        ]);
    }

    /** A place in the boat: x forward from the transom, y to port. */
    public static function point(): Shape
    {
        return new ObjectShape([Field::required('x_m', self::along())->called('Forward from the transom'), Field::required('y_m', self::across())->called('To port of the middle')]);
    }

    /** m forward from the transom */
    public static function along(): Shape
    {
        return new NumberShape(-5, 35, 'm');
    }

    /** m to port of the centreline */
    public static function across(): Shape
    {
        return new NumberShape(-10, 10, 'm');
    }
}
