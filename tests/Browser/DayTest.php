<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
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
        $this->until(fn (): bool => preg_match('/ out at 1[01]:\d\d am\./', (string) preg_replace('/\x{a0}/u', ' ', $this->figure('verdict'))) === 1, 'the verdict says when');
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label=Findings]'), 'and the way home asks for it until'), 'B30 speaks');
        $this->press('d');
        $this->until(fn (): bool => str_contains($this->textOf('[data-device="tiller-display"]'), ' am') || str_contains($this->textOf('[data-device="tiller-display"]'), ' pm'), 'the list says when');

        // The remedy that was tried: home earlier.
        $this->clickOn('#lower-tab-findings');
        $this->click('//*[@aria-label="Findings"]//button[contains(., "Turn home at")]');
        $this->until(fn (): bool => str_contains($this->figure('day'), 'Everything lasts'), 'shorter, it lasts');
        $this->until(fn (): bool => ! str_contains($this->textOf('[aria-label=Findings]'), 'way home'), 'B30 is silent');

        // Earlier in the day by the keys, and back where it was.
        $this->driver()->executeScript('document.querySelector(\'[aria-label^="fishing, 2 of 3"]\').focus()');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[aria-label^="fishing, 1 of 3"]')) !== [], 'fishing first');
        $this->click('//button[.//*[text()="Undo"]]');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[aria-label^="fishing, 2 of 3"]')) !== [], 'and second again');

        // And longer again, by the mouse.
        $this->drag('[aria-label="End of fishing"]', 150, 0);
        $this->until(fn (): bool => str_contains($this->figure('day'), 'gives out first, at 1'), 'dragged, it lasts no longer');
    }

    /** A screen gives out, the variant that mends it is laid over the day and taken, and the verdict is another. */
    public function test_a_longer_day_is_solved_backwards_and_taken(): void
    {
        $this->openStage('Console boat', 'Day');
        $this->until(fn (): bool => str_contains($this->figure('day'), 'Everything lasts'), 'the day run');
        $this->clickOn('#lower-tab-phases');
        $this->typeInto('Hours of trolling', '12.5');
        $this->until(fn (): bool => str_contains($this->figure('day'), ' gives out first, at ') && str_contains($this->textOf('a[href$="/day"]'), 'stop'), 'the electronics do not last');
        $this->until(fn (): bool => str_contains($this->figure('verdict'), ' out at '), 'the verdict says what goes out');
        $this->clickOn('#lower-tab-hours');
        $this->typeInto('Hours from leaving to being home', '14');
        $this->click('//button[.="What would it take?"]');
        $this->until(fn (): bool => str_contains($this->figure('variants'), 'Not 14 h 00 as she is: Battery 1 of electronics is down to its floor'), 'as she is she does not');
        $this->click('//*[@data-variant="one-more"]//input[@type="checkbox"]');
        $this->click('//*[@data-variant="batteries-lifepo4"]//input[@type="checkbox"]');
        $this->see('[data-over="2"]');
        self::assertStringContainsString('A Electronics bank', $this->textOf('[data-over]'));
        self::assertStringContainsString('€', $this->textOf('[data-variant="batteries-lifepo4"]'));
        $this->click('//*[@data-variant="batteries-lifepo4"]//button[.="Take it"]');
        $this->until(fn (): bool => str_contains($this->figure('day'), 'Everything lasts: home at 8:00 pm, 14 h 00 out'), 'with it she does');
        $this->until(fn (): bool => str_contains($this->figure('variants'), 'She bears 14 h 00 as she is.'), 'and it is said so');
        $this->until(fn (): bool => ! str_contains($this->figure('verdict'), ' out at '), 'and the verdict is another');
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => ! str_contains($this->textOf('[aria-label=Findings]'), 'floor'), 'B17 is silent');
    }

    /** The switch is taken out of the way to the module: laid up for the winter it empties the pack, and a switch ends it. */
    public function test_the_module_that_empties_her_over_the_winter(): void
    {
        $this->openStage('Rowing hull', 'Day');
        $this->clickOn('#lower-tab-lay-up');
        $this->until(fn (): bool => str_contains($this->figure('lay-up'), 'every bank has more than its floor after 30 days'), 'she lasts');
        $this->driver()->get(preg_replace('#/day.*$#', '/day?on=feed:pack-feed&pane=lay-up', $this->driver()->getCurrentURL()) ?? '');
        $this->see('[data-figure="lay-up"]');
        $this->until(fn (): bool => $this->driver()->executeScript(<<<'JS'
            const field = [...document.querySelectorAll('label')].find((one) => one.innerText.trim() === 'Switch in the plus')?.control;
            if (!field) return false;
            Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value').set.call(field, [...field.options].find((one) => one.text === 'no').value);
            field.dispatchEvent(new Event('change', { bubbles: true }));
            return true;
            JS) === true, 'the switch is taken out of her feed');
        $this->until(fn (): bool => str_contains($this->textOf('[data-lay-up-of="pack"]'), 'a switch in') && str_contains($this->textOf('[data-lay-up-of="pack"]'), 'Live-sonar module'), 'what draws is named, and what ends it');
        $this->click('//label[contains(., "The winter")]');
        $this->until(fn (): bool => preg_match('/Pack bank is at its floor after \d+ days/', $this->figure('lay-up')) === 1, 'it does not last the winter');
    }

    /** A log with odd columns: understood, said otherwise, laid over the day, and the day planned as it was measured. */
    public function test_a_log_is_imported_and_fitted(): void
    {
        $lines = [];
        for ($minute = 0; $minute <= 240; $minute += 2) {
            $lines[] = sprintf('%d;%s;37,9;01.07.2026;%02d:%02d', 95 - intdiv($minute, 6), str_replace('.', ',', sprintf('%.1f', $minute < 15 || $minute >= 225 ? -34 : -7)), 6 + intdiv(30 + $minute, 60), (30 + $minute) % 60);
        }
        $file = sys_get_temp_dir().'/dinghy-log-'.getmypid().'.csv';
        file_put_contents($file, "Monitor of the bow bank\nSOC (%);Strom [A];Spannung (V);Datum;Uhrzeit\n".implode("\n", $lines)."\n");
        $this->openStage('Tiller skiff', 'Day');
        $this->press('m');
        $this->until(fn (): bool => str_contains($this->textOf('[data-monitor=thrust]'), '42.6 V'), 'what the monitor is told');
        $this->see('input[type=file][accept*=tsv]')->setFileDetector(new LocalFileDetector)->sendKeys($file);
        $this->until(fn (): bool => str_contains($this->figure('log'), '121 readings over 4 h 00, from 6:30 am'), 'read');
        unlink($file);
        self::assertSame(['charge', 'amps', 'volts', 'date', 'time'], $this->driver()->executeScript('return [...document.querySelectorAll("[data-log-preview] select")].map((one) => one.value)'));
        $this->see('[data-over-of="measured:"]');
        $before = $this->textOf('[data-fit="1"]');
        self::assertMatchesRegularExpression('/fishing\s+7\.1 A\s+4\.6 A\s+7\.1 A/', (string) preg_replace('/\x{a0}/u', ' ', $before));
        $this->click('//button[.="Plan it as it was measured"]');
        $this->until(fn (): bool => str_contains($this->textOf('[data-fit="1"]'), 'as planned'), 'the plan is as the log says');
        $this->clickOn('#lower-tab-phases');
        $this->until(fn (): bool => (int) $this->valueOf('Bow motor 36 V in fishing, in %') > 33, 'the motor turned faster than was planned');
    }

    public function test_the_night_after_the_day(): void
    {
        $this->openStage('Tiller skiff', 'Day');
        $this->press('n');
        $this->until(fn (): bool => str_contains($this->figure('night'), 'All full by morning'), 'the night');
        self::assertStringContainsString('full', $this->textOf('[data-night="b1"]'));
        self::assertStringContainsString('plug last', (string) $this->driver()->executeScript('return document.querySelector(\'svg[aria-label^="Battery leads first"]\').textContent'));
        self::assertStringContainsString('residual-current', $this->textOf('[role=note]'));
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
