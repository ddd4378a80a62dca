<?php

declare(strict_types=1);

namespace Dinghy\Tests\Evaluation;

use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\Verdict;
use Dinghy\Evaluation\VoltProfile;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Plan\PlanRefused;
use PHPUnit\Framework\TestCase;

/** Whatever a plan that is accepted says, it is evaluated: no fault, no warning, nothing that is not a number. */
final class FuzzTest extends TestCase
{
    private const CASES = 400;

    public function test_every_accepted_plan_is_evaluated(): void
    {
        $seed = (int) (getenv('SEED') ?: random_int(1, 1_000_000));
        mt_srand($seed);
        $evaluated = 0;
        for ($i = 0; $i < self::CASES; $i++) {
            $boats = (array) glob(__DIR__.'/../../../database/demo/*/*.json');
            $root = PlanDocument::fromJson((string) file_get_contents((string) $boats[mt_rand(0, count($boats) - 1)]))->root();
            for ($change = mt_rand(1, 6); $change > 0; $change--) {
                $root = self::change($root);
            }
            $json = json_encode($root, JSON_THROW_ON_ERROR);
            try {
                $plan = Plan::fromJson($json);
            } catch (PlanRefused) {
                continue;
            }
            $evaluated++;
            try {
                $evaluation = Evaluation::of($plan);
                // JSON has no NaN and no infinity: encoding throws where one slipped through.
                json_encode([EvaluationDocument::of($evaluation), VoltProfile::allOf($evaluation), Verdict::of($evaluation)], JSON_THROW_ON_ERROR);
            } catch (\Throwable $e) {
                self::fail("SEED={$seed} case {$i}: {$e->getMessage()} at {$e->getFile()}:{$e->getLine()} for {$json}");
            }
        }
        self::assertGreaterThan(self::CASES / 8, $evaluated);
    }

    /** Makes one number extreme, drops one key, or drops one item of a list. */
    private static function change(\stdClass $root): \stdClass
    {
        $places = [];
        $walk = function (mixed $node, array $path) use (&$walk, &$places): void {
            foreach (is_array($node) || $node instanceof \stdClass ? (array) $node : [] as $key => $value) {
                $places[] = [...$path, $key];
                $walk($value, [...$path, $key]);
            }
        };
        $walk($root, []);
        $path = $places[mt_rand(0, count($places) - 1)];
        $last = array_pop($path);
        $at = $root;
        foreach ($path as $key) {
            is_array($at) ? $at = &$at[$key] : $at = &$at->{$key};
        }
        $value = is_array($at) ? $at[$last] : $at->{$last};
        if (is_int($value) || is_float($value)) {
            $value *= [0, 0.01, 0.5, 1.5, 10, 100][mt_rand(0, 5)];
            is_array($at) ? $at[$last] = $value : $at->{$last} = $value;
        } elseif (is_array($at)) {
            array_splice($at, (int) $last, 1);
        } else {
            unset($at->{$last});
        }

        return $root;
    }
}
