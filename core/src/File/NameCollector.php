<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\Visitor;
use Dinghy\Record\NamedParts;
use Dinghy\Record\Reference;
use Dinghy\Record\WhenGone;

/** Goes through a document for its parts and for the places that name them. */
final class NameCollector implements Visitor
{
    /** @var list<array{kind: string, id: string, pointer: string}> */
    private array $parts = [];

    /** @var list<Reference> */
    private array $references = [];

    /**
     * @var list<array{string, string}> the parts that are being visited, outermost first: as "kind:id", and their pointers
     */
    private array $within = [];

    private function __construct()
    {
    }

    public static function collect(ObjectShape $format, \stdClass $root): NamedParts
    {
        $collector = new self;
        $format->visit($root, '', $collector);

        return new NamedParts($collector->parts, $collector->references);
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
}
