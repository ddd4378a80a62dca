<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Network\DataNetwork;
use Dinghy\Network\PowerTap;
use Dinghy\Plan\Device;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddDevice;
use Dinghy\Proposal\CircuitOffers;
use Dinghy\Proposal\CircuitRequirements;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class NothingFeedsIt implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('D08', [Level::Note], 'no feed, no fed branch and no powered backbone leads to a device',
            'no rule can say anything of its supply', 'computed', SourceKind::CommonPractice);
    }

    /** @return \Closure(): iterable<Remedy> */
    private static function circuits(Plan $plan, Device $device): \Closure
    {
        return static function () use ($plan, $device): iterable {
            $asks = CircuitRequirements::ofDevice($device);
            foreach (CircuitOffers::of($plan, $asks, $device->station, []) as $offer) {
                yield new Remedy(
                    "Hang it on {$offer->label}.",
                    AddDevice::circuit($plan, $asks, $offer, $device->id, $device->label()),
                );
            }
        };
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->devices as $device) {
            if ($solved->wiring->pathsTo($device) === [] && ! self::isFedByBackbone($solved, $device)) {
                yield new Finding($this->text(), Level::Note, $device->on(), "Nothing feeds {$device->label()}.",
                    'Give it a branch of a fuse block or a feed of its own.', self::circuits($solved->plan, $device), []);
            }
        }
    }

    /** Whether it is a sensor on a backbone that has power: from a circuit, or from where its tap says. */
    private static function isFedByBackbone(SolvedBoat $solved, Device $device): bool
    {
        foreach ($device->kind->livesOnBackbone() ? ($solved->plan->part(DataNetwork::class)?->backbonesOf($device->id) ?? []) : [] as $backbone) {
            $power = $solved->plan->consumers[$backbone->id] ?? null;
            $isTapped = array_filter($backbone->taps, static fn (PowerTap $tap): bool => $tap->volts !== null) !== [];
            if ($isTapped || ($power !== null && $solved->wiring->pathsTo($power) !== [])) {
                return true;
            }
        }

        return false;
    }
}
