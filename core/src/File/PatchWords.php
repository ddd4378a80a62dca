<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\Survey\Photograph;

/** A change as a line of a log: which part, which field, what it became. */
final class PatchWords
{
    /** Fields whose names in the file are not what riggers call them. */
    private const NAMES = [
        'run.gauge' => 'gauge', 'run.length_m' => 'length', 'run.route' => 'route', 'run.extra_mohm' => 'old joints', 'fuse_a' => 'fuse', 'protection.0.rating_a' => 'fuse',
        'protection.0.from_source_m' => 'fuse to post', 'from.plus' => 'plus on', 'from.minus' => 'minus on', 'from' => 'supply', 'lies' => 'place',
    ];

    /** Steps of a patch that are written out; a larger one is told in number. */
    private const MOST = 3;

    public static function of(Patch $patch): string
    {
        $lines = array_map(self::step(...), $patch->steps);
        $told = array_slice($lines, 0, self::MOST);
        $more = count($lines) - count($told);

        return implode('; ', $told).($more > 0 ? "; and {$more} more" : '');
    }

    /** What the fields of a patch become, from one document to another: "feed bow-motor: gauge 8 AWG → 6 AWG". */
    public static function between(Patch $patch, PlanDocument $from, PlanDocument $to): string
    {
        $lines = self::lines($patch, $from, $to);
        $more = count($lines) - self::MOST;

        return implode('; ', array_slice($lines, 0, self::MOST)).($more > 0 ? "; and {$more} more" : '');
    }

    /** @return list<string> a line for each field of a patch, as between() joins them */
    public static function lines(Patch $patch, PlanDocument $from, PlanDocument $to): array
    {
        $lines = [];
        foreach ($patch->fields() as ['on' => $on, 'path' => $path]) {
            $part = str_replace(':', ' ', $on);
            [$was, $is] = [$from->valueOf($on, $path), $to->valueOf($on, $path)];
            $lines[] = match (true) {
                $path !== Patch::WHOLE => "{$part}: ".self::name($path).' '.self::known($was).' → '.self::known($is),
                $was === null => "{$part} put in",
                $is === null => "{$part} taken out",
                default => "{$part} changed",
            };
        }

        return $lines;
    }

    /**
     * @param  array{on: string, set: array<string, mixed>, unset: list<string>, put?: \stdClass|null, in?: string, at?: int}  $step
     */
    private static function step(array $step): string
    {
        $part = str_replace(':', ' ', $step['on']);
        if (array_key_exists('put', $step)) {
            return match (true) {
                $step['put'] === null => "{$part} taken out",
                isset($step['in']) => "{$part} put in ".str_replace(':', ' ', $step['in']),
                default => "{$part} put in",
            };
        }
        $fields = [];
        foreach ($step['set'] as $path => $value) {
            $fields[] = trim(self::name($path).' '.self::value($value));
        }
        foreach ($step['unset'] as $path) {
            $fields[] = self::name($path).' not given';
        }

        return "{$part}: ".implode(', ', $fields);
    }

    private static function name(string $path): string
    {
        return self::NAMES[$path] ?? str_replace(
            ['_pct', '_mm', '_m', '_a', '_v', '_', '.'],
            ['', '', '', '', '', ' ', ' '],
            $path,
        );
    }

    private static function known(mixed $value): string
    {
        return match (true) {
            $value === null => 'not given',
            is_string($value) && preg_match('/'.Photograph::PICTURE.'/D', $value) === 1 => 'a picture',
            default => self::value($value),
        };
    }

    private static function value(mixed $value): string
    {
        return match (true) {
            $value === null => 'left to Dinghy',
            is_bool($value) => $value ? 'yes' : 'no',
            is_float($value) => rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.'),
            is_scalar($value) => (string) $value,
            default => 'changed',
        };
    }
}
