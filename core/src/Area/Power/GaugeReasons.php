<?php

declare(strict_types=1);

namespace Dinghy\Area\Power;

use Dinghy\Area\Power\Figure\ShortCircuitSequence;
use Dinghy\Area\Power\Figure\ShortEvent;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\Explanation;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Wiring\SizedRun;

/** Explains a rung of a gauge ladder, and a short at a place along a run. */
final readonly class GaugeReasons
{
    private QuantityFormatter $words;

    public function __construct(private Evaluation $evaluation)
    {
        $this->words = $evaluation->boat->words;
    }

    public function of(SizedRun $run, string $gauge): ?Explanation
    {
        $option = $run->option($gauge);
        if ($option?->pathDropPercent === null) {
            return null;
        }

        return new Explanation("{$option->gauge} in {$run->circuit?->label}", $this->words->percent($option->pathDropPercent).' over the whole path',
            $option->formula(), [
                ['name' => 'I, amps', 'value' => $this->words->amps($run->amps)],
                ['name' => 'L, one way', 'value' => self::known($run->length, $this->words->length(...))],
                ['name' => 'lost in this run', 'value' => self::known($option->drop, $this->words->volts(...))],
                ['name' => 'limit of the class', 'value' => $this->words->percent($run->limitPercent)],
                ['name' => 'reaches', 'value' => self::known($option->longest, $this->words->length(...))],
                ['name' => 'carries', 'value' => self::known($option->ampacity, $this->words->amps(...))],
                [
                    'name' => 'heat',
                    'value' => self::known(
                        $option->heat,
                        static fn (float $watts): string => QuantityFormatter::trim($watts, 1).' W',
                    ),
                ],
                [
                    'name' => 'copper',
                    'value' => self::known(
                        $option->kilograms,
                        static fn (float $mass): string => QuantityFormatter::trim($mass, 2).' kg',
                    ),
                ],
            ], $option->fits ? null : 'The house rule does not take it: the drop, the current, or no standard fuse suits.');
    }

    /** @param  \Closure(float): string  $words */
    private static function known(?float $value, \Closure $words): string
    {
        return $value === null ? 'not known' : $words($value);
    }

    /** @param  string  $along  0 to 1 */
    public function short(SizedRun $run, string $along): ?Explanation
    {
        $short = is_numeric($along) ? ShortCircuitSequence::at(
            $this->evaluation->boat,
            $run->id,
            max(0.0, min(1.0, (float) $along)),
        ) : null;

        return $short === null
            ? null
            : new Explanation("Short in {$run->circuit?->label}", $this->words->amps($short->amps),
                ShortCircuitSequence::formula(), array_map(
                    fn (ShortEvent $event): array => ['name' => $event->part.[
                        'opens' => ' opens',
                        'insulation' => ', insulation spoilt',
                        'copper' => ', copper melts',
                    ][$event->what],
                        'value' => is_infinite($event->surely())
                            ? 'never'
                            : 'after '.$this->words->seconds($event->surely())],
                    $short->events),
                $short->coordinated ? null : 'A fuse further back may open too: a smaller fuse here, or a larger one there.');
    }
}
