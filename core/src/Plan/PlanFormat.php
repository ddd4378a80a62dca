<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Battery\Chemistry;
use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Plan\Format\ChoiceShape;
use Dinghy\Plan\Format\Field;
use Dinghy\Plan\Format\FlagShape;
use Dinghy\Plan\Format\ListShape;
use Dinghy\Plan\Format\MapShape;
use Dinghy\Plan\Format\NullableShape;
use Dinghy\Plan\Format\NumberShape;
use Dinghy\Plan\Format\ObjectShape;
use Dinghy\Plan\Format\OneOrListShape;
use Dinghy\Plan\Format\Shape;
use Dinghy\Plan\Format\TextShape;
use Dinghy\Protection\FuseFamily;

/**
 * The keys of the plan file, their shapes, limits and defaults: the one definition that the parser, the JSON Schema
 * (docs/schema/plan-1.json) and the typed plan are made from. What the words mean stands in docs/plan-format.md.
 */
final class PlanFormat
{
    public const NAME = 'dinghy-plan';

    public const VERSION = 1;

    public const DEFAULT_STOCK = ['16 AWG', '14 AWG', '12 AWG', '10 AWG', '8 AWG', '6 AWG', '4 AWG', '2 AWG', '1/0 AWG', '2/0 AWG', '4/0 AWG'];

    public static function shape(): ObjectShape
    {
        static $shape = null;

        return $shape instanceof ObjectShape ? $shape : $shape = new ObjectShape([
            Field::required('format', new ChoiceShape([self::NAME])),
            Field::required('version', new ChoiceShape([self::VERSION])),
            Field::optional('title', new TextShape(200), ''),
            Field::optional('units', ChoiceShape::ofEnum(Units::class), 'metric'),
            Field::optional('house_rules', self::houseRules(), new \stdClass),
            Field::optional('boat', self::boat(), new \stdClass),
            Field::optional('batteries', new ListShape(self::battery(), 64), []),
            Field::optional('banks', new ListShape(self::bank(), 16), []),
            Field::optional('feeds', new ListShape(self::feed(), 128), []),
            Field::optional('blocks', new ListShape(self::block(), 32), []),
            Field::optional('devices', new ListShape(self::device(), 512), []),
            Field::optional('chargers', new ListShape(self::charger(), 16), []),
            Field::optional('network', new ObjectShape([])),
            Field::optional('trip', self::trip()),
        ]);
    }

    public static function houseRules(): ObjectShape
    {
        $percent = new NumberShape(0.1, 50, '%');
        $charge = new NumberShape(0, 1);

        return new ObjectShape([
            Field::optional('drop_pct', new ObjectShape([
                Field::optional('electronics', $percent, 3),
                Field::optional('thrust', $percent, 5),
                Field::optional('general', $percent, 10),
            ]), new \stdClass),
            Field::optional('insulation_c', new ChoiceShape(Ampacity::INSULATION_RATINGS), 105),
            Field::optional('ambient_c', new NumberShape(-20, 55, '°C'), 30),
            Field::optional('conductor_c', new NumberShape(-20, 105, '°C'), 25),
            Field::optional('slack_m', new NumberShape(0, 3, 'm'), 0.3),
            Field::optional('waste_pct', new NumberShape(0, 100, '%'), 10),
            Field::optional('floor_soc', new ObjectShape([
                Field::optional('flooded', $charge, 0.5),
                Field::optional('agm', $charge, 0.5),
                Field::optional('gel', $charge, 0.5),
                Field::optional('lifepo4', $charge, 0.1),
            ]), new \stdClass),
            Field::optional('layup_days', new NumberShape(0, 365, 'days'), 30),
            Field::optional('night_hours', new NumberShape(0, 24, 'h'), 10),
            Field::optional('stock_gauges', new ListShape(self::gauge(), 40, 1), self::DEFAULT_STOCK),
            Field::optional('joint', new ChoiceShape(['crimp-shrink', 'crimp-solder', 'splice']), 'crimp-shrink'),
            Field::optional('first_wires', new ChoiceShape(['charger', 'jumpers']), 'charger'),
        ]);
    }

    private static function boat(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('name', new TextShape(200), ''),
            Field::optional('hull', new ChoiceShape(['fibreglass', 'aluminium', 'pontoon', 'inflatable', 'box'])),
            Field::optional('length_m', new NumberShape(0.3, 30, 'm')),
            Field::optional('beam_m', new NumberShape(0.2, 10, 'm')),
            Field::optional('loaded_kg', new NumberShape(1, 50000, 'kg')),
            Field::optional('fuel', new ChoiceShape(['petrol', 'diesel', 'none'])),
            Field::optional('stations', new ListShape(new ObjectShape([
                Field::required('id', TextShape::id()),
                Field::optional('name', new TextShape(100), ''),
                Field::required('x_m', new NumberShape(-5, 35, 'm')),
                Field::required('y_m', new NumberShape(-10, 10, 'm')),
                Field::optional('kind', new ChoiceShape(['deck', 'locker', 'console', 'battery', 'engine', 'transom', 'motor'])),
            ]), 100), []),
            Field::optional('ways', new ListShape(new ObjectShape([
                Field::required('id', TextShape::id()),
                Field::required('from', TextShape::id()),
                Field::required('to', TextShape::id()),
                Field::required('length_m', new NumberShape(0.01, 40, 'm of way')),
                Field::optional('bore_mm', new NumberShape(3, 300, 'mm')),
                Field::optional('kind', new ChoiceShape(['tube', 'open', 'gunwale'])),
                Field::optional('engine_space', new FlagShape, false),
                Field::optional('occupied_mm', new ListShape(new NumberShape(0.5, 100, 'mm'), 60), []),
            ]), 300), []),
        ]);
    }

    private static function battery(): ObjectShape
    {
        $stud = new ChoiceShape(['#6', '#8', '#10', '1/4', '5/16', '3/8', 'M3.5', 'M4', 'M5', 'M6', 'M8', 'M10']);

        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::required('chemistry', ChoiceShape::ofEnum(Chemistry::class)),
            Field::required('nominal_v', new NumberShape(2, 60, 'V')),
            Field::required('capacity_ah', new NumberShape(0.5, 2000, 'Ah')),
            Field::optional('hour_rate', new NumberShape(1, 100, 'h'), 20),
            Field::optional('cca_a', new NumberShape(10, 3000, 'A')),
            Field::optional('internal_mohm', new NumberShape(0.05, 1000, 'mΩ')),
            Field::optional('rested_v', new NumberShape(0, 70, 'V')),
            Field::optional('soc', new NumberShape(0, 1), 1.0),
            Field::optional('stud_pos', $stud),
            Field::optional('stud_neg', $stud),
            Field::optional('station', TextShape::id()),
            Field::optional('commissioned', new TextShape(10, '^\d{4}-\d{2}(-\d{2})?$', 'a date as 2026-03 or 2026-03-14,')),
            Field::optional('mass_kg', new NumberShape(0.1, 500, 'kg')),
            Field::optional('size_mm', new ListShape(new NumberShape(10, 2000, 'mm'), 3, 3)),
        ]);
    }

    private static function bank(): ObjectShape
    {
        $gauge = self::gauge();
        $length = new NumberShape(0.02, 20, 'm of jumper');

        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::required('strings', new ListShape(new ListShape(TextShape::id(), 16, 1), 8, 1)),
            Field::optional('jumper', new ObjectShape([
                Field::optional('gauge', $gauge, '6 AWG'),
                Field::optional('length_m', $length, 0.3),
            ]), new \stdClass),
            Field::optional('jumpers', new NullableShape(new ListShape(new ObjectShape([
                Field::required('id', TextShape::id()),
                Field::required('from', new TextShape(41, '^[A-Za-z0-9][A-Za-z0-9_.-]*[+-]$', 'a post as "b1+" or "b2-",')),
                Field::required('to', new TextShape(41, '^[A-Za-z0-9][A-Za-z0-9_.-]*[+-]$', 'a post as "b1+" or "b2-",')),
                Field::optional('gauge', $gauge, '6 AWG'),
                Field::optional('length_m', $length, 0.3),
            ]), 64))),
            Field::optional('shunt', new NullableShape(new ObjectShape([
                Field::optional('rating_a', new NumberShape(1, 2000, 'A'), 500),
                Field::optional('mohm', new NumberShape(0.01, 100, 'mΩ'), 0.1),
                Field::optional('capacity_set_ah', new NumberShape(0.5, 5000, 'Ah')),
                Field::optional('stud', new TextShape(10)),
            ]))),
        ]);
    }

    private static function feed(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::required('class', ChoiceShape::ofEnum(LoadClass::class)),
            Field::required('from', new ObjectShape([
                Field::required('bank', TextShape::id()),
                Field::optional('plus', self::terminal(), 'pos'),
                Field::optional('minus', self::terminal(), 'neg'),
            ])),
            Field::optional('protection', new OneOrListShape(new ObjectShape([
                Field::required('family', ChoiceShape::ofEnum(FuseFamily::class)),
                Field::optional('rating_a', new NullableShape(new NumberShape(0.5, 600, 'A'))),
                Field::optional('from_source_m', new NullableShape(new NumberShape(0, 40, 'm'))),
                Field::optional('sheathed', new FlagShape, false),
                Field::optional('max_v', new NumberShape(6, 1000, 'V')),
                Field::optional('breaking_a', new NumberShape(10, 200000, 'A')),
            ]), 4), []),
            Field::optional('switch', new FlagShape, false),
            Field::optional('run', self::run(), new \stdClass),
            Field::required('to', new ObjectShape([
                Field::optional('device', TextShape::id()),
                Field::optional('block', TextShape::id()),
            ], ['device', 'block'])),
        ]);
    }

    private static function block(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('station', TextShape::id()),
            Field::optional('circuits', NumberShape::whole(1, 48)),
            Field::optional('branches', new ListShape(new ObjectShape([
                Field::required('id', TextShape::id()),
                Field::required('class', ChoiceShape::ofEnum(LoadClass::class)),
                Field::optional('family', ChoiceShape::ofEnum(FuseFamily::class), 'blade'),
                Field::optional('fuse_a', new NullableShape(new NumberShape(0.5, 600, 'A'))),
                Field::optional('run', self::run(), new \stdClass),
                Field::required('to', new ObjectShape([Field::required('device', TextShape::id())])),
            ]), 48), []),
        ]);
    }

    private static function run(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('route', new NullableShape(new ListShape(TextShape::id(), 40, 2))),
            Field::optional('length_m', new NullableShape(new NumberShape(0.05, 60, 'm of run, one way'))),
            Field::optional('gauge', new NullableShape(self::gauge())),
            Field::optional('metal', ChoiceShape::ofEnum(Metal::class), 'tinned-copper'),
            Field::optional('cable', new ChoiceShape(['single', 'pair']), 'single'),
            Field::optional('bundled', NumberShape::whole(1, 100), 2),
            Field::optional('extra_mohm', new NumberShape(0, 2000, 'mΩ'), 0),
        ]);
    }

    private static function device(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('name', new TextShape(100), ''),
            Field::required('kind', ChoiceShape::ofEnum(DeviceKind::class)),
            Field::optional('station', TextShape::id()),
            Field::required('v_min', new NumberShape(0, 80, 'V')),
            Field::required('v_max', new NumberShape(0.5, 80, 'V')),
            Field::required('typical_a', new NumberShape(0, 400, 'A')),
            Field::required('peak_a', new NumberShape(0, 600, 'A')),
            Field::optional('standby_a', new NumberShape(0, 50, 'A'), 0.0),
            Field::optional('load', ChoiceShape::ofEnum(LoadKind::class), 'power'),
            Field::optional('fuse_a', new NullableShape(new NumberShape(0.5, 600, 'A'))),
            Field::optional('lead', new NullableShape(new ObjectShape([
                Field::required('gauge', self::gauge()),
                Field::required('length_m', new NumberShape(0.02, 20, 'm of lead')),
            ]))),
        ]);
    }

    private static function charger(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('input', new ChoiceShape(['mains', 'alternator', 'solar', 'dc-dc'])),
            Field::optional('outputs', new ListShape(new ObjectShape([
                Field::required('battery', TextShape::id()),
                Field::required('amps', new NumberShape(0.1, 300, 'A')),
                Field::required('profile', new ChoiceShape(['flooded', 'agm', 'gel', 'lifepo4'])),
                Field::optional('fuse_at', new ChoiceShape(['battery', 'charger'])),
                Field::optional('lead', new NullableShape(new ObjectShape([
                    Field::required('gauge', self::gauge()),
                    Field::required('length_m', new NumberShape(0.02, 20, 'm of lead')),
                ]))),
            ]), 12), []),
        ]);
    }

    private static function trip(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('hours', new NumberShape(0, 240, 'h')),
            Field::optional('phases', new ListShape(new ObjectShape([
                Field::optional('name', new TextShape(100), ''),
                Field::optional('hours', new NumberShape(0, 240, 'h'), 1),
                Field::optional('on', new MapShape(new NumberShape(0, 1), 512), new \stdClass),
                Field::optional('engine', new FlagShape, false),
            ]), 100), []),
            Field::optional('ambient_c', new NumberShape(-40, 55, '°C')),
        ]);
    }

    private static function gauge(): Shape
    {
        return new ChoiceShape(Gauge::names());
    }

    private static function terminal(): Shape
    {
        return new TextShape(10, '^(neg|pos|tap:[1-9][0-9]?|(pos|neg)@[1-9][0-9]?)$', 'a terminal as "neg", "pos", "tap:1" or "pos@2",');
    }
}
