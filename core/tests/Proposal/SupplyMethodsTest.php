<?php

declare(strict_types=1);

namespace Dinghy\Tests\Proposal;

use Dinghy\Area\Power\SupplyFigures;
use Dinghy\Area\StandardAreas;
use Dinghy\File\PlanDocument;
use Dinghy\Proposal\SupplyMethod;
use Dinghy\Proposal\SupplyMethods;
use Dinghy\Proposal\SupplyVariant;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** The three schools on the demo's console boat, which has an engine, screens of their own and a live sonar. */
final class SupplyMethodsTest extends TestCase
{
    public function test_each_school_is_one_change_and_then_it_is_so(): void
    {
        foreach ([SupplyMethod::Starting, SupplyMethod::Pack] as $school) {
            $document = self::console();
            $patch = self::variant($document, $school)->patch;
            self::assertNotNull($patch, $school->value);
            self::assertTrue(self::variant($document->with($patch), $school)->isNow(), $school->value);
            self::assertSame($document->hash(), $document->with($patch)->with($patch->inverseOn($document))->hash(), 'and taken back');
        }
        self::assertTrue(self::variant(self::console(), SupplyMethod::Own)->isNow());
        $shared = self::console()->with(self::variant(self::console(), SupplyMethod::Starting)->patch ?? throw new \LogicException);
        $own = self::variant($shared, SupplyMethod::Own)->patch;
        self::assertNotNull($own);
        self::assertTrue(self::variant($shared->with($own), SupplyMethod::Own)->isNow());
    }

    /** On the starting battery: 180 A through some 5 mΩ are felt at every screen, and half of 80 Ah is soon gone. */
    public function test_what_the_schools_come_to(): void
    {
        $figures = static function (SupplyMethod $school): SupplyFigures {
            $patch = self::variant(self::console(), $school)->patch;

            return SupplyFigures::of(StandardAreas::areas()->evaluate(($patch === null ? self::console() : self::console()->with($patch))->plan()));
        };
        [$starting, $own, $pack] = [$figures(SupplyMethod::Starting), $figures(SupplyMethod::Own), $figures(SupplyMethod::Pack)];

        self::assertEqualsWithDelta(180 * 0.6 * (12.6 - 7.2) / 650, $starting->everythingOn - $starting->cranking, 0.15);
        self::assertEqualsWithDelta($own->everythingOn, $own->cranking, 0.01);
        self::assertLessThan($own->hours, $starting->hours);
        self::assertEqualsWithDelta($own->kilograms + 2.6, $pack->kilograms, 1e-9);
        self::assertLessThan($own->hours, $pack->hours, 'the small pack gives out first');
        self::assertGreaterThanOrEqual($own->atRest - 1e-9, $pack->atRest);
    }

    public function test_what_is_missing_is_said(): void
    {
        self::assertStringContainsString('no engine', self::variant(Plans::skiff(), SupplyMethod::Starting)->missing ?? '');
        self::assertStringContainsString('No sonar module', self::variant(Plans::parallel(), SupplyMethod::Pack)->missing ?? '');
        self::assertStringContainsString('Nothing of the electronics class', self::variant(Plans::series(3), SupplyMethod::Own)->missing ?? '');
        $variants = SupplyMethods::of(self::console()->plan(), null, null);
        self::assertStringContainsString('catalogue', $variants[2]->missing ?? '');
    }

    private static function variant(PlanDocument $document, SupplyMethod $school): SupplyVariant
    {
        $lithium = static fn (float $capacity, float $kilograms): \stdClass => (object) ['chemistry' => 'lifepo4', 'nominal_v' => 12, 'capacity_ah' => $capacity, 'mass_kg' => $kilograms, 'internal_mohm' => 6, 'rested_v' => 13.3];
        foreach (SupplyMethods::of($document->plan(), $lithium(100, 12), $lithium(20, 2.6)) as $variant) {
            if ($variant->school === $school) {
                return $variant;
            }
        }
        throw new \LogicException('Every school is answered.');
    }

    private static function console(): PlanDocument
    {
        return StandardAreas::areas()->format->document((string) file_get_contents(__DIR__.'/../../../database/demo/boats/console.json'));
    }
}
