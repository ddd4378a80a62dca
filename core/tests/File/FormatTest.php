<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Forms;
use Dinghy\File\PlanFormat;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\MapShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\OneOrListShape;
use Dinghy\File\Shape\Problem;
use Dinghy\File\Shape\Problems;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Record\Record;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FormatTest extends TestCase
{
    /** Each shape alone, with values on both sides of each of its limits: it and its schema say the same. */
    #[DataProvider('shapes')]
    public function test_a_shape_and_its_schema_say_the_same(Shape $shape, string $json, bool $accepted): void
    {
        $value = json_decode($json, false, 32, JSON_THROW_ON_ERROR);
        $problems = new Problems;
        $shape->read($value, '/here', $problems);
        $schema = json_decode(json_encode($shape->schema(), JSON_THROW_ON_ERROR), false, 32, JSON_THROW_ON_ERROR);
        self::assertInstanceOf(\stdClass::class, $schema);

        self::assertSame($accepted, $problems->none(), implode('; ', array_map(strval(...), $problems->all())));
        self::assertSame($accepted, (new Validator)->validate($value, $schema)->isValid());
        foreach ($problems->all() as $problem) {
            self::assertStringStartsWith('/here', $problem->pointer);
        }
    }

    /** @return list<array{Shape, string, bool}> */
    public static function shapes(): array
    {
        $number = new NumberShape(0.5, 10, 'A');
        $object = new ObjectShape([Field::required('a', $number), Field::optional('b', new FlagShape, true)]);
        $either = new ObjectShape([Field::optional('x', $number), Field::optional('y', $number)], ['x', 'y']);

        return [
            [$number, '0.5', true], [$number, '0.49', false], [$number, '10', true], [$number, '10.01', false], [$number, '"3"', false], [$number, 'null', false], [$number, 'true', false],
            [NumberShape::whole(1, 5), '2.0', true], [NumberShape::whole(1, 5), '2.5', false], [NumberShape::whole(1, 5), '6', false],
            [new TextShape(3), '"äöü"', true], [new TextShape(3), '"four"', false], [new TextShape(3), '3', false],
            [TextShape::id(), '"b1"', true], [TextShape::id(), '"-b"', false], [TextShape::id(), '""', false], [TextShape::id(), '"b1\n"', false], [TextShape::id(), '"ä"', false],
            [new ChoiceShape([1, 'a']), '1', true], [new ChoiceShape([1, 'a']), '1.0', true], [new ChoiceShape([1, 'a']), '"1"', false], [new ChoiceShape([1, 'a']), '"a"', true],
            [new FlagShape, 'false', true], [new FlagShape, '0', false],
            [new NullableShape($number), 'null', true], [new NullableShape($number), '0', false],
            [new ListShape($number, 2, 1), '[]', false], [new ListShape($number, 2, 1), '[1]', true], [new ListShape($number, 2, 1), '[1,2,3]', false], [new ListShape($number, 2, 1), '{"0":1}', false], [new ListShape($number, 2, 1), '[0]', false],
            [new OneOrListShape($object, 2), '{"a":1}', true], [new OneOrListShape($object, 2), '[{"a":1}]', true], [new OneOrListShape($object, 2), '[]', true], [new OneOrListShape($object, 2), '1', false],
            [new MapShape(ReferenceShape::to('device'), $number, 1), '{"k":1}', true], [new MapShape(ReferenceShape::to('device'), $number, 1), '{"k":1,"l":1}', false], [new MapShape(ReferenceShape::to('device'), $number, 1), '{"k":0}', false], [new MapShape(ReferenceShape::to('device'), $number, 1), '[]', false],
            [$object, '{"a":1}', true], [$object, '{}', false], [$object, '{"a":1,"c":1}', false], [$object, '{"a":1,"b":null}', false], [$object, '[]', false],
            [$either, '{"x":1}', true], [$either, '{}', false], [$either, '{"x":1,"y":1}', false],
        ];
    }

    public function test_absent_keys_get_their_defaults_and_can_be_written_out(): void
    {
        $shape = new ObjectShape([Field::optional('b', new FlagShape, true), Field::optional('inner', new ObjectShape([Field::optional('n', new NumberShape(0, 9), 4)]), new \stdClass), Field::optional('unknown', new FlagShape)]);
        $record = $shape->read(new \stdClass, '', new Problems);

        self::assertTrue($record?->flag('b'));
        self::assertSame(4.0, $record->record('inner')->number('n'));
        self::assertNull($record->flagOrNull('unknown'));
        self::assertEquals((object) ['b' => false, 'inner' => (object) ['n' => 4]], $shape->withDefaults((object) ['b' => false]));
    }

    public function test_pointers_escape_and_long_lists_of_problems_end(): void
    {
        $problems = new Problems;
        (new ObjectShape([]))->read((object) ['a/b~c' => 1], '', $problems);
        self::assertSame('/a~1b~0c', $problems->all()[0]->pointer);

        $many = new Problems;
        (new ListShape(new FlagShape, 5000))->read(array_fill(0, 5000, 'x'), '', $many);
        self::assertLessThanOrEqual(50, count($many->all()));
        self::assertSame('/: whole', (string) new Problem('', 'whole'));
    }

    public function test_a_record_says_when_it_does_not_hold_what_is_read(): void
    {
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('"a"');
        (new Record(['a' => 'text']))->number('a');
    }

    /** What a page offers is what the plan takes, every field of it called something, and nothing called alike in one field. */
    public function test_what_can_be_filled_in_has_words(): void
    {
        $format = StandardAreas::areas()->format;
        $choices = [];
        foreach (Forms::of($format) as $kind => $fields) {
            $labels = array_map(static fn (array $field): string => ($field['group'] ?? '').' '.$field['label'], $fields);
            self::assertSame($labels, array_unique($labels), $kind);
            foreach (self::leaves($fields) as $path => $leaf) {
                self::assertNotSame('', $leaf['label'], "{$kind}.{$path}");
                if (isset($leaf['choices'])) {
                    $choices["{$kind}.{$path}"] = $leaf['choices'];
                    self::assertSame(array_column($leaf['choices'], 1), array_unique(array_column($leaf['choices'], 1)), $path);
                    $known = $format->field($kind === 'plan' ? 'plan' : "{$kind}:x", $path)->choices ?? null;
                    self::assertEqualsCanonicalizing($known, array_column($leaf['choices'], 0), "{$kind}.{$path}");
                }
            }
        }
        self::assertGreaterThan(70, count($choices));
        self::assertSame([['tube', 'tube'], ['open', 'open'], ['gunwale', 'along the gunwale']], $choices['way.kind']);
        self::assertSame([[false, 'none gathers'], [true, 'can gather']], $choices['station.petrol_vapour']);
        self::assertContains(['wing-nut', 'wing nuts'], $choices['found.terminals']);
    }

    /**
     * Every key of the published schema stands in a form, or is for machines alone and says why.
     */
    public function test_every_key_of_the_schema_stands_in_a_form(): void
    {
        $format = StandardAreas::areas()->format;
        $forms = Forms::of($format);
        $missing = [];
        foreach (self::keys($format->shape->schema(), 'plan', $format) as [$kind, $path]) {
            $at = ['fields' => $forms[$kind]];
            foreach ($path as $key) {
                $at = $key === '*' ? $at['item'] ?? null : array_column($at['fields'] ?? $at['item']['fields'] ?? [], null, 'name')[$key] ?? null;
            }
            if ($at === null) {
                $missing["{$kind}.".implode('.', $path)] = true;
            }
        }
        self::assertSame([
            'plan.format', 'plan.version', 'plan.own_house_rules',
            'trial.at', 'trial.instrument', 'trial.seconds', 'trial.sentences', 'trial.refused', 'trial.faults',
            'trial.values', 'trial.values.measured', 'trial.values.least', 'trial.values.most', 'trial.values.last', 'check.renewed_by', 'photograph.taken_at', 'photograph.picture',
        ], array_values(array_filter(array_keys($missing), static fn (string $key): bool => ! str_ends_with($key, '.id'))));
        foreach ($format->kinds->all as $kind) {
            self::assertArrayHasKey("{$kind->name}.id", $missing, 'an id is given once');
        }
    }

    /**
     * @param  list<array<string, mixed>>  $fields
     * @return array<string, array<string, mixed>> by path, lists passed through by their first item
     */
    private static function leaves(array $fields, string $before = ''): array
    {
        $leaves = [];
        foreach ($fields as $field) {
            $path = "{$before}{$field['name']}";
            $inner = $field['fields'] ?? $field['item']['fields'] ?? null;
            $leaves += [$path => $field, ...($inner === null ? [] : self::leaves($inner, $field['entry'] === 'list' ? "{$path}.0." : "{$path}."))];
        }

        return $leaves;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @param  list<string>  $path
     * @return list<array{string, list<string>}> kind of part and the keys within it, "*" for the values of a map
     */
    private static function keys(array $schema, string $kind, PlanFormat $format, array $path = []): array
    {
        $schema = $schema['anyOf'][0] ?? $schema;
        $found = [];
        foreach ((array) ($schema['properties'] ?? []) as $key => $inner) {
            $within = [...$path, $key];
            $found[] = [$kind, $within];
            $part = $format->kinds->listsIn($kind === 'plan' ? 'plan' : "{$kind}:x")[implode('.', $within)] ?? null;
            $items = $inner['anyOf'][0]['items'] ?? $inner['items'] ?? null;
            array_push($found, ...match (true) {
                $part !== null => self::keys($items, $part, $format),
                is_array($items) => self::keys($items, $kind, $format, $within),
                default => self::keys($inner, $kind, $format, $within),
            });
        }
        if (is_array($schema['additionalProperties'] ?? null)) {
            $found[] = [$kind, [...$path, '*']];
        }

        return $found;
    }
}
