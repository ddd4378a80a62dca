<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** What another shape allows, or null. */
final readonly class NullableShape implements Shape
{
    public function __construct(public Shape $shape)
    {
    }

    /**
     * What a value has where it is not null.
     *
     * @return ($shape is null ? null : Shape)
     */
    public static function within(?Shape $shape): ?Shape
    {
        return $shape instanceof self ? self::within($shape->shape) : $shape;
    }

    public function read(mixed $raw, string $pointer, Problems $problems): mixed
    {
        return $raw === null ? null : $this->shape->read($raw, $pointer, $problems);
    }

    public function schema(): array
    {
        return ['anyOf' => [$this->shape->schema(), ['type' => 'null']]];
    }

    public function inner(string $key): ?Shape
    {
        return $this->shape->inner($key);
    }

    public function holdsNames(): bool
    {
        return $this->shape->holdsNames();
    }

    public function visit(mixed $raw, string $pointer, Visitor $visitor): void
    {
        $this->shape->visit($raw, $pointer, $visitor);
    }

    public function extended(array $path, Extension $extension): self
    {
        return new self($this->shape->extended($path, $extension));
    }
}
