<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;

/** Rules of data and sonar: plugs, ports, frequencies, backbones, mounts, pins. */
final class SonarRulesTest extends RuleTestCase
{
    /** Twenty load units at the far end of 30 m of light trunk: 1 A through 60 m of 0.057 Ω/m lose 3.42 V. */
    private const FAR = ['length_m' => 30, 'nodes' => [['device' => 'heading', 'at_m' => 30, 'len' => 20]]];

    /** The wires of the old transducer with two of them swapped. */
    private const SWAPPED = [['pin' => 1, 'colour' => 'blue'], ['pin' => 2, 'colour' => 'black'], ['pin' => 3, 'colour' => 'grey'], ['pin' => 6, 'colour' => 'bare']];

    public static function speaking(): array
    {
        return [
            'N01' => ['N01', Level::Stop, 'device:hub', 'sounding', ['device:hub' => ['network_ports' => 1]]],
            'N01 a box in the middle' => ['N01', Level::Stop, 'device:module', 'sounding', ['network-cable:n1' => ['to' => 'module'], 'device:module' => ['network_ports' => 1]]],
            'N01 reached by none' => ['N01', Level::Stop, 'device:light', 'sounding', ['device:light' => ['network_ports' => 1]]],
            'N02' => ['N02', Level::Stop, 'transducer:t1', 'sounding', ['adapter:a1' => ['to' => 'sonar-9']]],
            'N02 the wrong one chosen' => ['N02', Level::Stop, 'transducer:t1', 'sounding', ['transducer:t1' => ['via' => ['tb1']]]],
            'N02 loses temperature' => ['N02', Level::Stop, 'transducer:t1', 'sounding', ['adapter:a1' => ['passes' => ['depth']]]],
            'N02 a wire left off' => ['N02', Level::Stop, 'transducer:t3', 'sounding', ['terminal-block:tb1' => ['wired' => [['pin' => 1, 'colour' => 'blue'], ['pin' => 2, 'colour' => 'black'], ['pin' => 3, 'colour' => 'bare'], ['pin' => 4, 'colour' => 'white']]]]],
            'N03' => ['N03', Level::Warn, 'transducer:t1', 'sounding', ['transducer:t2' => ['bands_khz' => [[224, 260]]]]],
            'N04 one terminator' => ['N04', Level::Stop, 'backbone:bus', 'sounding', ['backbone:bus' => ['terminators' => ['start']]]],
            'N04 both at one end' => ['N04', Level::Stop, 'backbone:bus', 'sounding', ['backbone:bus' => ['terminators' => ['end', 'end']]]],
            'N04 no tap' => ['N04', Level::Stop, 'backbone:bus', 'sounding', ['backbone:bus' => ['power' => []]]],
            'N04 two taps' => ['N04', Level::Stop, 'backbone:bus', 'sounding', ['backbone:bus' => ['power' => [['at_m' => 0, 'volts' => 12], ['at_m' => 6, 'volts' => 12]]]]],
            'N04 parted by design' => ['N04', Level::Warn, 'backbone:bus', 'sounding', ['backbone:bus' => ['power' => [['at_m' => 0, 'volts' => 12], ['at_m' => 6, 'volts' => 12]], 'isolated_at_m' => 3]]],
            'N04 a long trunk' => ['N04', Level::Stop, 'backbone:bus', 'sounding', ['backbone:bus' => ['length_m' => 100.1]]],
            'N04 a long drop' => ['N04', Level::Stop, 'backbone:bus', 'sounding', ['backbone:bus' => ['nodes' => [['device' => 'heading', 'at_m' => 1, 'drop_m' => 6.1]]]]],
            'N04 volts lost' => ['N04', Level::Stop, 'backbone:bus', 'sounding', ['backbone:bus' => self::FAR]],
            'N07 through a core' => ['N07', Level::Stop, 'transducer:t3', 'sounding', ['transducer:t3' => ['mount' => 'in-hull', 'hull_there' => 'cored', 'behind_strake' => false, 'from_propeller_m' => 1]]],
            'N07 in aluminium' => ['N07', Level::Stop, 'transducer:t3', 'sounding', ['transducer:t3' => ['mount' => 'in-hull', 'behind_strake' => false, 'from_propeller_m' => 1], 'plan' => ['boat.hull' => 'aluminium']]],
            'N07 on a sliding shaft' => ['N07', Level::Stop, 'transducer:t2', 'sounding', ['transducer:t2' => ['mount' => 'shaft', 'motor' => 'light'], 'device:light' => ['shaft_slides' => true]]],
            'N07 behind a strake' => ['N07', Level::Warn, 'transducer:t1', 'sounding', ['transducer:t1' => ['behind_strake' => true]]],
            'N07 at the propeller' => ['N07', Level::Warn, 'transducer:t1', 'sounding', ['transducer:t1' => ['from_propeller_m' => 0.39]]],
            // 3.6 m of tube and 0.3 m of slack at the device's end
            'N08' => ['N08', Level::Stop, 'transducer:t1', 'sounding', ['transducer:t1' => ['cable_m' => 3.89]]],
            'N08 for its loop' => ['N08', Level::Stop, 'transducer:t2', 'sounding', ['transducer:t2' => ['loop_m' => 2.71]]],
            'N08 led around' => ['N08', Level::Stop, 'transducer:t1', 'sounding', ['transducer:t1' => ['cable_m' => 4.3, 'route' => ['stern', 'side', 'bow']]]],
            'N09 shields swapped' => ['N09', Level::Stop, 'terminal-block:tb1', 'sounding', ['terminal-block:tb1' => ['wired' => self::SWAPPED]]],
            'N09 a signal on the power' => ['N09', Level::Stop, 'terminal-block:tb1', 'sounding', ['terminal-block:tb1' => ['wired' => [['pin' => 7, 'colour' => 'blue']]]]],
            'N10' => ['N10', Level::Note, 'device:screen', 'sounding', ['device:screen' => ['depth_offset_m' => Plans::UNKNOWN]]],
            'N10 from the keel' => ['N10', Level::Note, 'device:screen', 'sounding', ['plan' => ['network.depth_from' => 'keel']]],
            // 9 A of light beside 3.5 A of the rest, all of it in the tube
            'N11' => ['N11', Level::Note, 'transducer:t1', 'sounding', ['device:light' => ['typical_a' => 9, 'peak_a' => 9]]],
        ];
    }

    public static function silent(): array
    {
        return [
            'N01 every port taken' => ['N01', 'sounding', ['device:hub' => ['network_ports' => 2]]],
            'N01 it stands alone' => ['N01', 'sounding', ['device:light' => ['network_ports' => 1, 'stand_alone' => true]]],
            'N02 plugged into nothing' => ['N02', 'sounding', ['adapter:a1' => ['to' => 'sonar-9'], 'transducer:t1' => ['to' => Plans::UNKNOWN]]],
            'N02 what the screen does not show' => ['N02', 'sounding', ['device:screen' => ['sockets' => [['id' => 's1', 'plug' => 'sonar-8', 'shows' => ['depth']]]]]],
            'N03 edge to edge' => ['N03', 'sounding', ['transducer:t2' => ['bands_khz' => [[225, 260]]]]],
            'N03 of one box' => ['N03', 'sounding', ['transducer:t2' => ['bands_khz' => [[80, 90]]]]],
            'N03 never on together' => ['N03', 'sounding', ['transducer:t2' => ['bands_khz' => [[200, 260]], 'not_with' => ['t1']]]],
            'N04 a trunk of 100 m' => ['N04', 'sounding', ['backbone:bus' => ['length_m' => 100]]],
            'N04 a heavy trunk' => ['N04', 'sounding', ['backbone:bus' => ['length_m' => 120, 'cable' => 'heavy']]],
            'N04 a drop of 6 m' => ['N04', 'sounding', ['backbone:bus' => ['nodes' => [['device' => 'heading', 'at_m' => 1, 'drop_m' => 6]]]]],
            // 1 A through 2 · 13.1 m of 0.057 Ω/m: 1.493 V
            'N04 volts at the limit' => ['N04', 'sounding', ['backbone:bus' => ['length_m' => 30, 'nodes' => [['device' => 'heading', 'at_m' => 13.1, 'len' => 20]]]]],
            'N07 through solid laminate' => ['N07', 'sounding', ['transducer:t3' => ['mount' => 'in-hull', 'hull_there' => 'solid']]],
            'N07 on a shaft that stays' => ['N07', 'sounding', ['transducer:t2' => ['mount' => 'shaft', 'motor' => 'light'], 'device:light' => ['shaft_slides' => false]]],
            'N07 0.4 m away' => ['N07', 'sounding', ['transducer:t1' => ['from_propeller_m' => 0.4]]],
            'N08' => ['N08', 'sounding', ['transducer:t1' => ['cable_m' => 3.9]]],
            'N09 wires left over' => ['N09', 'sounding', ['terminal-block:tb1' => ['wired' => [['pin' => 1, 'colour' => 'Blue'], ['pin' => 2, 'colour' => 'black'], ['pin' => 3, 'colour' => 'bare'], ['pin' => 4, 'colour' => 'white'], ['pin' => 5, 'colour' => 'brown']]]]],
            'N10 from the transducer' => ['N10', 'sounding', ['plan' => ['network.depth_from' => 'transducer'], 'device:screen' => ['depth_offset_m' => Plans::UNKNOWN]]],
            // 6 A of light and 3.5 A of the rest
            'N11 not heavy' => ['N11', 'sounding', ['device:light' => ['typical_a' => 6, 'peak_a' => 6]]],
            'N11 by the gunwale' => ['N11', 'sounding', ['device:light' => ['typical_a' => 9, 'peak_a' => 9], 'transducer:t1' => ['route' => ['stern', 'side', 'bow']]]],
        ];
    }

    public static function unknowns(): array
    {
        return [
            'N01' => ['N01', 'device:hub', 'network_ports', 'sounding', ['device:hub' => ['network_ports' => Plans::UNKNOWN]]],
            'N03' => ['N03', 'transducer:t1', 'bands_khz', 'sounding', ['transducer:t1' => ['bands_khz' => []]]],
            'N04' => ['N04', 'backbone:bus', 'power', 'sounding', ['backbone:bus' => ['power' => [['at_m' => 0]]]]],
            'N07 the bottom' => ['N07', 'transducer:t3', 'hull_there', 'sounding', ['transducer:t3' => ['mount' => 'in-hull']]],
            'N07 the motor' => ['N07', 'transducer:t2', 'motor', 'sounding', ['transducer:t2' => ['mount' => 'shaft']]],
            'N07 whether it slides' => ['N07', 'device:light', 'shaft_slides', 'sounding', ['transducer:t2' => ['mount' => 'shaft', 'motor' => 'light']]],
            'N07 the propeller' => ['N07', 'transducer:t1', 'from_propeller_m', 'sounding', ['transducer:t1' => ['from_propeller_m' => Plans::UNKNOWN]]],
            'N08 the cable' => ['N08', 'transducer:t1', 'cable_m', 'sounding', ['transducer:t1' => ['cable_m' => Plans::UNKNOWN]]],
            'N08 the way' => ['N08', 'transducer:t1', 'route', 'sounding', ['transducer:t1' => ['station' => Plans::UNKNOWN]]],
            'N09' => ['N09', 'transducer:t3', 'wires', 'sounding', ['transducer:t3' => ['wires' => []]]],
            'N10 what is wanted' => ['N10', 'plan', 'network.depth_from', 'sounding', ['plan' => ['network.depth_from' => Plans::UNKNOWN]]],
            'N10 how it lies' => ['N10', 'transducer:t1', 'below_water_m', 'sounding', ['transducer:t1' => ['below_water_m' => Plans::UNKNOWN]]],
            'N11' => ['N11', 'transducer:t1', 'route', 'sounding', ['transducer:t1' => ['station' => Plans::UNKNOWN], 'device:light' => ['typical_a' => 9, 'peak_a' => 9]]],
        ];
    }

    protected static function withoutRemedy(): array
    {
        // Where power comes from is the rigger's choice.
        return ['N04 no tap'];
    }
}
