<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Format;

use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Record\WhenGone;
use Dinghy\Sentence\Measured;

/** What was found out with the power on: minutes listened to instruments, and comparisons of with and without. */
final class TrialFormat
{
    /** A minute of instruments, as it was heard: kept as evidence, so that nobody types into it. */
    public static function trial(): ObjectShape
    {
        $value = new NumberShape(-1_000_000, 1_000_000);

        return new ObjectShape([
            Field::id(),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::required('at', self::moment())->byMachine('when it was heard'),
            Field::required('instrument', new TextShape(100))->byMachine('where it was heard'),
            Field::required('seconds', NumberShape::whole(0, 3600))->byMachine('how long it was listened to'),
            Field::required('sentences', NumberShape::whole(0, 1_000_000))->byMachine('counted'),
            Field::required('refused', NumberShape::whole(0, 1_000_000))->byMachine('counted'),
            Field::optional('faults', new ListShape(new TextShape(300), 20), [])->byMachine('as they were told'),
            Field::optional('values', new ListShape(new ObjectShape([
                Field::required('measured', ChoiceShape::ofEnum(Measured::class))->byMachine('as it was heard'),
                Field::required('least', $value)->byMachine('as it was heard'),
                Field::required('most', $value)->byMachine('as it was heard'),
                Field::required('last', $value)->byMachine('as it was heard'),
            ]), 20), [])->byMachine('as they were heard'),
            Field::optional('sounded_m', new NumberShape(0, 300, 'm'))->called('Sounded by lead line, from the surface'),
            Field::optional('words', new TextShape(500), '')->called('Words'),
        ]);
    }

    /** With and without: an extra ground, a motor, a pump, a radio. */
    public static function comparison(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::required('device', ReferenceShape::to('device', WhenGone::GoesToo))->called('Picture watched on'),
            Field::required('changed', new ChoiceShape(['ground', 'motor', 'pump', 'radio', 'charger', 'other'], [
                'ground' => 'an extra ground at the sonar box',
                'motor' => 'the motor running',
                'pump' => 'a pump running',
                'radio' => 'a radio sending',
                'charger' => 'a charger or converter at work',
                'other' => 'something else',
            ]))->called('With and without'),
            Field::optional('switched', ReferenceShape::to('device'))->called('Which one'),
            Field::required('quieter', new ChoiceShape(['with', 'without', 'same'], [
                'with' => 'with it',
                'without' => 'without it',
                'same' => 'no difference seen',
            ]))->called('The picture is quieter'),
            Field::optional('words', new TextShape(500), '')->called('What was seen'),
            Field::optional('photograph', ReferenceShape::to('photograph'))->called('Photograph'),
            Field::optional('on', new TextShape(10, '^\d{4}-\d{2}-\d{2}$', 'a date as 2026-03-14,'))->called('Compared on'),
        ]);
    }

    /** An extra wire from a box to a bank's minus, for the picture and not for the current. */
    public static function ground(): NullableShape
    {
        return new NullableShape(new ObjectShape([
            Field::required('bank', ReferenceShape::to('bank', WhenGone::Forgotten))->called('To the minus of bank'),
            Field::optional('length_m', new NumberShape(0.05, 20, 'm'))->called('Length'),
            Field::optional('words', new TextShape(300), '')->called('Why'),
        ]));
    }

    private static function moment(): TextShape
    {
        return new TextShape(25, '^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2})?(Z|[+-]\d{2}:\d{2})?$', 'a moment as 2026-03-14T10:20,');
    }
}
