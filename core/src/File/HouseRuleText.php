<?php

declare(strict_types=1);

namespace Dinghy\File;

/**
 * What a house rule is called, what it is counted in and why it is as it is by default; limits and defaults stand in
 * PlanFormat.
 */
final readonly class HouseRuleText
{
    /** A number from 0 to 1 that people read and type as a percentage. */
    public const SHARE = 'share';

    /**
     * @param  string  $field  dotted, within house_rules
     * @param  string  $unit  of the file; '' for a choice or a bare number
     * @param  string  $reason  why the default
     */
    private function __construct(
        public string $field,
        public string $label,
        public string $unit,
        public string $reason,
    ) {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return [
            new self(
                'drop_pct.electronics',
                'Drop allowed to electronics',
                '%',
                'Screens restart near their lowest volts, so the path keeps what the battery has; 3 % as for critical circuits (published, ABYC E-11, from memory).',
            ),
            new self(
                'drop_pct.thrust',
                'Drop allowed to motors',
                '%',
                'A motor only slows; copper for 3 % at full thrust is heavy and dear. Common practice, no source.',
            ),
            new self(
                'drop_pct.general',
                'Drop allowed to lights and pumps',
                '%',
                'They bear it; 10 % as for non-critical circuits (published, ABYC E-11, from memory).',
            ),
            new self(
                'insulation_c',
                'Insulation of the wire kept',
                '°C',
                'Tinned marine wire is sold as 105 °C; older wire is judged by less.',
            ),
            new self(
                'ambient_c',
                'Warmest place wires run in',
                '°C',
                'Ampacity tables begin at 30 °C; an engine space counts as 50 °C, or as hot as this.',
            ),
            new self(
                'conductor_c',
                'Temperature volts are predicted at',
                '°C',
                'A meter is held to wires at the temperature of the day, not to hot ones.',
            ),
            new self(
                'slack_m',
                'Slack left at each end',
                'm',
                'Enough to cut off a lug and crimp it again. Common practice, no source.',
            ),
            new self(
                'waste_pct',
                'Waste added to wire bought',
                '%',
                'Ends, a wrong cut and the last metre on the reel. Common practice, no source.',
            ),
            new self(
                'floor_soc.flooded',
                'Flooded batteries not run below',
                self::SHARE,
                'Below half, cycles are lost fast. Common practice, no source.',
            ),
            new self(
                'floor_soc.agm',
                'AGM batteries not run below',
                self::SHARE,
                'As flooded: below half, cycles are lost fast. Common practice, no source.',
            ),
            new self(
                'floor_soc.gel',
                'Gel batteries not run below',
                self::SHARE,
                'As flooded: below half, cycles are lost fast. Common practice, no source.',
            ),
            new self(
                'floor_soc.lifepo4',
                'LiFePO4 batteries not run below',
                self::SHARE,
                'A tenth stays for the battery\'s own electronics before it switches off. Common practice, no source.',
            ),
            new self('layup_days', 'Days between trips', 'days', 'A month in the season. Common practice, no source.'),
            new self(
                'winter_days',
                'Days a boat is laid up in winter',
                'days',
                'From the first ice to the last: half a year. Common practice, no source.',
            ),
            new self('winter_c', 'Temperature she winters at', '°C', 'A shed by a cold lake: batteries lose less by themselves than in the warm, and hold less. Common practice, no source.'),
            new self('night_hours', 'Hours a charger has at night', 'h', 'Off the water at eight, on it at six.'),
            new self(
                'stock_gauges',
                'Gauges kept',
                '',
                'The sizes riggers use most; a gauge that is not kept is never chosen, only shown.',
            ),
            new self(
                'joint',
                'How joints are made',
                '',
                'A crimp with adhesive shrink can be inspected and holds in vibration. Solder alone is never a joint.',
            ),
            new self('labels', 'On the labels', '', 'Whoever mends her in ten years has no drawing: circuit, polarity, both ends and gauge. Common practice, no source.'),
            new self('cut_after_pull_m', 'Cut on the bench up to', 'm', 'A long run is pulled first: what it really needs is known only then. Common practice, no source.'),
            new self('remnant_m', 'Remnants kept from', 'm', 'Shorter ones make no lead between two things. Common practice, no source.'),
            new self('piece_minutes', 'Minutes to measure, cut and label a piece', 'min', 'A working estimate; time your own bench. Common practice, no source.'),
            new self('end_minutes', 'Minutes to strip, crimp, pull and shrink an end', 'min', 'A working estimate; time your own bench. Common practice, no source.'),
            new self(
                'first_wires',
                'First wires on the posts',
                '',
                'Charger leads first lie lowest and are not disturbed again. Riggers disagree; jumpers first is as sound.',
            ),
            new self(
                'numbering_end',
                'Battery 1 is at',
                '',
                'The block whose minus is the common negative is where a tap and a meter begin. Riggers disagree.',
            ),
        ];
    }
}
