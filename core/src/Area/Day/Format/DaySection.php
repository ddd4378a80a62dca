<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Format;

use Dinghy\File\Section;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\MapShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\TextShape;

/** The part of the plan format that is the day on the water: its phases, and what is on in them. */
final class DaySection extends Section
{
    public function fields(): array
    {
        return [Field::optional('trip', self::trip())->called('Day on the water', 'Day on the water')];
    }

    public function questions(): array
    {
        return [
            'soc' => 'How full is it as the day begins? Volts say little of LiFePO4 between 30 and 90 %: its monitor knows.',
            'phases' => 'What is a day on the water made of? The plan file says it under trip.phases.',
        ];
    }

    private static function trip(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('hours', new NumberShape(0, 240, 'h'))->called('Hours on the water'),
            Field::optional('phases', new ListShape(new ObjectShape([
                Field::optional('name', new TextShape(100), '')->called('Name'),
                Field::optional('hours', new NumberShape(0, 240, 'h'), 1)->called('Hours'),
                Field::optional(
                    'on',
                    new MapShape(ReferenceShape::to('device'), NumberShape::share(), 512),
                    new \stdClass,
                )->called('What is on, and how far'),
                Field::optional('engine', new FlagShape, false)->called('Engine runs'),
                Field::optional('home', new FlagShape, false)->called('Of the way home'),
            ]), 100), [])->called('Phases'),
            Field::optional('ambient_c', new NumberShape(-40, 55, '°C'))->called('Air'),
            Field::optional('allowance_pct', new NumberShape(0, 100, '%'), 0)->called('Wind and current, on shaft speed'),
            Field::optional('starts_at', new TextShape(5, '^([01][0-9]|2[0-3]):[0-5][0-9]$', 'a time of day as 06:00,'))->called('Leaves at'),
        ]);
    }
}
