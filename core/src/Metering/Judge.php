<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Quantity\QuantityFormatter;

/** Tells what a reading means: right, perhaps read wrong, or wrong and most likely why. */
final readonly class Judge
{
    /** Ω below which a hand meter tells no joint from a dead short */
    private const SHORT = 1.0;

    /**
     * @param  list<Reading>  $earlier  on this boat, with the same meter
     * @param  list<string>  $otherBanks  names of banks that black could sit on by mistake
     * @param  \Closure(): Suspects  $suspects  asked for only where something is wrong
     */
    public function __construct(
        private array $earlier,
        private array $otherBanks,
        private \Closure $suspects,
        private QuantityFormatter $words,
    ) {
    }

    /** @param  bool  $checked  whether the person has looked again, and it was not read wrong */
    public function of(Reading $reading, bool $checked): Judgement
    {
        $of = $reading->of;
        if ($of->accepts($reading->value)) {
            return Judgement::inside("{$this->shown($reading)}: right.");
        }
        $slip = $checked ? null : Slips::in($reading, $this->earlier, $this->otherBanks, $this->words);
        if ($slip !== null) {
            return Judgement::asks($slip);
        }
        if ($of->quantity === MeterQuantity::Ohms) {
            return Judgement::outside("{$this->shown($reading)} where {$this->expected($of)}. ".self::ofOhms($reading), $of->expect === null ? 'Take one landing off after the other, from the far end: where it opens, it was.' : null);
        }
        $suspects = ($this->suspects)();
        $found = $suspects->showing($reading);

        return Judgement::outside("{$this->shown($reading)} where {$this->expected($of)}. ".(Suspects::named($found) ?? $of->otherwise), $suspects->next($found, $of, $this->words));
    }

    private function shown(Reading $reading): string
    {
        return match (true) {
            $reading->of->quantity === MeterQuantity::Ohms => ucfirst(Ohms::written($reading->value)),
            $reading->isOver() => 'Over its range',
            default => $this->words->volts($reading->value),
        };
    }

    private function expected(Measurement $of): string
    {
        return match (true) {
            $of->quantity === MeterQuantity::Volts => "{$this->words->volts($of->expect ?? 0.0)} should be",
            $of->expect === null => 'it should be open',
            default => Ohms::written($of->expect).' should be',
        };
    }

    private static function ofOhms(Reading $reading): string
    {
        return $reading->value < self::SHORT ? 'That is a short: no power until it is found. '.$reading->of->otherwise : $reading->of->otherwise;
    }
}
