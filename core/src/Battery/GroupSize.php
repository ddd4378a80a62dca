<?php

declare(strict_types=1);

namespace Dinghy\Battery;

/** Outer sizes of batteries by group, over the posts [pub BCI, from memory]. */
final class GroupSize
{
    /** length, width, height in mm */
    private const SIZES = [
        '24' => [260, 173, 225], '27' => [306, 173, 225], '31' => [330, 173, 240],
        'U1' => [197, 132, 186], '34' => [260, 173, 200], 'GC2' => [264, 183, 277],
    ];

    /** @return non-empty-list<string> */
    public static function names(): array
    {
        return array_map(strval(...), array_keys(self::SIZES));
    }

    /** @return list<float> length, width, height in mm */
    public static function of(string $name): array
    {
        return array_map(floatval(...), self::SIZES[$name]);
    }
}
