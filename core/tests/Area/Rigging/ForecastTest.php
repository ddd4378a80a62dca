<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\Act;
use Dinghy\Area\Rigging\Forecast;
use Dinghy\Area\Rigging\Place;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Area\Rigging\Work;
use Dinghy\Area\Rigging\WorkEntry;
use Dinghy\Area\Rigging\WorkingHours;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** When the work can be done: hands in the shop's hours, waits around the clock. Checked against days counted by hand. */
final class ForecastTest extends TestCase
{
    /** Monday 1 June 2026, 8:00 UTC, in min since 1970 */
    private const MONDAY = 29_671_680.0;

    private const DAY = 1440.0;

    #[DataProvider('works')]
    public function test_working_hours(string $begins, float $minutes, string $ends): void
    {
        // Eight to five, as a clock shows it that is two hours ahead.
        $hours = new WorkingHours(480, 1020, 120);
        $at = new \DateTimeImmutable($begins);
        self::assertSame((new \DateTimeImmutable($ends))->getTimestamp(), (int) round(60 * $hours->after($at->getTimestamp() / 60, $minutes)));
    }

    /** @return array<string, array{string, float, string}> */
    public static function works(): array
    {
        return [
            'within a day' => ['2026-06-01T08:00:00+02:00', 60, '2026-06-01T09:00:00+02:00'],
            'to its very end' => ['2026-06-01T08:00:00+02:00', 540, '2026-06-01T17:00:00+02:00'],
            'over a night' => ['2026-06-01T16:30:00+02:00', 60, '2026-06-02T08:30:00+02:00'],
            'over a weekend' => ['2026-06-05T16:00:00+02:00', 120, '2026-06-08T09:00:00+02:00'],
            'begun at night' => ['2026-06-01T22:00:00+02:00', 30, '2026-06-02T08:30:00+02:00'],
            'begun before the day' => ['2026-06-01T05:00:00+02:00', 30, '2026-06-01T08:30:00+02:00'],
            'begun on a Sunday' => ['2026-06-07T12:00:00+02:00', 30, '2026-06-08T08:30:00+02:00'],
            'of several days' => ['2026-06-01T08:00:00+02:00', 1200, '2026-06-03T10:00:00+02:00'],
        ];
    }

    /**
     * By hand, one pair of hands from Monday at eight: the photograph to 8:04 and the hole to 8:16; glued to 8:41; the glue cures
     * until Tuesday 8:41 while the wire is marked and pulled (8:55); plugged in and looked at after it, to 8:55 on Tuesday.
     */
    public function test_a_wait_goes_on_while_hands_do_the_rest(): void
    {
        self::assertSame(self::MONDAY + self::DAY + 55, self::ready(self::glued(), 1));
        // A second pair of hands makes no glue cure sooner.
        self::assertSame(self::MONDAY + self::DAY + 55, self::ready(self::glued(), 2));
    }

    /** Glued on Friday afternoon, it has cured on Saturday; nobody goes on before Monday at eight. */
    public function test_nobody_works_on_sunday(): void
    {
        $friday = self::MONDAY + 4 * self::DAY + 7 * 60; // at three
        self::assertSame(self::MONDAY + 7 * self::DAY + 14, self::ready(self::glued(), 1, $friday));
    }

    /** Four steps of an hour: one pair of hands takes four hours, two take two. */
    public function test_two_work_side_by_side(): void
    {
        $steps = array_map(static fn (int $number): Step => new Step("mount:{$number}", StepKind::Mount, 'It.', ['plan'], [], minutes: 60.0), [1, 2, 3, 4]);
        self::assertSame(self::MONDAY + 240, self::ready($steps, 1));
        self::assertSame(self::MONDAY + 120, self::ready($steps, 2));
    }

    /** What was begun is over by its own clock; what is done on the water is not counted. */
    public function test_what_has_begun_and_what_is_left_for_the_lake(): void
    {
        $steps = [new Step('wait', StepKind::Wait, 'It.', ['plan'], [], minutes: 600.0), new Step('lake', StepKind::Commission, 'It.', ['plan'], [], place: Place::Water)];
        self::assertSame(self::MONDAY + 600, self::ready($steps, 1));
        self::assertSame(self::MONDAY + 100, self::ready($steps, 1, entries: [new WorkEntry('a', 'wait', Act::Begin, '', '', self::MONDAY - 500, 'Jorun')]));
    }

    /** On a whole boat: not sooner than the work takes, nor than its longest wait; more hands never take longer than one. */
    #[DataProvider('boats')]
    public function test_a_whole_boat(string $name): void
    {
        $steps = Plans::evaluate(Plans::demo("boats/{$name}"))->boat->figures(Steps::class);
        $ashore = array_filter($steps->all, static fn (Step $step): bool => $step->place !== Place::Water && $step->kind !== StepKind::HandOver);
        $work = array_sum(array_map(static fn (Step $step): float => $step->kind === StepKind::Wait ? 0.0 : $step->minutes, $ashore));
        $longest = max([0.0, ...array_map(static fn (Step $step): float => $step->kind === StepKind::Wait ? $step->minutes : 0.0, $ashore)]);
        [$one, $two] = [self::ready($ashore, 1), self::ready($ashore, 2)];
        self::assertGreaterThanOrEqual((new WorkingHours(480, 1020))->after(self::MONDAY, $work), $one);
        self::assertGreaterThanOrEqual(self::MONDAY + $longest, $one);
        self::assertLessThanOrEqual($one, $two);
        self::assertGreaterThanOrEqual((new WorkingHours(480, 1020))->after(self::MONDAY, $work / 2), $two);
    }

    /** @return iterable<string, array{string}> */
    public static function boats(): iterable
    {
        return WorkTest::boats();
    }

    /** @return list<Step> */
    private static function glued(): array
    {
        return [
            new Step('photograph', StepKind::Photograph, 'It.', ['plan'], []),
            new Step('drill', StepKind::Drill, 'It.', ['plan'], ['photograph']),
            new Step('glue', StepKind::Mount, 'It.', ['plan'], ['drill']),
            new Step('cures', StepKind::Wait, 'It.', ['plan'], ['glue'], minutes: 1440.0),
            new Step('mark', StepKind::Label, 'It.', ['plan'], []),
            new Step('pull', StepKind::Pull, 'It.', ['plan'], ['mark', 'drill']),
            new Step('plug', StepKind::PlugIn, 'It.', ['plan'], ['pull', 'cures']),
            new Step('look', StepKind::Commission, 'It.', ['plan'], ['plug']),
        ];
    }

    /**
     * @param  array<Step>  $steps
     * @param  list<WorkEntry>  $entries
     */
    private static function ready(array $steps, int $hands, float $now = self::MONDAY, array $entries = []): float
    {
        return Forecast::of(new Work(Steps::inOrder(array_values($steps)), $entries, [], $now), new WorkingHours(480, 1020), $now, $hands)->ready;
    }
}
