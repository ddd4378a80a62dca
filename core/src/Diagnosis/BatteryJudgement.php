<?php

declare(strict_types=1);

namespace Dinghy\Diagnosis;

use Dinghy\Battery\RestingVoltage;
use Dinghy\Battery\UsableShare;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Survey\Corrosion;
use Dinghy\Survey\FoundBattery;
use Dinghy\Survey\TerminalCondition;

/**
 * Whether a battery that was found is kept, and why: its charge by resting volts, its age, how far it sags, its posts.
 * Limits are common practice, no source.
 */
final readonly class BatteryJudgement
{
    /**
     * V/K of a 12 V lead block's resting volts, from memory: six cells of 0.2 mV/K and a little more. Lithium: none to
     * speak of.
     */
    private const LEAD_VOLTS_PER_KELVIN = 0.0014;

    /** °C that the curves of resting volts hold for */
    private const CURVES_AT = 25.0;

    /** Years: lead and lithium */
    private const OLD = ['lead' => 6, 'lithium' => 12];

    /** Charge below which lead has been left flat and a lead block cannot be judged under load */
    private const LOW = 0.5;

    /** Times its usual resistance */
    private const WORN = 2.0;

    /**
     * @param  'keep'|'replace'|'charge'  $verdict  charge: charge it and measure again
     * @param  list<string>  $because
     * @param  float|null  $charge  0–1 by its resting volts, corrected for its temperature
     * @param  float|null  $usableAh  Ah that it holds at its temperature, of those on its label
     * @param  float|null  $ohms  Ω, by how far it sagged
     */
    private function __construct(
        public FoundBattery $battery,
        public string $verdict,
        public array $because,
        public ?float $charge,
        public ?float $usableAh,
        public ?float $ohms,
    ) {
    }

    /** @param  string|null  $on  the day of the survey, as 2026-11-03; null: its age cannot be told */
    public static function of(FoundBattery $battery, ?string $on, QuantityFormatter $words): self
    {
        $family = $battery->chemistry->isLead() ? 'lead' : 'lithium';
        $celsius = $battery->celsius ?? self::CURVES_AT;
        $at25 = $battery->restedVolts === null ? null
            : $battery->restedVolts + ($family === 'lead' ? self::LEAD_VOLTS_PER_KELVIN * $battery->nominalVolts / 12 * (self::CURVES_AT - $celsius) : 0.0);
        $charge = $at25 === null ? null : RestingVoltage::stateOfCharge(
            $battery->chemistry,
            $at25,
            $battery->nominalVolts,
        );
        $ohms = $battery->restedVolts === null || $battery->loadedVolts === null || $battery->loadedAmps === null ? null
            : max(0.0, $battery->restedVolts - $battery->loadedVolts) / $battery->loadedAmps;
        $usable = $battery->capacityAh === null
            ? null
            : $battery->capacityAh * UsableShare::at($battery->chemistry, $celsius);
        [$verdict, $because] = self::judge($battery, $charge, self::years($battery->commissioned, $on), $ohms, $words);

        return new self($battery, $verdict, $because, $charge, $usable, $ohms);
    }

    /** @return array{'keep'|'replace'|'charge', list<string>} */
    private static function judge(
        FoundBattery $battery,
        ?float $charge,
        ?float $years,
        ?float $ohms,
        QuantityFormatter $words,
    ): array {
        $replace = array_values(array_filter([
            $battery->terminals === TerminalCondition::Damaged ? 'a post is damaged' : null,
            $years !== null && $years >= self::OLD[$battery->chemistry->isLead() ? 'lead' : 'lithium'] ? 'it is '.QuantityFormatter::trim(floor($years), 0).' years old' : null,
            self::worn($battery, $charge, $ohms, $words),
            $charge !== null && $charge <= 0.0 ? 'it rests at '.$words->volts((float) $battery->restedVolts).', below an empty one' : null,
        ]));
        if ($replace !== []) {
            return ['replace', $replace];
        }
        $low = $charge !== null && $charge < self::LOW;
        $flat = $charge === null && $battery->restedVolts !== null && RestingVoltage::isFlat(
            $battery->chemistry,
            $battery->restedVolts,
            $battery->nominalVolts,
        );
        if ($low || ($charge === null && ! $flat)) {
            return [
                'charge',
                [$low ? 'it is at '.$words->percent(100 * $charge).': charge it fully, let it rest an hour, measure again' : 'its resting volts are not known'],
            ];
        }
        $mend = array_values(array_filter([
            $battery->corrosion === Corrosion::Heavy ? 'clean its posts' : null,
            $battery->terminals === TerminalCondition::WingNut || $battery->terminals === TerminalCondition::Loose ? 'fasten it with proper nuts' : null,
            $battery->restrained === false ? 'hold it down' : null,
        ]));

        return [
            'keep',
            [
                $charge === null ? 'it rests where LiFePO4 does not tell its charge: ask its monitor' : 'it rests at '.$words->percent(100 * $charge).' charge',
                ...$mend,
            ],
        ];
    }

    /** A sound battery that is charged sags little; a flat one is not judged by it. */
    private static function worn(FoundBattery $battery, ?float $charge, ?float $ohms, QuantityFormatter $words): ?string
    {
        $usual = $battery->usualResistance();
        if ($ohms === null || $usual === null || ($charge !== null && $charge < self::LOW)) {
            return null;
        }

        return $ohms > self::WORN * $usual
            ? "it gives way like one of {$words->milliohms($ohms)}; {$words->milliohms($usual)} are usual"
            : null;
    }

    private static function years(?string $commissioned, ?string $on): ?float
    {
        if ($commissioned === null || $on === null) {
            return null;
        }
        [$year, $month] = array_map(intval(...), explode('-', $commissioned));
        [$nowYear, $nowMonth] = array_map(intval(...), explode('-', $on));

        return $nowYear - $year + ($nowMonth - $month) / 12;
    }
}
