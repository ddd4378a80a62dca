<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** What a watch has to tell. */
final readonly class Heard
{
    /**
     * @param  int  $sentences  sound ones, since it began
     * @param  float  $perSecond  of late
     * @param  float|null  $age  s since the last sound sentence; null: none has come
     * @param  array<string, int>  $refused  by Refusal's value
     * @param  array<string, array{value: float, age_s: float}>  $values  by Measured's value
     * @param  list<array{kind: string, says: string}>  $faults
     * @param  array{seconds: int, sentences: int, refused: int, values: array<string, array{least: float, most: float, last: float}>}  $minute
     */
    public function __construct(
        public int $sentences,
        public float $perSecond,
        public ?float $age,
        public array $refused,
        public array $values,
        public array $faults,
        public array $minute,
    ) {
    }
}
