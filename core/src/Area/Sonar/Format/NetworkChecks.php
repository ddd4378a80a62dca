<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Format;

use Dinghy\File\Shape\Problems;
use Dinghy\Record\Record;

/** What no shape can say of data and sonar: sockets and links that are named and there, places that lie on their trunk. */
final readonly class NetworkChecks
{
    public function __construct(private Record $plan, private Problems $problems)
    {
    }

    public function check(): void
    {
        $network = $this->plan->record('network');
        $sockets = $this->sockets();
        $links = [
            ...self::ids($network->records('adapters')),
            ...self::ids($network->records('terminal_blocks')),
        ];
        $transducers = self::ids($network->records('transducers'));
        foreach ($network->records('transducers') as $i => $transducer) {
            $at = "/network/transducers/{$i}";
            $to = $transducer->recordOrNull('to');
            if ($to !== null && isset($sockets[$to->text('device')]) && ! in_array($to->text('socket'), $sockets[$to->text('device')], true)) {
                $this->problems->add("{$at}/to/socket", 'expected a socket of that device, found "'.$to->text('socket').'"');
            }
            $this->named($transducer->texts('via'), $links, "{$at}/via", 'an adapter or a terminal block of the plan');
            $this->named($transducer->texts('not_with'), $transducers, "{$at}/not_with", 'a transducer of the plan');
        }
        foreach (['adapters', 'terminal_blocks'] as $list) {
            foreach ($network->records($list) as $i => $link) {
                $link->text('from') === $link->text('to') && $this->problems->add("/network/{$list}/{$i}/to", 'expected another plug than it takes');
            }
        }
        foreach ($network->records('terminal_blocks') as $i => $block) {
            $this->checkPins($block, "/network/terminal_blocks/{$i}");
        }
        foreach ($network->records('cables') as $i => $cable) {
            $cable->text('from') === $cable->text('to') && $this->problems->add("/network/cables/{$i}/to", 'expected another device than "from": a cable joins two');
        }
        foreach ($network->records('backbones') as $i => $backbone) {
            $this->checkTrunk($backbone, "/network/backbones/{$i}");
        }
        foreach ($network->records('serial') as $i => $line) {
            in_array($line->text('talker'), $line->texts('listeners'), true)
                && $this->problems->add("/network/serial/{$i}/listeners", 'expected other devices than the one that talks');
        }
        $this->checkTalkers($network);
    }

    /** @return array<string, list<string>> sockets by device */
    private function sockets(): array
    {
        $sockets = [];
        foreach ($this->plan->records('devices') as $i => $device) {
            $ids = self::ids($device->records('sockets'));
            count($ids) === count(array_unique($ids)) || $this->problems->add("/devices/{$i}/sockets", 'expected every socket of a device to have an id of its own');
            $sockets[$device->text('id')] = $ids;
        }

        return $sockets;
    }

    private function checkPins(Record $block, string $at): void
    {
        $pins = array_map(static fn (Record $pin): int => (int) $pin->number('pin'), $block->records('pins'));
        count($pins) === count(array_unique($pins)) || $this->problems->add("{$at}/pins", 'expected every pin once');
        foreach ($block->records('wired') as $i => $wire) {
            in_array((int) $wire->number('pin'), $pins, true)
                || $this->problems->add("{$at}/wired/{$i}/pin", 'expected one of its pins, found '.(int) $wire->number('pin'));
        }
    }

    private function checkTrunk(Record $backbone, string $at): void
    {
        $length = $backbone->number('length_m');
        foreach (['power', 'nodes'] as $list) {
            foreach ($backbone->records($list) as $i => $item) {
                $item->number('at_m') <= $length || $this->problems->add("{$at}/{$list}/{$i}/at_m", "expected a place on the trunk, which is {$length} m long, found {$item->number('at_m')} m");
            }
        }
        $isolated = $backbone->numberOrNull('isolated_at_m');
        $isolated === null || $isolated <= $length || $this->problems->add("{$at}/isolated_at_m", "expected a place on the trunk, which is {$length} m long, found {$isolated} m");
        $devices = array_map(static fn (Record $node): string => $node->text('device'), $backbone->records('nodes'));
        count($devices) === count(array_unique($devices)) || $this->problems->add("{$at}/nodes", 'expected every device once on a backbone');
    }

    /** What one line says already is said once. */
    private function checkTalkers(Record $network): void
    {
        $heard = [];
        foreach ($network->records('serial') as $i => $line) {
            $pair = $line->text('talker').' '.implode(' ', $line->texts('listeners'));
            isset($heard[$pair]) && $this->problems->add("/network/serial/{$i}", 'expected a line between devices that no other line joins alike');
            $heard[$pair] = true;
        }
    }

    /**
     * @param  list<string>  $ids
     * @param  list<string>  $there
     */
    private function named(array $ids, array $there, string $at, string $expected): void
    {
        foreach ($ids as $i => $id) {
            in_array($id, $there, true) || $this->problems->add("{$at}/{$i}", "expected {$expected}, found \"{$id}\"");
        }
    }

    /**
     * @param  list<Record>  $records
     * @return list<string>
     */
    private static function ids(array $records): array
    {
        return array_map(static fn (Record $record): string => $record->text('id'), $records);
    }
}
