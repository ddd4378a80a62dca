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
            Field::optional('at_m', BoatFormat::point()),
            Field::optional('thrust_n', new NumberShape(1, 5000, 'N')),
            Field::optional('position_hold', new FlagShape, false),
            Field::optional('map_orientation', new FlagShape, false),
            Field::optional('calibrated', new FlagShape, false),
            Field::optional(
                'sky',
                new ChoiceShape(
                    ['open', 'screened', 'under-metal'],
                    ['open' => 'open sky', 'screened' => 'something above it'],
                ),
            ),
            Field::optional('stepped_on', new FlagShape),
            Field::optional('deploy', self::deploy()),
            Field::optional('sweep', self::sweep()),
            Field::optional('shaft', self::shaft()),
            Field::optional('seen_from_helm', self::sight()),
            Field::optional('seen_from_angler', self::sight()),
        ];
    }

    private static function deploy(): ObjectShape
    {
        return new ObjectShape([
            Field::required('setback_m', new NumberShape(-1, 3, 'm')),
            Field::required('reach_m', new NumberShape(0, 3, 'm')),
            Field::required('shaft_mm', new NumberShape(5, 400, 'mm')),
            Field::optional('edge_drop_m', new NumberShape(0, 2, 'm'), 0),
            Field::optional('slope_deg', new NumberShape(-30, 30, '°'), 0),
        ]);
    }

    private static function sweep(): ObjectShape
    {
        $metres = new NumberShape(0.01, 3, 'm');

        return new ObjectShape([
            Field::required('head_m', $metres),
            Field::required('cord_m', $metres),
            Field::required('rail_m', $metres),
            Field::required('door_m', $metres),
            Field::optional('offset_m', new NumberShape(0, 2, 'm'), 0),
        ]);
    }

    private static function shaft(): ObjectShape
    {
        return new ObjectShape([
            Field::required('length_m', new NumberShape(0.3, 4, 'm of shaft')),
            Field::required('mount_height_m', new NumberShape(0, 3, 'm')),
            Field::optional('collar_m', new NumberShape(0, 2, 'm'), 0.05),
            Field::optional('lean_deg', new NumberShape(0, 60, '°'), 0),
            Field::optional('water', new ChoiceShape(['calm', 'rough']), 'rough'),
        ]);
    }

    private static function sight(): ObjectShape
    {
        return new ObjectShape([
            Field::required('away_m', new NumberShape(0, 10, 'm')),
            Field::optional('aside_m', new NumberShape(0, 5, 'm'), 0),
            Field::optional('below_m', new NumberShape(-2, 3, 'm'), 0),
            Field::optional('tilt_deg', new NumberShape(-90, 90, '°'), 0),
            Field::optional('turn_deg', new NumberShape(-90, 90, '°'), 0),
            Field::optional('reached', new FlagShape, true),
        ]);
    }
}
