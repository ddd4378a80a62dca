<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** By keys alone the focus stands where the hand goes on: nothing that is done lets it fall to the page's beginning. */
final class FocusTest extends BrowserTestCase
{
    public function test_after_a_row_is_taken_out_it_is_at_that_which_took_its_place(): void
    {
        $this->openStage('Console boat', 'Layout');
        $ways = fn (): int => count($this->driver()->findElements(WebDriverBy::cssSelector('tr [aria-label^="Take out"]')));
        $this->until(static fn (): bool => $ways() > 2, 'rows that can be taken out');
        $this->untilDrawn();
        $before = $ways();
        $this->driver()->executeScript('document.querySelectorAll("tr [aria-label^=\"Take out\"]")[arguments[0]].focus()', [$before - 2]);
        $this->press(WebDriverKeys::ENTER);
        $this->until(static fn (): bool => $ways() < $before, 'taken out');
        $this->until(fn (): bool => str_starts_with($this->focused(), 'Take out'), 'the next is at hand');
        $this->until(fn (): bool => str_contains($this->textOf('[role=status] [data-just-done]'), 'Just done'), 'and it is told');
    }

    public function test_after_a_remedy_is_taken_it_is_within_the_findings(): void
    {
        $this->openStage('Tiller skiff', 'Power');
        $this->clickOn('#lower-tab-findings');
        $remedy = '[aria-label=Findings] li .mantine-Button-root';
        $this->see($remedy);
        $this->untilDrawn();
        $verdict = $this->figure('verdict');
        $this->driver()->executeScript('document.querySelector(arguments[0]).focus()', [$remedy]);
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->figure('verdict') !== $verdict, 'mended');
        $this->untilDrawn();
        self::assertTrue($this->driver()->executeScript('return document.activeElement.closest("[aria-label=Findings]") !== null'), 'at the next finding');
    }

    public function test_after_a_decision_it_is_at_what_was_decided(): void
    {
        $this->openStage('Tiller skiff', 'Power');
        $this->clickOn('#lower-tab-findings');
        $asks = '[...document.querySelectorAll("[aria-label=Findings] button")].find((one) => one.textContent.startsWith("Let it stand"))';
        $this->until(fn (): bool => $this->driver()->executeScript("return {$asks} !== undefined") === true, 'something to decide');
        $this->untilDrawn();
        $this->driver()->executeScript("{$asks}.focus()");
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->driver()->executeScript('return document.activeElement.tagName') === 'INPUT', 'its reason is asked for');
        $this->press('It was so when she came', WebDriverKeys::ENTER);
        $this->see('[aria-label=Findings] [data-decided]');
        $this->untilDrawn();
        self::assertTrue($this->driver()->executeScript('return document.activeElement.closest("[aria-label=Findings]") !== null'), 'among the findings');
    }

    private function focused(): string
    {
        $said = $this->driver()->executeScript('return document.activeElement?.getAttribute("aria-label") ?? ""');

        return is_string($said) ? $said : '';
    }
}
