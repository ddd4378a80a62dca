<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The tiller skiff from an empty job to a plan without stops, by hand: neither import nor seed. */
final class BuildTest extends BrowserTestCase
{
    public function test_the_skiff_from_nothing(): void
    {
        $this->signIn();
        $this->tabTo('Take a boat in');
        $this->press(WebDriverKeys::ENTER);
        $this->dialog('Customer');
        $this->fill('Customer', 'Maren Tavola');
        $this->fill('What is to be done', 'Bow motor, live sonar, two screens');
        $this->fill('Boat', 'Tiller skiff, new');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->page(), 'Nothing is planned yet'), 'an empty plan');

        $this->add('agm 100', ['Name of the bank' => 'thrust', 'Blocks in series' => '3']);
        $this->add('lifepo4 50', ['Name of the bank' => 'electronics']);
        $this->add('block 6', ['Name on this boat' => 'bow block']); // hangs on the bank added last
        $this->add('bow motor 36', ['Name on this boat' => 'motor']);
        $this->add('12 in type a', ['Name on this boat' => 'bow screen']);
        $this->add('9 in type a', ['Name on this boat' => 'tiller screen']);
        $this->add('live-sonar', []);
        $this->add('hub', ['Name on this boat' => 'hub']);
        $this->add('3 outputs 10', [], 'thrust');
        $this->add('1 output 10', []);

        $this->press('2');
        $this->typeInto('Length of electronics to bow-block block', '16 ft');
        $this->typeInto('Length of thrust to motor', '19 ft');
        $lengths = ['bow screen' => '5 ft', 'tiller screen' => '13 ft', 'Live-sonar module' => '5 ft', 'hub' => '2 ft'];
        foreach ($lengths as $device => $length) {
            $this->typeInto("Length of bow-block block to {$device}", $length);
        }
        $this->driver()->findElement(WebDriverBy::id('tab-findings'))->click();
        $this->until(fn (): bool => str_contains($this->page(), 'What fuel is aboard?'), 'what is not checked');
        $this->driver()->findElement(WebDriverBy::xpath('//button[contains(@aria-label, "What fuel is aboard? none")]'))->click();
        $this->until(fn (): bool => ! str_contains($this->figure('verdict'), 'not checked'), 'the fuel answered');
        $this->press('2');
        // The arithmetic takes 12 AWG for the live sonar; its maker asks for more.
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), 'No stops, 1 to decide.'), 'a plan without stops');
        self::assertSame('60 A', $this->figure('run:to-motor:protection_a'));
        self::assertSame('8 AWG', $this->figure('run:to-motor:gauge'));
        $this->driver()->findElement(WebDriverBy::id('tab-findings'))->click();
        $this->driver()->findElement(WebDriverBy::xpath('//button[contains(., "Run 10 AWG")]'))->click();
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), 'No stops, nothing to decide. Lowest screen'), 'nothing left to decide');

        // A part taken out comes back with undo.
        $this->press('/');
        $this->dialog('Run, device');
        $this->press('hub', WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->page(), 'Take out hub'), 'the hub chosen');
        $this->driver()->findElement(WebDriverBy::xpath('//button[contains(., "Take out hub")]'))->click();
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[data-run="to-hub"]')) === [], 'the hub taken out');
        $this->press(WebDriverKeys::CONTROL.'z'.WebDriverKeys::NULL);
        $this->see('[data-run="to-hub"]');
    }

    /** @param  array<string, string>  $fields what is typed, by label */
    private function add(string $sought, array $fields, ?string $bank = null): void
    {
        $before = $this->kept();
        $this->press('a');
        $this->dialog('Part of the catalogue');
        $this->press($sought, WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::xpath('//section[@role="dialog"]//button[contains(., "Add it")]')) !== [], "what is asked of {$sought}");
        foreach ($fields as $label => $text) {
            $this->fill($label, $text);
        }
        if ($bank !== null) {
            $this->driver()->findElement(WebDriverBy::xpath('//section[@role="dialog"]//label[contains(., "Bank")]/following::input[1]'))->click();
            $this->driver()->findElement(WebDriverBy::xpath("//*[@role=\"option\" and contains(., \"{$bank}\")]"))->click();
        }
        $this->driver()->findElement(WebDriverBy::xpath('//section[@role="dialog"]//button[contains(., "Add it")]'))->click();
        $this->until(fn (): bool => $this->kept() !== $before
            && $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')) === [], "{$sought} in the plan");
    }

    private function fill(string $label, string $text): void
    {
        $this->driver()->findElement(WebDriverBy::xpath("//section[@role=\"dialog\"]//label[starts-with(normalize-space(.), \"{$label}\")]/following::input[1]"))->click();
        $this->press(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL, $text);
    }

    /** The version that the boat strip says is kept. */
    private function kept(): string
    {
        preg_match('/v\d+/', $this->page(), $found);

        return $found[0] ?? '';
    }

    /** The page's words, however often it is drawn anew meanwhile. */
    private function page(): string
    {
        return (string) $this->driver()->executeScript('return document.body.innerText');
    }

    private function dialog(string $label): void
    {
        $this->until(fn (): bool => $this->driver()->executeScript('const e = document.activeElement; return e.labels?.[0]?.innerText ?? ""') !== ''
            && str_starts_with((string) $this->driver()->executeScript('return document.activeElement.labels?.[0]?.innerText ?? ""'), $label), "the field \"{$label}\" with the focus");
    }
}
