<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Shape\Problems;
use Dinghy\Tests\Seed;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/** The parser's shapes and the published schema accept the same documents: the demo plan, damaged at random. */
final class SchemaAgreementTest extends TestCase
{
    private const DAMAGES = 600;

    public function test_parser_and_schema_agree_under_fuzzing(): void
    {
        $seed = Seed::sown();
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../../docs/schema/plan-1.json'), false, 512, JSON_THROW_ON_ERROR);
        self::assertInstanceOf(\stdClass::class, $schema);
        unset($schema->{'$id'});
        $validator = new Validator;
        $refused = 0;
        for ($i = 0; $i < self::DAMAGES; $i++) {
            $boats = (array) glob(__DIR__.'/../../../database/demo/*/*.json');
            $root = StandardAreas::areas()->format->document((string) file_get_contents((string) $boats[mt_rand(0, count($boats) - 1)]))->root();
            for ($damage = mt_rand(0, 2); $damage > 0; $damage--) {
                self::damage($root);
            }
            $problems = new Problems;
            StandardAreas::areas()->format->shape->read($root, '', $problems);
            $valid = $validator->validate($root, $schema)->isValid();
            $refused += $valid ? 0 : 1;
            self::assertSame($valid, $problems->none(), "SEED={$seed} case {$i}: ".implode('; ', array_map(strval(...), $problems->all())).' '.json_encode($root));
        }
        self::assertGreaterThan(self::DAMAGES / 10, $refused, "SEED={$seed}: the damages must be worth refusing.");
    }

    /** Replaces, removes or adds one value somewhere in the tree. */
    private static function damage(\stdClass $root): void
    {
        $at = $root;
        while (true) {
            $keys = array_keys(is_array($at) ? $at : get_object_vars($at));
            if ($keys === []) {
                return;
            }
            $key = $keys[mt_rand(0, count($keys) - 1)];
            $value = is_array($at) ? $at[$key] : $at->{$key};
            if (($value instanceof \stdClass || is_array($value)) && mt_rand(0, 5) > 0) {
                is_array($at) ? $at = &$at[$key] : $at = &$at->{$key};

                continue;
            }
            $junk = [null, true, 0, -1, 1.5, 1e9, 5.0, '', 'x', 'b1+', '6 AWG', 'agm', [], [1], new \stdClass, (object) ['id' => 'q']][mt_rand(0, 15)];
            if (is_array($at)) {
                $at[$key] = $junk;
            } elseif (mt_rand(0, 3) === 0) {
                unset($at->{$key});
            } elseif (mt_rand(0, 4) === 0) {
                $at->{'extra'.mt_rand(0, 9)} = $junk;
            } else {
                $at->{$key} = $junk;
            }

            return;
        }
    }
}
