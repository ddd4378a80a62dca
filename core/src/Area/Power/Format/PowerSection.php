<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Format;

use Dinghy\File\Section;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\PartsShape;
use Dinghy\File\Shape\Problems;
use Dinghy\Record\Record;

/** The part of the plan format that current comes from and goes through, and the day that it is drawn on. */
final class PowerSection extends Section
{
    public function fields(): array
    {
        return [
            Field::optional('batteries', new PartsShape('battery', SupplyFormat::battery(), 64), [])->called('Batteries'),
            Field::optional('banks', new PartsShape('bank', SupplyFormat::bank(), 16), [])->called('Banks'),
            Field::optional('bonds', new PartsShape('bond', SupplyFormat::bond(), 16, true), [])->called('Bonds'),
            Field::optional('feeds', new PartsShape('feed', CircuitFormat::feed(), 128, true), [])->called('Feeds'),
            Field::optional('blocks', new PartsShape('block', CircuitFormat::block(), 32, true, 'fuse block'), [])->called('Fuse blocks'),
            Field::optional('devices', new PartsShape('device', CircuitFormat::device(), 512, true), [])->called('Devices'),
            Field::optional('chargers', new PartsShape('charger', SupplyFormat::charger(), 16, true, 'charger or converter'), [])->called('Chargers and converters'),
        ];
    }

    public function check(Record $plan, Problems $problems): void
    {
        (new PowerChecks($plan, $problems))->check();
    }

    public function questions(): array
    {
        return [
            'fuel' => 'What fuel is aboard?',
            'hull_carries_current' => 'Does the hull carry the return current of anything?',
            'joins_hull' => 'Does the engine join minus to the hull?',
            'cranking_a' => 'How many amps does the starter draw?',
            'min_cca_a' => 'How many cold cranking amps does the engine ask for?',
            'restrained' => 'Is it held down?',
            'booted' => 'Has its positive post a boot?',
            'space' => 'What is the space like that it stands in?',
            'rested_v' => 'What does it read after a rest?',
            'cca_a' => 'How many cold cranking amps has it?',
            'continuous_a' => 'How many amps does its management system pass for long?',
            'peak_a' => 'How many amps does its management system pass at peak?',
            'max_series' => 'How many in series does its maker allow?',
            'max_parallel' => 'How many in parallel does its maker allow?',
            'stud_pos' => 'Which size is its positive stud?',
            'stud_neg' => 'Which size is its negative stud?',
            'stud' => 'Which size are its studs?',
            'protection.stud' => 'Which size are the studs of its fuse or breaker?',
            'shunt.stud' => 'Which size is the stud of its shunt?',
            'branch_stud' => 'Which size are the screws of its circuits?',
            'capacity_set_ah' => 'Which capacity is its monitor set to?',
            'length_m' => 'How long is it, one way, slack included?',
            'from_source_m' => 'How far from the post does its fuse or breaker sit?',
            'ignition_protected' => 'Is its protection ignition protected?',
            'resets_itself' => 'Does its breaker reset itself?',
            'trip_free' => 'Does its breaker trip though its lever is held?',
            'input' => 'What feeds it?',
            'isolated_outputs' => 'Are its outputs isolated from each other?',
            'station' => 'Where does it sit?',
            'fused_ends' => 'At which ends is it fused?',
            'gauge' => 'What gauge is the wire as it was found?',
            'fuse_at' => 'At which end is its lead fused?',
            'rating_a' => 'How many amps is it made for?',
            'switch_rating_a' => 'How many amps is its switch made for?',
        ];
    }

    public function catalogue(): array
    {
        return PowerCatalogue::kinds();
    }
}
