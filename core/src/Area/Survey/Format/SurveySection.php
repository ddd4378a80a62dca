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
        return [Field::optional('survey', self::survey())];
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
            Field::optional('taken_on', self::day()),
            Field::optional('engine', new TextShape(200), ''),
            Field::optional('fitted', new TextShape(1000), ''),
            Field::optional('complaints', new PartsShape('complaint', new ObjectShape([
                Field::required('id', TextShape::id()),
                Field::required('kind', ChoiceShape::ofEnum(ComplaintKind::class)),
                Field::optional('words', new TextShape(500), ''),
            ]), 40, true), []),
            Field::optional('batteries', new PartsShape('found', self::battery(), 32, true), []),
            Field::optional('path_checks', new PartsShape('check', self::pathCheck(), 40, true), []),
            Field::optional('photographs', new PartsShape('photograph', self::photograph(), 400), []),
        ]);
    }

    private static function battery(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('name', new TextShape(100), ''),
            Field::optional('station', ReferenceShape::to('station')),
            Field::required('chemistry', ChoiceShape::ofEnum(Chemistry::class)),
            Field::required('nominal_v', new NumberShape(2, 60, 'V')),
            Field::optional('capacity_ah', new NumberShape(0.5, 2000, 'Ah')),
            Field::optional('cca_a', new NumberShape(10, 3000, 'A')),
            Field::optional('commissioned', self::day()),
            Field::optional('rested_v', self::volts()),
            Field::optional('loaded_v', self::volts()),
            Field::optional('loaded_a', new NumberShape(0.1, 1000, 'A')),
            Field::optional('celsius', new NumberShape(-30, 60, '°C')),
            Field::optional('corrosion', ChoiceShape::ofEnum(Corrosion::class)),
            Field::optional('terminals', ChoiceShape::ofEnum(TerminalCondition::class)),
            Field::optional('restrained', new FlagShape),
        ]);
    }

    private static function pathCheck(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('name', new TextShape(100), ''),
            Field::optional('complaint', ReferenceShape::to('complaint')),
            Field::optional('device', ReferenceShape::to('device')),
            Field::optional('battery', ReferenceShape::to('found')),
            Field::optional('nominal_v', new NumberShape(6, 60, 'V'), 12),
            Field::optional('battery_rest_v', self::volts()),
            Field::optional('battery_loaded_v', self::volts()),
            Field::optional('device_rest_v', self::volts()),
            Field::optional('device_loaded_v', self::volts()),
            Field::optional('amps_a', new NumberShape(0.01, 400, 'A')),
            Field::optional('length_m', new NumberShape(0.05, 60, 'm of run, one way')),
            Field::optional('gauge', GaugeShape::of()),
            Field::optional('metal', ChoiceShape::ofEnum(Metal::class), 'copper'),
            Field::optional('between', new ListShape(new ObjectShape([
                Field::required('name', new TextShape(100, null, 'text', 1)),
                Field::required('loaded_v', self::volts()),
                Field::optional('along_m', new NumberShape(0, 60, 'm from the battery')),
            ]), 10), []),
            Field::optional('renewed_by', TextShape::id()),
        ]);
    }

    private static function photograph(): ObjectShape
    {
        $share = new NumberShape(0, 1);

        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::required(
                'of',
                new TextShape(60, Photograph::SUBJECT, 'what is on it, as "station:stern", "post:b1" or "other",'),
            ),
            Field::optional('words', new TextShape(300), ''),
            Field::optional('taken_at', new TextShape(25)),
            Field::optional('picture', new TextShape(64, Photograph::PICTURE, 'the SHA-256 of a picture,')),
            Field::optional('marks', new ListShape(new ObjectShape([
                Field::required('x', $share),
                Field::required('y', $share),
                Field::optional('words', new TextShape(200), ''),
            ]), 40), []),
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
