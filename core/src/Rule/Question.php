<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\File\FieldShape;
use Dinghy\File\PlanFormat;

/** An input that a rule misses, as a person is asked for it. */
final readonly class Question
{
    /** By the last word of the field. */
    private const WORDS = [
        'fuel' => 'What fuel is aboard?',
        'phases' => 'What is a day on the water made of? The plan file says it under trip.phases.',
        'petrol_vapour' => 'Can petrol vapour gather there?',
        'hull_carries_current' => 'Does the hull carry the return current of anything?',
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
        'stud' => 'Which size is the stud of its shunt?',
        'capacity_set_ah' => 'Which capacity is its monitor set to?',
        'length_m' => 'How long is it, one way, slack included?',
        'from_source_m' => 'How far from the post does its fuse or breaker sit?',
        'ignition_protected' => 'Is its protection ignition protected?',
        'resets_itself' => 'Does its breaker reset itself?',
        'trip_free' => 'Does its breaker trip though its lever is held?',
        'input' => 'What feeds it?',
        'isolated_outputs' => 'Are its outputs isolated from each other?',
        'taken_on' => 'When was the boat surveyed as it came? Dates and photographs are kept under Survey.',
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
        'station' => 'Where does it sit?',
        'fused_ends' => 'At which ends is it fused?',
        'battery_loaded_v' => 'What does the battery read while the device draws?',
        'device_loaded_v' => 'What does the device read while it draws?',
        'battery_rest_v' => 'What does the battery read at rest?',
        'amps_a' => 'How many amps does it draw?',
        'gauge' => 'What gauge is the wire as it was found?',
        'fuse_at' => 'At which end is its lead fused?',
        'rating_a' => 'How many amps is it made for?',
        'switch_rating_a' => 'How many amps is its switch made for?',
    ];

    /**
     * @param  string  $asks  a question, or what is needed where nobody can answer it in one field
     * @param  FieldShape|null  $shape  null: not to be answered in one field
     */
    private function __construct(public string $asks, public ?FieldShape $shape)
    {
    }

    public static function of(Unchecked $unchecked, PlanFormat $format): self
    {
        $words = self::WORDS[substr($unchecked->needs, (int) strrpos('.'.$unchecked->needs, '.'))] ?? null;

        return new self($words ?? "It needs {$unchecked->needs}.", $words === null ? null : $format->field($unchecked->on, $unchecked->needs));
    }
}
