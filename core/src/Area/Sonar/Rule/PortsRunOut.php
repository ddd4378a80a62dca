<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Proposal\FreeId;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class PortsRunOut extends SonarRule
{
    public function text(): RuleText
    {
        return new RuleText('N01', [Level::Stop], 'more network cables end at a device than it has ports; or a device with a port is reached by no cable',
            'what is not joined is not seen', 'computed from the plan', SourceKind::CommonPractice);
    }

    protected function judge(SolvedBoat $solved, SonarFigures $figures): iterable
    {
        foreach ($figures->cabling->devices() as $device) {
            $ports = $figures->network->devices[$device->id]->ports;
            $used = $figures->cabling->used($device->id);
            if ($ports === null) {
                yield new Unchecked($this->text(), "device:{$device->id}", 'network_ports');
            } elseif ($used > $ports) {
                yield new Finding($this->text(), Level::Stop, "device:{$device->id}",
                    "{$device->label()} has ".($ports === 1 ? '1 network port' : "{$ports} network ports").", and {$used} cables are to end at it.",
                    'Lead a cable to a device with a free port, or fit a hub of more ports.',
                    static fn (): iterable => self::elsewhere($figures, $solved, $device),
                    ['ports' => (float) $ports, 'used' => (float) $used]);
            } elseif ($used === 0 && $figures->network->cables !== [] && ! $figures->network->devices[$device->id]->standsAlone) {
                yield new Finding($this->text(), Level::Stop, "device:{$device->id}", "No network cable reaches {$device->label()}.",
                    'Lead a network cable to it, or say that it stands alone.',
                    static fn (): iterable => self::joined($figures, $solved, $device), ['ports' => (float) $ports, 'used' => 0.0]);
            }
        }
    }

    /** @return iterable<Remedy> one of its cables at a port that is free, of the same network; or a larger hub */
    private static function elsewhere(SonarFigures $figures, SolvedBoat $solved, Device $full): iterable
    {
        $joined = $figures->cabling->reachedFrom($full->id);
        foreach ($figures->network->cables as $cable) {
            $end = match ($full->id) {
                $cable->from => 'from',
                $cable->to => 'to',
                default => null,
            };
            $far = $end === 'from' ? $cable->to : $cable->from;
            foreach ($end === null ? [] : $figures->cabling->devices() as $other) {
                if ($other->id !== $far && $other->id !== $full->id && isset($joined[$other->id]) && $figures->cabling->free($other->id) > 0) {
                    yield new Remedy(
                        "Lead {$cable->label($solved->plan)} to {$other->label()}, which has a free port.",
                        Patch::change("network-cable:{$cable->id}", [$end => $other->id], ['length_m', 'route']),
                    );
                }
            }
        }
        if ($full->kind === DeviceKind::NetworkHub) {
            $used = $figures->cabling->used($full->id);
            yield new Remedy("Fit a hub of {$used} ports.", Patch::set("device:{$full->id}", ['network_ports' => $used]));
        }
    }

    /** @return iterable<Remedy> */
    private static function joined(SonarFigures $figures, SolvedBoat $solved, Device $alone): iterable
    {
        $others = array_filter($figures->cabling->devices(), static fn (Device $other): bool => $other->id !== $alone->id && $figures->cabling->free($other->id) > 0);
        usort($others, static fn (Device $a, Device $b): int => [$a->kind !== DeviceKind::NetworkHub] <=> [$b->kind !== DeviceKind::NetworkHub]);
        foreach ($others as $other) {
            $id = FreeId::like($solved->plan, "net {$alone->id}");
            yield new Remedy(
                "Lead a network cable from {$other->label()} to it.",
                Patch::put("network-cable:{$id}", (object) ['id' => $id, 'from' => $other->id, 'to' => $alone->id]),
            );
        }
        yield new Remedy('Say that it stands alone.', Patch::set("device:{$alone->id}", ['stand_alone' => true]));
    }
}
