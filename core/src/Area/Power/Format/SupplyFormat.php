<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Format;

use Dinghy\Battery\Chemistry;
use Dinghy\Battery\GroupSize;
use Dinghy\File\GaugeShape;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\OneOrListShape;
use Dinghy\File\Shape\PartsShape;
use Dinghy\File\Shape\PostShape;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Plan\Fastening;
use Dinghy\Plan\StudSize;
use Dinghy\Record\WhenGone;

/** The part of the plan format that current comes from: batteries, banks, what joins their negatives, chargers. */
final class SupplyFormat
{
    public static function battery(): ObjectShape
    {
        $stud = self::stud();

        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('part', new TextShape(100)),
            Field::required('chemistry', ChoiceShape::ofEnum(Chemistry::class)),
            Field::required('nominal_v', new NumberShape(2, 60, 'V')),
            Field::required('capacity_ah', new NumberShape(0.5, 2000, 'Ah')),
            Field::optional('hour_rate', new NumberShape(1, 100, 'h'), 20),
            Field::optional('cca_a', new NumberShape(10, 3000, 'A')),
            Field::optional('internal_mohm', new NumberShape(0.05, 1000, 'mΩ')),
            Field::optional('rested_v', new NumberShape(0, 70, 'V')),
            Field::optional('soc', new NumberShape(0, 1), 1.0),
            Field::optional('stud_pos', $stud),
            Field::optional('stud_neg', $stud),
            Field::optional('station', ReferenceShape::to('station')),
            Field::optional(
                'commissioned',
                new TextShape(10, '^\d{4}-\d{2}(-\d{2})?$', 'a date as 2026-03 or 2026-03-14,'),
            ),
            Field::optional('mass_kg', new NumberShape(0.1, 500, 'kg')),
            Field::optional('size_mm', new ListShape(new NumberShape(10, 2000, 'mm'), 3, 3)),
            Field::optional('group', new ChoiceShape(GroupSize::names())),
            Field::optional('tray_mm', new ListShape(new NumberShape(10, 3000, 'mm'), 3, 3)),
            Field::optional('plus_side', new ChoiceShape(['left', 'right']), 'left'),
            Field::optional('lies', new ObjectShape([
                Field::required('x_mm', new NumberShape(-1000, 5000, 'mm')),
                Field::required('y_mm', new NumberShape(-1000, 5000, 'mm')),
                Field::optional('turned', new ChoiceShape([0, 90, 180, 270]), 0),
            ])),
            Field::optional('petrol_fitting_m', new NumberShape(0, 30, 'm')),
            Field::optional('petrol_shield', new FlagShape, false),
            Field::optional('restrained', new FlagShape),
            Field::optional('booted', new FlagShape),
            Field::optional('space', new ChoiceShape(['open', 'ventilated', 'closed'])),
            Field::optional('continuous_a', new NumberShape(1, 2000, 'A')),
            Field::optional('peak_a', new NumberShape(1, 3000, 'A')),
            Field::optional('max_series', NumberShape::whole(1, 16)),
            Field::optional('max_parallel', NumberShape::whole(1, 16)),
        ]);
    }

    public static function bank(): ObjectShape
    {
        $gauge = GaugeShape::of();
        $length = new NumberShape(0.02, 20, 'm of jumper');

        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::required(
                'strings',
                new ListShape(new ListShape(ReferenceShape::to('battery', WhenGone::Rearranged), 16, 1), 8, 1),
            ),
            Field::optional('jumper', new ObjectShape([
                Field::optional('gauge', $gauge, '6 AWG'),
                Field::optional('length_m', $length, 0.3),
                ...self::lug(),
            ]), new \stdClass),
            Field::optional('jumpers', new NullableShape(new PartsShape('jumper', new ObjectShape([
                Field::required('id', TextShape::id()),
                Field::required('from', new PostShape(WhenGone::Rearranged)),
                Field::required('to', new PostShape(WhenGone::Rearranged)),
                Field::optional('gauge', $gauge, '6 AWG'),
                Field::optional('length_m', $length, 0.3),
                Field::optional('protection', new OneOrListShape(CircuitFormat::protection(), 4), []),
                ...self::lug(),
            ]), 64))),
            Field::optional('shunt', new NullableShape(new ObjectShape([
                Field::optional('rating_a', new NumberShape(1, 2000, 'A'), 500),
                Field::optional('mohm', new NumberShape(0.01, 100, 'mΩ'), 0.1),
                Field::optional('capacity_set_ah', new NumberShape(0.5, 5000, 'Ah')),
                Field::optional('stud', self::stud()),
            ]))),
            Field::optional('string_protection', new NullableShape(CircuitFormat::protection())),
            Field::optional('switch', new FlagShape, false),
            Field::optional('switch_rating_a', new NumberShape(1, 2000, 'A')),
        ]);
    }

    public static function charger(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::optional('part', new TextShape(100)),
            Field::optional('input', new ChoiceShape(['mains', 'alternator', 'solar', 'dc-dc'])),
            Field::optional('isolated_outputs', new FlagShape),
            Field::optional('fused_ends', new ChoiceShape(['both', 'input', 'output', 'none'])),
            Field::optional('input_from', new NullableShape(CircuitFormat::source())),
            Field::optional('efficiency', new NumberShape(0.3, 1), 0.9),
            Field::optional('standby_a', new NumberShape(0, 50, 'A'), 0.0),
            Field::optional('outputs', new ListShape(new ObjectShape([
                Field::optional('battery', ReferenceShape::to('battery', WhenGone::GoesToo)),
                Field::optional('block', ReferenceShape::to('block', WhenGone::GoesToo)),
                Field::required('amps', new NumberShape(0.1, 300, 'A')),
                Field::optional('profile', new ChoiceShape(['flooded', 'agm', 'gel', 'lifepo4'])),
                Field::optional('fuse_at', new ChoiceShape(['battery', 'charger'])),
                Field::optional('volts', new NumberShape(2, 60, 'V')),
                Field::optional('across', new ListShape(ReferenceShape::to('battery', WhenGone::GoesToo), 16), []),
                Field::optional('minus_at', new ChoiceShape(['shunt', 'battery']), 'shunt'),
                Field::optional('lead', new NullableShape(new ObjectShape([
                    Field::required('gauge', GaugeShape::of()),
                    Field::required('length_m', new NumberShape(0.02, 20, 'm of lead')),
                ]))),
                Field::optional('protection', new OneOrListShape(CircuitFormat::protection(), 4), []),
            ], ['battery', 'block'], ['battery' => ['profile']]), 12), []),
        ]);
    }

    /** A conductor that joins the negatives of two banks. */
    public static function bond(): ObjectShape
    {
        return new ObjectShape([
            Field::required('id', TextShape::id()),
            Field::required('from', ReferenceShape::to('bank', WhenGone::GoesToo)),
            Field::required('to', ReferenceShape::to('bank', WhenGone::GoesToo)),
            Field::optional('gauge', GaugeShape::of(), '6 AWG'),
            Field::optional('length_m', new NumberShape(0.02, 20, 'm'), 0.5),
            Field::optional('protection', new OneOrListShape(CircuitFormat::protection(), 4), []),
        ]);
    }

    /** A size of stud or of the hole that goes over it. */
    public static function stud(): Shape
    {
        return new ChoiceShape(StudSize::NAMES);
    }

    /** @return list<Field> how a wire is fastened at its posts; no hole given: the one that suits the stud is bought */
    public static function lug(): array
    {
        return [
            Field::optional('fastening', ChoiceShape::ofEnum(Fastening::class), 'nut'),
            Field::optional('from_hole', self::stud()),
            Field::optional('to_hole', self::stud()),
        ];
    }
}
