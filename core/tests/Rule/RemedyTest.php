<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Evaluation\Evaluation;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Plan\PlanRefused;
use Dinghy\Rule\Finding;
use PHPUnit\Framework\TestCase;

/** Remedies on boats with several things wrong at once: each patch is accepted, and what it was made for speaks less. */
final class RemedyTest extends TestCase
{
    private const CASES = 150;

    public function test_every_patch_is_accepted_and_helps(): void
    {
        $seed = (int) (getenv('SEED') ?: random_int(1, 1_000_000));
        mt_srand($seed);
        $tried = 0;
        for ($case = 0; $case < self::CASES; $case++) {
            $document = self::spoilt();
            try {
                $findings = Evaluation::of(Plan::of($document))->findings;
            } catch (PlanRefused) {
                continue;
            }
            foreach ($findings as $finding) {
                if ($finding->patch === null) {
                    continue;
                }
                $tried++;
                $which = "SEED={$seed} case {$case}: {$finding->rule->code} on {$finding->on}: {$finding->says} {$finding->remedy}";
                try {
                    $after = Evaluation::of(Plan::of($document->with($finding->patch)))->findings;
                } catch (\Throwable $e) {
                    self::fail("{$which}: {$e->getMessage()}");
                }
                self::assertLessThan(self::said($findings, $finding), self::said($after, $finding), $which);
            }
        }
        self::assertGreaterThan(self::CASES, $tried);
    }

    /** A demo boat with up to four things spoilt. */
    private static function spoilt(): PlanDocument
    {
        $files = (array) glob(__DIR__.'/../../../database/demo/*/*.json');
        $root = PlanDocument::fromJson((string) file_get_contents((string) $files[mt_rand(0, count($files) - 1)]))->root();
        for ($i = mt_rand(1, 4); $i > 0; $i--) {
            self::spoil($root);
        }

        return PlanDocument::fromJson(json_encode($root, JSON_THROW_ON_ERROR));
    }

    private static function spoil(\stdClass $root): void
    {
        $any = static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        [$battery, $feed, $device, $block] = [$any($root->batteries), $any($root->feeds), $any($root->devices), $any($root->blocks)];
        $branch = $any($block->branches);
        $charger = $any($root->chargers);
        $protection = $feed->protection[0] ?? null;
        match (mt_rand(0, 17)) {
            0 => $battery->restrained = false,
            1 => $battery->booted = false,
            2 => $battery->space = 'closed',
            3 => $feed->fastening = $any(['wing-nut', 'hand']),
            4 => $feed->protection = [],
            5 => $protection === null ? null : $protection->from_source_m = mt_rand(2, 30) / 10,
            6 => $protection === null ? null : $protection->resets_itself = true,
            7 => $feed->run->metal = $any(['cca', 'copper', 'aluminium']),
            8 => $feed->run->gauge = $any(['16 AWG', '10 AWG', '2.5 mm2', '10 mm2']),
            9 => $feed->run->minus_colour = 'blue',
            10 => $feed->plus_hole = $any(['#10', '1/4', '5/16', '3/8']),
            11 => $branch->run->extra_mohm = mt_rand(10, 300),
            12 => $branch->run->gauge = $any(['18 AWG', '16 AWG', '1 mm2']),
            13 => $branch->run->connectors = [(object) ['thinnest' => '22 AWG', 'thickest' => '18 AWG']],
            14 => $branch->fuse_a = $any([1, 3, 7.5, 20, 40]),
            15 => $device->standby_a = 0.2,
            16 => $charger->outputs[0]->fuse_at = 'charger',
            default => $branch->run->plug = (object) ['rating_a' => 0.6, 'max_v' => 6, 'keyed' => false],
        };
    }

    /** @param  list<Finding>  $findings */
    private static function said(array $findings, Finding $of): int
    {
        return count(array_filter($findings, static fn (Finding $finding): bool => $finding->rule->code === $of->rule->code && $finding->on === $of->on));
    }
}
