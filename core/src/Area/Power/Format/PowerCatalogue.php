<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Format;

use Dinghy\File\CatalogueKind;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;

/** What a shop keeps or orders for a boat's supply and circuits. */
final class PowerCatalogue
{
    private const OF_A_BATTERY = [
        'chemistry', 'nominal_v', 'capacity_ah', 'hour_rate', 'cca_a', 'internal_mohm', 'stud_pos', 'stud_neg',
        'mass_kg', 'group', 'size_mm', 'continuous_a', 'peak_a', 'max_series', 'max_parallel',
    ];

    private const OF_A_DEVICE = [
        'kind', 'v_min', 'v_max', 'typical_a', 'peak_a', 'standby_a', 'load', 'fuse_a', 'lead', 'longest_runs',
        'always_on', 'keyed_plug', 'data', 'stud',
    ];

    private const OF_A_BLOCK = ['circuits', 'rating_a', 'ignition_protected', 'stud', 'branch_stud', 'branch_terminal'];

    /** @return list<CatalogueKind> */
    public static function kinds(): array
    {
        return [
            // Where a battery stands, how it is held and what was measured are the boat's, though a shop may keep what is usual.
            new CatalogueKind(
                'battery',
                'Batteries',
                SupplyFormat::battery(),
                [...self::OF_A_BATTERY, 'rested_v', 'tray_mm', 'restrained', 'booted', 'space'],
                self::OF_A_BATTERY,
            ),
            new CatalogueKind(
                'device',
                'Devices',
                CircuitFormat::device(),
                [...array_diff(self::OF_A_DEVICE, ['lead']), 'lead.gauge', 'lead.length_m'],
                self::OF_A_DEVICE,
            ),
            new CatalogueKind('block', 'Fuse blocks', new ObjectShape([
                Field::required('circuits', NumberShape::whole(1, 48))->called('Circuits'),
                ...CircuitFormat::madeAsBlock(),
            ]), self::OF_A_BLOCK, self::OF_A_BLOCK),
            new CatalogueKind('charger', 'Chargers and converters', new ObjectShape([
                Field::required('outputs', NumberShape::whole(1, 12))->called('Outputs'),
                Field::required('amps', new NumberShape(0.1, 300, 'A'))->called('Each gives up to'),
                Field::optional('isolated', new FlagShape)->called('Outputs isolated from each other'),
                Field::optional('input', SupplyFormat::input(), 'mains')->called('Fed by'),
                // Where it is a converter: what it gives to a fuse block.
                Field::optional('volts', new NumberShape(2, 60, 'V'))->called('As a converter gives'),
                Field::optional('efficiency', NumberShape::share(0.3))->called('Efficiency'),
            ]), ['outputs', 'amps', 'isolated', 'input', 'volts', 'efficiency']),
            new CatalogueKind('shunt', 'Shunts', new ObjectShape([
                Field::required('rating_a', new NumberShape(1, 2000, 'A'))->called('Made for'),
                Field::optional('mohm', new NumberShape(0.01, 100, 'mΩ'))->called('Resistance'),
                Field::optional('stud', SupplyFormat::stud())->called('Stud'),
            ]), ['rating_a', 'mohm', 'stud']),
            new CatalogueKind('switch', 'Battery switches', new ObjectShape([
                Field::required('rating_a', new NumberShape(1, 2000, 'A'))->called('Made for'),
            ]), ['rating_a']),
            new CatalogueKind('wire', 'Wire', CircuitFormat::wire(), ['gauge', 'cable', 'insulation_c']),
            new CatalogueKind(
                'protection',
                'Fuses and breakers',
                CircuitFormat::protection(),
                ['family', 'rating_a', 'max_v', 'breaking_a', 'ignition_protected', 'resets_itself', 'trip_free', 'stud'],
            ),
            new CatalogueKind('connector', 'Connectors', CircuitFormat::connector(), ['thinnest', 'thickest']),
        ];
    }
}
