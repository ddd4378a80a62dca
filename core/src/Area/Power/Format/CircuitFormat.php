<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Format;

use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\Metal;
use Dinghy\File\GaugeShape;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\OneOrListShape;
use Dinghy\File\Shape\PartsShape;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Fastening;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\LoadKind;
use Dinghy\Plan\Run;
use Dinghy\Plan\WireKind;
use Dinghy\Protection\FuseFamily;
use Dinghy\Record\WhenGone;

/** The part of the plan format that current goes through: feeds, fuse blocks, runs, devices. */
final class CircuitFormat
{
    public static function feed(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::required('class', ChoiceShape::ofEnum(LoadClass::class)),
            Field::required('from', self::source()),
            Field::optional('protection', new OneOrListShape(self::protection(), 4), []),
            Field::optional('switch', new FlagShape, false),
            Field::optional('switch_rating_a', new NumberShape(1, 2000, 'A')),
            Field::optional('fastening', ChoiceShape::ofEnum(Fastening::class), 'nut'),
            Field::optional('plus_hole', SupplyFormat::stud()),
            Field::optional('minus_hole', SupplyFormat::stud()),
            Field::optional('run', self::run(), new \stdClass),
            Field::required('to', self::target()),
        ]);
    }

    /** The two terminals of a bank that current is taken from. */
    public static function source(): ObjectShape
    {
        return new ObjectShape([
            Field::required('bank', ReferenceShape::to('bank', WhenGone::GoesToo)),
            Field::optional('plus', self::terminal(), 'pos'),
            Field::optional('minus', self::terminal(), 'neg'),
            Field::optional('past_shunt', new FlagShape, false),
        ]);
    }

    private static function target(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('device', ReferenceShape::to('device', WhenGone::GoesToo)),
            Field::optional('block', ReferenceShape::to('block', WhenGone::GoesToo)),
        ], ['device', 'block']);
    }

    public static function block(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('part', new TextShape(100)),
            Field::optional('station', ReferenceShape::to('station')),
            Field::optional('circuits', NumberShape::whole(1, 48)),
            Field::optional('rating_a', new NumberShape(1, 2000, 'A')),
            Field::optional('ignition_protected', new FlagShape),
            Field::optional('branches', new PartsShape('branch', new ObjectShape([
                Field::required('id', TextShape::id()),
                Field::required('class', ChoiceShape::ofEnum(LoadClass::class)),
                Field::optional('family', ChoiceShape::ofEnum(FuseFamily::class), 'blade'),
                Field::optional('fuse_a', new NullableShape(new NumberShape(0.5, 600, 'A'))),
                Field::optional('run', self::run(), new \stdClass),
                Field::required('to', self::target()),
            ]), 48), []),
        ]);
    }

    private static function run(): ObjectShape
    {
        return new ObjectShape([
            Field::optional(
                'route',
                new NullableShape(new ListShape(ReferenceShape::to('station', WhenGone::Rearranged), 40, 2)),
            ),
            Field::optional('length_m', new NullableShape(new NumberShape(0.05, 60, 'm of run, one way'))),
            Field::optional('slack_from_m', new NumberShape(0, Run::MOST_SLACK, 'm of slack')),
            Field::optional('slack_to_m', new NumberShape(0, Run::MOST_SLACK, 'm of slack')),
            Field::optional(
                'minus_route',
                new NullableShape(new ListShape(ReferenceShape::to('station', WhenGone::Rearranged), 40, 2)),
            ),
            Field::optional('drip_loop', new FlagShape, true),
            Field::optional('gauge', new NullableShape(GaugeShape::of())),
            Field::optional('metal', ChoiceShape::ofEnum(Metal::class), 'tinned-copper'),
            Field::optional('cable', new ChoiceShape(['single', 'pair']), 'single'),
            Field::optional('bundled', NumberShape::whole(1, 100), 2),
            Field::optional('extra_mohm', new NumberShape(0, 2000, 'mΩ'), 0),
            Field::optional('wire', ChoiceShape::ofEnum(WireKind::class), 'marine'),
            Field::optional('plus_colour', new TextShape(30)),
            Field::optional('minus_colour', new TextShape(30)),
            Field::optional('connectors', new ListShape(self::connector(), 12), []),
            Field::optional('plug', new NullableShape(new ObjectShape([
                Field::required('rating_a', new NumberShape(0.5, 600, 'A')),
                Field::required('max_v', new NumberShape(5, 1000, 'V')),
                Field::optional('keyed', new FlagShape, true),
            ]))),
        ]);
    }

    public static function device(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('part', new TextShape(100)),
            Field::optional('name', new TextShape(100), ''),
            Field::required('kind', ChoiceShape::ofEnum(DeviceKind::class)),
            Field::optional('station', ReferenceShape::to('station')),
            Field::required('v_min', new NumberShape(0, 80, 'V')),
            Field::required('v_max', new NumberShape(0.5, 80, 'V')),
            Field::required('typical_a', new NumberShape(0, 400, 'A')),
            Field::required('peak_a', new NumberShape(0, 600, 'A')),
            Field::optional('standby_a', new NumberShape(0, 50, 'A'), 0.0),
            Field::optional('load', ChoiceShape::ofEnum(LoadKind::class)),
            Field::optional('fuse_a', new NullableShape(new NumberShape(0.5, 600, 'A'))),
            Field::optional('lead', new NullableShape(new ObjectShape([
                Field::required('gauge', GaugeShape::of()),
                Field::required('length_m', new NumberShape(0.02, 20, 'm of lead')),
                Field::optional('connector', self::connector()),
            ]))),
            Field::optional('longest_runs', new ListShape(new ObjectShape([
                Field::required('gauge', GaugeShape::of()),
                Field::required('length_m', new NumberShape(0.1, 60, 'm of run, one way')),
            ]), 12), []),
            Field::optional('always_on', new FlagShape, false),
            Field::optional('keyed_plug', new FlagShape, false),
            Field::optional('data', new TextShape(40)),
        ]);
    }

    /** A wire as it is kept on the reel. */
    public static function wire(): ObjectShape
    {
        return new ObjectShape([
            Field::required('gauge', GaugeShape::of()),
            Field::optional('cable', new ChoiceShape(['single', 'pair']), 'single'),
            Field::optional('insulation_c', new ChoiceShape(Ampacity::INSULATION_RATINGS)),
        ]);
    }

    public static function protection(): ObjectShape
    {
        return new ObjectShape([
            Field::required('family', ChoiceShape::ofEnum(FuseFamily::class)),
            Field::optional('rating_a', new NullableShape(new NumberShape(0.5, 600, 'A'))),
            Field::optional('from_source_m', new NullableShape(new NumberShape(0, 40, 'm'))),
            Field::optional('sheathed', new FlagShape, false),
            Field::optional('max_v', new NumberShape(6, 1000, 'V')),
            Field::optional('breaking_a', new NumberShape(10, 200000, 'A')),
            Field::optional('ignition_protected', new FlagShape),
            Field::optional('resets_itself', new FlagShape),
            Field::optional('trip_free', new FlagShape),
        ]);
    }

    /** A splice, lug or quick connector with the thinnest and the thickest gauge that it is made for. */
    public static function connector(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('name', new TextShape(60), ''),
            Field::required('thinnest', GaugeShape::of()),
            Field::required('thickest', GaugeShape::of()),
        ]);
    }

    private static function terminal(): Shape
    {
        return new TextShape(
            10,
            '^(neg|pos|tap:[1-9][0-9]?|(pos|neg)@[1-9][0-9]?)$',
            'a terminal as "neg", "pos", "tap:1" or "pos@2",',
        );
    }
}
