<?php

declare(strict_types=1);

namespace Dinghy\Tests;

/** The same boat with every part called otherwise in the file. */
final class OtherIds
{
    /** Keys whose text speaks of a part. */
    private const REFERENCES = ['id', 'from', 'to', 'bank', 'device', 'block', 'battery', 'station', 'of', 'renewed_by', 'board', 'complaint', 'socket', 'talker', 'motor', 'backbone'];

    /** Keys of lists of words that stand for themselves, though a part may be called the same. */
    private const WORDS = ['functions', 'shows', 'passes', 'terminators', 'sentences'];

    /** @param  \Closure(string): string  $called  the new id of an old one */
    public static function in(\stdClass $root, \Closure $called): \stdClass
    {
        $ids = [];
        $collect = static function (mixed $node) use (&$collect, &$ids): void {
            foreach (is_array($node) || $node instanceof \stdClass ? (array) $node : [] as $key => $value) {
                $key === 'id' && is_string($value) ? $ids[] = $value : $collect($value);
            }
        };
        $collect($root);
        $copy = self::replaced($root, array_combine($ids, array_map($called, $ids)));
        assert($copy instanceof \stdClass);

        return $copy;
    }

    /** @param  array<string, string>  $ids */
    private static function replaced(mixed $node, array $ids, string $under = ''): mixed
    {
        if (is_array($node)) {
            return array_map(static fn (mixed $value): mixed => self::replaced($value, $ids), $node);
        }
        if ($node instanceof \stdClass) {
            $copy = new \stdClass;
            foreach (get_object_vars($node) as $key => $value) {
                // Only what phases switch on is listed by id.
                if (in_array($key, self::WORDS, true)) {
                    $copy->{$key} = $value;

                    continue;
                }
                $copy->{$under === 'on' ? $ids[$key] ?? $key : $key} = is_string($value) && ! in_array($key, self::REFERENCES, true) ? $value : self::replaced($value, $ids, (string) $key);
            }

            return $copy;
        }

        // An id, a post of it, or a part with its kind.
        return is_string($node) && preg_match('/^((?:[a-z-]+:)?)(.+?)([+-]?)$/D', $node, $match) === 1 && isset($ids[$match[2]]) ? $match[1].$ids[$match[2]].$match[3] : $node;
    }
}
