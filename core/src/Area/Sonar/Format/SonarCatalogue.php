<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Format;

use Dinghy\File\CatalogueKind;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\Network\TrunkCable;

/** What a shop keeps or orders for a boat's sonar and data; hubs and screens are devices. */
final class SonarCatalogue
{
    private const OF_A_TRANSDUCER = ['mount', 'functions', 'plug', 'cable_m', 'extendable', 'plug_mm', 'cable_mm', 'bend_mm', 'bands_khz', 'beams_deg', 'wires'];

    private const OF_A_CABLE = ['length_m', 'plug_mm', 'cable_mm', 'bend_mm'];

    private const OF_AN_ADAPTER = ['from', 'to', 'passes'];

    private const OF_AN_EXTENSION = ['plug', 'length_m'];

    private const OF_A_TERMINAL_BLOCK = ['from', 'to', 'pins'];

    /** @return list<CatalogueKind> */
    public static function kinds(): array
    {
        return [
            new CatalogueKind('transducer', 'Transducers', SonarFormat::transducer(), self::OF_A_TRANSDUCER, self::OF_A_TRANSDUCER),
            new CatalogueKind('adapter', 'Adapters', SonarFormat::adapter(), self::OF_AN_ADAPTER, self::OF_AN_ADAPTER),
            new CatalogueKind('extension', 'Extensions of transducers', new ObjectShape([
                Field::required('plug', SonarFormat::plug())->called('Plug at both ends'),
                Field::required('length_m', CableFormat::length())->called('Length'),
            ]), self::OF_AN_EXTENSION),
            new CatalogueKind('terminal-block', 'Terminal blocks', SonarFormat::terminalBlock(), self::OF_A_TERMINAL_BLOCK, self::OF_A_TERMINAL_BLOCK),
            new CatalogueKind('network-cable', 'Network cables', new ObjectShape([
                Field::required('length_m', CableFormat::length())->called('Length'),
                ...PulledFormat::fields(),
            ]), self::OF_A_CABLE, self::OF_A_CABLE),
            new CatalogueKind('backbone-part', 'Parts of backbones', new ObjectShape([
                Field::required('piece', new ChoiceShape(['trunk', 'drop', 'tee', 'terminator', 'power-tap'], [
                    'trunk' => 'cable of the trunk',
                    'drop' => 'cable of a drop',
                    'tee' => 'tee',
                    'terminator' => 'terminator',
                    'power-tap' => 'power tap',
                ]))->called('What it is'),
                Field::optional('length_m', CableFormat::length())->called('Length'),
                Field::optional('cable', ChoiceShape::ofEnum(TrunkCable::class))->called('Cable'),
            ]), ['piece', 'length_m', 'cable']),
        ];
    }
}
