<?php

declare(strict_types=1);

namespace Dinghy\Tests;

use Dinghy\Area\StandardAreas;
use Dinghy\File\PlanDocument;

/** Boats that nobody would build, from mt_rand(): their circuits still have to come out right. */
final class RandomBoat
{
    /** One to three strings of one to four blocks, taps, shunts, direct feeds, a fuse block, loads of every kind. */
    public static function document(): PlanDocument
    {
        $gauges = ['14 AWG', '10 AWG', '6 AWG', '2 AWG', '10 mm2', '25 mm2'];
        $any = static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $blocks = mt_rand(1, 4);
        $strings = [];
        $batteries = [];
        for ($s = 0, $count = mt_rand(1, 3); $s < $count; $s++) {
            for ($b = 0; $b < $blocks; $b++) {
                $id = "b{$s}{$b}";
                $strings[$s][] = $id;
                $batteries[] = ['id' => $id, 'chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => mt_rand(40, 120), 'rested_v' => mt_rand(1240, 1290) / 100];
            }
        }
        $device = static fn (string $id, float $amps): array => [
            'id' => $id, 'kind' => 'other', 'v_min' => 0, 'v_max' => 80, 'typical_a' => $amps, 'peak_a' => $amps, 'load' => $any(['power', 'current', 'resistance']),
            ...(mt_rand(0, 1) === 1 ? ['lead' => ['gauge' => '16 AWG', 'length_m' => mt_rand(2, 20) / 10]] : []),
        ];
        $run = static fn (): array => ['length_m' => mt_rand(5, 90) / 10, 'gauge' => $any($gauges), 'extra_mohm' => $any([0, 0, 12]), 'metal' => $any(['tinned-copper', 'copper', 'cca'])];
        $feed = static fn (string $id, string $plus, array $to): array => [
            'id' => $id, 'class' => 'general', 'from' => ['bank' => 'bank', 'plus' => $plus], 'switch' => mt_rand(0, 1) === 1, 'run' => $run(), 'to' => $to,
            'protection' => array_slice([['family' => 'breaker', 'rating_a' => 60], ['family' => 'blade', 'rating_a' => 30]], 0, mt_rand(0, 2)),
        ];
        $devices = [$device('motor', mt_rand(5, 40)), $device('lift', mt_rand(1, 6))];
        $branches = [];
        for ($i = 0, $count = mt_rand(1, 5); $i < $count; $i++) {
            $devices[] = $device("d{$i}", mt_rand(1, 30) / 10);
            $branches[] = ['id' => "br{$i}", 'class' => 'electronics', 'fuse_a' => 10, 'run' => $run(), 'to' => ['device' => "d{$i}"]];
        }

        return StandardAreas::areas()->format->document(json_encode([
            'format' => 'dinghy-plan', 'version' => 1, 'batteries' => $batteries,
            'banks' => [['id' => 'bank', 'strings' => $strings, ...($count > 1 && mt_rand(0, 1) === 1 ? ['string_protection' => ['family' => 'battery-post', 'rating_a' => 100]] : []), 'jumper' => ['gauge' => $any($gauges), 'length_m' => 0.4], ...(mt_rand(0, 1) === 1 ? ['shunt' => ['mohm' => 0.1]] : [])]],
            'feeds' => [$feed('f-motor', 'pos', ['device' => 'motor']), $feed('f-lift', 'tap:1', ['device' => 'lift']), $feed('f-block', $any(['pos', 'tap:1', 'pos@'.count($strings)]), ['block' => 'block'])],
            'blocks' => [['id' => 'block', 'branches' => $branches]], 'devices' => $devices,
        ], JSON_THROW_ON_ERROR));
    }

    /** A random boat with a second bank on the same block, a bond, a converter that feeds a block of its own, a block behind a block, and chargers. */
    public static function joined(): PlanDocument
    {
        $root = self::document()->root();
        $root->batteries[] = (object) ['id' => 'x', 'chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 60, 'rested_v' => mt_rand(1240, 1290) / 100];
        $root->banks[] = (object) ['id' => 'other', 'strings' => [['x']]];
        $run = static fn (): \stdClass => (object) ['length_m' => mt_rand(5, 60) / 10, 'gauge' => '6 AWG'];
        $device = static fn (string $id): \stdClass => (object) ['id' => $id, 'kind' => 'other', 'v_min' => 0, 'v_max' => 80, 'typical_a' => mt_rand(1, 30) / 10, 'peak_a' => 3, 'load' => ['power', 'current', 'resistance'][mt_rand(0, 2)]];
        $branch = static fn (string $id, \stdClass $to): \stdClass => (object) ['id' => "to-{$id}", 'class' => 'electronics', 'fuse_a' => 10, 'run' => $run(), 'to' => $to];
        if (mt_rand(0, 1) === 1) {
            $root->feeds[] = (object) ['id' => 'second', 'class' => 'general', 'from' => (object) ['bank' => 'other'], 'run' => $run(), 'to' => (object) ['block' => 'block'], 'protection' => [(object) ['family' => 'blade', 'rating_a' => 20]]];
        }
        if (mt_rand(0, 1) === 1) {
            $root->bonds = [(object) ['id' => 'bond', 'from' => 'bank', 'to' => 'other', 'protection' => (object) ['family' => 'battery-post', 'rating_a' => 60]]];
        }
        array_push($root->devices, $device('behind'), $device('next'));
        $root->blocks[0]->branches[] = $branch('chained', (object) ['block' => 'chained']);
        $root->blocks[] = (object) ['id' => 'chained', 'branches' => [$branch('next', (object) ['device' => 'next'])]];
        $root->blocks[] = (object) ['id' => 'converted', 'branches' => [$branch('behind', (object) ['device' => 'behind'])]];
        $root->chargers = [
            (object) ['id' => 'converter', 'input' => 'dc-dc', 'input_from' => (object) ['bank' => 'bank'], 'efficiency' => 0.85, 'standby_a' => mt_rand(0, 2) / 10, 'isolated_outputs' => mt_rand(0, 1) === 1,
                'outputs' => [(object) ['block' => 'converted', 'amps' => 25, 'volts' => [5, 12, 13.8][mt_rand(0, 2)], 'lead' => (object) ['gauge' => '10 AWG', 'length_m' => 1]]]],
            (object) ['id' => 'shore', 'input' => 'mains', 'outputs' => [(object) ['battery' => 'x', 'amps' => mt_rand(2, 40), 'profile' => 'agm', 'lead' => (object) ['gauge' => '10 AWG', 'length_m' => mt_rand(5, 40) / 10]]]],
        ];

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }
}
