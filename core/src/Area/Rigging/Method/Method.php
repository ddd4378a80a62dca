<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

/** How a step is done on this boat, in a few words, with the figures of its own part. */
final readonly class Method
{
    /**
     * @param  list<array{label: string, value: string}>  $figures  with their units; the one that matters first
     * @param  list<string>  $how  one act after the other
     * @param  string|null  $caution  what would hurt, where the hand is
     */
    public function __construct(public array $figures, public array $how, public ?string $caution = null)
    {
    }

    /** @return array{label: string, value: string} */
    public static function figure(string $label, string $value): array
    {
        return ['label' => $label, 'value' => $value];
    }
}
