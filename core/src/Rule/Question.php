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
        $words = $format->questions[substr($unchecked->needs, (int) strrpos('.'.$unchecked->needs, '.'))] ?? null;

        return new self(
            $words ?? "It needs {$unchecked->needs}.",
            $words === null ? null : $format->field($unchecked->on, $unchecked->needs),
        );
    }
}
