<?php

declare(strict_types=1);

namespace Dinghy\Tests\Evaluation;

use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\Remedies;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Tests\Measured;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Every remedy that is offered, on boats with several things wrong at once, is applied: its finding is gone, and nothing is a stop that was none. */
#[Group('many-boats')]
final class RemediesTest extends TestCase
{
    private const MUTANTS = 1000;

    public function test_every_remedy_mends_and_harms_nothing(): void
    {
        $seed = Seed::sown();
        $files = (array) glob(__DIR__.'/../../../database/demo/*/*.json');
        $documents = array_map(static fn (mixed $file): PlanDocument => StandardAreas::areas()->format->document((string) file_get_contents((string) $file)), $files);
        $wanted = self::MUTANTS + count($documents);
        [$boats, $findings, $mended, $not, $stops] = [0, 0, 0, [], []];
        for ($tried = -count($documents); $boats < $wanted; $tried++) {
            $document = array_pop($documents) ?? MutantBoat::document();
            try {
                $before = StandardAreas::areas()->evaluate($document->plan());
            } catch (PlanRefused) {
                continue;
            }
            // A plan and its parts hold one another: a thousand of them are more than the collector takes as reason to begin.
            $boats++ % 50 === 0 && gc_collect_cycles();
            $findings += count($before->findings);
            $remedies = new Remedies($document, $before);
            foreach ($before->findings as $finding) {
                $remedy = $remedies->of($finding);
                if ($remedy === null) {
                    continue;
                }
                // Not by what the core's own trial kept: evaluated afresh, and compared by rule and part alone.
                $after = StandardAreas::areas()->evaluate($document->with($remedy->patch)->plan());
                $which = "case {$tried}: {$finding->rule->code} on {$finding->on}: {$remedy->says}";
                $isMended = self::spoken($after, $finding) < self::spoken($before, $finding);
                $isMended ? $mended++ : $not[] = $which;
                $new = array_diff(self::stops($after), self::stops($before));
                $stops = $new === [] ? $stops : [...$stops, $which.' brings '.implode(', ', $new)];
            }
        }
        Measured::say("Remedies, SEED={$seed}: {$boats} boats, {$findings} findings, {$mended} mended, ".count($not).' not mended, '.count($stops).' with a new stop');
        self::assertSame([[], []], [$not, $stops], "SEED={$seed}");
        self::assertGreaterThan(2 * self::MUTANTS, $mended, "SEED={$seed}");
    }

    private static function spoken(Evaluation $evaluation, Finding $of): int
    {
        return count(array_filter($evaluation->findings, static fn (Finding $finding): bool => $finding->rule->code === $of->rule->code && $finding->on === $of->on));
    }

    /** @return list<string> */
    private static function stops(Evaluation $evaluation): array
    {
        return array_values(array_map(static fn (Finding $finding): string => "{$finding->rule->code} on {$finding->on}", array_filter($evaluation->findings, static fn (Finding $finding): bool => $finding->level === Level::Stop)));
    }
}
