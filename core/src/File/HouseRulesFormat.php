<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\Conductor\Ampacity;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\Plan\JointStyle;
use Dinghy\Plan\LabelStyle;

/** The part of the plan format that a shop decides for itself, with Dinghy's defaults. */
final class HouseRulesFormat
{
    private const DEFAULT_STOCK = [
        '16 AWG', '14 AWG', '12 AWG', '10 AWG', '8 AWG', '6 AWG', '4 AWG', '2 AWG', '1/0 AWG', '2/0 AWG', '4/0 AWG',
    ];

    public static function shape(): ObjectShape
    {
        $percent = new NumberShape(0.1, 50, '%');
        $charge = NumberShape::share();
        $labels = array_column(HouseRuleText::all(), 'label', 'field');

        return new ObjectShape([
            Field::optional('drop_pct', new ObjectShape([
                Field::optional('electronics', $percent, 3)->called($labels['drop_pct.electronics']),
                Field::optional('thrust', $percent, 5)->called($labels['drop_pct.thrust']),
                Field::optional('general', $percent, 10)->called($labels['drop_pct.general']),
            ]), new \stdClass)->called('Drop allowed'),
            Field::optional('insulation_c', new ChoiceShape(Ampacity::INSULATION_RATINGS), 105)->called($labels['insulation_c']),
            Field::optional('ambient_c', new NumberShape(-20, 55, '°C'), 30)->called($labels['ambient_c']),
            Field::optional('conductor_c', new NumberShape(-20, 105, '°C'), 25)->called($labels['conductor_c']),
            Field::optional('slack_m', new NumberShape(0, 3, 'm'), 0.3)->called($labels['slack_m']),
            Field::optional('waste_pct', new NumberShape(0, 100, '%'), 10)->called($labels['waste_pct']),
            Field::optional('floor_soc', new ObjectShape([
                Field::optional('flooded', $charge, 0.5)->called($labels['floor_soc.flooded']),
                Field::optional('agm', $charge, 0.5)->called($labels['floor_soc.agm']),
                Field::optional('gel', $charge, 0.5)->called($labels['floor_soc.gel']),
                Field::optional('lifepo4', $charge, 0.1)->called($labels['floor_soc.lifepo4']),
            ]), new \stdClass)->called('Batteries not run below'),
            Field::optional('layup_days', new NumberShape(0, 365, 'days'), 30)->called($labels['layup_days']),
            Field::optional('winter_days', new NumberShape(0, 365, 'days'), 180)->called($labels['winter_days']),
            Field::optional('winter_c', new NumberShape(-30, 40, '°C'), 5)->called($labels['winter_c']),
            Field::optional('night_hours', new NumberShape(0, 24, 'h'), 10)->called($labels['night_hours']),
            Field::optional('stock_gauges', new ListShape(GaugeShape::of(), 40, 1), self::DEFAULT_STOCK)->called($labels['stock_gauges']),
            Field::optional('joint', ChoiceShape::ofEnum(JointStyle::class), 'crimp-shrink')->called($labels['joint']),
            Field::optional('labels', ChoiceShape::ofEnum(LabelStyle::class), 'full')->called($labels['labels']),
            Field::optional('cut_after_pull_m', new NumberShape(0, 60, 'm'), 3)->called($labels['cut_after_pull_m']),
            Field::optional('remnant_m', new NumberShape(0, 60, 'm'), 1)->called($labels['remnant_m']),
            Field::optional('piece_minutes', new NumberShape(0, 120, 'min'), 2)->called($labels['piece_minutes']),
            Field::optional('end_minutes', new NumberShape(0, 120, 'min'), 3)->called($labels['end_minutes']),
            Field::optional('first_wires', new ChoiceShape(['charger', 'jumpers']), 'charger')->called($labels['first_wires']),
        ]);
    }
}
