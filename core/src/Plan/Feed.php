<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Plan\Format\Record;

/** A circuit from a bank to one device or to a fuse block. */
final readonly class Feed
{
    /**
     * @param  list<Protection>  $protection  from the source outward
     * @param  bool  $pastShunt  whether its minus lands on the battery side of the bank's shunt
     */
    private function __construct(
        public string $id,
        public LoadClass $class,
        public Supply $supply,
        public array $protection,
        public bool $switch,
        public Run $run,
        public ?string $device,
        public ?string $block,
        public bool $pastShunt,
        public Lug $lug,
    ) {
    }

    /** Whether a switch, or a breaker that serves as one, parts it from its bank. */
    public function isSwitched(): bool
    {
        foreach ($this->protection as $protection) {
            if ($protection->family->isBreaker()) {
                return true;
            }
        }

        return $this->switch;
    }

    /** @param  array<string, Bank>  $banks by id */
    public static function of(Record $record, array $banks): self
    {
        $from = $record->record('from');
        $bank = $banks[$from->text('bank')];
        $to = $record->record('to');

        return new self(
            $record->text('id'),
            LoadClass::from($record->text('class')),
            new Supply(
                $bank,
                Terminal::of($from->text('plus'), $bank) ?? throw new \LogicException('A dangling terminal passed the checks.'),
                Terminal::of($from->text('minus'), $bank) ?? throw new \LogicException('A dangling terminal passed the checks.'),
            ),
            array_map(Protection::of(...), $record->records('protection')),
            $record->flag('switch'),
            Run::of($record->record('run')),
            $to->textOrNull('device'),
            $to->textOrNull('block'),
            $from->flag('past_shunt'),
            new Lug(Fastening::from($record->text('fastening')), $record->textOrNull('plus_hole'), $record->textOrNull('minus_hole')),
        );
    }
}
