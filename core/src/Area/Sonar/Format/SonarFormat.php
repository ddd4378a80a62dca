<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Format;

use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Record\WhenGone;
use Dinghy\Sonar\Bottom;
use Dinghy\Sonar\Look;
use Dinghy\Sonar\Signal;
use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\TransducerMount;

/** Transducers, and what leads from their plugs to the sockets of screens. */
final class SonarFormat
{
    public static function transducer(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('part', new TextShape(100))->called('Part of the catalogue'),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::required('mount', ChoiceShape::ofEnum(TransducerMount::class))->called('Mounted'),
            Field::optional('station', ReferenceShape::to('station'))->called('Where it sits'),
            Field::required('functions', self::functions())->called('What it does'),
            Field::required('plug', self::plug())->called('Its plug'),
            Field::optional('to', new NullableShape(new ObjectShape([
                Field::required('device', ReferenceShape::to('device', WhenGone::Rearranged))->called('Device'),
                Field::required('socket', self::id())->called('Socket'),
            ])))->called('Plugged into'),
            Field::optional('via', new NullableShape(new ListShape(self::id(), 12)))->called('Through these adapters'),
            Field::optional('cable_m', new NumberShape(0.05, 60, 'm of cable'))->called('Its own cable'),
            Field::optional('extensions', new ListShape(new ObjectShape([
                Field::optional('part', new TextShape(100))->called('Part of the catalogue'),
                Field::required('length_m', new NumberShape(0.05, 60, 'm of cable'))->called('Length'),
            ]), 4), [])->called('Extensions of its maker'),
            Field::optional('route', CableFormat::route())->called('Route'),
            Field::optional('loop_m', new NumberShape(0, 10, 'm'), 0)->called('Loop its motor needs'),
            ...PulledFormat::fields(),
            Field::optional('bands_khz', new ListShape(new ListShape(new NumberShape(1, 10000, 'kHz'), 2, 2), 8), [])->called('Frequencies', 'As its maker made it'),
            Field::optional('extendable', new FlagShape)->called('Its maker has extensions', 'As its maker made it'),
            Field::optional('beams_deg', new ListShape(new NumberShape(0.1, 179, '°'), 8), [])->called('Beams', 'As its maker made it'),
            Field::optional('wires', new ListShape(new ObjectShape([
                Field::required('colour', self::colour())->called('Colour'),
                Field::required('carries', ChoiceShape::ofEnum(Signal::class))->called('Carries'),
            ]), 24), [])->called('Wires in its cable', 'As its maker made it'),
            Field::optional('motor', ReferenceShape::to('device'))->called('Motor it is on', 'Where it is mounted'),
            Field::optional('below_water_m', new NumberShape(0, 5, 'm'))->called('Below the surface', 'Where it is mounted'),
            Field::optional('above_keel_m', new NumberShape(-2, 5, 'm'))->called('Above the deepest point', 'Where it is mounted'),
            Field::optional('from_propeller_m', new NumberShape(0, 20, 'm'))->called('From the propeller', 'Where it is mounted'),
            Field::optional('behind_strake', new FlagShape)->called('Behind a strake', 'Where it is mounted'),
            Field::optional('hull_there', ChoiceShape::ofEnum(Bottom::class))->called('Bottom there', 'Where it is mounted'),
            Field::optional('looks', ChoiceShape::ofEnum(Look::class))->called('A live one looks', 'How it is used'),
            Field::optional('perspective_mount', new FlagShape)->called('Mount for a flat fan is fitted', 'How it is used'),
            Field::optional('not_with', new ListShape(self::id(), 12), [])->called('Never on together with', 'How it is used'),
        ]);
    }

    public static function adapter(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('part', new TextShape(100))->called('Part of the catalogue'),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::required('from', self::plug())->called('Takes'),
            Field::required('to', self::plug())->called('Ends in'),
            Field::required('passes', self::functions())->called('Passes'),
        ]);
    }

    public static function terminalBlock(): ObjectShape
    {
        $pin = NumberShape::whole(1, 24);

        return new ObjectShape([
            Field::id(),
            Field::optional('part', new TextShape(100))->called('Part of the catalogue'),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::required('from', self::plug())->called('For cut ends of'),
            Field::required('to', self::plug())->called('Ends in'),
            Field::required('pins', new ListShape(new ObjectShape([
                Field::required('pin', $pin)->called('Pin'),
                Field::required('carries', ChoiceShape::ofEnum(Signal::class))->called('Carries'),
            ]), 24))->called('Pins'),
            Field::optional('wired', new ListShape(new ObjectShape([
                Field::required('pin', $pin)->called('Pin'),
                Field::required('colour', self::colour())->called('Wire'),
            ]), 24), [])->called('Landed on them'),
        ]);
    }

    /** A kind of plug, by a name that the boat keeps to. */
    public static function plug(): TextShape
    {
        return new TextShape(60, null, 'a kind of plug, as "sonar-6",', 1);
    }

    public static function id(): TextShape
    {
        return TextShape::id();
    }

    public static function functions(): Shape
    {
        return new ListShape(ChoiceShape::ofEnum(SonarFunction::class), 7);
    }

    private static function colour(): TextShape
    {
        return new TextShape(40, null, 'a colour', 1);
    }
}
