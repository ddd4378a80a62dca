<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

use Dinghy\Record\WhenGone;

/** A post of a battery: its id with "+" or "-" behind it. */
final readonly class PostShape extends NamingShape
{
    public function __construct(WhenGone $whenGone)
    {
        parent::__construct(
            new TextShape(41, '^[A-Za-z0-9][A-Za-z0-9_.-]*[+-]$', 'a post as "b1+" or "b2-",'),
            'battery',
            $whenGone,
        );
    }

    protected function idIn(string $text): string
    {
        return substr($text, 0, -1);
    }
}
