<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherSupply;
use Dinghy\File\Patch;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Feed;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Trip\TripDraw;

final readonly class TapNotOnFirst implements Rule
{
    /** of the bank's Ah a day, that a tap may take unasked */
    private const SHARE = 0.05;

    public function text(): RuleText
    {
        return new RuleText('B05', [Level::Stop, Level::Warn], 'a tap is not taken from the bank\'s negative up (its negative then stands above the boat\'s, or too many volts reach its device): a stop; a legal tap takes > 5 % of the bank\'s daily Ah: a decision',
            'across another block its negative shorts through shields and frames; more volts break a 12 V part; and the blocks below the tap are emptied before the others', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->feeds as $feed) {
            $supply = $feed->supply;
            $first = $supply->bank->numberOf($supply->bank->strings[0][0], $solved->words->countedFrom);
            if ($supply->minus->above > 0) {
                $lift = $supply->minusAboveNegative();
                yield new Finding($this->text(), Level::Stop, "feed:{$feed->id}",
                    "The negative of {$solved->plan->called($feed)} stands {$solved->words->volts($lift)} above the negative of {$supply->bank->label()}: through shields and frames that is a short circuit.",
                    "Take it across Battery {$first}, from the bank's negative.",
                    self::lower(
                        $solved,
                        $feed,
                        "Take it across Battery {$first}, from the bank's negative.",
                        Patch::set(
                            "feed:{$feed->id}",
                            [
                                'from.plus' => 'tap:'.max(1, $supply->plus->above - $supply->minus->above),
                                'from.minus' => 'neg',
                            ],
                        ),
                    ),
                    ['lift_v' => $lift]);
            } elseif ($supply->isTap()) {
                yield from $this->judgeTap($solved, $feed);
            }
        }
    }

    /** @return \Closure(): iterable<Remedy> from lower posts of the bank, or from others whose volts suit */
    private static function lower(SolvedBoat $solved, Feed $feed, string $says, Patch $patch): \Closure
    {
        return static function () use ($solved, $feed, $says, $patch): iterable {
            yield new Remedy($says, $patch);
            yield from OtherSupply::ofFeed($solved, $feed);
        };
    }

    /** @return iterable<Finding|Unchecked> */
    private function judgeTap(SolvedBoat $solved, Feed $feed): iterable
    {
        $supply = $feed->supply;
        $words = $solved->words;
        $string = $supply->bank->strings[$supply->plus->string];
        $number = static fn (Battery $battery): int => $supply->bank->numberOf($battery, $solved->words->countedFrom);
        foreach ($solved->wiring->paths as $path) {
            if ($path->feed() === $feed && $supply->plus->above > 1 && $supply->nominalVolts() > $path->device->maxVolts) {
                yield new Finding($this->text(), Level::Stop, "feed:{$feed->id}",
                    "{$path->device->label()} takes at most {$words->volts($path->device->maxVolts)}; the tap above Battery {$number($string[$supply->plus->above - 1])} gives {$words->volts($supply->nominalVolts())}.",
                    "Take the tap from Battery {$number($string[0])}.",
                    self::lower(
                        $solved,
                        $feed,
                        "Take the tap from Battery {$number($string[0])}.",
                        Patch::set("feed:{$feed->id}", ['from.plus' => 'tap:1']),
                    ),
                    ['supply_v' => $supply->nominalVolts(), 'max_v' => $path->device->maxVolts]);

                return;
            }
        }
        $trip = $solved->plan->trip;
        if ($trip === null) {
            yield new Unchecked($this->text(), 'plan', 'trip.phases');

            return;
        }
        [$tapped, $whole] = [0.0, 0.0];
        foreach ($solved->wiring->paths as $path) {
            if ($path->bank() === $supply->bank) {
                $drawn = TripDraw::ampHours($trip, $path->device) * $path->ampsAtBank();
                $path->supply()->isTap() ? $tapped += $drawn : $whole += $drawn;
            }
        }
        if ($tapped <= self::SHARE * $whole || $solved->plan->chargesApart($string)) {
            return;
        }
        $first = $supply->bank->strings[0][0];
        $floor = $solved->plan->houseRules->floorOf($first->chemistry) ?? 0.5;
        $trips = $tapped > 0 ? floor((1 - $floor) * $first->capacityAh / $tapped) : INF;
        yield new Finding($this->text(), Level::Warn, "feed:{$feed->id}",
            'Taps take '.QuantityFormatter::trim($tapped, 1)." Ah a trip from the lower blocks of {$supply->bank->label()}, whose whole gives ".QuantityFormatter::trim($whole, 1)
                ." Ah; charged as one bank, Battery {$number($first)} is at its floor alone after ".QuantityFormatter::trim($trips, 0).($trips === 1.0 ? ' trip.' : ' trips.'),
            'Give what is tapped a battery of its own, or charge every block by an output of its own.',
            static fn (): iterable => OtherSupply::ofFeed($solved, $feed), [
                'imbalance_ah' => $tapped,
                'bank_ah' => $whole,
                'trips' => $trips,
            ]);
    }
}
