<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Record\Record;

/** The two conductors of a feed or branch, as planned. */
final readonly class Run
{
    /** m of slack that may be left at either end */
    public const MOST_SLACK = 5.0;

    /**
     * @param  list<string>|null  $route  station ids
     * @param  float|null  $typedLength  m one way, slack included
     * @param  float|null  $slackFrom  m left at its source; null: what the shop leaves
     * @param  float|null  $slackTo  m left at its target; null: what the shop leaves
     * @param  list<string>|null  $minusRoute  station ids, where its minus goes another way than its plus
     * @param  Gauge|null  $gauge  null: Dinghy chooses
     * @param  int  $bundled  current-carrying conductors lying together
     * @param  bool  $jacketed  both conductors in one jacket
     * @param  list<Connector>  $connectors  splices, lugs and quick connectors on it
     * @param  string|null  $toHole  size of the rings at its end; null: bought to suit
     * @param  float  $extraOhms  Ω of whatever else lies in the path, an old console for one
     */
    private function __construct(
        public ?array $route,
        public ?float $typedLength,
        public ?Gauge $gauge,
        public Metal $metal,
        public int $bundled,
        public float $extraOhms,
        public bool $jacketed,
        public WireKind $wire,
        public ?string $plusColour,
        public ?string $minusColour,
        public array $connectors,
        public ?Plug $plug,
        public ?float $slackFrom,
        public ?float $slackTo,
        public ?array $minusRoute,
        public bool $dripLoop,
        public ?string $toHole,
    ) {
    }

    public static function of(Record $record): self
    {
        $gauge = $record->textOrNull('gauge');
        $plug = $record->recordOrNull('plug');

        return new self(
            $record->has('route') ? $record->texts('route') : null,
            $record->numberOrNull('length_m'),
            $gauge === null ? null : Gauge::of($gauge),
            Metal::from($record->text('metal')),
            (int) $record->number('bundled'),
            $record->number('extra_mohm') / 1000,
            $record->text('cable') === 'pair',
            WireKind::from($record->text('wire')),
            $record->textOrNull('plus_colour'),
            $record->textOrNull('minus_colour'),
            array_map(Connector::of(...), $record->records('connectors')),
            $plug === null ? null : Plug::of($plug),
            $record->numberOrNull('slack_from_m'),
            $record->numberOrNull('slack_to_m'),
            $record->has('minus_route') ? $record->texts('minus_route') : null,
            $record->flag('drip_loop'),
            $record->textOrNull('to_hole'),
        );
    }
}
