<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A meter that shows what it must, or what a test gives it: its figures typed where the page asks for them. */
trait MeterInHand
{
    /** Every reading that a step asks for, each as it must be. */
    protected function readsAll(): void
    {
        $this->hasMeter();
        for ($turn = 0; $turn < 8 && $this->shownReading() !== null; $turn++) {
            $reading = $this->shownReading();
            $this->reads($this->mustShow());
            $this->until(fn (): bool => $this->shownReading() !== $reading, "on from the reading {$reading}");
        }
    }

    /** Red is in the volts jack, where the page asks so for the first time that day. */
    protected function hasMeter(): void
    {
        $this->see('[data-jack], [data-reading]');
        foreach ($this->driver()->findElements(WebDriverBy::cssSelector('button[data-jack]')) as $button) {
            $button->click();
        }
        $this->see('[data-reading]');
    }

    /** One reading, typed with its unit. */
    protected function reads(string $value): void
    {
        $this->see('[data-reading] input:not([readonly])')->sendKeys($value.WebDriverKeys::ENTER);
    }

    /** What must come, as a meter writes it. */
    protected function mustShow(): string
    {
        $expected = trim($this->textOf('[data-figure="expected"]'));

        return $expected === 'open' ? 'OL' : str_replace(["\u{a0}", ' ', '−'], ['', '', '-'], $expected);
    }

    /** The reading that is asked for, with its place among those of its step; null: none is. */
    private function shownReading(): ?string
    {
        $shown = $this->driver()->executeScript('const one = document.querySelector("[data-reading]"); return one === null || one.querySelector("input:not([readonly])") === null && one.querySelector("[data-verdict=inside]") === null ? null : `${one.dataset.reading} ${document.querySelector("[data-step-in-hand]")?.dataset.stepInHand ?? ""}`');

        return is_string($shown) ? $shown : null;
    }

    /** What is said of the reading that was taken. */
    protected function verdict(string $verdict): string
    {
        return $this->see("[data-verdict=\"{$verdict}\"]")->getText();
    }

    protected function keypad(string $key): RemoteWebElement
    {
        return $this->driver()->findElement(WebDriverBy::xpath("//*[@aria-label='Keypad']//button[.='{$key}']"));
    }
}
