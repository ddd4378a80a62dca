<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Format;

use Dinghy\File\Section;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\MapShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\PartsShape;
use Dinghy\File\Shape\Problems;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Record\Record;

/** The part of the plan format that current comes from and goes through, and the day that it is drawn on. */
final class PowerSection extends Section
{
    public function fields(): array
    {
        return [
            Field::optional('batteries', new PartsShape('battery', SupplyFormat::battery(), 64), []),
            Field::optional('banks', new PartsShape('bank', SupplyFormat::bank(), 16), []),
            Field::optional('bonds', new PartsShape('bond', SupplyFormat::bond(), 16), []),
            Field::optional('feeds', new PartsShape('feed', CircuitFormat::feed(), 128), []),
            Field::optional('blocks', new PartsShape('block', CircuitFormat::block(), 32), []),
            Field::optional('devices', new PartsShape('device', CircuitFormat::device(), 512), []),
            Field::optional('chargers', new PartsShape('charger', SupplyFormat::charger(), 16), []),
            Field::optional('trip', self::trip()),
        ];
    }

    public function check(Record $plan, Problems $problems): void
    {
        (new PowerChecks($plan, $problems))->check();
    }

    public function catalogue(): array
    {
        return PowerCatalogue::kinds();
    }

    private static function trip(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('hours', new NumberShape(0, 240, 'h')),
            Field::optional('phases', new ListShape(new ObjectShape([
                Field::optional('name', new TextShape(100), ''),
                Field::optional('hours', new NumberShape(0, 240, 'h'), 1),
                Field::optional('on', new MapShape(ReferenceShape::to('device'), new NumberShape(0, 1), 512), new \stdClass),
                Field::optional('engine', new FlagShape, false),
            ]), 100), []),
            Field::optional('ambient_c', new NumberShape(-40, 55, '°C')),
        ]);
    }
}
