<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The other boats of the scenario from an empty job to a plan without stops, by hand: neither import nor seed. */
final class FiveBoatsTest extends BrowserTestCase
{
    use BuildsBoats;

    public function test_the_console_boat(): void
    {
        $this->takeIn('Oskar Brennling', 'Three screens on a supply of their own', 'Console boat, new');
        $this->add('lifepo4 120', ['Name of the bank' => 'thrust', 'Blocks in series' => '2']);
        $this->add('lifepo4 100', ['Name of the bank' => 'electronics']);
        $this->add('flooded starting', ['Name of the bank' => 'starting', 'Cranking amps' => '180']);
        $this->add('block 6', ['Name on this boat' => 'console block'], 'electronics');
        $this->add('block 6', ['Name on this boat' => 'boat block'], 'starting');
        $this->add('bow motor 24', ['Name on this boat' => 'motor']);
        $this->add('12 in type a', ['Name on this boat' => 'left screen'], on: 'console block');
        $this->add('12 in type a', ['Name on this boat' => 'right screen'], on: 'console block');
        $this->add('9 in type a', ['Name on this boat' => 'bow screen'], on: 'console block');
        $this->add('live-sonar', ['Name on this boat' => 'sonar'], on: 'console block');
        $this->add('hub', ['Name on this boat' => 'hub'], on: 'console block');
        $this->add('vhf', ['Name on this boat' => 'radio'], on: 'boat block');
        $this->add('navigation', ['Name on this boat' => 'lights'], on: 'boat block');
        $this->add('bilge', ['Name on this boat' => 'bilge'], on: 'boat block');
        $this->add('2 outputs 15', [], 'thrust');
        $this->add('1 output 10', [], 'electronics');
        $this->add('1 output 10', [], 'starting');
        $this->lengths(['thrust to motor' => '11 ft', 'electronics to console block' => '5 ft', 'starting to boat block' => '10 ft',
            'console block to left screen' => '2 ft', 'console block to right screen' => '2 ft', 'console block to bow screen' => '14 ft', 'console block to sonar' => '11 ft', 'console block to hub' => '2 ft',
            'boat block to radio' => '2 ft', 'boat block to lights' => '12 ft', 'boat block to bilge' => '9 ft']);
        $this->settle('No stops, nothing to decide.', ['What fuel is aboard? petrol'], 59);
    }

    public function test_the_pontoon(): void
    {
        $this->takeIn('Aurensee Guides', 'Bow and stern motors on one bank', 'Pontoon, new');
        $this->add('lifepo4 200', ['Name of the bank' => 'thrust', 'Blocks in series' => '3']);
        $this->add('lifepo4 100', ['Name of the bank' => 'electronics']);
        $this->add('agm starting', ['Name of the bank' => 'starting', 'Cranking amps' => '150']);
        $this->add('block 6', ['Name on this boat' => 'bow block'], 'electronics');
        $this->add('block 6', ['Name on this boat' => 'helm block'], 'starting');
        $this->add('bow motor 36', ['Name on this boat' => 'bow motor']);
        $this->add('stern motor 36', ['Name on this boat' => 'stern motor']);
        $this->add('12 v lift', ['Name on this boat' => 'lift'], on: 'across its first block');
        $this->add('12 in type a', ['Name on this boat' => 'bow screen'], on: 'bow block');
        $this->add('9 in type a', ['Name on this boat' => 'helm screen'], on: 'bow block');
        $this->add('live-sonar', ['Name on this boat' => 'sonar'], on: 'bow block');
        $this->add('hub', ['Name on this boat' => 'hub'], on: 'bow block');
        $this->add('deck lights', ['Name on this boat' => 'lights'], on: 'helm block');
        $this->add('livewell', ['Name on this boat' => 'livewell'], on: 'helm block');
        $this->add('3 outputs 20', [], 'thrust');
        $this->add('1 output 10', [], 'electronics');
        $this->add('1 output 10', [], 'starting');
        $this->lengths(['thrust to bow motor' => '24 ft', 'thrust to stern motor' => '6 ft', 'thrust to lift' => '24 ft', 'electronics to bow block' => '10 ft', 'starting to helm block' => '12 ft',
            'bow block to bow screen' => '4 ft', 'bow block to helm screen' => '11 ft', 'bow block to sonar' => '4 ft', 'bow block to hub' => '2 ft',
            'helm block to lights' => '14 ft', 'helm block to livewell' => '9 ft']);
        $this->settle('No stops, nothing to decide.', ['What fuel is aboard? petrol', 'Run 10 AWG'], 59);
    }

    public function test_the_rowing_hull(): void
    {
        $this->takeIn('Lakeside Hire', 'Portable sonar box', 'Rowing hull, new');
        $this->add('lifepo4 20', ['Name of the bank' => 'pack']);
        $this->add('block 4', ['Name on this boat' => 'box block']);
        $this->add('9 in type b', ['Name on this boat' => 'screen']);
        $this->add('live-sonar', ['Name on this boat' => 'sonar']);
        $this->add('1 output 4 a', []);
        $this->lengths(['pack to box block' => '16 in', 'box block to screen' => '3 ft', 'box block to sonar' => '3 ft']);
        $this->settle('No stops, nothing to decide.', ['What fuel is aboard? none', 'Run 10 AWG'], 15);
    }

    public function test_the_catamaran(): void
    {
        $this->takeIn('Aurensee Survey Club', 'Two parallel strings, survey sonar', 'Catamaran, new');
        $this->add('agm 100', ['Name of the bank' => 'thrust', 'Blocks in series' => '2', 'Strings in parallel' => '2']);
        $this->add('lifepo4 100', ['Name of the bank' => 'house', 'Strings in parallel' => '2']);
        $this->add('block 12', ['Name on this boat' => 'cabin block'], 'house');
        $this->add('stern motor 24', ['Name on this boat' => 'motor']);
        $this->add('12 in type a', ['Name on this boat' => 'survey screen']);
        $this->add('12 in type a', ['Name on this boat' => 'helm screen']);
        $this->add('survey', ['Name on this boat' => 'survey sonar']);
        $this->add('hub', ['Name on this boat' => 'hub']);
        $this->add('navigation', ['Name on this boat' => 'lights']);
        $this->add('4 outputs 15', [], 'thrust');
        $this->add('1 output 20', [], 'house');
        $this->lengths(['thrust to motor' => '9 ft', 'house to cabin block' => '8 ft', 'cabin block to survey screen' => '4 ft', 'cabin block to helm screen' => '9 ft',
            'cabin block to survey sonar' => '6 ft', 'cabin block to hub' => '2 ft', 'cabin block to lights' => '12 ft']);
        $this->settle('No stops, nothing to decide.', ['What fuel is aboard? none'], 35);
    }

    /** @param  array<string, string>  $lengths by run */
    private function lengths(array $lengths): void
    {
        $this->press('r');
        $this->acts++;
        foreach ($lengths as $run => $length) {
            $this->typeLength($run, $length);
        }
    }

    /**
     * Answers what is asked, presses remedies, and ends with a plan without stops.
     *
     * @param  list<string>  $presses words of answers and remedies
     */
    private function settle(string $verdict, array $presses, int $acts): void
    {
        $this->clickOn('#lower-tab-findings');
        $this->see('[aria-label=Findings]');
        foreach ($presses as $words) {
            $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::xpath(self::anySpace("//*[@role='tabpanel']//button[contains(., \"{$words}\") or contains(@aria-label, \"{$words}\")]"))) !== [], $words);
            $this->apply($words);
        }
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), $verdict), "{$verdict}, not: {$this->figure('verdict')}");
        self::assertSame($acts, $this->acts, 'acts of the hand');
    }
}
