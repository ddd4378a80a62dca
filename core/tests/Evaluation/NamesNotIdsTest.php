<?php

declare(strict_types=1);

namespace Dinghy\Tests\Evaluation;

use Dinghy\Area\StandardAreas;
use Dinghy\Compartment\Compartment;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\Remedies;
use Dinghy\Evaluation\Why;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\OtherIds;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use Dinghy\Wiring\ConnectionOrder;
use Dinghy\Wiring\Landings;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What is said to people calls parts as people do: no sentence holds an id as the file has it. */
#[Group('many-boats')]
final class NamesNotIdsTest extends TestCase
{
    private const BOATS = 60;

    /** what every id begins with here, and no word does */
    private const MARK = 'qz-';

    public function test_no_sentence_holds_an_id(): void
    {
        Seed::sown();
        [$sentences, $wrong] = [0, []];
        foreach (self::documents() as $document) {
            $evaluation = Plans::evaluate($document);
            foreach (self::said($document, $evaluation) as $where => $says) {
                $sentences++;
                str_contains($says, self::MARK) && $wrong[$where] = $says;
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(3_000, $sentences);
    }

    /** @return iterable<PlanDocument> */
    private static function documents(): iterable
    {
        $format = StandardAreas::areas()->format;
        foreach ((array) glob(__DIR__.'/../../../database/demo/*/*.json') as $file) {
            yield self::marked($format->document((string) file_get_contents((string) $file)));
        }
        for ($i = 0; $i < self::BOATS; $i++) {
            try {
                $document = $i % 4 === 0 ? RandomBoat::joined() : MutantBoat::document(6);
                $document->plan();
            } catch (PlanRefused) {
                continue;
            }
            yield self::marked($document);
        }
    }

    private static function marked(PlanDocument $document): PlanDocument
    {
        $number = 0;
        $root = OtherIds::in($document->root(), static function () use (&$number): string {
            return self::MARK.(++$number).'-item';
        });

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    /** @return iterable<string, string> */
    private static function said(PlanDocument $document, Evaluation $evaluation): iterable
    {
        $boat = $evaluation->boat;
        $remedies = new Remedies($document, $evaluation);
        $why = new Why($evaluation);
        foreach ($evaluation->findings as $finding) {
            $rule = $finding->rule->code;
            yield "{$rule} says" => $finding->says;
            yield "{$rule} remedy in words" => $finding->remedy;
            yield "{$rule} remedy" => $remedies->of($finding)->says ?? '';
            yield "{$rule} why" => json_encode(array_column($why->of("finding:{$rule}:{$finding->on}")->inputs ?? [], 'name'), JSON_THROW_ON_ERROR);
        }
        foreach (self::sentencesIn(EvaluationDocument::of($evaluation), '') as $where => $says) {
            yield $where => $says;
        }
        foreach ($boat->plan->banks as $bank) {
            foreach ([true, false] as $chargerFirst) {
                foreach (ConnectionOrder::of($boat->plan, $bank, $boat->words, $chargerFirst) as $step) {
                    yield 'order of connection' => "{$step->says} {$step->caution}";
                }
            }
            yield 'compartment' => Compartment::of($boat->plan, $bank)->says($boat->plan, $bank, $boat->words);
            foreach (['rested_v', 'short_circuit_a', 'fits'] as $figure) {
                yield "why {$figure}" => json_encode($why->of("bank:{$bank->id}:{$figure}"), JSON_THROW_ON_ERROR);
            }
        }
        foreach ($boat->circuits() as $run) {
            foreach (['drop_pct', 'ampacity_a', 'current_a', 'protection_a', 'length_m', 'gauge', 'far_short_a'] as $figure) {
                yield "why {$figure}" => json_encode($why->of("run:{$run->id}:{$figure}"), JSON_THROW_ON_ERROR);
            }
            yield 'why short' => json_encode($why->of("short:{$run->id}:0.5"), JSON_THROW_ON_ERROR);
            yield 'why rung' => json_encode($why->of("rung:{$run->id}:{$run->gauge}"), JSON_THROW_ON_ERROR);
        }
        foreach ($boat->plan->devices as $device) {
            foreach (['volts_loaded', 'volts_lowest', 'path_drop_pct'] as $figure) {
                yield "why {$figure}" => json_encode($why->of("device:{$device->id}:{$figure}"), JSON_THROW_ON_ERROR);
            }
        }
        foreach (Landings::of($boat->plan) as $landing) {
            yield 'landing' => $landing->what;
        }
        foreach ($boat->conductors as $conductor) {
            yield 'conductor' => $conductor->label();
        }
        foreach ($boat->protections as $protection) {
            yield 'protection' => $protection->where;
        }
    }

    /** @return iterable<string, string> those of the document that are read, not looked up: they have more than one word */
    private static function sentencesIn(mixed $node, string $where): iterable
    {
        if (is_array($node) || $node instanceof \stdClass) {
            foreach ((array) $node as $key => $inner) {
                if (! in_array($key, ['needs', 'patch'], true)) {
                    yield from self::sentencesIn($inner, is_int($key) ? "{$where}[]" : "{$where}/{$key}");
                }
            }
        } elseif (is_string($node) && str_contains($node, ' ')) {
            yield $where => $node;
        }
    }
}
