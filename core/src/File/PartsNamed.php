<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\Visitor;
use Dinghy\File\Shape\WhenGone;

/** The parts of a document, and every place that names one of them. */
final class PartsNamed implements Visitor
{
    /** @var list<array{kind: string, id: string, pointer: string}> in the order of the format */
    public array $parts = [];

    /** @var list<Reference> in the order of the format */
    public array $references = [];

    /** @var list<array{string, string}> the parts that are being visited, outermost first: as "kind:id", and their pointers */
    private array $within = [];

    public static function of(PlanFormat $format, \stdClass $root): self
    {
        $named = new self;
        $format->shape->visit($root, '', $named);

        return $named;
    }

    public function enter(string $kind, \stdClass $part, string $pointer): void
    {
        $id = is_string($part->id ?? null) ? $part->id : '';
        $this->parts[] = ['kind' => $kind, 'id' => $id, 'pointer' => $pointer];
        $this->within[] = ["{$kind}:{$id}", $pointer];
    }

    public function leave(): void
    {
        array_pop($this->within);
    }

    public function reference(string $kind, string $id, WhenGone $whenGone, string $pointer): void
    {
        [$on, $above] = $this->within === [] ? ['plan', ''] : $this->within[count($this->within) - 1];
        $path = str_replace('/', '.', ltrim(substr($pointer, strlen($above)), '/'));
        $this->references[] = new Reference($on, $path, $pointer, $kind, $id, $whenGone);
    }

    /** @return list<Reference> every place that names a part */
    public function to(string $kind, string $id): array
    {
        return array_values(array_filter($this->references, static fn (Reference $reference): bool => $reference->kind === $kind && $reference->id === $id));
    }
}
