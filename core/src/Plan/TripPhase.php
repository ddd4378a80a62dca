<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\Record;

/** A part of the day on the water. */
final readonly class TripPhase
{
    /**
     * @param  array<string, float>  $on  by device id: share 0–1 of its typical current; for a motor, shaft speed 0–1
     * @param  bool  $engine  whether the engine runs
     * @param  bool  $home  whether it is of the way home
     */
    private function __construct(
        public string $name,
        public float $hours,
        public array $on,
        public bool $engine,
        public bool $home,
    ) {
    }

    /** The same, of another length in h. */
    public function lasting(float $hours): self
    {
        return new self($this->name, $hours, $this->on, $this->engine, $this->home);
    }

    /**
     * The same with some things on another share.
     *
     * @param  array<string, float>  $on  by device id
     */
    public function with(array $on): self
    {
        return new self($this->name, $this->hours, [...$this->on, ...$on], $this->engine, $this->home);
    }

    /** As the plan file has it. */
    public function written(): \stdClass
    {
        return (object) [
            'name' => $this->name,
            'hours' => $this->hours,
            'on' => (object) $this->on,
            ...($this->engine ? ['engine' => true] : []),
            ...($this->home ? ['home' => true] : []),
        ];
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('name'),
            $record->number('hours'),
            $record->record('on')->numberMap(),
            $record->flag('engine'),
            $record->flag('home'),
        );
    }
}
