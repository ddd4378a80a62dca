<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** True or false. */
final readonly class FlagShape extends LeafShape
{
    /** What people call true and false. */
    public function __construct(public string $yes = 'yes', public string $no = 'no')
    {
    }

    public function read(mixed $raw, string $pointer, Problems $problems): ?bool
    {
        if (is_bool($raw)) {
            return $raw;
        }
        $problems->add($pointer, 'expected true or false, found '.Found::describe($raw));

        return null;
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }
}
