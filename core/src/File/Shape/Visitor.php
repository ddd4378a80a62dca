<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

use Dinghy\Record\WhenGone;

/** Is told of the parts of a document as they are come upon, and of what names them. */
interface Visitor
{
    /**
     * A part begins; what is told until leave() is inside it.
     *
     * @param  string  $kind  "branch"
     */
    public function enter(string $kind, \stdClass $part, string $pointer): void;

    public function leave(): void;

    /** Something names a part by its id. */
    public function reference(string $kind, string $id, WhenGone $whenGone, string $pointer): void;
}
