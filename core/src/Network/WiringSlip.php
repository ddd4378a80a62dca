<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Sonar\Lead;
use Dinghy\Sonar\Signal;
use Dinghy\Sonar\Transducer;

/** A terminal block with the wires of the transducer that is landed on it: pin by pin, how long each is cut, and what is left over. */
final readonly class WiringSlip
{
    /** mm of the wire to the first pin, from where the jacket ends [common practice, no source] */
    private const SHORTEST = 25;

    /** mm that the wire to each further pin is longer, so that all lie without a loop and none is pulled [common practice, no source] */
    private const STEP = 5;

    /**
     * @param  list<Landing>  $landings  by pin
     * @param  list<Lead>  $leftOver  wires that are landed nowhere, to be insulated one by one
     */
    private function __construct(
        public TerminalBlock $block,
        public Transducer $transducer,
        public array $landings,
        public array $leftOver,
    ) {
    }

    /** @return self|null null: no transducer of the boat ends in what the block takes */
    public static function of(TerminalBlock $block, DataNetwork $network, Chains $chains): ?self
    {
        $transducer = self::landedOn($block, $network, $chains);
        if ($transducer === null) {
            return null;
        }
        $landings = [];
        $used = [];
        $pins = $block->pins;
        ksort($pins);
        foreach (array_keys($pins) as $order => $pin) {
            $colours = array_values(array_filter($block->wired, static fn (array $wire): bool => $wire['pin'] === $pin));
            foreach ($colours === [] ? [null] : array_column($colours, 'colour') as $colour) {
                $leads = $colour === null ? [] : $transducer->leadsOf($colour);
                $lead = array_values(array_filter($leads, static fn (Lead $lead): bool => $lead->carries === $pins[$pin]))[0] ?? $leads[0] ?? null;
                $lead === null || $used[] = $lead;
                $landings[] = new Landing($pin, $pins[$pin], $colour, $lead, self::SHORTEST + $order * self::STEP);
            }
        }

        return new self($block, $transducer, $landings, array_values(array_filter(
            $transducer->leads,
            static fn (Lead $lead): bool => ! in_array($lead, $used, true),
        )));
    }

    /** @return list<\stdClass> every pin that a wire carries the same as, with that wire, as the plan file has it */
    public function right(): array
    {
        $wired = [];
        $left = $this->transducer->leads;
        foreach ($this->block->pins as $pin => $signal) {
            foreach ($left as $at => $lead) {
                if ($signal !== Signal::None && $lead->carries === $signal) {
                    $wired[] = (object) ['pin' => $pin, 'colour' => $lead->colour];
                    unset($left[$at]);
                    break;
                }
            }
        }

        return $wired;
    }

    /** The transducer that reaches its socket by the block, or was to; else the first that ends in what it takes. */
    private static function landedOn(TerminalBlock $block, DataNetwork $network, Chains $chains): ?Transducer
    {
        foreach ($network->transducers as $transducer) {
            if (in_array($block->id, $chains->chainOf($transducer)?->ids() ?? $transducer->via ?? [], true)) {
                return $transducer;
            }
        }
        foreach ($network->transducers as $transducer) {
            if ($transducer->plug === $block->from()) {
                return $transducer;
            }
        }

        return null;
    }
}
