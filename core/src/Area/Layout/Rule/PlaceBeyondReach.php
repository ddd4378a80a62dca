<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\Run;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class PlaceBeyondReach implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W18', [Level::Warn], 'a device has a place of its own farther from the station where its run ends than its factory lead and the slack reach',
            'the wire is bought and sized too short', 'computed', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $usual = $solved->plan->houseRules->slack;
        foreach ($solved->circuits() as $run) {
            $circuit = $run->circuit;
            $device = $circuit === null || count($circuit->behind) !== 1 ? null : $circuit->behind[0];
            // A length typed from the tape has been measured to the device itself.
            if ($circuit === null || $device?->mounting->at === null || $device->station === null || $device->station !== $circuit->to || $circuit->run->typedLength !== null) {
                continue;
            }
            $station = $solved->plan->boat->stations[$device->station];
            $distance = $station->at()->to($device->mounting->at);
            $reach = $device->leadLength + ($circuit->run->slackTo ?? $usual);
            if ($distance <= $reach + 1e-9) {
                continue;
            }
            $words = $solved->words;
            $asked = round($distance - $device->leadLength + $usual, 2);
            yield new Finding($this->text(), Level::Warn, $circuit->on(),
                "{$device->label()} sits {$words->length($distance)} from {$station->label()}, where {$circuit->label} ends; its lead and the slack reach {$words->length($reach)}.",
                "Reckon with {$words->length($asked)} more at that end, put a station where it sits, or move it nearer.",
                $asked > Run::MOST_SLACK ? null : Patch::set($circuit->on(), ['run.slack_to_m' => $asked]), [
                    'distance_m' => $distance,
                    'reach_m' => $reach,
                ]);
        }
    }
}
