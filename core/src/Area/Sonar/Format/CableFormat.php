<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Format;

use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Network\TrunkCable;
use Dinghy\Record\WhenGone;

/** Network cables, CAN backbones and serial lines. */
final class CableFormat
{
    public static function cable(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('part', new TextShape(100))->called('Part of the catalogue'),
            Field::required('from', ReferenceShape::to('device', WhenGone::GoesToo))->called('From'),
            Field::required('to', ReferenceShape::to('device', WhenGone::GoesToo))->called('To'),
            Field::optional('length_m', self::length())->called('Length'),
            Field::optional('route', self::route())->called('Route'),
            ...PulledFormat::fields(),
        ]);
    }

    public static function backbone(): ObjectShape
    {
        $along = new NumberShape(0, 250, 'm along the trunk');
        $cable = ChoiceShape::ofEnum(TrunkCable::class);

        return new ObjectShape([
            Field::id(),
            Field::optional('cable', $cable, 'light')->called('Cable of the trunk'),
            Field::required('length_m', new NumberShape(0.05, 250, 'm of trunk'))->called('Length of the trunk'),
            Field::optional('terminators', new ListShape(new ChoiceShape(['start', 'end'], [
                'start' => 'at its start',
                'end' => 'at its end',
            ]), 6), [])->called('Terminators'),
            Field::optional('power', new ListShape(new ObjectShape([
                Field::required('at_m', $along)->called('From the start'),
                Field::optional('volts', new NumberShape(0, 32, 'V'))->called('Volts there'),
            ]), 4), [])->called('Power taps'),
            Field::optional('isolated_at_m', $along)->called('Power parted at'),
            Field::optional('nodes', new ListShape(new ObjectShape([
                Field::required('device', ReferenceShape::to('device', WhenGone::Rearranged))->called('Device'),
                Field::required('at_m', $along)->called('Its tee, from the start'),
                Field::optional('drop_m', new NumberShape(0, 100, 'm of drop'), 0)->called('Drop'),
                Field::optional('drop_cable', $cable)->called('Cable of the drop'),
                Field::optional('len', new NumberShape(0, 60), 1)->called('Load units'),
            ]), 80), [])->called('What hangs on it'),
        ]);
    }

    public static function serial(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::required('talker', ReferenceShape::to('device', WhenGone::GoesToo))->called('Talks'),
            Field::required('listeners', new ListShape(ReferenceShape::to('device', WhenGone::Rearranged), 12))->called('Listen'),
            Field::optional('sentences', new ListShape(new TextShape(8, '^[A-Z0-9]{2,8}$', 'a sentence as "DBT"'), 60), [])->called('Sentences'),
            Field::optional('baud', new ChoiceShape([4800, 9600, 38400]), 4800)->called('Baud'),
        ]);
    }

    public static function length(): NumberShape
    {
        return new NumberShape(0.05, 100, 'm of cable');
    }

    /** Stations that a cable goes through. */
    public static function route(): Shape
    {
        return new NullableShape(new ListShape(ReferenceShape::to('station', WhenGone::Rearranged), 40));
    }
}
