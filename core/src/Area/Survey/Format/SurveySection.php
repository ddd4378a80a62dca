<?php

declare(strict_types=1);

namespace Dinghy\Area\Survey\Format;

use Dinghy\Battery\Chemistry;
use Dinghy\Conductor\Metal;
use Dinghy\File\GaugeShape;
use Dinghy\File\Section;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\PartsShape;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Survey\ComplaintKind;
use Dinghy\Survey\Corrosion;
use Dinghy\Survey\Photograph;
use Dinghy\Survey\TerminalCondition;

/** The part of the plan format that is the boat as it came: complaints, batteries found, photographs, paths checked. */
final class SurveySection extends Section
{
    public function fields(): array
    {
        return [Field::optional('survey', self::survey())->called('As she came', 'As she came')];
    }

    public function questions(): array
    {
        return [
            'taken_on' => 'When was the boat surveyed as it came? Dates and photographs are kept under Survey.',
            'battery_loaded_v' => 'What does the battery read while the device draws?',
            'device_loaded_v' => 'What does the device read while it draws?',
            'battery_rest_v' => 'What does the battery read at rest?',
            'amps_a' => 'How many amps does it draw?',
        ];
    }

    private static function survey(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('taken_on', self::day())->called('Surveyed on'),
            Field::optional('engine', new TextShape(200), '')->called('Engine'),
            Field::optional('fitted', new TextShape(1000), '')->called('Fitted before'),
            Field::optional('complaints', new PartsShape('complaint', new ObjectShape([
                Field::id(),
                Field::required('kind', ChoiceShape::ofEnum(ComplaintKind::class))->called('Kind'),
                Field::optional('words', new TextShape(500), '')->called('In the owner’s words'),
            ]), 40, true), [])->called('Complaints'),
            Field::optional('batteries', new PartsShape('found', self::battery(), 32, true, 'battery found'), [])->called('Batteries found'),
            Field::optional('path_checks', new PartsShape('check', self::pathCheck(), 40, true, 'path check'), [])->called('Paths checked'),
            Field::optional('photographs', new PartsShape('photograph', self::photograph(), 400), [])->called('Photographs'),
        ]);
    }

    private static function battery(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::optional('station', ReferenceShape::to('station'))->called('Where it stands'),
            Field::required('chemistry', ChoiceShape::ofEnum(Chemistry::class))->called('Chemistry'),
            Field::required('nominal_v', new NumberShape(2, 60, 'V'))->called('Volts'),
            Field::optional('capacity_ah', new NumberShape(0.5, 2000, 'Ah'))->called('Capacity'),
            Field::optional('cca_a', new NumberShape(10, 3000, 'A'))->called('Cold cranking amps'),
            Field::optional('commissioned', self::day())->called('In service since'),
            Field::optional('rested_v', self::volts())->called('Reads after a rest'),
            Field::optional('loaded_v', self::volts())->called('Reads under load'),
            Field::optional('loaded_a', new NumberShape(0.1, 1000, 'A'))->called('Load it was read under'),
            Field::optional('celsius', new NumberShape(-30, 60, '°C'))->called('Temperature'),
            Field::optional('corrosion', ChoiceShape::ofEnum(Corrosion::class))->called('Corrosion'),
            Field::optional('terminals', ChoiceShape::ofEnum(TerminalCondition::class))->called('Terminals'),
            Field::optional('restrained', new FlagShape)->called('Held down'),
        ]);
    }

    private static function pathCheck(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::optional('complaint', ReferenceShape::to('complaint'))->called('Complaint'),
            Field::optional('device', ReferenceShape::to('device'))->called('Device'),
            Field::optional('battery', ReferenceShape::to('found'))->called('Battery found'),
            Field::optional('nominal_v', new NumberShape(6, 60, 'V'), 12)->called('Volts'),
            Field::optional('battery_rest_v', self::volts())->called('Battery, at rest'),
            Field::optional('battery_loaded_v', self::volts())->called('Battery, while it draws'),
            Field::optional('device_rest_v', self::volts())->called('Device, at rest'),
            Field::optional('device_loaded_v', self::volts())->called('Device, while it draws'),
            Field::optional('amps_a', new NumberShape(0.01, 400, 'A'))->called('Amps in the path'),
            Field::optional('length_m', new NumberShape(0.05, 60, 'm of run, one way'))->called('Length, one way'),
            Field::optional('gauge', GaugeShape::of())->called('Gauge'),
            Field::optional('metal', ChoiceShape::ofEnum(Metal::class), 'copper')->called('Metal'),
            Field::optional('between', new ListShape(new ObjectShape([
                Field::required('name', new TextShape(100, null, 'text', 1))->called('Point'),
                Field::required('loaded_v', self::volts())->called('While it draws'),
                Field::optional('along_m', new NumberShape(0, 60, 'm from the battery'))->called('From the battery'),
            ]), 10), [])->called('Read on the way'),
            Field::optional('renewed_by', TextShape::id())->byMachine('which run took its place, kept by "renew it" of the path'),
        ]);
    }

    private static function photograph(): ObjectShape
    {
        $share = NumberShape::share();

        return new ObjectShape([
            Field::id(),
            Field::required(
                'of',
                new TextShape(60, Photograph::SUBJECT, 'what is on it, as "station:stern", "post:b1" or "other",'),
            )->called('What is on it'),
            Field::optional('words', new TextShape(300), '')->called('Words'),
            Field::optional('taken_at', new TextShape(25))->byMachine('the camera says it'),
            Field::optional('picture', new TextShape(64, Photograph::PICTURE, 'the SHA-256 of a picture,'))->byMachine('the SHA-256 of the picture, made as it comes in'),
            Field::optional('marks', new ListShape(new ObjectShape([
                Field::required('x', $share)->called('From the left'),
                Field::required('y', $share)->called('From the top'),
                Field::optional('words', new TextShape(200), '')->called('Words'),
            ]), 40), [])->called('Marks'),
        ]);
    }

    private static function volts(): NumberShape
    {
        return new NumberShape(-80, 80, 'V');
    }

    private static function day(): TextShape
    {
        return new TextShape(10, '^\d{4}-\d{2}(-\d{2})?$', 'a date as 2026-03 or 2026-03-14,');
    }
}
