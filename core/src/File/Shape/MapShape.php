<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

use Dinghy\Record\Record;

/** An object whose keys are ids of parts and whose values all have one shape. */
final readonly class MapShape implements Shape
{
    public function __construct(public ReferenceShape $key, public Shape $value, private int $most)
    {
    }

    public function read(mixed $raw, string $pointer, Problems $problems): ?Record
    {
        if (! $raw instanceof \stdClass) {
            $problems->add($pointer, 'expected an object, found '.Found::describe($raw));

            return null;
        }
        $given = (array) $raw;
        if (count($given) > $this->most) {
            $problems->add($pointer, "expected at most {$this->most} keys, found ".count($given));

            return null;
        }
        $values = [];
        foreach ($given as $key => $value) {
            $values[(string) $key] = $this->value->read($value, Pointer::child($pointer, $key), $problems);
        }

        return new Record($values);
    }

    public function schema(): array
    {
        return ['type' => 'object', 'additionalProperties' => $this->value->schema(), 'maxProperties' => $this->most];
    }

    public function inner(string $key): Shape
    {
        return $this->value;
    }

    public function holdsNames(): bool
    {
        return true;
    }

    public function visit(mixed $raw, string $pointer, Visitor $visitor): void
    {
        foreach ($raw instanceof \stdClass ? get_object_vars($raw) : [] as $key => $value) {
            $this->key->visit((string) $key, Pointer::child($pointer, $key), $visitor);
            $this->value->visit($value, Pointer::child($pointer, $key), $visitor);
        }
    }

    public function extended(array $path, Extension $extension): self
    {
        return new self($this->key, $this->value->extended($path, $extension), $this->most);
    }
}
