<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Circuit\States;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Patch;
use Dinghy\Protection\FuseFamily;
use Dinghy\Wiring\RunKind;
use Dinghy\Wiring\SizedProtection;
use Dinghy\Wiring\SizedRun;

final readonly class BreakingCapacity implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F05', [Level::Stop, Level::Warn], 'breaking capacity < what can flow where it sits: for lead at 12 or 24 V with known cranking amps by the published table, elsewhere computed with cold copper and full batteries; a larger fuse upstream, or one on each string, with enough capacity is its backup. A stop where the batteries\' resistance is known, a decision where it is estimated',
            'it would weld shut or burst', 'ABYC E-11; computed', Mark::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->circuits() as $run) {
            foreach ($run->protection as $index => $protection) {
                yield from $this->judge($assessment, $run, $index, $protection);
            }
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function judge(Assessment $assessment, SizedRun $run, int $index, SizedProtection $protection): iterable
    {
        $on = $run->circuit?->on() ?? '';
        $feed = $assessment->feedOf($run);
        if ($feed === null) {
            return; // nothing feeds it
        }
        $bank = $feed->supply->bank;
        if (! States::knows($bank)) {
            yield new Unchecked('F05', $on, "internal_mohm of the batteries of {$bank->id}");

            return;
        }
        [$volts, $flows] = $assessment->prospective($run, $index);
        $tabled = self::tabled($bank, $feed->supply->nominalVolts(), $run->kind === RunKind::Feed && $index === 0);
        $needed = $tabled ?? $flows;
        $capacity = $protection->planned->breakingCapacity($volts);
        if ($capacity >= $needed || $this->isBackedUp($assessment, $run, $index, $needed, $volts)) {
            return;
        }
        $words = $assessment->words;
        $family = $protection->planned->family;
        $better = null;
        foreach ([FuseFamily::Breaker80, FuseFamily::BatteryPost, FuseFamily::StripLarge80, FuseFamily::Cartridge] as $other) {
            if ($better === null && $other->breakingCapacity($volts) >= $needed && $other->has($protection->rating) && $other->maxVolts() >= ($feed->supply->highestVolts() ?? $volts)) {
                $better = $other;
            }
        }
        $field = $run->kind === RunKind::Branch ? 'family' : "protection.{$index}.family";
        $set = $better === null ? [] : [$field => $better->value];
        if ($run->kind === RunKind::Feed && $protection->planned->breakingAmps !== null) {
            $set["protection.{$index}.breaking_a"] = $better?->breakingCapacity($volts);
        }
        yield new Finding($this->text(), self::isKnown($bank) ? Level::Stop : Level::Warn, $on,
            ucfirst("{$family->label()} of {$words->amps($protection->rating)} on {$run->circuit?->label} breaks {$words->amps($capacity)} at {$words->volts($volts)}; ")
                .($tabled === null ? "a short there draws {$words->amps($flows)}." : "with {$words->amps($bank->crankingAmps() ?? 0.0)} cranking it must break {$words->amps($needed)}."),
            $better === null ? 'Put a fuse with more breaking capacity before it.' : "Fit a {$better->label()} of {$words->amps($protection->rating)}: it breaks {$words->amps($better->breakingCapacity($volts))}.",
            $better === null || $run->kind === RunKind::Branch ? null : Patch::set($on, $set),
            ['breaking_a' => $capacity, 'needed_a' => $needed, 'volts' => $volts]);
    }

    /** @return float|null A by total cranking amps of the bank; null: the table does not hold */
    private static function tabled(Bank $bank, float $nominalVolts, bool $main): ?float
    {
        $amps = $bank->crankingAmps();
        if ($amps === null || $nominalVolts > 24 || ! $bank->batteries()[0]->chemistry->isLead()) {
            return null;
        }

        return ($main ? 1.0 : 0.5) * match (true) {
            $amps <= 650 => 1500.0,
            $amps <= 1100 => 3000.0,
            default => 5000.0,
        };
    }

    private static function isKnown(Bank $bank): bool
    {
        foreach ($bank->batteries() as $battery) {
            if ($battery->internalOhms === null && $battery->crankingAmps === null) {
                return false;
            }
        }

        return true;
    }

    /** Whether something before it, larger and strong enough, would open in its place. */
    private function isBackedUp(Assessment $assessment, SizedRun $run, int $index, float $needed, float $volts): bool
    {
        $before = array_slice($run->protection, 0, $index);
        $feed = $assessment->feedOf($run);
        if ($run->kind === RunKind::Branch && $feed !== null) {
            $before = [...$assessment->runs[$feed->id]->protection, ...$before];
        }
        // A fuse on each string breaks what its own string gives.
        $strings = $feed?->supply->bank->stringProtection;
        $count = max(1, count($feed->supply->bank->strings ?? []));
        if ($strings !== null && ($strings->rating ?? 0.0) * $count >= $run->protection[$index]->rating && $strings->breakingCapacity($volts) >= $needed / $count) {
            return true;
        }
        foreach ($before as $upstream) {
            if ($upstream->rating >= $run->protection[$index]->rating && $upstream->planned->breakingCapacity($volts) >= $needed) {
                return true;
            }
        }

        return false;
    }
}
