<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Circuit\State;
use Dinghy\File\Patch;
use Dinghy\Network\JoinedDevices;
use Dinghy\Plan\Bond;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class NoCommonNegative implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D06', [Level::Warn], 'devices joined by data cables are fed from banks without a common negative, or the common negative is thinner than the largest feeder',
            'data shields would carry supply or cranking current', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach (JoinedDevices::of($solved->plan) as $devices) {
            $feeding = [];
            foreach ($solved->wiring->paths as $path) {
                in_array($path->device->id, $devices, true) && $feeding[$path->bank()->id] = true;
            }
            $banks = array_map(strval(...), array_keys($feeding));
            sort($banks, SORT_STRING);
            for ($i = 1; $i < count($banks); $i++) {
                yield from $this->judge($solved, $banks[0], $banks[$i]);
            }
        }
    }

    /** @return iterable<Finding> */
    private function judge(SolvedBoat $solved, string $one, string $other): iterable
    {
        $largest = null;
        foreach ([...$solved->plan->feedsOf($solved->plan->banks[$one]), ...$solved->plan->feedsOf($solved->plan->banks[$other])] as $feed) {
            $gauge = $solved->runs[$feed->id]->gauge;
            $largest = $largest === null || $largest->isThinnerThan($gauge) ? $gauge : $largest;
        }
        $banks = "{$solved->plan->banks[$one]->label()} and {$solved->plan->banks[$other]->label()}";
        $bonds = array_filter(
            $solved->plan->bonds,
            static fn (Bond $bond): bool => [
                $bond->from->id,
                $bond->to->id,
            ] === [$one, $other] || [$bond->to->id, $bond->from->id] === [$one, $other],
        );
        $joined = $solved->states->network(State::Rest)->topology->joins(
            $solved->plan->banks[$one]->negativePost()->name,
            $solved->plan->banks[$other]->negativePost()->name,
        );
        if ($bonds === [] && ! $joined) {
            $id = self::freeId($solved->plan);
            yield new Finding($this->text(), Level::Warn, "bank:{$other}",
                "Data cables join devices on {$banks}, whose negatives nothing joins.",
                "Join the negatives of both banks with {$largest}.",
                Patch::put(
                    "bond:{$id}",
                    (object) ['id' => $id, 'from' => $one, 'to' => $other, 'gauge' => $largest->name ?? '6 AWG'],
                ), []);
        }
        foreach ($bonds as $bond) {
            if ($largest !== null && $bond->gauge->isThinnerThan($largest)) {
                yield new Finding($this->text(), Level::Warn, "bank:{$other}",
                    "The common negative of {$banks} is {$bond->gauge}, thinner than the largest feeder, {$largest}.",
                    "Run {$largest}.", Patch::set("bond:{$bond->id}", ['gauge' => $largest->name]), [
                        'bond_mm2' => $bond->gauge->areaMm2,
                        'feeder_mm2' => $largest->areaMm2,
                    ]);
            }
        }
    }

    private static function freeId(Plan $plan): string
    {
        $taken = array_map(static fn (Bond $bond): string => $bond->id, $plan->bonds);
        for ($number = 1; in_array("common-negative-{$number}", $taken, true); $number++);

        return "common-negative-{$number}";
    }
}
