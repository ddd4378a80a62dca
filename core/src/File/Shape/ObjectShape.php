<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

use Dinghy\Record\Record;

/** An object with known keys. Unknown keys are refused by name. */
final readonly class ObjectShape implements Shape
{
    /** @var array<string, Field> by name */
    public array $fields;

    /** @var list<string> */
    public array $exactlyOneOf;

    /** @var array<string, Shape> by name: those that parts are named in */
    private array $naming;

    /** @var array<string, mixed> by name: what stands for each optional field while it is absent */
    private array $absent;

    /** @var array<string, true> names of the fields that must be there */
    private array $required;

    /**
     * @param  list<Field>  $fields
     * @param  list<string>  $exactlyOneOf  names of optional fields of which one, and only one, must be there
     * @param  array<string, list<string>>  $together  by the name of a field: those that must be there where it is
     */
    public function __construct(array $fields, array $exactlyOneOf = [], private array $together = [])
    {
        $this->fields = array_column($fields, null, 'name');
        $this->exactlyOneOf = $exactlyOneOf;
        $naming = $absent = $required = [];
        foreach ($this->fields as $name => $field) {
            $field->shape->holdsNames() && $naming[$name] = $field->shape;
            $field->required ? $required[$name] = true : $absent[$name] = $field->absent();
        }
        [$this->naming, $this->absent, $this->required] = [$naming, $absent, $required];
    }

    public function read(mixed $raw, string $pointer, Problems $problems): ?Record
    {
        if (! $raw instanceof \stdClass) {
            $problems->add($pointer, 'expected an object, found '.Found::describe($raw));

            return null;
        }
        /** @var array<string, mixed> $given */
        $given = get_object_vars($raw);
        foreach ($given as $name => $_) {
            if (! isset($this->fields[$name])) {
                $known = implode(', ', array_keys($this->fields));
                $problems->add(Pointer::child($pointer, $name), 'unknown key '.Found::describe((string) $name)
                    .'; expected '.($known === '' ? 'none' : 'one of '.$known));
            }
        }
        if ($this->exactlyOneOf !== [] && count(array_intersect($this->exactlyOneOf, array_keys($given))) !== 1) {
            $problems->add($pointer, 'expected exactly one of '.implode(', ', $this->exactlyOneOf));
        }

        foreach (array_intersect_key($this->together, $given) as $others) {
            foreach (array_diff($others, array_keys($given)) as $missing) {
                $problems->add($pointer, "missing key \"{$missing}\"");
            }
        }

        return new Record($this->readFields($given, $pointer, $problems));
    }

    public function schema(): array
    {
        $properties = [];
        foreach ($this->fields as $name => $field) {
            $properties[$name] = $field->shape->schema();
            if ($field->default !== null) {
                $properties[$name]['default'] = $field->default;
            }
        }
        $schema = [
            'type' => 'object',
            'properties' => (object) $properties,
            'additionalProperties' => false,
        ];
        $required = array_keys(array_filter($this->fields, static fn (Field $field): bool => $field->required));
        if ($required !== []) {
            $schema['required'] = $required;
        }
        if ($this->exactlyOneOf !== []) {
            $schema['oneOf'] = array_map(
                static fn (string $name): array => ['required' => [$name]],
                $this->exactlyOneOf,
            );
        }

        if ($this->together !== []) {
            $schema['dependentRequired'] = (object) $this->together;
        }

        return $schema;
    }

    public function inner(string $key): ?Shape
    {
        return ($this->fields[$key] ?? null)?->shape;
    }

    public function holdsNames(): bool
    {
        return $this->naming !== [];
    }

    public function visit(mixed $raw, string $pointer, Visitor $visitor): void
    {
        foreach ($raw instanceof \stdClass ? $this->naming : [] as $name => $shape) {
            if (isset($raw->{$name})) {
                $shape->visit($raw->{$name}, Pointer::child($pointer, $name), $visitor);
            }
        }
    }

    public function extended(array $path, Extension $extension): self
    {
        $fields = $this->fields;
        if ($path === []) {
            $more = array_column($extension->fields, null, 'name');
            foreach (array_intersect_key($more, $fields) as $name => $_) {
                throw new \LogicException("The key \"{$name}\" of \"{$extension->path}\" is there already.");
            }

            return new self(
                array_values($fields + $more),
                [...$this->exactlyOneOf, ...($extension->asChoice ? array_keys($more) : [])],
                $this->together,
            );
        }
        $key = array_shift($path);
        $field = $fields[$key] ?? throw new \LogicException("There is no \"{$key}\" on the way to \"{$extension->path}\".");
        $fields[$key] = $field->of($field->shape->extended($path, $extension));

        return new self(array_values($fields), $this->exactlyOneOf, $this->together);
    }

    /** The object with the defaults of its absent keys, and of objects inside it, written out. */
    public function withDefaults(\stdClass $given): \stdClass
    {
        $whole = new \stdClass;
        foreach ($this->fields as $name => $field) {
            $value = $given->{$name} ?? $field->default;
            if ($field->shape instanceof self && $value instanceof \stdClass) {
                $value = $field->shape->withDefaults($value);
            }
            if ($value !== null) {
                $whole->{$name} = $value;
            }
        }

        return $whole;
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private function readFields(array $given, string $pointer, Problems $problems): array
    {
        $values = $this->absent;
        foreach (array_intersect_key($this->fields, $given + $this->required) as $name => $field) {
            if (array_key_exists($name, $given)) {
                $values[$name] = $field->shape->read($given[$name], Pointer::child($pointer, $name), $problems);
            } else {
                $problems->add($pointer, "missing key \"{$name}\"");
            }
        }

        return $values;
    }
}
