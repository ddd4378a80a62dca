<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** A key of an object: its shape, what people call it, whether it must be there, and what its absence stands for. */
final readonly class Field
{
    private function __construct(
        public string $name,
        public Shape $shape,
        public bool $required,
        public mixed $default,
        public string $label = '',
        public string $group = '',
        public ?string $machine = null,
    ) {
    }

    public static function required(string $name, Shape $shape): self
    {
        return new self($name, $shape, true, null);
    }

    /** The id of a part. */
    public static function id(): self
    {
        return self::required('id', TextShape::id())->byMachine('what a part is addressed by, given once');
    }

    /** @param  mixed  $default a JSON value (objects as \stdClass); null stands for "unknown" */
    public static function optional(string $name, Shape $shape, mixed $default = null): self
    {
        return new self($name, $shape, false, $default);
    }

    /**
     * What is read where the key is absent.
     *
     * @throws \LogicException when its own shape refuses its default
     */
    public function absent(): mixed
    {
        if ($this->default === null) {
            return null;
        }
        $problems = new Problems;
        $value = $this->shape->read($this->default, '', $problems);

        return $problems->none() ? $value : throw new \LogicException("The default of \"{$this->name}\" is refused by its shape.");
    }

    /** The same key with another shape. */
    public function of(Shape $shape): self
    {
        return new self($this->name, $shape, $this->required, $this->default, $this->label, $this->group, $this->machine);
    }

    /**
     * What people call it.
     *
     * @param  string  $group  what it stands under among its like; empty: with the usual ones, first
     */
    public function called(string $label, string $group = ''): self
    {
        return new self($this->name, $this->shape, $this->required, $this->default, $label, $group, $this->machine);
    }

    /** For machines alone: no person sets it. */
    public function byMachine(string $why): self
    {
        return new self($this->name, $this->shape, $this->required, $this->default, $this->label, $this->group, $why);
    }
}
