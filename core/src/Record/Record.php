<?php

declare(strict_types=1);

namespace Dinghy\Record;

/**
 * The values of one object after its shape accepted it. The getters assert what the shape promised: a wrong type here
 * is a mistake in the program, not in the document.
 */
final readonly class Record
{
    /** @param  array<string, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    public function text(string $key): string
    {
        return $this->textOrNull($key) ?? throw self::broken($key);
    }

    public function textOrNull(string $key): ?string
    {
        $value = $this->values[$key] ?? null;

        return $value === null || is_string($value) ? $value : throw self::broken($key);
    }

    public function number(string $key): float
    {
        return $this->numberOrNull($key) ?? throw self::broken($key);
    }

    public function numberOrNull(string $key): ?float
    {
        $value = $this->values[$key] ?? null;

        return match (true) {
            $value === null => null,
            is_float($value), is_int($value) => (float) $value,
            default => throw self::broken($key),
        };
    }

    public function flag(string $key): bool
    {
        return $this->flagOrNull($key) ?? throw self::broken($key);
    }

    public function flagOrNull(string $key): ?bool
    {
        $value = $this->values[$key] ?? null;

        return $value === null || is_bool($value) ? $value : throw self::broken($key);
    }

    public function record(string $key): self
    {
        return $this->recordOrNull($key) ?? throw self::broken($key);
    }

    public function recordOrNull(string $key): ?self
    {
        $value = $this->values[$key] ?? null;

        return $value === null || $value instanceof self ? $value : throw self::broken($key);
    }

    /** @return list<self> */
    public function records(string $key): array
    {
        return array_map(
            static fn (mixed $item): self => $item instanceof self ? $item : throw self::broken($key),
            $this->items($key),
        );
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        return self::textItems($this->items($key), $key);
    }

    /** @return list<float> */
    public function numbers(string $key): array
    {
        return self::numberItems($this->items($key), $key);
    }

    /** @return list<non-empty-list<float>> */
    public function numberLists(string $key): array
    {
        return array_map(static function (mixed $items) use ($key): array {
            $numbers = is_array($items) ? self::numberItems(array_values($items), $key) : [];

            return $numbers === [] ? throw self::broken($key) : $numbers;
        }, $this->items($key));
    }

    /** @return list<list<string>> */
    public function textLists(string $key): array
    {
        return array_map(
            static fn (mixed $items): array => is_array($items) ? self::textItems(array_values($items), $key) : throw self::broken($key),
            $this->items($key),
        );
    }

    /** @return array<string, float> every value of a map */
    public function numberMap(): array
    {
        return array_map(
            static fn (mixed $item): float => is_float($item) ? $item : throw self::broken('map'),
            $this->values,
        );
    }

    public function has(string $key): bool
    {
        return ($this->values[$key] ?? null) !== null;
    }

    /**
     * @param  list<mixed>  $items
     * @return list<string>
     */
    private static function textItems(array $items, string $key): array
    {
        return array_map(
            static fn (mixed $item): string => is_string($item) ? $item : throw self::broken($key),
            $items,
        );
    }

    /**
     * @param  list<mixed>  $items
     * @return list<float>
     */
    private static function numberItems(array $items, string $key): array
    {
        return array_map(
            static fn (mixed $item): float => is_float($item) || is_int($item) ? (float) $item : throw self::broken($key),
            $items,
        );
    }

    /** @return list<mixed> */
    private function items(string $key): array
    {
        $value = $this->values[$key] ?? [];

        return is_array($value) ? array_values($value) : throw self::broken($key);
    }

    private static function broken(string $key): \LogicException
    {
        return new \LogicException("The shape of \"{$key}\" does not hold what is read from it.");
    }
}
