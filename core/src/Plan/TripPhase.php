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
     * @param  float  $allowance  0–1 that motors turn faster by than is planned, for wind and current
     */
    private function __construct(
        public string $name,
        public float $hours,
        public array $on,
        public bool $engine,
        public bool $home,
        public float $allowance = 0.0,
    ) {
    }

    /** The same, of another length in h. */
    public function lasting(float $hours): self
    {
        return new self($this->name, $hours, $this->on, $this->engine, $this->home, $this->allowance);
    }

    /**
     * The same with some things on another share.
     *
     * @param  array<string, float>  $on  by device id
     */
    public function with(array $on): self
    {
        return new self($this->name, $this->hours, [...$this->on, ...$on], $this->engine, $this->home, $this->allowance);
    }

    /** @return float 0–1: the shaft speed of a motor with what wind and current ask for, never more than full */
    public function speed(string $motor): float
    {
        return min(1.0, ($this->on[$motor] ?? 0.0) * (1 + $this->allowance));
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

    /** @param  float  $allowance  0–1 */
    public static function of(Record $record, float $allowance): self
    {
        return new self(
            $record->text('name'),
            $record->number('hours'),
            $record->record('on')->numberMap(),
            $record->flag('engine'),
            $record->flag('home'),
            $allowance,
        );
    }
}
