<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Layout;

use Dinghy\Area\Layout\Figure\MountingCheck;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the page says of a mounting is what the rulebook says of it. */
final class MountingCheckTest extends TestCase
{
    /**
     * @param  'series'|'parallel'  $plan
     * @param  array<string, mixed>  $measures
     */
    #[DataProvider('mountings')]
    public function test_an_answer_in_words(string $plan, string $device, string $field, array $measures, ?bool $good, string $says): void
    {
        $found = self::checks($plan, $device, $measures)[$field] ?? self::fail('That is not asked.');

        self::assertSame($good, $found->good);
        self::assertStringContainsString($says, $found->says);
    }

    /** @return array<string, array{'series'|'parallel', string, string, array<string, mixed>, bool|null, string}> */
    public static function mountings(): array
    {
        $unknown = Plans::UNKNOWN;

        return [
            // 0.40 − 0.30 − 0.015
            'clear of the bow' => ['series', 'm1', 'deploy', [], true, 'Clears the outermost edge of the bow by 85 mm.'],
            // 0.40 − 0.30 · cos 10° − 0.015; an edge that nobody said lies lower is level with the mount.
            'on a deck that rises' => ['series', 'm1', 'deploy', ['deploy.slope_deg' => 10], true, 'Clears the outermost edge of the bow by 90 mm.'],
            'strikes the bow' => ['series', 'm1', 'deploy', ['deploy.reach_m' => 0.3], false, 'Strikes the bow: 15 mm too close.'],
            'nobody measured the bow' => ['series', 'm1', 'deploy', ['deploy' => $unknown], null, 'Not measured.'],
            // The rail 0.60 − 0.30 off, the door 0.80 − 0.30.
            'clear of rail and door' => ['series', 'm1', 'sweep', [], true, 'The rail: clears by 300 mm; the door: clears by 500 mm.'],
            'over the rail, and what the middle would do' => ['series', 'm1', 'sweep', ['sweep.offset_m' => 0.4], false, 'The rail: passes over by 100 mm; the door: clears by 594 mm. In the middle: rail clears by 300 mm'],
            'nobody measured the sweep' => ['series', 'm1', 'sweep', ['sweep' => $unknown], null, 'Not measured.'],
            // 1.50 − 0.05 − 0.60
            'deep enough' => ['series', 'm1', 'shaft', [], true, 'The hub hangs 850 mm under, 530 mm are needed.'],
            'too short' => ['series', 'm1', 'shaft', ['shaft.length_m' => 1.0], false, 'The hub hangs 350 mm under, 530 mm are needed: it takes a shaft of 1.18 m.'],
            'in the air' => ['series', 'm1', 'shaft', ['shaft.length_m' => 0.5, 'shaft.water' => 'calm'], false, 'The hub hangs 150 mm above the water, 400 mm are needed: it takes a shaft of 1.05 m.'],
            'seen squarely' => ['parallel', 'screen', 'seen_from_helm', [], true, 'Seen from 0° off square, within 45°. 0.65 m from the shoulder; an arm reaches 0.75 m.'],
            'seen from beside' => ['parallel', 'screen', 'seen_from_helm', ['seen_from_helm.turn_deg' => 60], false, 'Seen from 60° off square, beyond 45°.'],
            'out of reach' => ['parallel', 'screen', 'seen_from_helm', ['seen_from_helm.away_m' => 2], false, '2.02 m from the shoulder'],
            'only looked at' => ['parallel', 'screen', 'seen_from_helm', ['seen_from_helm.away_m' => 2, 'seen_from_helm.reached' => false], true, 'Only looked at from there.'],
            'nobody measured from the angler' => ['parallel', 'screen', 'seen_from_angler', [], null, 'Not measured.'],
        ];
    }

    /** Good here and no finding there, bad here and a finding there, over random measures. */
    public function test_the_page_and_the_rulebook_agree(): void
    {
        mt_srand(20261126);
        $rules = ['deploy' => 'M01', 'sweep' => 'M02', 'shaft' => 'M05'];
        for ($case = 0; $case < 60; $case++) {
            $some = static fn (int $from, int $to): float => mt_rand($from, $to) / 100;
            $measures = [
                'deploy.reach_m' => $some(20, 50), 'deploy.edge_drop_m' => $some(0, 20), 'deploy.slope_deg' => mt_rand(-10, 10),
                'sweep.offset_m' => $some(0, 50), 'sweep.door_m' => $some(10, 90), 'shaft.length_m' => $some(80, 160), 'shaft.lean_deg' => mt_rand(0, 20),
            ];
            $document = Plans::changed(Plans::series(3), ['device:m1' => $measures]);
            $spoken = array_map(static fn ($finding): string => $finding->rule->code, array_filter(Plans::evaluate($document)->findings, static fn ($finding): bool => $finding->level !== Level::Note));
            foreach (self::checks('series', 'm1', $measures) as $field => $check) {
                self::assertSame($check->good, ! in_array($rules[$field], $spoken, true), "{$field}: ".json_encode($measures));
            }
        }
    }

    public function test_what_is_asked_of_which_device(): void
    {
        self::assertSame(['deploy', 'sweep', 'shaft'], array_keys(self::checks('series', 'm1', [])));
        $astern = Plans::changed(Plans::series(3), ['plan' => ['boat.length_m' => 5], 'device:m1' => ['at_m' => (object) ['x_m' => 0.2, 'y_m' => 0], 'deploy' => Plans::UNKNOWN, 'sweep' => Plans::UNKNOWN]])->plan();
        self::assertSame(['shaft'], array_column(MountingCheck::allOf($astern, $astern->devices['m1'], new QuantityFormatter(Units::Metric)), 'field'));
        self::assertSame(['seen_from_helm', 'seen_from_angler'], array_keys(self::checks('parallel', 'screen', [])));
        self::assertSame([], self::checks('parallel', 'light', []));
    }

    /**
     * @param  'series'|'parallel'  $plan
     * @param  array<string, mixed>  $measures
     * @return array<string, MountingCheck> by field
     */
    private static function checks(string $plan, string $device, array $measures): array
    {
        $found = Plans::changed(Plans::named($plan), $measures === [] ? [] : ["device:{$device}" => $measures])->plan();

        return array_column(MountingCheck::allOf($found, $found->devices[$device], new QuantityFormatter(Units::Metric)), null, 'field');
    }
}
