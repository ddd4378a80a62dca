<?php

declare(strict_types=1);

namespace Dinghy\Tests\Evaluation;

use Dinghy\Area\Power\Figure\VoltProfile;
use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\Verdict;
use Dinghy\File\PlanRefused;
use Dinghy\Plan\Plan;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Whatever a plan that is accepted says, it is evaluated: no fault, no warning, nothing that is not a number. */
#[Group('many-boats')]
final class FuzzTest extends TestCase
{
    private const CASES = 400;

    public function test_every_accepted_plan_is_evaluated(): void
    {
        $seed = Seed::sown();
        $evaluated = 0;
        for ($i = 0; $i < self::CASES; $i++) {
            $document = MutantBoat::document(6);
            try {
                $plan = $document->plan();
            } catch (PlanRefused) {
                continue;
            }
            $evaluated++;
            try {
                $evaluation = StandardAreas::areas()->evaluate($plan);
                // JSON has no NaN and no infinity: encoding throws where one slipped through.
                json_encode([EvaluationDocument::of($evaluation), VoltProfile::allOf($evaluation->boat), Verdict::of($evaluation)], JSON_THROW_ON_ERROR);
            } catch (\Throwable $e) {
                self::fail("SEED={$seed} case {$i}: {$e->getMessage()} at {$e->getFile()}:{$e->getLine()} for {$document->toPrettyJson()}");
            }
        }
        self::assertGreaterThan(self::CASES / 8, $evaluated, "SEED={$seed}");
    }
}
