<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** How a shop writes and what it can reach. */
final class ShopSettingsTest extends TestCase
{
    private const SETTINGS = [
        'units' => 'metric', 'currency' => 'CHF', 'locale' => 'de-CH', 'date_form' => 'iso', 'tax_name' => 'MWST', 'tax_pct' => 8.1,
        'labels' => [['width_mm' => 62, 'height_mm' => 20.5]], 'instruments' => [['name' => 'Bench meter', 'kind' => 'meter', 'host' => '127.0.0.1', 'port' => 9301]],
        'test_loads' => [['name' => 'Two lamps', 'ohms' => 5.24, 'most_v' => 30]],
    ];

    public function test_they_come_with_usual_ones_and_are_kept_by_the_owner(): void
    {
        $usual = $this->actingAs($this->person('apprentice'))->getJson('/api/settings')->assertOk();
        ApiContract::assertMet('GET', '/api/settings', 200, (string) $usual->getContent());
        self::assertSame([1, false, 'EUR', ['Simulated boat', 'Simulated meter']], [$usual->json('version'), $usual->json('can_change'), $usual->json('settings.currency'), array_column((array) $usual->json('settings.instruments'), 'name')]);

        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($this->person('owner'));
        $kept = $this->putJson('/api/settings', ['version' => 1, 'settings' => self::SETTINGS])->assertOk();
        ApiContract::assertMet('PUT', '/api/settings', 200, (string) $kept->getContent());
        self::assertEquals(self::SETTINGS, $kept->json('settings'));
        self::assertEquals(self::SETTINGS, $this->getJson('/api/settings')->json('settings'));
        $late = $this->putJson('/api/settings', ['version' => 1, 'settings' => [...self::SETTINGS, 'currency' => 'SEK']])->assertStatus(409);
        self::assertStringContainsString('nothing was overwritten', (string) $late->json('message'));
        self::assertSame('CHF', $this->getJson('/api/settings')->json('settings.currency'));
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_by_its_field(array $wrong, string $says): void
    {
        $answer = $this->actingAs($this->person('owner'))->putJson('/api/settings', ['version' => 1, 'settings' => [...self::SETTINGS, ...$wrong]])->assertUnprocessable();
        self::assertStringStartsWith($says, (string) $answer->json('message'));
        self::assertSame(1, $this->person('owner')->shop->settings_version);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function wrong(): array
    {
        $instrument = self::SETTINGS['instruments'][0];

        return [
            'currency' => [['currency' => 'euro'], 'Currency: type its three letters'],
            'locale' => [['locale' => 'klingon!'], 'Language and place'],
            'tax' => [['tax_pct' => 99], 'Tax: type a percentage'],
            'label' => [['labels' => [['width_mm' => 1, 'height_mm' => 10]]], 'Labels: width and height in mm'],
            'host' => [['instruments' => [[...$instrument, 'host' => 'http://meter/']]], 'Instruments: type an address'],
            'port' => [['instruments' => [[...$instrument, 'port' => 70_000]]], 'Instruments: a port'],
            'a load of no ohms' => [['test_loads' => [['name' => 'Short', 'ohms' => 0, 'most_v' => 12]]], 'Test loads: ohms from'],
            'two loads of one name' => [['test_loads' => [['name' => 'Lamp', 'ohms' => 2.6, 'most_v' => 15], ['name' => 'Lamp', 'ohms' => 1.3, 'most_v' => 15]]], 'Test loads: give each a name of its own'],
            'another key' => [['colour' => 'red'], 'Settings:'],
        ];
    }
}
