<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** What joins screens to what they see, by hand: pins, ports, an adapter that is missing, a backbone's tap. */
final class SonarTest extends BrowserTestCase
{
    public function test_the_wiring_of_an_old_transducer_from_the_wrong_shield_to_the_right(): void
    {
        $this->openStage('Console boat', 'Sonar');
        $this->press('n');
        $this->land(3, 'bare in a sleeve');
        $this->see('[data-rope="old-transducer"]');
        $this->until(fn (): bool => str_contains($this->textOf('[data-pin="3"]'), 'wrong pin'), 'the pin is told to be wrong');
        self::assertStringContainsString('Cut back and insulate singly: bare (main shield)', $this->page());
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => str_contains($this->page(), 'The two shields are swapped.'), 'N09 speaks');
        self::assertStringContainsString('loses depth', $this->page());

        $this->clickOn('#lower-tab-pins');
        $this->land(3, 'bare');
        $this->land(6, 'bare in a sleeve');
        $this->until(fn (): bool => ! str_contains($this->page(), 'wrong pin'), 'every wire is on its pin');
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => ! str_contains($this->page(), 'shields are swapped'), 'N09 is silent');
    }

    public function test_a_hub_that_runs_out_and_the_hub_that_replaces_it(): void
    {
        $this->openStage('Tiller skiff', 'Sonar');
        $this->clickOn('[data-case="hub"] [role=button]');
        $this->click('//button[contains(., "Sonar and data")]');
        $this->click('//input[@id=//label[contains(., "Network ports")]/@for]');
        $this->press(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL, '2', WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->page(), 'has 2 network ports, and 3 cables are to end at it'), 'N01 speaks');
        $this->click('//*[@role="tabpanel"]//button[contains(., "Fit a hub of 3 ports")]');
        $this->until(fn (): bool => ! str_contains($this->page(), 'cables are to end at it'), 'N01 is silent');
        $this->clickOn('#lower-tab-ports');
        self::assertStringContainsString('3 3 0', (string) preg_replace('/\s+/', ' ', $this->textOf('[data-ports="hub"]')));
    }

    public function test_a_missing_adapter_is_seen_and_ordered(): void
    {
        $this->openStage('Tiller skiff', 'Sonar');
        $this->clickOn('[data-link="adapter-a-b"]');
        $this->click('//button[contains(., "Take out")]');
        $this->see('[data-missing]');
        $this->until(fn (): bool => str_contains($this->page(), 'no adapter aboard joins them'), 'N02 speaks');
        $this->click('//*[@role="tabpanel"]//button[contains(., "Order an adapter")]');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[data-missing]')) === [], 'nothing is missing');
        $this->press('v');
        self::assertStringContainsString('depth, water temperature, plugged in here', $this->textOf('[data-screen="tiller-display"]'));
    }

    private function land(int $pin, string $colour): void
    {
        $css = "[data-pin=\"{$pin}\"] select";
        (new WebDriverSelect($this->see($css)))->selectByVisibleText($colour);
        $this->until(fn (): bool => $this->driver()->executeScript('return document.querySelector(arguments[0]).value', [$css]) === $colour, "{$colour} on pin {$pin}");
    }
}
