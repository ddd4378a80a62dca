<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\Extension;
use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\ObjectShape;

/** A kind of part that a shop's catalogue can hold, with the figures that a plan takes over from there. */
final readonly class CatalogueKind
{
    /**
     * @param  string  $name  where it is a kind of part of the plan too, that one's
     * @param  string  $title  over all of its kind, as "Fuse blocks"
     * @param  ObjectShape  $shape  of its figures
     * @param  list<string>  $figures  paths of the shape that a catalogue keeps, as "lead.gauge"
     * @param  list<string>  $ofThePart  keys that are the part's own in whatever boat; the rest was measured aboard, or is how it was fitted
     */
    public function __construct(
        public string $name,
        public string $title,
        public ObjectShape $shape,
        public array $figures,
        public array $ofThePart = [],
    ) {
    }

    /**
     * The kind with figures that another section knows of such parts.
     *
     * @param  list<Field>  $fields  each the part's own in whatever boat
     */
    public function with(array $fields): self
    {
        $names = array_column($fields, 'name');

        return new self(
            $this->name,
            $this->title,
            $this->shape->extended([], new Extension('', $fields)),
            [...$this->figures, ...$names],
            [...$this->ofThePart, ...$names],
        );
    }
}
