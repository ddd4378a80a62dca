<?php

declare(strict_types=1);

namespace Dinghy\Survey;

use Dinghy\Record\Record;

/** The boat as it came. */
final readonly class Survey
{
    /**
     * @param  string|null  $takenOn  a day, as 2026-11-03
     * @param  array<string, Complaint>  $complaints  by id
     * @param  array<string, FoundBattery>  $batteries  by id
     * @param  array<string, PathCheck>  $pathChecks  by id
     * @param  array<string, Photograph>  $photographs  by id
     */
    private function __construct(
        public ?string $takenOn,
        public string $engine,
        public string $fitted,
        public array $complaints,
        public array $batteries,
        public array $pathChecks,
        public array $photographs,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->textOrNull('taken_on'),
            $record->text('engine'),
            $record->text('fitted'),
            array_column(array_map(Complaint::of(...), $record->records('complaints')), null, 'id'),
            array_column(array_map(FoundBattery::of(...), $record->records('batteries')), null, 'id'),
            array_column(array_map(PathCheck::of(...), $record->records('path_checks')), null, 'id'),
            array_column(array_map(Photograph::of(...), $record->records('photographs')), null, 'id'),
        );
    }
}
