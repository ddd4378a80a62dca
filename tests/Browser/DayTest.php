<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** The day on the water by hand: stretched until something gives out, and shortened again. */
final class DayTest extends BrowserTestCase
{
    public function test_a_phase_is_stretched_until_a_screen_gives_out(): void
    {
        $this->openStage('Tiller skiff', 'Day');
        $this->until(fn (): bool => str_contains($this->figure('day'), 'Everything lasts: home at 10:30 am'), 'the day run');
        self::assertStringContainsString('in order', $this->textOf('a[href$="/day"]'));
        $this->driver()->executeScript('document.querySelector(\'[aria-label="End of fishing"]\').focus()');
        for ($press = 0; $press < 18; $press++) {
            $this->press(WebDriverKeys::ARROW_RIGHT);
        }
        $this->until(fn (): bool => str_contains($this->figure('day'), 'gives out first, at 1'), 'a screen gives out');
        $this->until(fn (): bool => str_contains($this->textOf('a[href$="/day"]'), 'stop'), 'and the boat is not home');
        $this->see('[data-out]');
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label=Findings]'), 'and the way home asks for it until'), 'B30 speaks');
        $this->press('d');
        $this->until(fn (): bool => str_contains($this->textOf('[data-device="tiller-display"]'), ' am') || str_contains($this->textOf('[data-device="tiller-display"]'), ' pm'), 'the list says when');

        // The remedy that was tried: home earlier.
        $this->clickOn('#lower-tab-findings');
        $this->click('//*[@aria-label="Findings"]//button[contains(., "Turn home at")]');
        $this->until(fn (): bool => str_contains($this->figure('day'), 'Everything lasts'), 'shorter, it lasts');
        $this->until(fn (): bool => ! str_contains($this->textOf('[aria-label=Findings]'), 'way home'), 'B30 is silent');

        // And longer again, by the mouse.
        $this->drag('[aria-label="End of fishing"]', 150, 0);
        $this->until(fn (): bool => str_contains($this->figure('day'), 'gives out first, at 1'), 'dragged, it lasts no longer');
    }

    public function test_a_phase_is_typed(): void
    {
        $this->openStage('Pontoon', 'Day');
        $this->press('p');
        $this->typeInto('Hours of guiding', '4');
        $this->until(fn (): bool => str_contains($this->figure('day'), 'Everything lasts: home at 11:00 am'), 'a shorter day');
        $this->typeInto('Live-sonar module in guiding, in %', '50');
        $this->clickOn('#lower-tab-devices');
        // 4 h at half of its 4.8 A for 12 V, at next to 13 V: 8.9 Ah.
        $this->until(fn (): bool => preg_match('/Live-sonar module 8\.[89]/', (string) preg_replace('/\s+/', ' ', $this->textOf('[data-device="live-sonar"]'))) === 1, 'half of what it draws');
    }
}
