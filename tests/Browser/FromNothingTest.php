<?php

declare(strict_types=1);

namespace Tests\Browser;

use Dinghy\Tests\Measured;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A boat with two banks, a tap, a shunt, a charger of three outputs, a bond and four devices, planned from nothing in the page: once by pointer, once by keys alone. */
final class FromNothingTest extends BrowserTestCase
{
    use BuildsBoats;

    /** choices made by script, which by hand are two clicks */
    private int $choices = 0;

    /** counts what a hand does, in the page itself */
    private const COUNTED = <<<'JS'
        window.hand = { clicks: 0, keys: 0 };
        addEventListener('pointerdown', (event) => { if (event.isTrusted) window.hand.clicks++; }, true);
        addEventListener('keydown', (event) => { if (event.isTrusted && !['Control', 'Shift'].includes(event.key)) window.hand.keys++; }, true);
        JS;

    public function test_by_pointer(): void
    {
        $this->takeIn('Pointer', 'All of it', 'By pointer');
        $this->driver()->executeScript(self::COUNTED);
        $this->putIn('AGM deep-cycle 12 V 100 Ah, group 31', ['Name of the bank' => 'thrust', 'Blocks in series' => '3']);
        $this->putIn('LiFePO4 12 V 50 Ah, group U1', ['Name of the bank' => 'house']);
        $this->putIn('Fuse block, 6 circuits', [], ['Bank' => 'house']);
        $this->putIn('Bow motor 36 V, 112 lbf', ['Name on this boat' => 'motor']);
        $this->putIn('12 V lift of a bow motor', ['Name on this boat' => 'lift'], ['Hung on' => 'across its first block']);
        $this->putIn('9 in display, type B, wide supply', ['Name on this boat' => 'screen'], ['Hung on' => 'fuse block']);
        $this->putIn('Live-sonar module', ['Name on this boat' => 'sonar'], ['Hung on' => 'fuse block']);
        $this->putIn('Monitor shunt, 300 A', [], ['Bank' => 'house']);
        $this->putIn('Charger, 3 outputs of 10 A', ['Name on this boat' => 'charger'], ['Charges' => 'thrust']);
        $before = $this->kept();
        $this->clickOn('section[aria-label="Power tree"] header button:last-of-type');
        $this->click('//section[@role="dialog"]//button[contains(., "Bond, figure by figure")]');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog] [data-field=from]')) !== [], 'a bond to be filled in');
        $this->chooseInDialog('From the minus of bank', 'house');
        $this->chooseInDialog('To the minus of bank', 'thrust');
        $this->choices += 2;
        $this->click('//section[@role="dialog"]//button[contains(., "Put it in")]');
        $this->until(fn (): bool => $this->isKeptSince($before), 'the bond kept');
        $this->assertPlanned();
        $this->tell('by pointer');
    }

    public function test_by_keys_alone(): void
    {
        $this->takeIn('Keys', 'All of it', 'By keys');
        $this->driver()->executeScript(self::COUNTED);
        $this->typeIn('agm deep 100', ['thrust', WebDriverKeys::TAB, '3']);
        $this->typeIn('lifepo4 50', ['house']);
        $this->typeIn('block 6', ['fuse block']);
        $this->typeIn('bow motor 36', ['motor']);
        $this->typeIn('12 v lift', ['lift', WebDriverKeys::TAB, WebDriverKeys::END]);
        $this->typeIn('9 in type b', ['screen']);
        $this->typeIn('live-sonar', ['sonar']);
        $this->typeIn('shunt 300', ['h']);
        $this->typeIn('3 outputs of 10', ['charger', WebDriverKeys::TAB, WebDriverKeys::SPACE, WebDriverKeys::TAB, WebDriverKeys::SPACE]);
        $before = $this->kept();
        $this->press('a');
        $this->see('section[role=dialog] input');
        $this->tabTo('Bond, figure by figure');
        $this->press(WebDriverKeys::ENTER);
        $this->tabTo('From the minus of bank');
        $this->press('h');
        $this->tabTo('To the minus of bank');
        $this->press('t');
        $this->tabTo('Put it in');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->isKeptSince($before), 'the bond kept');
        $this->assertPlanned();
        self::assertSame(0, $this->driver()->executeScript('return window.hand.clicks'));
        $this->tell('by keys');
    }

    /**
     * @param  array<string, string>  $fields  what is typed, by label
     * @param  array<string, string>  $choices  by label
     */
    private function putIn(string $part, array $fields, array $choices = []): void
    {
        $before = $this->kept();
        $this->clickOn('section[aria-label="Power tree"] header button:last-of-type');
        $this->click("//section[@role=\"dialog\"]//li/button[normalize-space(.) = \"{$part}\"]");
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::xpath('//section[@role="dialog"]//button[contains(., "Add it")]')) !== [], "what is asked of {$part}");
        foreach ($fields as $label => $text) {
            $this->fill($label, $text);
        }
        foreach ($choices as $label => $choice) {
            $this->until(fn (): bool => $label !== 'Hung on' || $this->driver()->findElements(WebDriverBy::xpath("//section[@role='dialog']//label[starts-with(., 'Hung on')]")) !== [], 'what it can be hung on');
            $this->chooseInDialog($label, $choice);
            $this->choices++;
        }
        $this->click('//section[@role="dialog"]//button[contains(., "Add it")]');
        $this->until(fn (): bool => $this->isKeptSince($before) && $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')) === [], "{$part} in the plan");
    }

    /** @param  list<string>  $keys  in the form of the part, which Enter sends */
    private function typeIn(string $sought, array $keys): void
    {
        $before = $this->kept();
        $this->press('a');
        $this->dialog('Part of the catalogue');
        $this->press($sought, WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog] li button:focus')) !== []
            || $this->driver()->findElements(WebDriverBy::xpath('//section[@role="dialog"]//button[contains(., "Add it")]')) !== [], "{$sought} found");
        if ($this->driver()->findElements(WebDriverBy::xpath('//section[@role="dialog"]//button[contains(., "Add it")]')) === []) {
            $this->press(WebDriverKeys::ENTER);
            $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::xpath('//section[@role="dialog"]//button[contains(., "Add it")]')) !== [], "what is asked of {$sought}");
        }
        usleep(500_000); // what it can be hung on comes a moment later
        $this->press(...$keys);
        $this->tabTo('Add it');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->isKeptSince($before) && $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')) === [], "{$sought} in the plan");
    }

    private function assertPlanned(): void
    {
        $plan = $this->driver()->executeAsyncScript('const done = arguments[arguments.length - 1]; fetch(location.pathname.replace(/^\/jobs\/(\d+).*/, "/api/jobs/$1/plan")).then((answer) => answer.json()).then(done)');
        self::assertIsArray($plan);
        self::assertSame(['thrust', 'house'], array_column($plan['banks'], 'id'));
        self::assertSame([300, 50], [$plan['banks'][1]['shunt']['rating_a'], $plan['banks'][1]['shunt']['capacity_set_ah']]);
        self::assertCount(4, $plan['devices']);
        self::assertCount(3, $plan['chargers'][0]['outputs']);
        self::assertSame(['house', 'thrust'], [$plan['bonds'][0]['from'], $plan['bonds'][0]['to']]);
        self::assertContains('tap:1', array_column(array_column($plan['feeds'], 'from'), 'plus'));
    }

    private function tell(string $how): void
    {
        $hand = $this->driver()->executeScript('return window.hand');
        self::assertIsArray($hand);
        $clicks = $hand['clicks'] + 2 * $this->choices;
        Measured::say("A boat from nothing {$how}: {$clicks} clicks, {$hand['keys']} keys");
    }
}
