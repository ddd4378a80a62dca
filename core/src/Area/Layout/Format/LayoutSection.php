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
            Field::optional('holes', new PartsShape('hole', self::hole(), 200, true), []),
            Field::optional('boards', new PartsShape('board', self::board(), 20, true), []),
        ];
    }

    public function extensions(): array
    {
        return [
            new Extension('boat', [
                Field::optional('stations', new PartsShape('station', self::station(), 100), []),
                Field::optional('ways', new PartsShape('way', self::way(), 300), []),
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
            Field::required('id', TextShape::id()),
            Field::optional('name', new TextShape(100), ''),
            Field::optional('station', ReferenceShape::to('station')),
            Field::optional('for', ChoiceShape::ofEnum(HoleUse::class), 'screw'),
            Field::required('diameter_mm', new NumberShape(0.5, 300, 'mm')),
            Field::optional('material', ChoiceShape::ofEnum(HoleMaterial::class), 'fibreglass'),
            Field::optional('behind', new TextShape(300), ''),
            Field::optional('below_water', new FlagShape, false),
        ]);
    }

    /** A board with switches, breakers and blocks; measures from its lower left corner. */
    private static function board(): ObjectShape
    {
        $millimetres = new NumberShape(0, 2000, 'mm');
        $side = new NumberShape(5, 2000, 'mm');

        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('name', new TextShape(100), ''),
            Field::optional('station', ReferenceShape::to('station')),
            Field::required('width_mm', $side),
            Field::required('height_mm', $side),
            Field::optional('colour', new TextShape(30)),
            Field::optional('parts', new ListShape(new ObjectShape([
                Field::required('name', new TextShape(100, null, 'text', 1)),
                Field::required('x_mm', $millimetres),
                Field::required('y_mm', $millimetres),
                Field::required('width_mm', $side),
                Field::required('height_mm', $side),
                Field::optional('holes', new ListShape(new ObjectShape([
                    Field::required('x_mm', $millimetres),
                    Field::required('y_mm', $millimetres),
                    Field::required('diameter_mm', new NumberShape(0.5, 200, 'mm')),
                ]), 20), []),
            ]), 40), []),
        ]);
    }

    private static function station(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('name', new TextShape(100), ''),
            Field::required('x_m', BoatFormat::along()),
            Field::required('y_m', BoatFormat::across()),
            Field::optional('kind', new ChoiceShape(
                ['deck', 'locker', 'console', 'battery', 'engine', 'transom', 'motor'],
                ['battery' => 'battery place', 'engine' => 'engine place', 'motor' => 'motor mount'],
            )),
            Field::optional('petrol_vapour', new FlagShape('can gather', 'none gathers')),
            Field::optional('inside_mm', new ListShape(new NumberShape(10, 5000, 'mm'), 3, 3)),
            Field::optional('lid', new ChoiceShape(
                ['none', 'forward', 'aft', 'port', 'starboard'],
                [
                    'none' => 'no lid',
                    'forward' => 'hinged forward',
                    'aft' => 'hinged aft',
                    'port' => 'hinged to port',
                    'starboard' => 'hinged to starboard',
                ],
            )),
            Field::optional('moves', new FlagShape, false),
            Field::optional('celsius', new NumberShape(-20, 90, '°C')),
        ]);
    }

    private static function way(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::required('from', ReferenceShape::to('station', WhenGone::GoesToo)),
            Field::required('to', ReferenceShape::to('station', WhenGone::GoesToo)),
            Field::required('length_m', new NumberShape(0.01, 40, 'm of way')),
            Field::optional('measured', new ChoiceShape(['tape', 'drawing']), 'tape'),
            Field::optional('bends_m', new ListShape(BoatFormat::point(), 20), []),
            Field::optional('bore_mm', new NumberShape(3, 300, 'mm')),
            Field::optional('kind', ChoiceShape::ofEnum(WayKind::class)),
            Field::optional('engine_space', new FlagShape, false),
            Field::optional('occupied_mm', new ListShape(new NumberShape(0.5, 100, 'mm'), 60), []),
            Field::optional('curved', new FlagShape, false),
            Field::optional('old_wire', new FlagShape, false),
            Field::optional('pull_cord', new FlagShape),
            Field::optional('spare_cable', new FlagShape, false),
            Field::optional('support_m', new NumberShape(0.05, 10, 'm'), Way::HELD_EVERY),
            Field::optional('chafe', new ChoiceShape(
                ['protected', 'bulkhead', 'edge'],
                [
                    'protected' => 'protected all along',
                    'bulkhead' => 'through a bare bulkhead',
                    'edge' => 'against an edge',
                ],
            ), 'protected'),
        ]);
    }
}
