<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** The battery bench worked by hand: with the pointer, with keys, and from the list. */
final class BenchTest extends BrowserTestCase
{
    public function test_the_jumpers_of_a_36_volt_bank_are_taken_off_and_drawn_again_with_the_pointer(): void
    {
        $this->openBench();
        $this->drag('[data-grip="jumper:2:to"]', 60, -130);
        $this->until(fn (): bool => $this->seen('[data-grip^="jumper:"]') === 2, 'one let go beyond the drawing');
        $this->clickOn('button[aria-label="take off jumper 1"]');
        $this->until(fn (): bool => $this->seen('[data-grip^="jumper:"]') === 0 && $this->figure('meter') === '–.–– V', 'and one by its line: nothing joins the posts');
        $this->drag('[data-post="b1+"]', ...$this->wayBetween('[data-post="b1+"]', '[data-post="b2-"]'));
        $this->until(fn (): bool => $this->seen('[data-grip^="jumper:"]') === 2, 'the first drawn');
        $this->drag('[data-post="b2+"]', ...$this->wayBetween('[data-post="b2+"]', '[data-post="b3-"]'));
        $this->until(fn (): bool => $this->figure('meter') === '38.10 V', 'the second drawn: 36 V again');
    }

    public function test_a_jumper_is_landed_and_a_battery_turned_from_the_list_alone(): void
    {
        $this->openBench();
        $this->clickOn('button[aria-label="take off jumper 2"]');
        $this->until(fn (): bool => $this->seen('[data-grip^="jumper:"]') === 2, 'taken off');
        (new WebDriverSelect($this->see('select[aria-label="New jumper, first end"]')))->selectByValue('b2+');
        (new WebDriverSelect($this->see('select[aria-label="New jumper, second end"]')))->selectByValue('b3-');
        $this->click('//button[contains(., "Land it")]');
        $this->until(fn (): bool => $this->figure('meter') === '38.10 V', 'landed');
        (new WebDriverSelect($this->see('select[aria-label="Battery 1 turned"]')))->selectByValue('0');
        $this->until(fn (): bool => $this->valueOfSelect('Battery 1 turned') === '0', 'turned');
    }

    public function test_an_end_on_the_wrong_post_shows_what_it_does_and_is_undone(): void
    {
        $this->openBench();
        // Both ends of a jumper on one battery: nothing but its own resistance holds the current.
        $this->drag('[data-grip="jumper:1:to"]', ...$this->wayBetween('[data-grip="jumper:1:to"]', '[data-post="b1-"]'));
        $this->until(fn (): bool => str_contains($this->figure('plugging'), 'Jumper 1 carries') && str_contains($this->figure('plugging'), 'its copper melts after'), 'the short across Battery 1');
        $this->see('path[data-hot]');
        $this->press(WebDriverKeys::CONTROL.'z'.WebDriverKeys::NULL);
        $this->until(fn (): bool => str_starts_with($this->figure('plugging'), 'With everything off, no jumper'), 'undone');
    }

    public function test_a_probe_is_put_on_another_post(): void
    {
        $this->openBench();
        $this->drag('[data-probe="plus"] circle', ...$this->wayBetween('[data-probe="plus"] circle', '[data-post="b1+"]'));
        $this->until(fn (): bool => $this->figure('meter') === '12.70 V', 'Battery 1 alone');
    }

    public function test_a_tap_is_misplaced_read_and_mended(): void
    {
        $this->openBench();
        $this->press('a');
        $this->see('section[role=dialog] li button');
        $this->press('12 V lift', WebDriverKeys::ENTER);
        $this->see('section[role=dialog] input');
        $this->click('//section[@role="dialog"]//label[contains(., "Hung on")]/following::select[1]/option[contains(., "across its first block")]');
        $this->click('//section[@role="dialog"]//button[contains(., "Add it")]');
        $lift = 'to-12-v-lift-of-a-bow-motor';
        $this->see("[data-grip=\"feed:{$lift}:plus\"]");
        // From Battery 1's plus to Battery 2's: 25.4 V on a 12 V part.
        $this->drag("[data-grip=\"feed:{$lift}:plus\"]", ...$this->wayBetween("[data-grip=\"feed:{$lift}:plus\"]", '[data-post="b2+"]'));
        $this->until(fn (): bool => str_contains($this->figure('plugging'), 'gets 25.4 V; it bears 16 V'), 'what the lift gets');
        (new WebDriverSelect($this->see('section[aria-label=Meter] select')))->selectByValue('12-v-lift-of-a-bow-motor+');
        (new WebDriverSelect($this->driver()->findElements(WebDriverBy::cssSelector('section[aria-label=Meter] select'))[1]))->selectByValue('12-v-lift-of-a-bow-motor-');
        $this->until(fn (): bool => $this->figure('meter') === '25.40 V', 'the meter at the plug of the lift');
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label=Findings]'), 'takes at most 16 V'), 'the stop');
        $this->click('//button[contains(., "Take the tap from Battery 1")]');
        $this->until(fn (): bool => $this->figure('meter') === '12.70 V', 'mended');
    }

    public function test_a_block_is_moved_and_turned_by_keys_and_fits_or_not(): void
    {
        $this->openBench();
        foreach (['length' => '640', 'width' => '340', 'height' => '260'] as $side => $mm) {
            $this->typeInto("{$side} of the compartment, mm", $mm);
            $this->until(fn (): bool => $this->valueOf("{$side} of the compartment, mm") === "{$mm} mm", "{$side} kept");
        }
        $this->until(fn (): bool => str_starts_with($this->figure('fits'), 'They fit'), 'they fit');
        $this->driver()->executeScript('document.querySelector("[data-block=b3]").focus()');
        $this->press('r');
        $this->until(fn (): bool => str_contains($this->figure('fits'), 'They do not fit:'), 'turned, Battery 3 sticks out');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->until(fn (): bool => str_contains($this->figure('fits'), 'Battery 2 and Battery 3 stand in each other by 5 mm') === false && str_contains($this->figure('fits'), 'They do not fit:'), 'moved');
        $this->click('//button[contains(., "Turn them so that no jumpers cross")]');
        $this->until(fn (): bool => str_starts_with($this->figure('fits'), 'They fit') && ! str_contains($this->figure('fits'), 'cross'), 'set out again');
    }

    public function test_the_order_of_connection_is_played_back_in_either_school(): void
    {
        $this->openBench();
        $this->press('o');
        $this->until(fn (): bool => $this->figure('order:step') === '0 of 14', 'the first');
        self::assertSame(0, $this->seen('[data-grip]'));
        for ($step = 1; $step <= 2; $step++) {
            $this->click('//button[contains(., "Next step")]');
        }
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label="Order of connection"]'), "2 of 14\n") && str_contains($this->step(), 'Charger c1: plus on Battery 1'), 'chargers first');
        $this->click('//label[contains(., "jumpers")]');
        $this->until(fn (): bool => str_contains($this->step(), 'Jumper 1: first end on Battery 1 +'), 'jumpers first');
        $this->until(fn (): bool => $this->seen('[data-grip^="jumper:"]') === 1, 'one end landed in the drawing');
    }

    public function test_a_jumper_is_taken_in_hand_where_it_is_drawn(): void
    {
        $this->openBench();
        $this->driver()->executeScript('document.querySelector("[data-jumper=\"1\"]").focus()');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->textOf('section[aria-label="In hand"]'), 'Jumpers, as they are made'), 'one that the strings stand for: its bank');
        (new WebDriverSelect($this->see('select[aria-label="Jumper 1, second end"]')))->selectByValue('b3-');
        $this->until(fn (): bool => $this->driver()->executeScript('document.querySelector("[data-jumper=\"1\"]").dispatchEvent(new MouseEvent("click", { bubbles: true })); return true') === true && str_contains($this->textOf('section[aria-label="In hand"]'), 'Jumper from Battery 1 of thrust + to Battery 3 of thrust −'), 'one that is listed: itself');
    }

    public function test_three_blocks_are_made_a_12_volt_bank_and_36_again(): void
    {
        $this->openBench();
        $this->click('//button[contains(., "Make it 12 V: all in parallel")]');
        $this->until(fn (): bool => $this->figure('meter') === '12.70 V', 'in parallel');
        $series = WebDriverBy::xpath('//button[contains(., "Make it 36 V: 3 in series")]');
        $this->until(fn (): bool => $this->driver()->findElements($series) !== [], 'the way back');
        $this->driver()->findElement($series)->click();
        $this->until(fn (): bool => $this->valueOfSelect('Plus of Stern box to Bow motor 36 V') === 'pos', 'in series');
    }

    private function openBench(): void
    {
        $this->openSkiff();
        $this->press('p');
        $this->until(fn (): bool => $this->figure('meter') === '38.10 V', 'the bank on the bench');
        $this->see('[data-post="b3-"]');
    }

    private function step(): string
    {
        return (string) $this->driver()->executeScript('return document.querySelector("li[aria-current=step]")?.innerText ?? ""');
    }

    private function seen(string $css): int
    {
        return count($this->driver()->findElements(WebDriverBy::cssSelector($css)));
    }
}
