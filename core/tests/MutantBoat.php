<?php

declare(strict_types=1);

namespace Dinghy\Tests;

use Dinghy\Area\StandardAreas;
use Dinghy\File\PlanDocument;

/** The demo boats and those with mistakes, each with a few things changed by mt_rand(): as a rigger errs, or blindly. Some are refused. */
final class MutantBoat
{
    /** what stands for one another in a plan file, by key */
    private const CHOICES = [
        'gauge' => ['18 AWG', '16 AWG', '14 AWG', '12 AWG', '10 AWG', '8 AWG', '6 AWG', '4 AWG', '2 AWG', '2/0 AWG', '1 mm2', '2.5 mm2', '10 mm2', '35 mm2'],
        'family' => ['blade', 'blade-58', 'large-blade', 'strip-small', 'battery-post', 'strip-large', 'strip-large-80', 'cartridge', 'breaker', 'breaker-80'],
        'chemistry' => ['flooded', 'agm', 'gel', 'lifepo4', 'other-lithium'],
        'profile' => ['flooded', 'agm', 'gel', 'lifepo4'],
        'metal' => ['tinned-copper', 'copper', 'cca', 'aluminium'],
        'fastening' => ['nut', 'wing-nut', 'hand'],
        'class' => ['thrust', 'electronics', 'general'],
        'plus' => ['pos', 'tap:1', 'tap:2', 'pos@2'],
        'minus' => ['neg', 'neg@2', 'tap:1'],
        'load' => ['power', 'current', 'resistance'],
        'fuel' => ['petrol', 'diesel', 'none'],
        'hull' => ['fibreglass', 'aluminium', 'pontoon', 'inflatable', 'box'],
        'space' => ['open', 'ventilated', 'closed'],
        'fuse_at' => ['battery', 'charger'],
        'fused_ends' => ['both', 'input', 'output', 'none'],
        'input' => ['mains', 'alternator', 'solar', 'dc-dc'],
        'cable' => ['single', 'pair'],
        'chafe' => ['protected', 'bulkhead', 'edge'],
        'sky' => ['open', 'screened', 'under-metal'],
        'stud_pos' => ['5/16', '3/8'], 'stud_neg' => ['5/16', '3/8'], 'plus_hole' => ['#10', '1/4', '5/16', '3/8'],
    ];

    private const TIMES = [0.0, 0.01, 0.2, 0.5, 0.8, 1.25, 1.5, 2.0, 4.0, 10.0, 100.0];

    /** @param  int  $most  changes */
    public static function document(int $most = 4): PlanDocument
    {
        $files = (array) glob(__DIR__.'/../../database/demo/*/*.json');
        $root = StandardAreas::areas()->format->document((string) file_get_contents((string) self::any($files)))->root();
        for ($i = mt_rand(1, $most); $i > 0; $i--) {
            mt_rand(0, 2) === 0 ? self::spoil($root) : self::change($root);
        }

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    /** The same boat with one thing changed. */
    public static function changed(PlanDocument $document): PlanDocument
    {
        $root = $document->root();
        mt_rand(0, 1) === 0 ? self::spoil($root) : self::change($root);

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    /** As riggers err. */
    private static function spoil(\stdClass $root): void
    {
        [$battery, $feed, $device, $block, $charger] = [self::any($root->batteries ?? []), self::any($root->feeds ?? []), self::any($root->devices ?? []), self::any($root->blocks ?? []), self::any($root->chargers ?? [])];
        $branch = self::any($block->branches ?? []);
        if (! isset($battery, $feed->run, $device, $branch->run, $charger->outputs[0], $root->banks[0]) || array_filter($root->banks, static fn (\stdClass $bank): bool => ! isset($bank->id)) !== []) {
            return; // dropped before
        }
        $protection = $feed->protection[0] ?? null;
        match (mt_rand(0, 23)) {
            0 => $battery->restrained = false,
            1 => $battery->booted = false,
            2 => $battery->space = 'closed',
            3 => $feed->fastening = self::any(['wing-nut', 'hand']),
            4 => $feed->protection = [],
            5 => $protection === null ? null : $protection->from_source_m = mt_rand(2, 30) / 10,
            6 => $protection === null ? null : $protection->resets_itself = true,
            7 => $feed->run->metal = self::any(['cca', 'copper', 'aluminium']),
            8 => $feed->run->gauge = self::any(['16 AWG', '10 AWG', '2.5 mm2', '10 mm2']),
            9 => $feed->run->minus_colour = 'blue',
            10 => $feed->plus_hole = self::any(['#10', '1/4', '5/16', '3/8']),
            11 => $branch->run->extra_mohm = mt_rand(10, 300),
            12 => $branch->run->gauge = self::any(['18 AWG', '16 AWG', '1 mm2']),
            13 => $branch->run->connectors = [(object) ['thinnest' => '22 AWG', 'thickest' => '18 AWG']],
            14 => $branch->fuse_a = self::any([1, 3, 7.5, 20, 40]),
            15 => $device->standby_a = 0.2,
            16 => $charger->outputs[0]->fuse_at = 'charger',
            17 => $protection === null ? null : [$protection->family, $protection->rating_a] = [self::any(self::CHOICES['family']), self::any([5, 10, 22, 30, 45, 60, 80, 150])],
            18 => $device->fuse_a = self::any([3, 5, 10, 25]),
            19 => $root->chargers = [],
            20 => $device->lead = (object) ['gauge' => self::any(['20 AWG', '18 AWG', '16 AWG']), 'length_m' => mt_rand(1, 30) / 10],
            21 => $feed->from = (object) ['bank' => self::any($root->banks)->id, 'plus' => self::any(['pos', 'tap:1'])],
            22 => $root->feeds[] = (object) [...get_object_vars($feed), 'id' => 'doubled', 'from' => (object) ['bank' => self::any($root->banks)->id]],
            default => $branch->run->plug = (object) ['rating_a' => 0.6, 'max_v' => 6, 'keyed' => false],
        };
    }

    /** Some number made larger or smaller, some choice made otherwise, some flag turned, some key or item dropped. */
    private static function change(\stdClass $root): void
    {
        $places = [];
        $walk = function (mixed $node, array $path) use (&$walk, &$places): void {
            foreach (is_array($node) || $node instanceof \stdClass ? (array) $node : [] as $key => $value) {
                $places[] = [...$path, $key];
                $walk($value, [...$path, $key]);
            }
        };
        $walk($root, []);
        $path = self::any($places);
        $last = array_pop($path);
        $at = $root;
        foreach ($path as $key) {
            is_array($at) ? $at = &$at[$key] : $at = &$at->{$key};
        }
        $value = is_array($at) ? $at[$last] : $at->{$last};
        $other = match (true) {
            is_int($value) || is_float($value) => $value * self::any(self::TIMES),
            is_bool($value) => ! $value,
            is_string($value) && isset(self::CHOICES[$last]) => self::any(self::CHOICES[$last]),
            default => null,
        };
        if ($other !== null) {
            is_array($at) ? $at[$last] = $other : $at->{$last} = $other;
        } elseif (is_array($at)) {
            array_splice($at, (int) $last, 1);
        } else {
            unset($at->{$last});
        }
    }

    /** @param  array<mixed>  $of */
    private static function any(array $of): mixed
    {
        return $of === [] ? null : $of[mt_rand(0, count($of) - 1)];
    }
}
