<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\Problems;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Supply;
use Dinghy\Plan\Terminal;
use Dinghy\Plan\Way;
use Dinghy\Record\Record;
use Dinghy\Route\Ways;

/** What a document's shape cannot say: ids used once, nothing dangling, every route walkable, limits that span keys. */
final class References
{
    /** Dinghy plans low-voltage DC on small craft: a bank above this is another trade. */
    private const HIGHEST_NOMINAL_VOLTS = 60;

    /** @var array<string, array<string, true>> the ids in the file by kind */
    private array $ids = [];

    public function __construct(private readonly Record $plan, private readonly Problems $problems)
    {
    }

    public function check(): void
    {
        $this->collectIds();
        $boat = $this->plan->record('boat');
        foreach ($boat->records('ways') as $i => $way) {
            $this->known('station', $way->text('from'), "/boat/ways/{$i}/from");
            $this->known('station', $way->text('to'), "/boat/ways/{$i}/to");
            if ($way->text('from') === $way->text('to')) {
                $this->problems->add("/boat/ways/{$i}/to", 'expected another station than "from": a way joins two stations');
            }
        }
        foreach (['batteries', 'blocks', 'devices', 'holes', 'boards'] as $list) {
            foreach ($this->plan->records($list) as $i => $part) {
                $this->knownOrNull('station', $part->textOrNull('station'), "/{$list}/{$i}/station");
            }
        }
        $this->checkDevices();
        $this->checkBanks();
        if ($this->problems->none()) {
            $this->checkCircuits();
        }
        $this->checkOthers();
    }

    private function collectIds(): void
    {
        $seen = [];
        $collect = function (string $kind, Record $part, string $pointer) use (&$seen): void {
            $id = $part->text('id');
            if (isset($seen[$id])) {
                $this->problems->add("{$pointer}/id", "expected an id used once in the whole file; \"{$id}\" is also at {$seen[$id]}");
            }
            $seen[$id] = $pointer;
            $this->ids[$kind][$id] = true;
        };
        $boat = $this->plan->record('boat');
        foreach (['station' => 'stations', 'way' => 'ways'] as $kind => $list) {
            foreach ($boat->records($list) as $i => $part) {
                $collect($kind, $part, "/boat/{$list}/{$i}");
            }
        }
        foreach (['complaint' => 'complaints', 'found' => 'batteries', 'check' => 'path_checks', 'photograph' => 'photographs'] as $kind => $list) {
            foreach ($this->plan->recordOrNull('survey')?->records($list) ?? [] as $i => $part) {
                $collect($kind, $part, "/survey/{$list}/{$i}");
            }
        }
        $lists = ['battery' => 'batteries', 'bank' => 'banks', 'feed' => 'feeds', 'block' => 'blocks', 'device' => 'devices', 'charger' => 'chargers', 'bond' => 'bonds', 'hole' => 'holes', 'board' => 'boards'];
        foreach ($lists as $kind => $list) {
            foreach ($this->plan->records($list) as $i => $part) {
                $collect($kind, $part, "/{$list}/{$i}");
                foreach ($part->records('jumpers') as $j => $jumper) {
                    $collect('jumper', $jumper, "/{$list}/{$i}/jumpers/{$j}");
                }
                foreach ($part->records('branches') as $j => $branch) {
                    $collect('branch', $branch, "/{$list}/{$i}/branches/{$j}");
                }
            }
        }
    }

    private function checkDevices(): void
    {
        foreach ($this->plan->records('devices') as $i => $device) {
            if ($device->number('v_max') <= $device->number('v_min')) {
                $this->problems->add("/devices/{$i}/v_max", "expected more than v_min, {$device->number('v_min')} V, found {$device->number('v_max')} V");
            }
            if ($device->number('peak_a') < $device->number('typical_a')) {
                $this->problems->add("/devices/{$i}/peak_a", "expected at least typical_a, {$device->number('typical_a')} A, found {$device->number('peak_a')} A");
            }
        }
    }

    private function checkBanks(): void
    {
        $volts = [];
        foreach ($this->plan->records('batteries') as $battery) {
            $volts[$battery->text('id')] = $battery->number('nominal_v');
        }
        $owner = [];
        foreach ($this->plan->records('banks') as $i => $bank) {
            foreach ($bank->textLists('strings') as $s => $string) {
                foreach ($string as $b => $id) {
                    $pointer = "/banks/{$i}/strings/{$s}/{$b}";
                    $this->known('battery', $id, $pointer);
                    if (isset($owner[$id])) {
                        $this->problems->add($pointer, "expected a battery that no other place in a bank uses; \"{$id}\" is also at {$owner[$id]}");
                    }
                    $owner[$id] ??= $pointer;
                }
                $sum = array_sum(array_map(static fn (string $id): float => $volts[$id] ?? 0.0, $string));
                if ($sum > self::HIGHEST_NOMINAL_VOLTS) {
                    $this->problems->add("/banks/{$i}/strings/{$s}", "adds up to {$sum} V; Dinghy plans banks up to ".self::HIGHEST_NOMINAL_VOLTS.' V');
                }
            }
            if ($bank->recordOrNull('string_protection')?->has('rating_a') === false) {
                $this->problems->add("/banks/{$i}/string_protection/rating_a", 'expected a rating in A: the fuse of a string is not chosen by itself');
            }
            foreach ($bank->records('jumpers') as $j => $jumper) {
                foreach (['from', 'to'] as $end) {
                    $this->known('battery', substr($jumper->text($end), 0, -1), "/banks/{$i}/jumpers/{$j}/{$end}");
                }
                $this->checkRated($jumper, "/banks/{$i}/jumpers/{$j}");
                if ($jumper->text('from') === $jumper->text('to')) {
                    $this->problems->add("/banks/{$i}/jumpers/{$j}/to", 'expected another post than "from"');
                }
            }
        }
    }

    private function checkCircuits(): void
    {
        $ways = new Ways(array_map(Way::of(...), $this->plan->record('boat')->records('ways')));
        $batteries = array_column(array_map(Battery::of(...), $this->plan->records('batteries')), null, 'id');
        $banks = array_column(array_map(static fn (Record $bank): Bank => Bank::of($bank, $batteries), $this->plan->records('banks')), null, 'id');
        foreach ($this->plan->records('feeds') as $i => $feed) {
            $this->checkSource($feed->record('from'), $banks, "/feeds/{$i}/from");
            $this->checkTarget($feed->record('to'), "/feeds/{$i}/to");
            $this->checkRun($feed->record('run'), $ways, "/feeds/{$i}/run");
        }
        foreach ($this->plan->records('chargers') as $i => $charger) {
            $from = $charger->recordOrNull('input_from');
            if ($from !== null) {
                $this->checkSource($from, $banks, "/chargers/{$i}/input_from");
            }
        }
        $this->checkBlockRings();
        foreach ($this->plan->records('blocks') as $i => $block) {
            foreach ($block->records('branches') as $j => $branch) {
                $this->checkTarget($branch->record('to'), "/blocks/{$i}/branches/{$j}/to");
                $this->checkRun($branch->record('run'), $ways, "/blocks/{$i}/branches/{$j}/run");
            }
        }
    }

    private function checkTarget(Record $to, string $pointer): void
    {
        $this->knownOrNull('device', $to->textOrNull('device'), "{$pointer}/device");
        $this->knownOrNull('block', $to->textOrNull('block'), "{$pointer}/block");
    }

    /** A block may feed another, but none itself. */
    private function checkBlockRings(): void
    {
        $behind = [];
        foreach ($this->plan->records('blocks') as $block) {
            $behind[$block->text('id')] = array_values(array_filter(array_map(static fn (Record $branch): ?string => $branch->record('to')->textOrNull('block'), $block->records('branches'))));
        }
        foreach ($this->plan->records('blocks') as $i => $block) {
            foreach ($block->records('branches') as $j => $branch) {
                $reached = array_filter([$branch->record('to')->textOrNull('block')]);
                for ($at = 0; $at < count($reached); $at++) {
                    $reached = array_values(array_unique([...$reached, ...$behind[$reached[$at]] ?? []]));
                }
                if (in_array($block->text('id'), $reached, true)) {
                    $this->problems->add("/blocks/{$i}/branches/{$j}/to/block", "expected a block that does not lead back to \"{$block->text('id')}\"");
                }
            }
        }
    }

    private function checkRated(Record $part, string $pointer): void
    {
        foreach ($part->records('protection') as $k => $protection) {
            if (! $protection->has('rating_a')) {
                $this->problems->add("{$pointer}/protection/{$k}/rating_a", 'expected a rating in A: only the protection of a feed or a branch is chosen by itself');
            }
        }
    }

    /** @param  array<string, Bank>  $banks */
    private function checkSource(Record $from, array $banks, string $pointer): void
    {
        $bank = $banks[$from->text('bank')] ?? null;
        if ($bank === null) {
            $this->known('bank', $from->text('bank'), "{$pointer}/bank");

            return;
        }
        $terminals = [];
        foreach (['plus', 'minus'] as $side) {
            $terminals[$side] = Terminal::of($from->text($side), $bank);
            if ($terminals[$side] === null) {
                $this->problems->add("{$pointer}/{$side}", "expected a terminal of bank \"{$bank->id}\"; it has no \"{$from->text($side)}\"");
            }
        }
        if ($terminals['plus'] !== null && $terminals['minus'] !== null
            && (new Supply($bank, $terminals['plus'], $terminals['minus']))->nominalVolts() <= 0) {
            $this->problems->add("{$pointer}/plus", 'expected a terminal that stands above "minus"');
        }
    }

    private function checkRun(Record $run, Ways $ways, string $pointer): void
    {
        $this->checkRoute($run->texts('route'), $ways, "{$pointer}/route");
        $this->checkRoute($run->texts('minus_route'), $ways, "{$pointer}/minus_route");
        if ($run->texts('route') !== [] && $run->has('length_m')) {
            $this->problems->add("{$pointer}/length_m", 'expected either a route or a length: a run with a route is measured along it');
        }
    }

    /** @param  list<string>  $route */
    private function checkRoute(array $route, Ways $ways, string $pointer): void
    {
        foreach ($route as $i => $station) {
            $this->known('station', $station, "{$pointer}/{$i}");
            if ($i > 0 && $ways->shortest($route[$i - 1], $station) === null) {
                $this->problems->add("{$pointer}/{$i}", "expected a station that ways lead to; no way leads from \"{$route[$i - 1]}\" to \"{$station}\"");
            }
        }
    }

    private function checkSurvey(): void
    {
        $survey = $this->plan->recordOrNull('survey');
        foreach ($survey?->records('batteries') ?? [] as $i => $battery) {
            $this->knownOrNull('station', $battery->textOrNull('station'), "/survey/batteries/{$i}/station");
        }
        foreach ($survey?->records('path_checks') ?? [] as $i => $check) {
            foreach (['complaint' => 'complaint', 'device' => 'device', 'found' => 'battery'] as $kind => $key) {
                $this->knownOrNull($kind, $check->textOrNull($key), "/survey/path_checks/{$i}/{$key}");
            }
        }
    }

    private function checkOthers(): void
    {
        $this->checkSurvey();
        foreach ($this->plan->records('chargers') as $i => $charger) {
            foreach ($charger->records('outputs') as $j => $output) {
                $this->knownOrNull('battery', $output->textOrNull('battery'), "/chargers/{$i}/outputs/{$j}/battery");
                $this->knownOrNull('block', $output->textOrNull('block'), "/chargers/{$i}/outputs/{$j}/block");
                if ($output->has('block') && ! $charger->has('input_from')) {
                    $this->problems->add("/chargers/{$i}", 'missing key "input_from": a converter draws on a bank');
                }
                $this->checkRated($output, "/chargers/{$i}/outputs/{$j}");
                foreach ($output->texts('across') as $k => $id) {
                    $this->known('battery', $id, "/chargers/{$i}/outputs/{$j}/across/{$k}");
                }
            }
        }
        $this->knownOrNull('battery', $this->plan->record('boat')->recordOrNull('engine')?->textOrNull('battery'), '/boat/engine/battery');
        foreach ($this->plan->records('bonds') as $i => $bond) {
            $this->known('bank', $bond->text('from'), "/bonds/{$i}/from");
            $this->known('bank', $bond->text('to'), "/bonds/{$i}/to");
            $this->checkRated($bond, "/bonds/{$i}");
            if ($bond->text('from') === $bond->text('to')) {
                $this->problems->add("/bonds/{$i}/to", 'expected another bank than "from": a bond joins the negatives of two banks');
            }
        }
        foreach ($this->plan->recordOrNull('trip')?->records('phases') ?? [] as $i => $phase) {
            foreach (array_keys($phase->record('on')->numberMap()) as $id) {
                $this->known('device', (string) $id, "/trip/phases/{$i}/on/{$id}");
            }
        }
    }

    private function knownOrNull(string $kind, ?string $id, string $pointer): void
    {
        if ($id !== null) {
            $this->known($kind, $id, $pointer);
        }
    }

    private function known(string $kind, string $id, string $pointer): void
    {
        if (! isset($this->ids[$kind][$id])) {
            $this->problems->add($pointer, "expected the id of a {$kind} in this file, found \"{$id}\"");
        }
    }
}
