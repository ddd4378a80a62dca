<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\Problem;
use Dinghy\File\Shape\Problems;
use Dinghy\File\Shape\Shape;
use Dinghy\File\Shape\TextShape;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\Units;

/**
 * The keys of the plan file, their shapes, limits and defaults, as its sections bring them: the one definition that the parser,
 * the JSON Schema (docs/schema/plan-1.json), the kinds of parts and the typed plan are made from. What the words mean stands
 * in docs/plan-format.md.
 */
final readonly class PlanFormat
{
    public const NAME = 'dinghy-plan';

    public const VERSION = 1;

    public ObjectShape $shape;

    public PartKinds $kinds;

    /** @var array<string, string> how a person is asked for an input, by the last word of its field, or the last two */
    public array $questions;

    /**
     * @param  list<Section>  $sections  in the order of work, so that what is wrong is told before what follows from it
     */
    public function __construct(private array $sections)
    {
        // A file has what current goes through first, then where it lies, then what was found.
        $fields = array_map(static fn (Section $section): array => $section->fields(), array_reverse($sections));
        $shape = new ObjectShape([...self::ownFields(), ...array_merge(...$fields)]);
        foreach ($sections as $section) {
            foreach ($section->extensions() as $extension) {
                $shape = $shape->extended(explode('.', $extension->path), $extension);
            }
        }
        $this->shape = $shape;
        $this->kinds = PartKinds::of($shape);
        $this->questions = array_merge(
            ...array_map(static fn (Section $section): array => $section->questions(), $sections),
        );
    }

    /**
     * A plan file.
     *
     * @throws PlanRefused when it is no JSON document of a plan's size and form; whether it is sound, PlanDocument::plan() says
     */
    public function document(string $json): PlanDocument
    {
        return PlanDocument::fromJson($json, $this);
    }

    /**
     * @param  mixed  $raw  decoded JSON, as Patch::of()
     *
     * @throws PatchRefused also where it addresses a part by its place in a list: a part has one address, so that two who
     *                      change it are seen to change the same
     */
    public function patch(mixed $raw): Patch
    {
        $patch = Patch::of($raw);
        foreach ($patch->fields() as ['on' => $on, 'path' => $path]) {
            foreach ($this->kinds->listsIn($on) as $list => $kind) {
                str_starts_with($path, "{$list}.") && throw PatchRefused::byPlace($on, $path, $kind);
            }
        }

        return $patch;
    }

    /**
     * What can stand in a field.
     *
     * @param  string  $on  kind:id, or "plan"
     * @param  string  $path  as in a patch
     * @return FieldShape|null null: there is no such field, or it is neither a choice nor a number
     */
    public function field(string $on, string $path): ?FieldShape
    {
        $shape = $this->shapeOf($on, $path);

        return $shape === null ? null : FieldShape::of($shape);
    }

    /**
     * What a person typed into a field, as the file holds it.
     *
     * @param  string  $on  kind:id, or "plan"
     * @param  string  $path  as in a patch; Patch::WHOLE for a whole part
     * @param  mixed  $value  a text, or for a field that holds several an object or a list with texts in it
     * @param  string|null  $shown  what stood there
     *
     * @throws QuantityRefused
     */
    public function typed(string $on, string $path, mixed $value, Units $units, ?string $shown = null): mixed
    {
        $shape = $this->shapeOf($on, $path);

        return match (true) {
            $shape !== null => (new TypedValue($units))->read($shape, $path, $value, $shown),
            // The patch that it goes into will say that there is no such field.
            default => $value,
        };
    }

    /** The shape of a field, or of a whole part; null: there is no such field. */
    public function shapeOf(string $on, string $path): ?Shape
    {
        $shape = $this->shape;
        $keys = [...$this->kinds->keysTo(explode(':', $on, 2)[0]), ...($path === Patch::WHOLE ? [] : explode('.', $path))];
        foreach ($keys as $key) {
            // Into a list of parts: what holds for one holds for all.
            $shape = $shape?->inner($key) ?? $shape?->inner('0')?->inner($key);
        }

        return $path === Patch::WHOLE ? $shape?->inner('0') : $shape;
    }

    /**
     * The typed plan.
     *
     * @throws PlanRefused naming every place that is wrong
     */
    public function plan(\stdClass $root): Plan
    {
        $problems = new Problems;
        $named = null;
        $record = $this->shape->read($root, '', $problems);
        if ($record !== null && $problems->none()) {
            $named = NameCollector::collect($this->shape, $root);
            References::check($named, $problems);
            foreach ($this->sections as $section) {
                $section->check($record, $problems);
            }
        }
        $found = $problems->all();
        if ($found !== [] || $record === null || $named === null) {
            $words = new PlanWords($root, $this);
            throw $found === [] ? PlanRefused::asAWhole('expected a plan') : PlanRefused::because(
                array_map(static fn (Problem $problem): Problem => $problem->toldAs($words->problem($problem)), $found),
            );
        }

        return Plan::of(
            $record,
            $named,
            array_values(
                array_filter(
                    array_map(static fn (Section $section): ?object => $section->part($record), $this->sections),
                ),
            ),
        );
    }

    /** @return array<string, CatalogueKind> by name: the kinds of parts that a shop's catalogue can hold */
    public function catalogue(): array
    {
        $kinds = array_column(
            array_merge(...array_map(static fn (Section $section): array => $section->catalogue(), $this->sections)),
            null,
            'name',
        );
        foreach ($this->sections as $section) {
            foreach ($section->catalogueFigures() as $kind => $fields) {
                $kinds[$kind] = $kinds[$kind]->with($fields);
            }
        }

        return $kinds;
    }

    /** @return list<Field> */
    private static function ownFields(): array
    {
        return [
            Field::required('format', new ChoiceShape([self::NAME]))->byMachine('what kind of file it is'),
            Field::required('version', new ChoiceShape([self::VERSION]))->byMachine('the version of the format'),
            Field::optional('title', new TextShape(200), '')->called('Title of the plan'),
            Field::optional('units', ChoiceShape::ofEnum(Units::class), 'metric')->called('Units it was drawn up in'),
            Field::optional('house_rules', HouseRulesFormat::shape(), new \stdClass)->called('House rules', 'Her own house rules'),
            Field::optional('own_house_rules', new ListShape(new TextShape(60), 100))->byMachine('written as a file leaves a shop: which house rules are the boat\'s own'),
            Field::optional('boat', BoatFormat::boat(), new \stdClass)->called('Boat', 'Boat'),
        ];
    }
}
