<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\Problems;
use Dinghy\Record\NamedParts;

/** That every id is used once in the whole document, and that what names a part names one that is there. */
final class References
{
    public static function check(NamedParts $named, Problems $problems): void
    {
        $seen = $known = [];
        foreach ($named->parts as ['kind' => $kind, 'id' => $id, 'pointer' => $pointer]) {
            if (isset($seen[$id])) {
                $problems->add(
                    "{$pointer}/id",
                    "expected an id used once in the whole file; \"{$id}\" is also at {$seen[$id]}",
                );
            }
            $seen[$id] = $pointer;
            $known[$kind][$id] = true;
        }
        foreach ($named->references as $reference) {
            if (! isset($known[$reference->kind][$reference->id])) {
                $problems->add(
                    $reference->pointer,
                    "expected the id of a {$reference->kind} in this file, found \"{$reference->id}\"",
                );
            }
        }
    }
}
