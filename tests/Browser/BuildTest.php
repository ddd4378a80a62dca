<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The tiller skiff from an empty job to a plan without stops, by hand: neither import nor seed. */
final class BuildTest extends BrowserTestCase
{
    use BuildsBoats;

    public function test_the_skiff_from_nothing(): void
    {
        $this->takeIn('Maren Tavola', 'Bow motor, live sonar, two screens', 'Tiller skiff, new');

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

        $this->press('r');
        $this->acts++;
        $this->typeLength('electronics to bow block', '16 ft');
        $this->typeLength('thrust to motor', '19 ft');
        $lengths = ['bow screen' => '5 ft', 'tiller screen' => '13 ft', 'Live-sonar module' => '5 ft', 'hub' => '2 ft'];
        foreach ($lengths as $device => $length) {
            $this->typeLength("bow block to {$device}", $length);
        }
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => str_contains($this->page(), 'What fuel is aboard?'), 'what is not checked');
        $this->apply('What fuel is aboard? none');
        $this->until(fn (): bool => ! str_contains($this->page(), 'What fuel is aboard?'), 'the fuel answered');
        $this->press('r');
        // The arithmetic takes 12 AWG for the live sonar; its maker asks for more.
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), 'No stops, 1 to decide.'), 'a plan without stops');
        self::assertSame('60 A', $this->figure('run:to-motor:protection_a'));
        self::assertSame('8 AWG', $this->figure('run:to-motor:gauge'));
        $this->clickOn('#lower-tab-findings');
        $this->apply('Run 10 AWG');
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), 'No stops, nothing to decide. Lowest screen'), 'nothing left to decide');
        self::assertSame(28, $this->acts, 'acts of the hand');

        // A part taken out comes back with undo.
        $this->press('/');
        $this->see('input[aria-label^="Find a boat"]');
        $this->press('device hub', WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->page(), 'Take out hub'), 'the hub chosen');
        $this->click('//button[contains(., "Take out hub")]');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[data-run="to-hub"]')) === [], 'the hub taken out');
        $this->press(WebDriverKeys::CONTROL.'z'.WebDriverKeys::NULL);
        $this->see('[data-run="to-hub"]');
    }
}
