<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** A number between two limits, both included. The limits name themselves, with the unit, in a refusal. */
final readonly class NumberShape extends LeafShape
{
    public function __construct(
        public float $least,
        public float $most,
        public string $unit = '',
        private bool $whole = false,
        public bool $share = false,
    ) {
    }

    /** A part of one, which people read and type as a percentage. */
    public static function share(float $least = 0, float $most = 1): self
    {
        return new self($least, $most, share: true);
    }

    public static function whole(int $least, int $most): self
    {
        return new self($least, $most, '', true);
    }

    /** Its unit alone: "m" of "m of run, one way". */
    public function unitAlone(): string
    {
        return explode(' ', $this->unit)[0];
    }

    public function read(mixed $raw, string $pointer, Problems $problems): ?float
    {
        if ((is_int($raw) || is_float($raw))
            && $raw >= $this->least && $raw <= $this->most
            && (! $this->whole || floor((float) $raw) === (float) $raw)) {
            return (float) $raw;
        }
        $kind = $this->whole ? 'a whole number' : 'a number';
        $unit = $this->unit === '' ? '' : ' '.$this->unit;
        $problems->add(
            $pointer,
            "expected {$kind} from {$this->least} to {$this->most}{$unit}, found ".Found::describe($raw),
        );

        return null;
    }

    public function schema(): array
    {
        $schema = ['type' => $this->whole ? 'integer' : 'number', 'minimum' => $this->least, 'maximum' => $this->most];
        if ($this->unit !== '') {
            $schema['description'] = 'Unit: '.$this->unit;
        }

        return $schema;
    }
}
