<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherSupply;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ScreenDips implements Rule
{
    /** V */
    private const LIMIT = 0.5;

    private const NEAR = 0.5;

    /** A; a load of less does not move a bank by half a volt */
    private const HEAVY = 3.0;

    public function text(): RuleText
    {
        return new RuleText('D03', [Level::Warn], 'volts at a screen dip > 0.5 V when the motor or another shared load comes on',
            'screens flicker or restart as the load comes and goes', 'computed', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $loaded = $solved->states->in(State::Loaded);
        if ($loaded === null) {
            return; // D02 speaks of it
        }
        foreach ($solved->plan->banks as $bank) {
            $devices = $solved->devicesOn($bank);
            $screens = array_filter(
                $devices,
                static fn (Device $device): bool => $device->kind === DeviceKind::Display,
            );
            if ($screens === [] || ! States::knows($bank)) {
                continue;
            }
            foreach ($devices as $device) {
                if (! $device->kind->isElectronics() && $device->sizingAmps() >= self::HEAVY) {
                    yield from $this->judge($solved, $loaded, $device, $screens);
                }
            }
        }
    }

    /**
     * @param  non-empty-array<string, Device>  $screens
     * @return iterable<Finding>
     */
    private function judge(SolvedBoat $solved, Solution $loaded, Device $device, array $screens): iterable
    {
        // Whole solves only where the wires alone come near the limit: loads of constant power add a third at most.
        $perAmp = $solved->states->network(State::Loaded)->perAmpDrawn($device->plus()->name, $device->minus()->name);
        $worst = min(array_map(static fn (Device $screen): float => $perAmp->at($screen) ?? 0.0, $screens));
        if (-$worst * $device->sizingAmps() < self::NEAR * self::LIMIT) {
            return;
        }
        $others = array_fill_keys(array_keys(array_diff_key($solved->plan->devices, [$device->id => true])), 1.0);
        $off = $solved->states->with($others);
        if (! $off instanceof Solution) {
            return;
        }
        foreach ($screens as $screen) {
            $before = $off->at($screen);
            $after = $loaded->at($screen);
            if ($before !== null && $after !== null && $before - $after > self::LIMIT) {
                yield new Finding($this->text(), Level::Warn, "device:{$screen->id}",
                    "{$screen->label()} dips by {$solved->words->volts($before - $after)}, to {$solved->words->volts($after)}, when {$device->label()} comes on.",
                    'Give the screens a feed, or a battery, of their own.', static fn (): iterable => OtherSupply::ofDevice($solved, $screen), [
                        'dip_v' => $before - $after,
                        'to_v' => $after,
                    ]);
            }
        }
    }
}
