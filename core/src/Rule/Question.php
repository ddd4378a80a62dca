<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\File\FieldShape;
use Dinghy\File\PlanFormat;

/** An input that a rule misses, as a person is asked for it. */
final readonly class Question
{
    /**
     * @param  string  $asks  a question, or what is needed where nobody can answer it in one field
     * @param  FieldShape|null  $shape  null: not to be answered in one field
     */
    private function __construct(public string $asks, public ?FieldShape $shape)
    {
    }

    public static function of(Unchecked $unchecked, PlanFormat $format): self
    {
        return self::about($unchecked->on, $unchecked->needs, $format);
    }

    /**
     * @param  string  $on  kind:id
     * @param  string  $needs  a field of that part
     */
    public static function about(string $on, string $needs, PlanFormat $format): self
    {
        $keys = array_values(array_filter(explode('.', $needs), static fn (string $key): bool => ! is_numeric($key)));
        // What a part of a part is asked for may have words of its own: "protection.stud" beside "stud".
        $words = $format->questions[implode('.', array_slice($keys, -2))] ?? $format->questions[$keys[count($keys) - 1] ?? ''] ?? null;

        return new self($words ?? "It needs {$needs}.", $words === null ? null : $format->field($on, $needs));
    }
}
