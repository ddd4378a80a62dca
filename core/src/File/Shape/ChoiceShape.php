<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** One of a fixed set of strings or whole numbers. */
final readonly class ChoiceShape extends LeafShape
{
    /**
     * @param  non-empty-list<string|int>  $choices
     * @param  array<string|int, string>  $labels  what people call those whose value does not say it
     */
    public function __construct(public array $choices, private array $labels = [])
    {
    }

    /** What people call a choice. */
    public function label(string|int $choice): string
    {
        return $this->labels[$choice] ?? str_replace('-', ' ', (string) $choice);
    }

    /** @param  class-string<\BackedEnum>  $enum  called as it calls itself, by label(), where it does */
    public static function ofEnum(string $enum): self
    {
        /** @var non-empty-list<string|int> $choices */
        $choices = array_map(static fn (\BackedEnum $case): string|int => $case->value, $enum::cases());

        $labels = [];
        foreach (method_exists($enum, 'label') ? $enum::cases() : [] as $case) {
            $label = $case->label();
            $labels[$case->value] = is_string($label) ? $label : throw new \LogicException("{$enum} has no words for {$case->value}.");
        }

        return new self($choices, $labels);
    }

    public function read(mixed $raw, string $pointer, Problems $problems): string|int|null
    {
        // JSON has one kind of number: 105.0 is the choice 105.
        $value = is_float($raw) && floor($raw) === $raw && abs($raw) < 1e9 ? (int) $raw : $raw;
        foreach ($this->choices as $choice) {
            if ($value === $choice) {
                return $choice;
            }
        }
        $problems->add($pointer, 'expected one of '.implode(', ', $this->choices).', found '.Found::describe($raw));

        return null;
    }

    public function schema(): array
    {
        return ['enum' => $this->choices];
    }
}
