<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Format;

use Dinghy\File\Shape\Problems;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Supply;
use Dinghy\Plan\Terminal;
use Dinghy\Plan\Way;
use Dinghy\Record\Record;
use Dinghy\Route\Ways;

/**
 * What the shapes of batteries, circuits and chargers cannot say: every route walkable, every terminal there, limits
 * that span keys.
 */
final readonly class PowerChecks
{
    /** Dinghy plans low-voltage DC on small craft: a bank above this is another trade. */
    private const HIGHEST_NOMINAL_VOLTS = 60;

    public function __construct(private Record $plan, private Problems $problems)
    {
    }

    public function check(): void
    {
        $this->checkDevices();
        $this->checkBanks();
        if ($this->problems->none()) {
            $this->checkCircuits();
        }
        $this->checkOthers();
    }

    private function checkDevices(): void
    {
        foreach ($this->plan->records('devices') as $i => $device) {
            if ($device->number('v_max') <= $device->number('v_min')) {
                $this->problems->add(
                    "/devices/{$i}/v_max",
                    "expected more than v_min, {$device->number('v_min')} V, found {$device->number('v_max')} V",
                );
            }
            if ($device->number('peak_a') < $device->number('typical_a')) {
                $this->problems->add(
                    "/devices/{$i}/peak_a",
                    "expected at least typical_a, {$device->number('typical_a')} A, found {$device->number('peak_a')} A",
                );
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
                    if (isset($owner[$id])) {
                        $this->problems->add(
                            $pointer,
                            "expected a battery that no other place in a bank uses; \"{$id}\" is also at {$owner[$id]}",
                        );
                    }
                    $owner[$id] ??= $pointer;
                }
                $sum = array_sum(array_map(static fn (string $id): float => $volts[$id] ?? 0.0, $string));
                if ($sum > self::HIGHEST_NOMINAL_VOLTS) {
                    $this->problems->add(
                        "/banks/{$i}/strings/{$s}",
                        "adds up to {$sum} V; Dinghy plans banks up to ".self::HIGHEST_NOMINAL_VOLTS.' V',
                    );
                }
            }
            if ($bank->recordOrNull('string_protection')?->has('rating_a') === false) {
                $this->problems->add(
                    "/banks/{$i}/string_protection/rating_a",
                    'expected a rating in A: the fuse of a string is not chosen by itself',
                );
            }
            foreach ($bank->records('jumpers') as $j => $jumper) {
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
        $banks = array_column(
            array_map(static fn (Record $bank): Bank => Bank::of($bank, $batteries), $this->plan->records('banks')),
            null,
            'id',
        );
        foreach ($this->plan->records('feeds') as $i => $feed) {
            $this->checkSource($feed->record('from'), $banks, "/feeds/{$i}/from");
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
                $this->checkRun($branch->record('run'), $ways, "/blocks/{$i}/branches/{$j}/run");
            }
        }
    }

    /** A block may feed another, but none itself. */
    private function checkBlockRings(): void
    {
        $behind = [];
        foreach ($this->plan->records('blocks') as $block) {
            $behind[$block->text('id')] = array_values(
                array_filter(
                    array_map(
                        static fn (Record $branch): ?string => $branch->record('to')->textOrNull('block'),
                        $block->records('branches'),
                    ),
                ),
            );
        }
        foreach ($this->plan->records('blocks') as $i => $block) {
            foreach ($block->records('branches') as $j => $branch) {
                $reached = array_filter([$branch->record('to')->textOrNull('block')]);
                for ($at = 0; $at < count($reached); $at++) {
                    $reached = array_values(array_unique([...$reached, ...$behind[$reached[$at]] ?? []]));
                }
                if (in_array($block->text('id'), $reached, true)) {
                    $this->problems->add(
                        "/blocks/{$i}/branches/{$j}/to/block",
                        "expected a block that does not lead back to \"{$block->text('id')}\"",
                    );
                }
            }
        }
    }

    private function checkRated(Record $part, string $pointer): void
    {
        foreach ($part->records('protection') as $k => $protection) {
            if (! $protection->has('rating_a')) {
                $this->problems->add(
                    "{$pointer}/protection/{$k}/rating_a",
                    'expected a rating in A: only the protection of a feed or a branch is chosen by itself',
                );
            }
        }
    }

    /** @param  array<string, Bank>  $banks */
    private function checkSource(Record $from, array $banks, string $pointer): void
    {
        $bank = $banks[$from->text('bank')];
        $terminals = [];
        foreach (['plus', 'minus'] as $side) {
            $terminals[$side] = Terminal::of($from->text($side), $bank);
            if ($terminals[$side] === null) {
                $this->problems->add(
                    "{$pointer}/{$side}",
                    "expected a terminal of bank \"{$bank->id}\"; it has no \"{$from->text($side)}\"",
                );
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
            $this->problems->add(
                "{$pointer}/length_m",
                'expected either a route or a length: a run with a route is measured along it',
            );
        }
    }

    /** @param  list<string>  $route */
    private function checkRoute(array $route, Ways $ways, string $pointer): void
    {
        foreach ($route as $i => $station) {
            if ($i > 0 && $ways->shortest($route[$i - 1], $station) === null) {
                $this->problems->add(
                    "{$pointer}/{$i}",
                    "expected a station that ways lead to; no way leads from \"{$route[$i - 1]}\" to \"{$station}\"",
                );
            }
        }
    }

    private function checkOthers(): void
    {
        foreach ($this->plan->records('chargers') as $i => $charger) {
            foreach ($charger->records('outputs') as $j => $output) {
                if ($output->has('block') && ! $charger->has('input_from')) {
                    $this->problems->add("/chargers/{$i}", 'missing key "input_from": a converter draws on a bank');
                }
                $this->checkRated($output, "/chargers/{$i}/outputs/{$j}");
            }
        }
        foreach ($this->plan->records('bonds') as $i => $bond) {
            $this->checkRated($bond, "/bonds/{$i}");
            if ($bond->text('from') === $bond->text('to')) {
                $this->problems->add(
                    "/bonds/{$i}/to",
                    'expected another bank than "from": a bond joins the negatives of two banks',
                );
            }
        }
    }
}
