<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Area\StandardAreas;
use Dinghy\File\PlanDocument;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What a decision holds for: the rule, the part, the figures; not the units that somebody reads it in. */
final class OccasionTest extends TestCase
{
    public function test_it_is_the_same_in_any_units_and_after_other_changes(): void
    {
        $found = static fn (PlanDocument $document, Units $units): array => self::occasions($document, $units);
        $skiff = Plans::skiff();

        self::assertSame($found($skiff, Units::Metric), $found($skiff, Units::Imperial));
        self::assertSame($found($skiff, Units::Metric)['W01 device:tiller-display'], $found(Plans::changed($skiff, ['battery:b1' => ['mass_kg' => 31]]), Units::Metric)['W01 device:tiller-display']);
        self::assertCount(count($found($skiff, Units::Metric)), array_unique($found($skiff, Units::Metric)), 'no two findings share one');
    }

    public function test_it_is_another_when_its_figures_or_its_words_are_others(): void
    {
        $skiff = Plans::skiff();
        $longer = Plans::changed($skiff, ['branch:br-tiller-display' => ['run.extra_mohm' => 63]]);
        self::assertNotSame(self::occasions($skiff, Units::Metric)['W01 device:tiller-display'], self::occasions($longer, Units::Metric)['W01 device:tiller-display']);
        // B08 has no figures: held down and booted are told apart by what it says.
        $loose = self::occasions(Plans::changed($skiff, ['battery:b1' => ['restrained' => false]]), Units::Metric)['B08 battery:b1'];
        $bare = self::occasions(Plans::changed($skiff, ['battery:b1' => ['booted' => false]]), Units::Metric)['B08 battery:b1'];
        self::assertNotSame($loose, $bare);
    }

    /** @return array<string, string> by rule and part */
    private static function occasions(PlanDocument $document, Units $units): array
    {
        $occasions = [];
        foreach (StandardAreas::areas()->evaluate($document->plan(), $units)->findings as $finding) {
            $occasions["{$finding->rule->code} {$finding->on}"] = $finding->occasion();
        }

        return $occasions;
    }
}
