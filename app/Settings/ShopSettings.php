<?php

declare(strict_types=1);

namespace App\Settings;

use Dinghy\Metering\TestLoad;
use Dinghy\Quantity\Units;

/** How a shop writes and what it can reach. What nobody has set is as it comes. */
final readonly class ShopSettings implements \JsonSerializable
{
    public const DATE_FORMS = ['locale', 'iso'];

    /**
     * @param  string  $currency  ISO 4217, as "EUR"
     * @param  string  $locale  BCP 47, as "en-IE": how figures and days are written
     * @param  string  $dateForm  one of DATE_FORMS
     * @param  float  $taxPercent  added to prices
     * @param  list<array{width_mm: float, height_mm: float}>  $labels  sizes that the printer takes
     * @param  list<array{name: string, kind: string, host: string, port: int}>  $instruments  the only addresses that are spoken to
     * @param  list<array{name: string, ohms: float, most_v: float}>  $testLoads  that draw in a device's place, with the volts that they bear
     */
    private function __construct(
        public Units $units,
        public string $currency,
        public string $locale,
        public string $dateForm,
        public string $taxName,
        public float $taxPercent,
        public array $labels,
        public array $instruments,
        public array $testLoads,
    ) {
    }

    /** @param  array<string, mixed>  $kept  as jsonSerialize() wrote them, found sound when they were kept */
    public static function of(array $kept): self
    {
        $text = static fn (string $key, string $usual): string => is_string($kept[$key] ?? null) ? $kept[$key] : $usual;
        /** @var list<array{width_mm: float, height_mm: float}> $labels */
        $labels = array_values(is_array($kept['labels'] ?? null) ? $kept['labels'] : [['width_mm' => 50.0, 'height_mm' => 15.0]]);
        /** @var list<array{name: string, kind: string, host: string, port: int}> $instruments */
        $instruments = array_values(is_array($kept['instruments'] ?? null) ? $kept['instruments'] : []);

        /** @var list<array{name: string, ohms: float, most_v: float}> $testLoads */
        $testLoads = is_array($kept['test_loads'] ?? null) ? array_values($kept['test_loads']) : array_map(static fn (TestLoad $load): array => ['name' => $load->name, 'ohms' => round($load->ohms, 2), 'most_v' => $load->mostVolts], TestLoad::usual());

        return new self(
            Units::tryFrom($text('units', '')) ?? Units::Imperial,
            $text('currency', 'EUR'),
            $text('locale', 'en-IE'),
            $text('date_form', self::DATE_FORMS[0]),
            $text('tax_name', 'VAT'),
            is_numeric($kept['tax_pct'] ?? null) ? (float) $kept['tax_pct'] : 0.0,
            $labels,
            $instruments,
            $testLoads,
        );
    }

    /** @return list<TestLoad> */
    public function testLoads(): array
    {
        return array_map(static fn (array $load): TestLoad => new TestLoad($load['name'], (float) $load['ohms'], (float) $load['most_v']), $this->testLoads);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'units' => $this->units->value, 'currency' => $this->currency, 'locale' => $this->locale, 'date_form' => $this->dateForm,
            'tax_name' => $this->taxName, 'tax_pct' => $this->taxPercent, 'labels' => $this->labels, 'instruments' => $this->instruments,
            'test_loads' => $this->testLoads,
        ];
    }
}
