<?php

declare(strict_types=1);

namespace Dinghy\File;

/** A change as a line of a log: which part, which field, what it became. */
final readonly class PatchWords
{
    /** Steps of a patch that are written out; a larger one is told in number. */
    private const MOST = 3;

    /** @param  PlanWords  $words  of the document that names are taken from */
    public function __construct(private PlanWords $words)
    {
    }

    public function of(Patch $patch): string
    {
        return self::joined(array_map($this->step(...), $patch->steps));
    }

    /** What the fields of a patch become, from one document to another: "feed to Bow motor: gauge 8 AWG → 6 AWG". */
    public function between(Patch $patch, PlanDocument $from, PlanDocument $to): string
    {
        return self::joined($this->lines($patch, $from, $to));
    }

    /** @return list<string> a line for each field of a patch, as between() joins them */
    public function lines(Patch $patch, PlanDocument $from, PlanDocument $to): array
    {
        $lines = [];
        foreach ($patch->fields() as ['on' => $on, 'path' => $path]) {
            $part = $this->words->part($on);
            [$was, $is] = [$from->valueOf($on, $path), $to->valueOf($on, $path)];
            $lines[] = match (true) {
                $path !== Patch::WHOLE => "{$part}: {$this->words->field($on, $path)} ".self::change($this->words->value($on, $path, $was), $this->words->value($on, $path, $is)),
                $was === null => "{$part} put in",
                $is === null => "{$part} taken out",
                default => "{$part} changed",
            };
        }

        return $lines;
    }

    /** Two lists that a line cannot hold read alike: then it is enough that they changed. */
    private static function change(string $was, string $is): string
    {
        return $was === $is ? 'changed' : "{$was} → {$is}";
    }

    /**
     * @param  array{on: string, set: array<string, mixed>, unset: list<string>, put?: \stdClass|null, in?: string, at?: int}  $step
     */
    private function step(array $step): string
    {
        $part = $this->words->part($step['on']);
        if (array_key_exists('put', $step)) {
            return match (true) {
                $step['put'] === null => "{$part} taken out",
                isset($step['in']) => "{$part} put in {$this->words->part($step['in'])}",
                default => "{$part} put in",
            };
        }
        $fields = [];
        foreach ($step['set'] as $path => $value) {
            $fields[] = $this->words->field($step['on'], $path).' '.$this->words->value($step['on'], $path, $value);
        }
        foreach ($step['unset'] as $path) {
            $fields[] = $this->words->field($step['on'], $path).' not given';
        }

        return "{$part}: ".implode(', ', $fields);
    }

    /** @param  list<string>  $lines */
    private static function joined(array $lines): string
    {
        $more = count($lines) - self::MOST;

        return implode('; ', array_slice($lines, 0, self::MOST)).($more > 0 ? "; and {$more} more" : '');
    }
}
