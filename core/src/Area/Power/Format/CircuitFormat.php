<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Format;

use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\Metal;
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
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TerminalShape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Fastening;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\LoadKind;
use Dinghy\Plan\Run;
use Dinghy\Plan\WireKind;
use Dinghy\Protection\FuseFamily;
use Dinghy\Record\WhenGone;

/** The part of the plan format that current goes through: feeds, fuse blocks, runs, devices. */
final class CircuitFormat
{
    public static function feed(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::required('class', ChoiceShape::ofEnum(LoadClass::class))->called('Class of load'),
            Field::optional('run', self::run(), new \stdClass)->called('Run'),
            Field::optional('protection', new OneOrListShape(self::protection(), 4), [])->called('Fuse or breaker'),
            Field::required('to', self::target())->called('Leads to'),
            Field::required('from', self::source())->called('Taken from'),
            Field::optional('switch', new FlagShape, false)->called('Switch in the plus'),
            Field::optional('switch_rating_a', new NumberShape(1, 2000, 'A'))->called('Switch made for'),
            Field::optional('fastening', ChoiceShape::ofEnum(Fastening::class), 'nut')->called('Fastened by', 'At the posts'),
            Field::optional('plus_hole', SupplyFormat::stud())->called('Hole of the plus lug', 'At the posts'),
            Field::optional('minus_hole', SupplyFormat::stud())->called('Hole of the minus lug', 'At the posts'),
        ]);
    }

    /** The two terminals of a bank that current is taken from. */
    public static function source(): ObjectShape
    {
        return new ObjectShape([
            Field::required('bank', ReferenceShape::to('bank', WhenGone::GoesToo))->called('Bank'),
            Field::optional('plus', new TerminalShape, 'pos')->called('Plus on'),
            Field::optional('minus', new TerminalShape, 'neg')->called('Minus on'),
            Field::optional('past_shunt', new FlagShape, false)->called('Minus goes past the shunt'),
        ]);
    }

    private static function target(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('device', ReferenceShape::to('device', WhenGone::GoesToo))->called('Device'),
            Field::optional('block', ReferenceShape::to('block', WhenGone::GoesToo))->called('Fuse block'),
            Field::optional('backbone', ReferenceShape::to('backbone', WhenGone::GoesToo))->called('Backbone'),
        ], ['device', 'block', 'backbone']);
    }

    /** @return list<Field> what the maker of a fuse block gives beside its circuits */
    public static function madeAsBlock(): array
    {
        return [
            Field::optional('rating_a', new NumberShape(1, 2000, 'A'))->called('Made for'),
            Field::optional('ignition_protected', new FlagShape)->called('Ignition protected'),
            Field::optional('stud', SupplyFormat::stud())->called('Studs of its buses', 'Terminals'),
            Field::optional('branch_stud', SupplyFormat::stud())->called('Screws of its circuits', 'Terminals'),
            Field::optional('branch_terminal', new ChoiceShape(['ring', 'spade'], ['ring' => 'under a screw', 'spade' => 'on a flat tab']), 'ring')->called('Its circuits land', 'Terminals'),
        ];
    }

    public static function block(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('part', new TextShape(100))->called('Part of the catalogue'),
            Field::optional('station', ReferenceShape::to('station'))->called('Where it sits'),
            Field::optional('circuits', NumberShape::whole(1, 48))->called('Circuits'),
            ...self::madeAsBlock(),
            Field::optional('branches', new PartsShape('branch', new ObjectShape([
                Field::id(),
                Field::required('class', ChoiceShape::ofEnum(LoadClass::class))->called('Class of load'),
                Field::optional('family', ChoiceShape::ofEnum(FuseFamily::class), 'blade')->called('Kind of fuse'),
                Field::optional('fuse_a', new NullableShape(new NumberShape(0.5, 600, 'A')))->called('Fuse'),
                Field::optional('run', self::run(), new \stdClass)->called('Run'),
                Field::optional('hole', SupplyFormat::stud())->called('Hole of its lugs at the block'),
                Field::required('to', self::target())->called('Leads to'),
            ]), 48, true), [])->called('Branches'),
        ]);
    }

    private static function run(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('gauge', new NullableShape(GaugeShape::of()))->called('Gauge'),
            Field::optional('length_m', new NullableShape(new NumberShape(0.05, 60, 'm of run, one way')))->called('Length, one way'),
            Field::optional(
                'route',
                new NullableShape(new ListShape(ReferenceShape::to('station', WhenGone::Rearranged), 40, 2)),
            )->called('Route'),
            Field::optional('extra_mohm', new NumberShape(0, 2000, 'mΩ'), 0)->called('Old joints on the way'),
            Field::optional('slack_from_m', new NumberShape(0, Run::MOST_SLACK, 'm of slack'))->called('Slack at the start', 'Slack and way back'),
            Field::optional('slack_to_m', new NumberShape(0, Run::MOST_SLACK, 'm of slack'))->called('Slack at the end', 'Slack and way back'),
            Field::optional(
                'minus_route',
                new NullableShape(new ListShape(ReferenceShape::to('station', WhenGone::Rearranged), 40, 2)),
            )->called('Route of the minus', 'Slack and way back'),
            Field::optional('drip_loop', new FlagShape, true)->called('Drip loop', 'Slack and way back'),
            Field::optional('metal', ChoiceShape::ofEnum(Metal::class), 'tinned-copper')->called('Metal', 'The wire'),
            Field::optional('cable', self::cable(), 'single')->called('Cable', 'The wire'),
            Field::optional('bundled', NumberShape::whole(1, 100), 2)->called('Conductors in the bundle', 'The wire'),
            Field::optional('wire', ChoiceShape::ofEnum(WireKind::class), 'marine')->called('Kind of wire', 'The wire'),
            Field::optional('plus_colour', new TextShape(30))->called('Colour of the plus', 'The wire'),
            Field::optional('minus_colour', new TextShape(30))->called('Colour of the minus', 'The wire'),
            Field::optional('connectors', new ListShape(self::connector(), 12), [])->called('Connectors', 'Joints'),
            Field::optional('to_hole', SupplyFormat::stud())->called('Hole of the lugs at its end', 'Joints'),
            Field::optional('plug', new NullableShape(new ObjectShape([
                Field::required('rating_a', new NumberShape(0.5, 600, 'A'))->called('Made for'),
                Field::required('max_v', new NumberShape(5, 1000, 'V'))->called('Up to'),
                Field::optional('keyed', new FlagShape, true)->called('Fits one way only'),
            ])))->called('Plug', 'Joints'),
        ]);
    }

    public static function device(): ObjectShape
    {
        return new ObjectShape([
            Field::id(),
            Field::optional('part', new TextShape(100))->called('Part of the catalogue'),
            Field::optional('name', new TextShape(100), '')->called('Name'),
            Field::required('kind', ChoiceShape::ofEnum(DeviceKind::class))->called('Kind'),
            Field::optional('station', ReferenceShape::to('station'))->called('Where it sits'),
            Field::required('v_min', new NumberShape(0, 80, 'V'))->called('Works from'),
            Field::required('v_max', new NumberShape(0.5, 80, 'V'))->called('Works up to'),
            Field::required('typical_a', new NumberShape(0, 400, 'A'))->called('Draws, usually'),
            Field::required('peak_a', new NumberShape(0, 600, 'A'))->called('Draws at peak'),
            Field::optional('standby_a', new NumberShape(0, 50, 'A'), 0.0)->called('Draws on standby'),
            Field::optional('load', ChoiceShape::ofEnum(LoadKind::class))->called('How it draws', 'As its maker made it'),
            Field::optional('amps_at', new ListShape(new ObjectShape([
                Field::required('speed', NumberShape::share())->called('Shaft speed'),
                Field::required('amps', new NumberShape(0, 400, 'A'))->called('Draws'),
            ]), 24), [])->called('Amps by shaft speed', 'As its maker made it'),
            Field::optional('fuse_a', new NullableShape(new NumberShape(0.5, 600, 'A')))->called('Fuse its maker asks for', 'As its maker made it'),
            Field::optional('lead', new NullableShape(new ObjectShape([
                Field::required('gauge', GaugeShape::of())->called('Gauge'),
                Field::required('length_m', new NumberShape(0.02, 20, 'm of lead'))->called('Length'),
                Field::optional('connector', self::connector())->called('Connector'),
            ])))->called('Factory lead', 'As its maker made it'),
            Field::optional('longest_runs', new ListShape(new ObjectShape([
                Field::required('gauge', GaugeShape::of())->called('Gauge'),
                Field::required('length_m', new NumberShape(0.1, 60, 'm of run, one way'))->called('Longest run, one way'),
            ]), 12), [])->called('Longest runs its maker allows', 'As its maker made it'),
            Field::optional('stud', SupplyFormat::stud())->called('Studs, where it has no lead', 'As its maker made it'),
            Field::optional('always_on', new FlagShape, false)->called('Always on', 'How it is used'),
            Field::optional('keyed_plug', new FlagShape, false)->called('Plug fits one way only', 'As its maker made it'),
            Field::optional('data', new TextShape(40))->called('Data', 'As its maker made it'),
        ]);
    }

    /** A wire as it is kept on the reel. */
    public static function wire(): ObjectShape
    {
        return new ObjectShape([
            Field::required('gauge', GaugeShape::of())->called('Gauge'),
            Field::optional('cable', self::cable(), 'single')->called('Cable'),
            Field::optional('insulation_c', new ChoiceShape(Ampacity::INSULATION_RATINGS))->called('Insulation'),
        ]);
    }

    public static function protection(): ObjectShape
    {
        return new ObjectShape([
            Field::required('family', ChoiceShape::ofEnum(FuseFamily::class))->called('Kind'),
            Field::optional('rating_a', new NullableShape(new NumberShape(0.5, 600, 'A')))->called('Rating'),
            Field::optional('from_source_m', new NullableShape(new NumberShape(0, 40, 'm')))->called('From the post, along the wire'),
            Field::optional('sheathed', new FlagShape, false)->called('Wire sheathed up to it'),
            Field::optional('max_v', new NumberShape(6, 1000, 'V'))->called('Up to', 'As it is made'),
            Field::optional('breaking_a', new NumberShape(10, 200000, 'A'))->called('Breaks up to', 'As it is made'),
            Field::optional('ignition_protected', new FlagShape)->called('Ignition protected', 'As it is made'),
            Field::optional('resets_itself', new FlagShape)->called('Resets itself', 'As it is made'),
            Field::optional('trip_free', new FlagShape)->called('Trips though held', 'As it is made'),
            Field::optional('stud', SupplyFormat::stud())->called('Studs', 'As it is made'),
            Field::optional('hole', SupplyFormat::stud())->called('Hole of the lugs on it'),
        ]);
    }

    /** A splice, lug or quick connector with the thinnest and the thickest gauge that it is made for. */
    public static function connector(): ObjectShape
    {
        return new ObjectShape([
            Field::optional('name', new TextShape(60), '')->called('Name'),
            Field::required('thinnest', GaugeShape::of())->called('Thinnest gauge'),
            Field::required('thickest', GaugeShape::of())->called('Thickest gauge'),
        ]);
    }

    /** How plus and minus lie beside each other. */
    private static function cable(): Shape
    {
        return new ChoiceShape(['single', 'pair'], ['single' => 'two single wires', 'pair' => 'a pair in one jacket']);
    }
}
