<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\File\Patch;
use Dinghy\Mounting\Sight;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ScreenOutOfSight implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('M04', [Level::Warn], "a screen stands outside the sight cone or the reach of its user's position",
            'what cannot be read or reached is not used', 'common practice, working estimates', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->devices as $device) {
            if ($device->kind !== DeviceKind::Display) {
                continue;
            }
            $places = array_filter(['helm' => $device->mounting->fromHelm, 'angler' => $device->mounting->fromAngler]);
            if ($places === []) {
                yield new Unchecked($this->text(), "device:{$device->id}", 'seen_from_helm');
            }
            foreach ($places as $who => $sight) {
                if (! $sight->isSeen()) {
                    yield $this->unseen($solved->words, $device, $who, $sight);
                } elseif (! $sight->isInReach()) {
                    yield new Finding($this->text(), Level::Warn, "device:{$device->id}",
                        "{$device->label()} is {$solved->words->length($sight->reach())} from the {$who}'s shoulder; an arm reaches {$solved->words->length(Sight::ARM)}.",
                        'Bring it nearer, or say that it is only looked at from there.', Patch::set(
                            "device:{$device->id}",
                            ["seen_from_{$who}.reached" => false],
                        ), ['reach_m' => $sight->reach(), 'arm_m' => Sight::ARM]);
                }
            }
        }
    }

    private function unseen(QuantityFormatter $words, Device $device, string $who, Sight $sight): Finding
    {
        return new Finding($this->text(), Level::Warn, "device:{$device->id}",
            "The {$who} looks at {$device->label()} from {$words->degrees($sight->offSquare())} off square; it reads well within {$words->degrees(Sight::CONE)}.",
            "Turn it towards the {$who}, or move it.",
            static function () use ($words, $device, $who, $sight): iterable {
                $tilt = round(rad2deg($sight->bestTilt()));
                $turn = round(rad2deg($sight->bestTurn()));
                $on = "device:{$device->id}";
                $tipped = new Sight(
                    $sight->away,
                    $sight->aside,
                    $sight->below,
                    deg2rad($tilt),
                    $sight->turn,
                    $sight->reached,
                );
                if ($tipped->isSeen()) {
                    yield new Remedy(
                        "Tip its face to {$tilt}°: it is then seen from {$words->degrees($tipped->offSquare())} off square.",
                        Patch::set($on, ["seen_from_{$who}.tilt_deg" => $tilt]),
                    );
                }
                yield new Remedy(
                    "Turn it by {$turn}° to the {$who}'s side.",
                    Patch::set($on, ["seen_from_{$who}.turn_deg" => $turn]),
                );
                yield new Remedy(
                    "Tip its face to {$tilt}° and turn it by {$turn}° to the {$who}'s side.",
                    Patch::set($on, ["seen_from_{$who}.tilt_deg" => $tilt, "seen_from_{$who}.turn_deg" => $turn]),
                );
            }, ['off_square_deg' => rad2deg($sight->offSquare()), 'limit_deg' => rad2deg(Sight::CONE)]);
    }
}
