<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Record\IdWords;
use Dinghy\Record\Record;
use Dinghy\Sonar\Lead;
use Dinghy\Sonar\Signal;
use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\Transducer;

/** An adapter wired by hand: the cut wires of a transducer landed on the pins of another plug. */
final readonly class TerminalBlock implements Link
{
    /**
     * @param  array<int, Signal>  $pins  what each carries, by its number
     * @param  list<array{pin: int, colour: string}>  $wired
     */
    private function __construct(
        public string $id,
        private string $name,
        private string $from,
        private string $to,
        public array $pins,
        public array $wired,
    ) {
    }

    public static function of(Record $record): self
    {
        $pins = [];
        foreach ($record->records('pins') as $pin) {
            $pins[(int) $pin->number('pin')] = Signal::from($pin->text('carries'));
        }

        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->text('from'),
            $record->text('to'),
            $pins,
            array_map(
                static fn (Record $wire): array => ['pin' => (int) $wire->number('pin'), 'colour' => $wire->text('colour')],
                $record->records('wired'),
            ),
        );
    }

    public function id(): string
    {
        return $this->id;
    }

    public function from(): string
    {
        return $this->from;
    }

    public function to(): string
    {
        return $this->to;
    }

    public function passes(SonarFunction $function, Transducer $transducer): bool
    {
        foreach ($function->signals() as $signal) {
            if (! $this->carries($signal, $transducer)) {
                return false;
            }
        }

        return true;
    }

    public function label(): string
    {
        return $this->name === '' ? IdWords::the('terminal block', $this->id) : $this->name;
    }

    /** Whether a wire that carries a signal is landed on a pin that carries it. */
    private function carries(Signal $signal, Transducer $transducer): bool
    {
        foreach ($this->wired as ['pin' => $pin, 'colour' => $colour]) {
            $leads = array_map(static fn (Lead $lead): Signal => $lead->carries, $transducer->leadsOf($colour));
            if (($this->pins[$pin] ?? null) === $signal && in_array($signal, $leads, true)) {
                return true;
            }
        }

        return false;
    }
}
