<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Dinghy\File\PlanRefused;
use Dinghy\File\Shape\Problem;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is refused of a survey and of a layout, and where it says so. */
final class SurveyAndLayoutRefusalTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $changes */
    #[DataProvider('refused')]
    public function test_it_is_refused_by_pointer_and_sentence(array $changes, string $pointer, string $says): void
    {
        try {
            Plans::changed(Plans::routed(), $changes)->plan();
            self::fail('It should be refused.');
        } catch (PlanRefused $refused) {
            self::assertSame([$pointer], array_values(array_unique(array_map(static fn (Problem $problem): string => $problem->pointer, $refused->problems))));
            self::assertStringContainsString($says, $refused->problems[0]->message);
        }
    }

    /** @return array<string, array{array<string, array<string, mixed>>, string, string}> */
    public static function refused(): array
    {
        return [
            'a way of no length' => [['way:tube' => ['length_m' => 0]], '/boat/ways/0/length_m', 'from 0.01 to 40 m of way'],
            'a way to itself' => [['way:tube' => ['to' => 'stern']], '/boat/ways/0/to', 'another station than "from"'],
            'a way to nowhere' => [['way:tube' => ['to' => 'moon']], '/boat/ways/0/to', 'found "moon"'],
            'a route with a gap' => [['way:tube' => ['to' => 'side'], 'way:fore' => ['from' => 'stern', 'to' => 'side'], 'feed:main' => ['run.route' => ['stern', 'bow']]], '/feeds/0/run/route/1', 'no way leads from "stern" to "bow"'],
            'a minus with a gap' => [['feed:main' => ['run.minus_route' => ['stern', 'moon']]], '/feeds/0/run/minus_route/1', '"moon"'],
            'a bend without its side' => [['way:tube' => ['bends_m' => [(object) ['x_m' => 1]]]], '/boat/ways/0/bends_m/0', '"y_m"'],
            'volts that are millivolts' => [['check:check' => ['battery_loaded_v' => 12600]], '/survey/path_checks/0/battery_loaded_v', 'from -80 to 80 V'],
            'no such device' => [['check:check' => ['device' => 'moon']], '/survey/path_checks/0/device', 'found "moon"'],
            'no such battery' => [['check:check' => ['battery' => 'moon']], '/survey/path_checks/0/battery', 'found "moon"'],
            'no such complaint' => [['check:check' => ['complaint' => 'moon']], '/survey/path_checks/0/complaint', 'found "moon"'],
            'no such place of a battery found' => [['found:old' => ['station' => 'moon']], '/survey/batteries/0/station', 'found "moon"'],
            'no such place of a hole' => [['hole:hole' => ['station' => 'moon']], '/holes/0/station', 'found "moon"'],
            'a photograph of what is no part' => [['photograph:p1' => ['of' => 'javascript:alert']], '/survey/photographs/0/of', 'station:stern'],
            'a mark beside the picture' => [['photograph:p1' => ['marks' => [(object) ['x' => 1.2, 'y' => 0.5]]]], '/survey/photographs/0/marks/0/x', 'from 0 to 1'],
            'half of a measure' => [['device:light' => ['shaft' => (object) ['length_m' => 1.5]]], '/devices/0/shaft', '"mount_height_m"'],
            'a hole of nothing' => [['hole:hole' => ['diameter_mm' => 0]], '/holes/0/diameter_mm', 'from 0.5 to 300 mm'],
        ];
    }

    public function test_an_id_is_used_once_in_the_whole_file_survey_included(): void
    {
        $this->expectException(PlanRefused::class);
        $this->expectExceptionMessageMatches('~/survey/photographs/2/id.*used once.*"hole" is also at /holes/0~');
        Plans::routed()->with(Patch::put('photograph:hole', (object) ['id' => 'hole', 'of' => 'other']))->plan();
    }

    /** Parts of the survey are put in, changed and taken out by id, as every part is; the first one makes its section. */
    public function test_patches_of_the_survey(): void
    {
        $bare = StandardAreas::areas()->format->document('{"format": "dinghy-plan", "version": 1}');
        $put = Patch::put('complaint:says', (object) ['id' => 'says', 'kind' => 'noise']);
        $with = $bare->with($put)->with(Patch::set('complaint:says', ['words' => 'stripes']));

        self::assertSame('stripes', $with->plan()->survey?->complaints['says']->words);
        self::assertSame([], $with->with(Patch::remove('complaint:says'))->plan()->survey?->complaints);
        self::assertSame([], $with->with($put->inverseOn($bare))->plan()->survey?->complaints);
    }
}
