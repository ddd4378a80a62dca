<?php

declare(strict_types=1);

namespace Dinghy\Record;

/** The parts of a plan by kind and id, and every place that names one of them. */
final readonly class NamedParts
{
    /**
     * @param  list<array{kind: string, id: string, pointer: string}>  $parts  in the order of the format
     * @param  list<Reference>  $references  in the order of the format
     */
    public function __construct(public array $parts, public array $references)
    {
    }

    public function has(string $kind, string $id): bool
    {
        foreach ($this->parts as $part) {
            if ($part['id'] === $id && $part['kind'] === $kind) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, true> the ids of all parts: one is used once */
    public function ids(): array
    {
        return array_fill_keys(array_column($this->parts, 'id'), true);
    }

    /** @return list<Reference> every place that names a part, or a part inside it */
    public function to(string $kind, string $id): array
    {
        $named = ["{$kind}:{$id}" => true];
        $pointer = null;
        foreach ($this->parts as $part) {
            if ($part['kind'] === $kind && $part['id'] === $id) {
                $pointer = $part['pointer'];
            } elseif ($pointer !== null && str_starts_with($part['pointer'], "{$pointer}/")) {
                $named["{$part['kind']}:{$part['id']}"] = true;
            }
        }

        return array_values(
            array_filter(
                $this->references,
                static fn (Reference $reference): bool => isset($named["{$reference->kind}:{$reference->id}"]),
            ),
        );
    }
}
