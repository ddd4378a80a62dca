<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Plan\Format\Record;

final readonly class Charger
{
    /**
     * @param  string|null  $input  mains, alternator, solar or dc-dc
     * @param  bool|null  $isolated  whether its outputs are parted from one another
     * @param  string|null  $fusedEnds  of a DC–DC charger: both, input, output or none
     * @param  list<ChargerOutput>  $outputs
     */
    private function __construct(
        public string $id,
        public ?string $input,
        public ?bool $isolated,
        public ?string $fusedEnds,
        public array $outputs,
    ) {
    }

    /** @param  array<string, Battery>  $batteries by id */
    public static function of(Record $record, array $batteries): self
    {
        return new self(
            $record->text('id'),
            $record->textOrNull('input'),
            $record->flagOrNull('isolated_outputs'),
            $record->textOrNull('fused_ends'),
            array_map(static fn (Record $output): ChargerOutput => ChargerOutput::of($output, $batteries), $record->records('outputs')),
        );
    }
}
