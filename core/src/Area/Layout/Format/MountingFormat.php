<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Format;

use Dinghy\File\BoatFormat;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;

/** What is measured where a device is mounted: three to five measures a question, each with a drawing of its own. */
final class MountingFormat
{
    /** @return list<Field> of a device */
    public static function ofDevice(): array
    {
        return [
            Field::optional('at_m', BoatFormat::point())->called('Place on the boat plan', 'Where it is mounted'),
            Field::optional('thrust_n', new NumberShape(1, 5000, 'N'))->called('Thrust', 'As its maker made it'),
            Field::optional('position_hold', new FlagShape, false)->called('Holds its position', 'How it is used'),
            Field::optional('map_orientation', new FlagShape, false)->called('Turns a map by its compass', 'How it is used'),
            Field::optional('calibrated', new FlagShape, false)->called('Compass calibrated', 'How it is used'),
            Field::optional(
                'sky',
                new ChoiceShape(
                    ['open', 'screened', 'under-metal'],
                    ['open' => 'open sky', 'screened' => 'something above it'],
                ),
            )->called('Sees of the sky', 'Where it is mounted'),
            Field::optional('stepped_on', new FlagShape)->called('Stepped on', 'Where it is mounted'),
            Field::optional('deploy', self::deploy())->called('Coming down over the bow', 'Where it is mounted'),
            Field::optional('sweep', self::sweep())->called('Turning at the bow', 'Where it is mounted'),
            Field::optional('shaft', self::shaft())->called('Shaft', 'Where it is mounted'),
            Field::optional('seen_from_helm', self::sight())->called('Seen from the helm', 'Where it is mounted'),
            Field::optional('seen_from_angler', self::sight())->called('Seen by the angler', 'Where it is mounted'),
        ];
    }

    private static function deploy(): ObjectShape
    {
        return new ObjectShape([
            Field::required('setback_m', new NumberShape(-1, 3, 'm'))->called('Front edge of the mount to the outermost edge of the bow'),
            Field::required('reach_m', new NumberShape(0, 3, 'm'))->called('Front edge of the mount to the shaft, down'),
            Field::required('shaft_mm', new NumberShape(5, 400, 'mm'))->called('Across the shaft'),
            Field::optional('edge_drop_m', new NumberShape(0, 2, 'm'), 0)->called('Edge of the bow below the mount'),
            Field::optional('slope_deg', new NumberShape(-30, 30, '°'), 0)->called('Deck rises forward by'),
        ]);
    }

    private static function sweep(): ObjectShape
    {
        $metres = new NumberShape(0.01, 3, 'm');

        return new ObjectShape([
            Field::required('head_m', $metres)->called('Shaft to the farthest end of the head'),
            Field::required('cord_m', $metres)->called('Shaft to the outside of the cord'),
            Field::required('rail_m', $metres)->called('Middle of the boat to the rail'),
            Field::required('door_m', $metres)->called('Shaft aft to the door, lid or screen'),
            Field::optional('offset_m', new NumberShape(0, 2, 'm'), 0)->called('Shaft to one side of the middle'),
        ]);
    }

    private static function shaft(): ObjectShape
    {
        return new ObjectShape([
            Field::required('length_m', new NumberShape(0.3, 4, 'm of shaft'))->called('Length of the shaft'),
            Field::required('mount_height_m', new NumberShape(0, 3, 'm'))->called('Mount above the water, loaded'),
            Field::optional('collar_m', new NumberShape(0, 2, 'm'), 0.05)->called('Shaft left above the mount'),
            Field::optional('lean_deg', new NumberShape(0, 60, '°'), 0)->called('Shaft leans by'),
            Field::optional('water', new ChoiceShape(['calm', 'rough']), 'rough')->called('Water'),
        ]);
    }

    private static function sight(): ObjectShape
    {
        return new ObjectShape([
            Field::required('away_m', new NumberShape(0, 10, 'm'))->called('Eye to the screen, ahead'),
            Field::optional('aside_m', new NumberShape(0, 5, 'm'), 0)->called('To the side'),
            Field::optional('below_m', new NumberShape(-2, 3, 'm'), 0)->called('Screen below the eye'),
            Field::optional('tilt_deg', new NumberShape(-90, 90, '°'), 0)->called('Face tipped back by'),
            Field::optional('turn_deg', new NumberShape(-90, 90, '°'), 0)->called('Face turned to the user by'),
            Field::optional('reached', new FlagShape, true)->called('Within reach'),
        ]);
    }
}
