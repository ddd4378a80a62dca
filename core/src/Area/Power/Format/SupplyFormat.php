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
            Field::id(),
            Field::optional('part', new TextShape(100))->called('Part of the catalogue'),
            Field::required('chemistry', ChoiceShape::ofEnum(Chemistry::class))->called('Chemistry'),
            Field::required('nominal_v', new NumberShape(2, 60, 'V'))->called('Volts'),
            Field::required('capacity_ah', new NumberShape(0.5, 2000, 'Ah'))->called('Capacity'),
            Field::optional('hour_rate', new NumberShape(1, 100, 'h'), 20)->called('Capacity measured over'),
            Field::optional('cca_a', new NumberShape(10, 3000, 'A'))->called('Cold cranking amps'),
            Field::optional('internal_mohm', new NumberShape(0.05, 1000, 'mΩ'))->called('Internal resistance'),
            Field::optional('rested_v', new NumberShape(0, 70, 'V'))->called('Reads after a rest', 'As it stands aboard'),
            Field::optional('soc', NumberShape::share())->called('Charged to', 'As it stands aboard'),
            Field::optional('stud_pos', $stud)->called('Plus stud', 'Posts'),
            Field::optional('stud_neg', $stud)->called('Minus stud', 'Posts'),
            Field::optional('station', ReferenceShape::to('station'))->called('Where it stands', 'As it stands aboard'),
            Field::optional(
                'commissioned',
                new TextShape(10, '^\d{4}-\d{2}(-\d{2})?$', 'a date as 2026-03 or 2026-03-14,'),
            )->called('In service since', 'As it stands aboard'),
            Field::optional('mass_kg', new NumberShape(0.1, 500, 'kg'))->called('Mass', 'Size'),
            Field::optional('size_mm', new ListShape(new NumberShape(10, 2000, 'mm'), 3, 3))->called('Length × width × height', 'Size'),
            Field::optional('group', new ChoiceShape(GroupSize::names()))->called('Group size', 'Size'),
            Field::optional('tray_mm', new ListShape(new NumberShape(10, 3000, 'mm'), 3, 3))->called('Tray, inside', 'Size'),
            Field::optional('plus_side', new ChoiceShape(['left', 'right']), 'left')->called('Plus, seen from its front', 'Posts'),
            Field::optional('lies', new ObjectShape([
                Field::required('x_mm', new NumberShape(-1000, 5000, 'mm'))->called('From the left'),
                Field::required('y_mm', new NumberShape(-1000, 5000, 'mm'))->called('From below'),
                Field::optional('turned', new ChoiceShape([0, 90, 180, 270]), 0)->called('Turned by, in degrees'),
            ]))->called('Place in the compartment', 'As it stands aboard'),
            Field::optional('petrol_fitting_m', new NumberShape(0, 30, 'm'))->called('Nearest petrol fitting', 'As it stands aboard'),
            Field::optional('petrol_shield', new FlagShape, false)->called('Shield before the petrol fitting', 'As it stands aboard'),
            Field::optional('restrained', new FlagShape)->called('Held down', 'As it stands aboard'),
            Field::optional('booted', new FlagShape)->called('Boot on the plus post', 'As it stands aboard'),
            Field::optional('space', new ChoiceShape(['open', 'ventilated', 'closed']))->called('Space it stands in', 'As it stands aboard'),
            Field::optional('continuous_a', new NumberShape(1, 2000, 'A'))->called('Passes for long', 'Limits of its maker'),
            Field::optional('peak_a', new NumberShape(1, 3000, 'A'))->called('Passes at peak', 'Limits of its maker'),
            Field::optional('max_series', NumberShape::whole(1, 16))->called('Most in series', 'Limits of its maker'),
            Field::optional('max_parallel', NumberShape::whole(1, 16))->called('Most in parallel', 'Limits of its maker'),
        ]);
    }

    public static function bank(): ObjectShape
    {
        $gauge = GaugeShape::of();
        $length = new NumberShape(0.02, 20, 'm of jumper');

        return new ObjectShape([
            Field::id(),
            Field::required(
                'strings',
                new ListShape(new ListShape(ReferenceShape::to('battery', WhenGone::Rearranged), 16, 1), 8, 1),
            )->called('Strings'),
            Field::optional('jumper', new ObjectShape([
                Field::optional('gauge', $gauge, '6 AWG')->called('Gauge'),
                Field::optional('length_m', $length, 0.3)->called('Length'),
                ...self::lug(),
            ]), new \stdClass)->called('Jumpers, as they are made'),
            Field::optional('jumpers', new NullableShape(new PartsShape('jumper', new ObjectShape([
                Field::id(),
                Field::required('from', new PostShape(WhenGone::Rearranged))->called('From post'),
                Field::required('to', new PostShape(WhenGone::Rearranged))->called('To post'),
                Field::optional('gauge', $gauge, '6 AWG')->called('Gauge'),
                Field::optional('length_m', $length, 0.3)->called('Length'),
                Field::optional('protection', new OneOrListShape(CircuitFormat::protection(), 4), [])->called('Fuse or breaker'),
                ...self::lug(),
            ]), 64)))->called('Jumpers, as they are landed'),
            Field::optional('shunt', new NullableShape(new ObjectShape([
                Field::optional('rating_a', new NumberShape(1, 2000, 'A'), 500)->called('Made for'),
                Field::optional('mohm', new NumberShape(0.01, 100, 'mΩ'), 0.1)->called('Resistance'),
                Field::optional('capacity_set_ah', new NumberShape(0.5, 5000, 'Ah'))->called('Monitor set to'),
                Field::optional('stud', self::stud())->called('Stud'),
            ])))->called('Shunt'),
            Field::optional('string_protection', new NullableShape(CircuitFormat::protection()))->called('Fuse of each string'),
            Field::optional('switch', new FlagShape, false)->called('Battery switch'),
            Field::optional('switch_rating_a', new NumberShape(1, 2000, 'A'))->called('Switch made for'),
        ]);
    }

    public static function charger(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('part', new TextShape(100))->called('Part of the catalogue'),
            Field::optional('input', self::input())->called('Fed by'),
            Field::optional('isolated_outputs', new FlagShape)->called('Outputs isolated from each other'),
            Field::optional('fused_ends', new ChoiceShape(
                ['both', 'input', 'output', 'none'],
                ['both' => 'both ends', 'input' => 'its input', 'output' => 'its output', 'none' => 'neither end'],
            ))->called('Leads fused at'),
            Field::optional('input_from', new NullableShape(CircuitFormat::source()))->called('Draws on'),
            Field::optional('efficiency', NumberShape::share(0.3), 0.9)->called('Efficiency'),
            Field::optional('standby_a', new NumberShape(0, 50, 'A'), 0.0)->called('Draws on standby'),
            Field::optional('outputs', new ListShape(new ObjectShape([
                Field::optional('battery', ReferenceShape::to('battery', WhenGone::GoesToo))->called('Charges battery'),
                Field::optional('block', ReferenceShape::to('block', WhenGone::GoesToo))->called('Feeds block'),
                Field::required('amps', new NumberShape(0.1, 300, 'A'))->called('Gives up to'),
                Field::optional('profile', new ChoiceShape(
                    ['flooded', 'agm', 'gel', 'lifepo4'],
                    ['agm' => 'AGM', 'lifepo4' => 'LiFePO4'],
                ))->called('Profile'),
                Field::optional('fuse_at', new ChoiceShape(
                    ['battery', 'charger'],
                    ['battery' => 'the battery', 'charger' => 'the charger'],
                ))->called('Lead fused at'),
                Field::optional('volts', new NumberShape(2, 60, 'V'))->called('Volts'),
                Field::optional('across', new ListShape(ReferenceShape::to('battery', WhenGone::GoesToo), 16), [])->called('Together with batteries'),
                Field::optional('minus_at', new ChoiceShape(
                    ['shunt', 'battery'],
                    ['shunt' => 'the load side of the shunt', 'battery' => 'the battery post'],
                ), 'shunt')->called('Minus lands on'),
                Field::optional('lead', new NullableShape(new ObjectShape([
                    Field::required('gauge', GaugeShape::of())->called('Gauge'),
                    Field::required('length_m', new NumberShape(0.02, 20, 'm of lead'))->called('Length'),
                    Field::optional('plus_hole', self::stud())->called('Hole of the plus lug'),
                    Field::optional('minus_hole', self::stud())->called('Hole of the minus lug'),
                ])))->called('Lead'),
                Field::optional('protection', new OneOrListShape(CircuitFormat::protection(), 4), [])->called('Fuse or breaker'),
            ], ['battery', 'block'], ['battery' => ['profile']]), 12), [])->called('Outputs'),
        ]);
    }

    /** A conductor that joins the negatives of two banks. */
    public static function bond(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::required('from', ReferenceShape::to('bank', WhenGone::GoesToo))->called('From the minus of bank'),
            Field::required('to', ReferenceShape::to('bank', WhenGone::GoesToo))->called('To the minus of bank'),
            Field::optional('gauge', GaugeShape::of(), '6 AWG')->called('Gauge'),
            Field::optional('length_m', new NumberShape(0.02, 20, 'm'), 0.5)->called('Length'),
            ...self::holes(),
            Field::optional('protection', new OneOrListShape(CircuitFormat::protection(), 4), [])->called('Fuse or breaker'),
        ]);
    }

    /** What feeds a charger. */
    public static function input(): Shape
    {
        return new ChoiceShape(['mains', 'alternator', 'solar', 'dc-dc'], ['solar' => 'solar panel', 'dc-dc' => 'another bank (DC–DC)']);
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
            Field::optional('fastening', ChoiceShape::ofEnum(Fastening::class), 'nut')->called('Fastened by'),
            ...self::holes(),
        ];
    }

    /** @return list<Field> */
    private static function holes(): array
    {
        return [
            Field::optional('from_hole', self::stud())->called('Hole of the first lug'),
            Field::optional('to_hole', self::stud())->called('Hole of the second lug'),
        ];
    }
}
