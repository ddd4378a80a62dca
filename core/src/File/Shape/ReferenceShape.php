<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

use Dinghy\Record\WhenGone;

/** The id of another part of the plan. */
final readonly class ReferenceShape extends NamingShape
{
    /** @param  string  $kind  of part: "station" */
    public static function to(string $kind, WhenGone $whenGone = WhenGone::Forgotten): self
    {
        return new self(TextShape::id(), $kind, $whenGone);
    }

    protected function idIn(string $text): string
    {
        return $text;
    }
}
