<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

/**
 * What charges batteries: from the mains, an engine's alternator, the sun, or another bank; or a converter that feeds a
 * fuse block.
 */
final readonly class Charger
{
    /**
     * @param  string|null  $input  mains, alternator, solar or dc-dc
     * @param  bool|null  $isolated  whether its outputs are parted from one another, and from its input
     * @param  string|null  $fusedEnds  of a DC–DC charger: both, input, output or none
     * @param  list<ChargerOutput>  $outputs
     * @param  Supply|null  $inputFrom  what a DC–DC charger or a converter draws on; null: nobody has said, or not a bank
     * @param  float  $efficiency  W out per W in
     * @param  float  $standbyAmps  A that it draws on its input whatever it gives
     */
    private function __construct(
        public string $id,
        public ?string $input,
        public ?bool $isolated,
        public ?string $fusedEnds,
        public array $outputs,
        public ?Supply $inputFrom,
        public float $efficiency,
        public float $standbyAmps,
    ) {
    }

    /**
     * @param  array<string, Battery>  $batteries by id
     * @param  array<string, Bank>  $banks by id
     */
    public static function of(Record $record, array $batteries, array $banks): self
    {
        $inputFrom = $record->recordOrNull('input_from');

        return new self(
            $record->text('id'),
            $record->textOrNull('input'),
            $record->flagOrNull('isolated_outputs'),
            $record->textOrNull('fused_ends'),
            array_map(
                static fn (Record $output): ChargerOutput => ChargerOutput::of($output, $batteries),
                $record->records('outputs'),
            ),
            $inputFrom === null ? null : Supply::of($inputFrom, $banks),
            $record->number('efficiency'),
            $record->number('standby_a'),
        );
    }

    /** Whether it comes with the engine, and nobody fastens it. */
    public function isPartOfEngine(): bool
    {
        return $this->input === 'alternator';
    }

    /** As a sentence speaks of it: "the mains charger". */
    public function label(): string
    {
        return IdWords::the($this->blockOutputs() === [] ? 'charger' : 'converter', $this->id);
    }

    /** @return array<int, ChargerOutput> those that stand across batteries, by their place among all outputs */
    public function batteryOutputs(): array
    {
        return array_filter($this->outputs, static fn (ChargerOutput $output): bool => $output->block === null);
    }

    /** @return array<int, ChargerOutput> those that feed a fuse block, by their place among all outputs */
    public function blockOutputs(): array
    {
        return array_filter($this->outputs, static fn (ChargerOutput $output): bool => $output->block !== null);
    }
}
