<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Format;

use Dinghy\File\BoatFormat;
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
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Plan\HoleMaterial;
use Dinghy\Plan\HoleUse;
use Dinghy\Plan\Way;
use Dinghy\Plan\WayKind;
use Dinghy\Record\Record;
use Dinghy\Record\WhenGone;

/**
 * The part of the plan format that says where things are: stations, ways, holes to be drilled, boards made up on the
 * bench, what is measured at mounts.
 */
final class LayoutSection extends Section
{
    public function fields(): array
    {
        return [
            Field::optional('holes', new PartsShape('hole', self::hole(), 200, true), [])->called('Holes'),
            Field::optional('boards', new PartsShape('board', self::board(), 20, true), [])->called('Boards'),
        ];
    }

    public function extensions(): array
    {
        return [
            new Extension('boat', [
                Field::optional('stations', new PartsShape('station', self::station(), 100), [])->called('Stations'),
                Field::optional('ways', new PartsShape('way', self::way(), 300), [])->called('Ways'),
            ]),
            new Extension('devices', MountingFormat::ofDevice()),
        ];
    }

    public function check(Record $plan, Problems $problems): void
    {
        foreach ($plan->record('boat')->records('ways') as $i => $way) {
            if ($way->text('from') === $way->text('to')) {
                $problems->add("/boat/ways/{$i}/to", 'expected another station than "from": a way joins two stations');
            }
        }
    }

    public function questions(): array
    {
        return [
            'petrol_vapour' => 'Can petrol vapour gather there?',
            'stations' => 'Which compartments has she, and which batteries stand in them? Put in under Layout, Stations and ways, and under Survey, Batteries found.',
            'deploy' => 'Does its shaft clear the bow as it comes down? Measured under Layout, Mounting.',
            'sweep' => 'Do its head and cord clear door and rail as it turns? Measured under Layout, Mounting.',
            'shaft' => 'Is its shaft long enough? Measured under Layout, Mounting.',
            'seen_from_helm' => 'From where is it seen, by helm or angler? Measured under Layout, Mounting.',
            'thrust_n' => 'How much thrust has it?',
            'loaded_kg' => 'How much does the boat weigh, loaded?',
            'bore_mm' => 'How wide is the tube inside?',
            'pull_cord' => 'Is a pull cord left in it?',
            'sky' => 'What does it see of the sky?',
            'stepped_on' => 'Is it where somebody steps?',
            'petrol_fitting_m' => 'How far is the nearest petrol fitting?',
        ];
    }

    /** A hole that is to be drilled. */
    private static function hole(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::optional('station', ReferenceShape::to('station'))->called('Where it is drilled'),
            Field::optional('for', ChoiceShape::ofEnum(HoleUse::class), 'screw')->called('For'),
            Field::required('diameter_mm', new NumberShape(0.5, 300, 'mm'))->called('Diameter'),
            Field::optional('material', ChoiceShape::ofEnum(HoleMaterial::class), 'fibreglass')->called('Through'),
            Field::optional('behind', new TextShape(300), '')->called('What lies behind it'),
            Field::optional('below_water', new FlagShape, false)->called('Below the waterline'),
        ]);
    }

    /** A board with switches, breakers and blocks; measures from its lower left corner. */
    private static function board(): ObjectShape
    {
        $millimetres = new NumberShape(0, 2000, 'mm');
        $side = new NumberShape(5, 2000, 'mm');

        return new ObjectShape([
            Field::id(),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::optional('station', ReferenceShape::to('station'))->called('Where it goes'),
            Field::required('width_mm', $side)->called('Width'),
            Field::required('height_mm', $side)->called('Height'),
            Field::optional('colour', new TextShape(30))->called('Colour'),
            Field::optional('parts', new ListShape(new ObjectShape([
                Field::required('name', new TextShape(100, null, 'text', 1))->called('Name'),
                Field::required('x_mm', $millimetres)->called('From the left'),
                Field::required('y_mm', $millimetres)->called('From below'),
                Field::required('width_mm', $side)->called('Width'),
                Field::required('height_mm', $side)->called('Height'),
                Field::optional('holes', new ListShape(new ObjectShape([
                    Field::required('x_mm', $millimetres)->called('From the left'),
                    Field::required('y_mm', $millimetres)->called('From below'),
                    Field::required('diameter_mm', new NumberShape(0.5, 200, 'mm'))->called('Drill'),
                ]), 20), [])->called('Holes that hold it'),
            ]), 40), [])->called('What sits on it'),
        ]);
    }

    private static function station(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::required('x_m', BoatFormat::along())->called('Forward from the transom'),
            Field::required('y_m', BoatFormat::across())->called('To port of the middle'),
            Field::optional('kind', new ChoiceShape(
                ['deck', 'locker', 'console', 'battery', 'engine', 'transom', 'motor'],
                ['battery' => 'battery place', 'engine' => 'engine place', 'motor' => 'motor mount'],
            ))->called('Kind'),
            Field::optional('petrol_vapour', new FlagShape('can gather', 'none gathers'))->called('Petrol vapour'),
            Field::optional('inside_mm', new ListShape(new NumberShape(10, 5000, 'mm'), 3, 3))->called('Inside, length × width × height'),
            Field::optional('lid', new ChoiceShape(
                ['none', 'forward', 'aft', 'port', 'starboard'],
                [
                    'none' => 'no lid',
                    'forward' => 'hinged forward',
                    'aft' => 'hinged aft',
                    'port' => 'hinged to port',
                    'starboard' => 'hinged to starboard',
                ],
            ))->called('Lid'),
            Field::optional('moves', new FlagShape, false)->called('Moves, as a motor does'),
            Field::optional('celsius', new NumberShape(-20, 90, '°C'))->called('Gets as warm as'),
        ]);
    }

    private static function way(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::required('from', ReferenceShape::to('station', WhenGone::GoesToo))->called('From'),
            Field::required('to', ReferenceShape::to('station', WhenGone::GoesToo))->called('To'),
            Field::required('length_m', new NumberShape(0.01, 40, 'm of way'))->called('Length'),
            Field::optional('measured', new ChoiceShape(['tape', 'drawing']), 'tape')->called('Measured by'),
            Field::optional('bends_m', new ListShape(BoatFormat::point(), 20), [])->called('Bends'),
            Field::optional('bore_mm', new NumberShape(3, 300, 'mm'))->called('Bore'),
            Field::optional('kind', ChoiceShape::ofEnum(WayKind::class))->called('Kind'),
            Field::optional('engine_space', new FlagShape, false)->called('In the engine space'),
            Field::optional('occupied_mm', new ListShape(new NumberShape(0.5, 100, 'mm'), 60), [])->called('Cables in it already'),
            Field::optional('curved', new FlagShape, false)->called('Curved'),
            Field::optional('old_wire', new FlagShape, false)->called('Old wire in it'),
            Field::optional('pull_cord', new FlagShape)->called('Pull cord in it'),
            Field::optional('spare_cable', new FlagShape, false)->called('Spare cable in it'),
            Field::optional('support_m', new NumberShape(0.05, 10, 'm'), Way::HELD_EVERY)->called('Held every'),
            Field::optional('chafe', new ChoiceShape(
                ['protected', 'bulkhead', 'edge'],
                [
                    'protected' => 'protected all along',
                    'bulkhead' => 'through a bare bulkhead',
                    'edge' => 'against an edge',
                ],
            ), 'protected')->called('Edges'),
        ]);
    }
}
