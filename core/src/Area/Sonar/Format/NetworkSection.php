<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Format;

use Dinghy\File\Section;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Extension;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\PartsShape;
use Dinghy\File\Shape\Problems;
use Dinghy\Network\DataNetwork;
use Dinghy\Record\Record;
use Dinghy\Sonar\DepthFrom;

/** The part of the plan format that is data and sonar: transducers, what joins them, cables, backbones, serial lines. */
final class NetworkSection extends Section
{
    public function fields(): array
    {
        return [Field::optional('network', new ObjectShape([
            Field::optional('depth_from', ChoiceShape::ofEnum(DepthFrom::class))->called('Depth is to be read'),
            Field::optional('transducers', new PartsShape('transducer', SonarFormat::transducer(), 64, true), [])->called('Transducers'),
            Field::optional('adapters', new PartsShape('adapter', SonarFormat::adapter(), 200, true), [])->called('Adapters'),
            Field::optional('terminal_blocks', new PartsShape('terminal-block', SonarFormat::terminalBlock(), 32, true, 'terminal block'), [])->called('Terminal blocks'),
            Field::optional('cables', new PartsShape('network-cable', CableFormat::cable(), 200, true, 'network cable'), [])->called('Network cables'),
            Field::optional('backbones', new PartsShape('backbone', CableFormat::backbone(), 8, true), [])->called('Backbones'),
            Field::optional('serial', new PartsShape('serial', CableFormat::serial(), 32, true, 'serial line'), [])->called('Serial lines'),
            Field::optional('trials', new PartsShape('trial', TrialFormat::trial(), 40, false, 'minute of instruments'), [])->called('Minutes of instruments'),
            Field::optional('comparisons', new PartsShape('comparison', TrialFormat::comparison(), 40, true), [])->called('With and without'),
        ]), new \stdClass)->called('Sonar and data', 'Sonar and data')];
    }

    public function extensions(): array
    {
        return [new Extension('devices', [
            ...self::ofADevice(),
            Field::optional('stand_alone', new FlagShape, false)->called('Stands alone, without a network', 'Sonar and data'),
            Field::optional('shaft_slides', new FlagShape)->called('Shaft slides through its mount', 'Sonar and data'),
            Field::optional('ground', TrialFormat::ground())->called('Extra ground', 'Sonar and data'),
            Field::optional('depth_offset_m', new NumberShape(-10, 10, 'm'))->called('Depth offset set in it', 'Sonar and data'),
        ])];
    }

    public function catalogue(): array
    {
        return SonarCatalogue::kinds();
    }

    public function catalogueFigures(): array
    {
        return ['device' => self::ofADevice()];
    }

    public function check(Record $plan, Problems $problems): void
    {
        (new NetworkChecks($plan, $problems))->check();
    }

    /** @return DataNetwork|null null: the plan says nothing of data and sonar */
    public function part(Record $plan): ?DataNetwork
    {
        $network = DataNetwork::of($plan);

        return $network->isEmpty() ? null : $network;
    }

    public function questions(): array
    {
        return [
            'network_ports' => 'How many network ports has it?',
            'cable_m' => 'How long is its own cable?',
            'wires' => 'Which colour carries what in its cable?',
            'hull_there' => 'What is the bottom made of where it sits?',
            'from_propeller_m' => 'How far is it from the propeller?',
            'behind_strake' => 'Does it sit behind a strake or a rivet line?',
            'motor' => 'Which motor is it mounted on?',
            'shaft_slides' => 'Does its shaft slide through its mount?',
            'bands_khz' => 'On which frequencies does it sound?',
            'depth_from' => 'From where does the owner want depth: surface, keel or transducer?',
            'below_water_m' => 'How far below the surface does it sit?',
            'above_keel_m' => 'How far above the deepest point of the boat does it sit?',
            'power' => 'Where along the trunk is it powered, and with which volts?',
            'route' => 'Where do its two ends sit, and which way leads from one to the other? Stations and ways are under Layout.',
        ];
    }

    /** @return list<Field> what a device has on its back, and when it wakes: the same in whatever boat */
    private static function ofADevice(): array
    {
        return [
            Field::optional('sockets', new ListShape(new ObjectShape([
                Field::required('id', SonarFormat::id())->called('Socket'),
                Field::required('plug', SonarFormat::plug())->called('Plug that fits'),
                Field::required('shows', SonarFormat::functions())->called('Shows'),
            ]), 12), [])->called('Sockets for transducers', 'Sonar and data'),
            Field::optional('network_ports', NumberShape::whole(0, 24))->called('Network ports', 'Sonar and data'),
            Field::optional('wakes', new ChoiceShape(['by-network', 'by-power', 'always'], [
                'by-network' => 'with the network',
                'by-power' => 'as it is fed',
                'always' => 'it never sleeps',
            ]))->called('Wakes', 'Sonar and data'),
        ];
    }
}
