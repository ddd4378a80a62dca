<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Conductor\Ampacity;
use Dinghy\Plan\Format\ChoiceShape;
use Dinghy\Plan\Format\Field;
use Dinghy\Plan\Format\FlagShape;
use Dinghy\Plan\Format\ListShape;
use Dinghy\Plan\Format\MapShape;
use Dinghy\Plan\Format\NumberShape;
use Dinghy\Plan\Format\ObjectShape;
use Dinghy\Plan\Format\TextShape;

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
            Field::optional('batteries', new ListShape(SupplyFormat::battery(), 64), []),
            Field::optional('banks', new ListShape(SupplyFormat::bank(), 16), []),
            Field::optional('bonds', new ListShape(SupplyFormat::bond(), 16), []),
            Field::optional('feeds', new ListShape(CircuitFormat::feed(), 128), []),
            Field::optional('blocks', new ListShape(CircuitFormat::block(), 32), []),
            Field::optional('devices', new ListShape(CircuitFormat::device(), 512), []),
            Field::optional('chargers', new ListShape(SupplyFormat::charger(), 16), []),
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
            Field::optional('stock_gauges', new ListShape(CircuitFormat::gauge(), 40, 1), self::DEFAULT_STOCK),
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
            Field::optional('hull_carries_current', new FlagShape),
            Field::optional('engine', new ObjectShape([
                Field::required('battery', TextShape::id()),
                Field::optional('cranking_a', new NumberShape(1, 2000, 'A')),
                Field::optional('min_cca_a', new NumberShape(10, 3000, 'A')),
            ])),
            Field::optional('stations', new ListShape(new ObjectShape([
                Field::required('id', TextShape::id()),
                Field::optional('name', new TextShape(100), ''),
                Field::required('x_m', new NumberShape(-5, 35, 'm')),
                Field::required('y_m', new NumberShape(-10, 10, 'm')),
                Field::optional('kind', new ChoiceShape(['deck', 'locker', 'console', 'battery', 'engine', 'transom', 'motor'])),
                Field::optional('petrol_vapour', new FlagShape),
                Field::optional('inside_mm', new ListShape(new NumberShape(10, 5000, 'mm'), 3, 3)),
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
}
