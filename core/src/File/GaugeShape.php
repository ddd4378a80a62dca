<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\Conductor\Gauge;
use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\LeafShape;
use Dinghy\File\Shape\Problems;

/** A wire gauge by its name. */
final readonly class GaugeShape extends LeafShape
{
    private function __construct(private ChoiceShape $names)
    {
    }

    public static function of(): self
    {
        return new self(new ChoiceShape(Gauge::names()));
    }

    public function read(mixed $raw, string $pointer, Problems $problems): string|int|null
    {
        return $this->names->read($raw, $pointer, $problems);
    }

    public function schema(): array
    {
        return $this->names->schema();
    }
}
