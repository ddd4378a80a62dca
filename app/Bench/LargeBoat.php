<?php

declare(strict_types=1);

namespace App\Bench;

use Dinghy\Area\Day\Variant\Stock;
use Dinghy\Cutting\Spool;
use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanDocument;
use Dinghy\Kit\Piece\Pieces;
use Dinghy\Kit\Shelf;
use Dinghy\Plan\Plan;
use Dinghy\Solving\SolvedBoat;

/** An invented boat far larger than any that is rigged: sixty devices on three banks, for timings; and one of twenty with a day of twelve hours. */
final class LargeBoat
{
    private const BLOCKS = 6;

    private const BRANCHES = 9;

    private const DIRECT = 6;

    public static function plan(): Plan
    {
        return resolve(Areas::class)->format->document(self::json())->plan();
    }

    /** Twenty devices on the same three banks, all of them on for a day of twelve hours. */
    public static function withDay(): PlanDocument
    {
        $plan = json_decode(self::json(2, 7), true, 16, JSON_THROW_ON_ERROR);
        $devices = is_array($plan) && is_array($plan['devices']) ? array_column($plan['devices'], 'id') : [];
        $phase = static fn (float $hours, float $share, bool $engine): array => ['hours' => $hours, 'engine' => $engine, 'on' => array_fill_keys($devices, $share)];
        $day = ['trip' => ['phases' => [$phase(1, 0.2, true), $phase(10, 0.1, false), $phase(1, 0.2, true)]]];

        return resolve(Areas::class)->format->document(json_encode([...(array) $plan, ...$day], JSON_THROW_ON_ERROR));
    }

    /** Batteries of two kinds and three sizes, and two chargers. */
    public static function stock(): Stock
    {
        $batteries = [];
        foreach (['agm' => [150, 200, 400], 'lifepo4' => [100, 200, 300]] as $chemistry => $sizes) {
            foreach ($sizes as $size) {
                $batteries[] = (object) ['chemistry' => $chemistry, 'nominal_v' => 12, 'capacity_ah' => $size, 'part' => "{$chemistry} {$size}", 'max_series' => 4, 'max_parallel' => 4];
            }
        }

        return new Stock($batteries, [(object) ['part' => 'charger 20', 'amps' => 20, 'outputs' => 3, 'isolated' => true], (object) ['part' => 'charger 60', 'amps' => 60, 'outputs' => 3, 'isolated' => true]]);
    }

    /** Eight remnants and two spools of every kind of wire that she takes. */
    public static function shelf(SolvedBoat $boat): Shelf
    {
        $lengths = [];
        foreach ($boat->figures(Pieces::class)->all as $piece) {
            $lengths[$piece->stock->name()] ??= array_map(
                static fn (float $metres): Spool => new Spool("{$metres} m", $metres),
                [1.2, 1.7, 2.3, 2.9, 3.4, 4.1, 5.6, 7.8, 30.0, 30.0],
            );
        }

        return new Shelf($lengths);
    }

    public static function json(int $fuseBlocks = self::BLOCKS, int $each = self::BRANCHES): string
    {
        $batteries = $banks = $feeds = $blocks = $devices = [];
        foreach (['thrust' => [['b1', 'b2', 'b3']], 'house' => [['h1'], ['h2']], 'start' => [['s1']]] as $id => $strings) {
            foreach (array_merge(...$strings) as $battery) {
                $batteries[] = [
                    'id' => $battery,
                    'chemistry' => 'agm',
                    'nominal_v' => 12,
                    'capacity_ah' => 100,
                    'rested_v' => 12.7,
                    'restrained' => true,
                    'booted' => true,
                    'space' => 'ventilated',
                    'stud_pos' => '3/8',
                    'stud_neg' => '5/16',
                ];
            }
            $banks[] = ['id' => $id, 'strings' => $strings, 'jumper' => ['gauge' => '2 AWG', 'length_m' => 0.3]];
        }
        $device = static function (string $id, int $n) use (&$devices): array {
            $devices[] = [
                'id' => $id,
                'kind' => ['display', 'sonar-module', 'pump', 'light'][$n % 4],
                'v_min' => 10,
                'v_max' => 16,
                'typical_a' => 0.5 + $n % 3,
                'peak_a' => 1 + $n % 3,
                'lead' => ['gauge' => '16 AWG', 'length_m' => 1.5],
            ];

            return ['device' => $id];
        };
        for ($n = 0; $n < self::DIRECT; $n++) {
            $feeds[] = [
                'id' => "direct{$n}",
                'class' => 'general',
                'from' => ['bank' => $n % 2 === 0 ? 'start' : 'house'],
                'protection' => [['family' => 'blade', 'from_source_m' => 0.1]],
                'run' => ['length_m' => 2 + $n / 2],
                'to' => $device("direct-device{$n}", $n),
            ];
        }
        $devices[array_key_last($devices)] = [
            'id' => 'direct-device5', 'kind' => 'motor', 'v_min' => 30, 'v_max' => 45, 'typical_a' => 20,
            'peak_a' => 50,
        ];
        $feeds[self::DIRECT - 1] = [
            'id' => 'direct5',
            'class' => 'thrust',
            'from' => ['bank' => 'thrust'],
            'protection' => [['family' => 'breaker-80', 'from_source_m' => 0.1]],
            'run' => ['length_m' => 6],
            'to' => ['device' => 'direct-device5'],
        ];
        for ($b = 0; $b < $fuseBlocks; $b++) {
            $feeds[] = [
                'id' => "feed{$b}",
                'class' => 'electronics',
                'from' => ['bank' => $b % 2 === 0 ? 'house' : 'start'],
                'protection' => [['family' => 'breaker', 'from_source_m' => 0.1]],
                'run' => ['length_m' => 2 + $b],
                'to' => ['block' => "block{$b}"],
            ];
            $branches = [];
            for ($n = 0; $n < $each; $n++) {
                $branches[] = [
                    'id' => "branch{$b}-{$n}",
                    'class' => 'electronics',
                    'run' => ['length_m' => 1 + $n / 4],
                    'to' => $device("device{$b}-{$n}", $b + $n),
                ];
            }
            $blocks[] = ['id' => "block{$b}", 'branches' => $branches];
        }

        return json_encode([
            'format' => 'dinghy-plan', 'version' => 1, 'title' => 'Sixty devices on three banks',
            'batteries' => $batteries, 'banks' => $banks, 'feeds' => $feeds, 'blocks' => $blocks, 'devices' => $devices,
        ], JSON_THROW_ON_ERROR);
    }
}
