<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\Feed;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\Standby;

final readonly class StandbyDrain implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B14', [Level::Warn, Level::Note], 'standby draw that no switch stops flattens the bank to its floor within the days between trips (a decision), or within the winter (a note); automatic bilge pumps and alarms are exempt',
            'the battery is flat before the next trip, and lead left flat is lost', 'computed', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            $drain = Standby::of($solved->wiring, $solved->plan->houseRules, $bank);
            $days = $drain->daysToFloor;
            $rules = $solved->plan->houseRules;
            if ($drain->names === [] || $days === null || $days >= max($rules->layUpDays, $rules->winterDays)) {
                continue;
            }
            $names = $drain->names;
            yield new Finding($this->text(), $days < $rules->layUpDays ? Level::Warn : Level::Note, "bank:{$bank->id}",
                'With everything off, '.implode(', ', $names).(count($names) === 1 ? ' still draws ' : ' still draw ')."{$solved->words->amps($drain->amps)}: {$bank->label()}, full when laid up, is at its floor in ".QuantityFormatter::trim($days, 0).' days.',
                $drain->feeds === [] ? "Fit a battery switch on {$bank->label()}." : 'Fit a switch in '.implode(
                    ' and ',
                    array_map(static fn (Feed $feed): string => $solved->plan->called($feed), $drain->feeds),
                ).'.',
                $drain->feeds === [] ? Patch::set(
                    "bank:{$bank->id}",
                    ['switch' => true],
                ) : Patch::all(
                    array_map(
                        static fn (Feed $feed): Patch => Patch::set("feed:{$feed->id}", ['switch' => true]),
                        $drain->feeds,
                    ),
                ), [
                    'standby_a' => $drain->amps,
                    'days' => $days,
                    'layup_days' => $days < $rules->layUpDays ? $rules->layUpDays : $rules->winterDays,
                ]);
        }
    }
}
