<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Plan\Format\Record;

/** The two conductors of a feed or branch, as planned. */
final readonly class Run
{
    /**
     * @param  list<string>|null  $route  station ids
     * @param  float|null  $typedLength  m one way, slack included
     * @param  Gauge|null  $gauge  null: Dinghy chooses
     * @param  int  $bundled  current-carrying conductors lying together
     * @param  float  $extraOhms  Ω of whatever else lies in the path, an old console for one
     */
    private function __construct(
        public ?array $route,
        public ?float $typedLength,
        public ?Gauge $gauge,
        public Metal $metal,
        public int $bundled,
        public float $extraOhms,
    ) {
    }

    public static function of(Record $record): self
    {
        $gauge = $record->textOrNull('gauge');

        return new self(
            $record->has('route') ? $record->texts('route') : null,
            $record->numberOrNull('length_m'),
            $gauge === null ? null : Gauge::of($gauge),
            Metal::from($record->text('metal')),
            (int) $record->number('bundled'),
            $record->number('extra_mohm') / 1000,
        );
    }
}
