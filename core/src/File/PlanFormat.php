<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\Conductor\Ampacity;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\MapShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Quantity\Units;

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
            Field::optional('own_house_rules', new ListShape(new TextShape(60), 100)),
            Field::optional('boat', BoatFormat::boat(), new \stdClass),
            Field::optional('batteries', new ListShape(SupplyFormat::battery(), 64), []),
            Field::optional('banks', new ListShape(SupplyFormat::bank(), 16), []),
            Field::optional('bonds', new ListShape(SupplyFormat::bond(), 16), []),
            Field::optional('feeds', new ListShape(CircuitFormat::feed(), 128), []),
            Field::optional('blocks', new ListShape(CircuitFormat::block(), 32), []),
            Field::optional('devices', new ListShape(CircuitFormat::device(), 512), []),
            Field::optional('chargers', new ListShape(SupplyFormat::charger(), 16), []),
            Field::optional('network', new ObjectShape([])),
            Field::optional('trip', self::trip()),
            Field::optional('holes', new ListShape(BoatFormat::hole(), 200), []),
            Field::optional('boards', new ListShape(BoatFormat::board(), 20), []),
            Field::optional('survey', SurveyFormat::survey()),
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
            Field::optional('winter_days', new NumberShape(0, 365, 'days'), 180),
            Field::optional('night_hours', new NumberShape(0, 24, 'h'), 10),
            Field::optional('stock_gauges', new ListShape(CircuitFormat::gauge(), 40, 1), self::DEFAULT_STOCK),
            Field::optional('joint', new ChoiceShape(['crimp-shrink', 'crimp-solder', 'splice']), 'crimp-shrink'),
            Field::optional('first_wires', new ChoiceShape(['charger', 'jumpers']), 'charger'),
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
