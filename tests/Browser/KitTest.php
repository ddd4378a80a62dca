<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The kit by hand: it follows the plan, a wrong lug is found and mended in it, two boats want one spool. */
final class KitTest extends BrowserTestCase
{
    public function test_the_plan_changes_and_the_kit_follows(): void
    {
        $this->openStage('Console boat', 'Kit');
        $this->until(fn (): bool => str_contains($this->figure('kit'), ' pieces of wire, '), 'the kit');
        $this->click('//button[@data-piece="screens+2"]');
        $this->until(fn (): bool => str_contains($this->textOf('[data-about="screens+2"]'), '16 mm² red'), 'the piece in hand');
        self::assertStringContainsString('Lug 16 mm², hole M6', $this->textOf('[data-about="screens+2"]'));
        self::assertSame(3, count($this->driver()->findElements(WebDriverBy::cssSelector('[data-lit]'))), 'the whole run is lit');

        $this->chooseIn('Gauge', '25 mm² · between 4 and 3 AWG');
        $this->until(fn (): bool => str_contains($this->textOf('[data-piece="screens+2"]'), '25 mm² red'), 'the wire is another');
        $this->until(fn (): bool => str_contains($this->textOf('[data-about="screens+2"]'), 'Lug 25 mm², hole M6'), 'and so is its lug');
        $this->clickOn('#lower-tab-dies');
        $this->until(fn (): bool => str_contains($this->textOf('[data-die="hexagon 25 mm²"]'), 'Lug 25 mm², hole M8'), 'and its die');
        $this->clickOn('#lower-tab-list');
        $this->until(fn (): bool => str_contains($this->textOf('[data-line="25 mm2 red"]'), ' m') || str_contains($this->textOf('[data-line="25 mm2 red"]'), ' ft'), 'and what is bought');
        $this->clickOn('#lower-tab-spools');
        $this->see('[data-spool="25 mm² red"] button[aria-pressed=true]');

        // In the boat and in the tree the same run is lit.
        $this->click('//label[contains(., "In the boat")]');
        $this->see('[data-station]');
        $this->click('//label[contains(., "In the tree")]');
        $this->see('[data-run="screens"]');
        $this->click('//label[contains(., "At the batteries")]');
        $this->until(fn (): bool => str_contains($this->textOf('main'), 'This piece lands on no battery'), 'it goes from a fuse to a block');
        $this->click('//label[.="Wires"]');
        $this->driver()->executeScript('document.activeElement.blur()');
        $this->press('j');
        $this->see('[data-about="screens-"]');
        $this->click('//label[contains(., "At the batteries")]');
        $this->until(fn (): bool => count($this->driver()->findElements(WebDriverBy::cssSelector('[data-lit-post]'))) === 1, 'the post that its first end lands on is ringed');
        self::assertSame('screens:minus', $this->see('[data-lit-lead]')->getAttribute('data-lit-lead'));
    }

    public function test_a_lug_with_a_wrong_hole_is_found_and_mended_in_the_kit(): void
    {
        $this->openStage('Pontoon', 'Kit');
        $this->click('//button[@data-piece="boat+1"]');
        $this->see('[data-about="boat+1"]');
        $this->click('//button[contains(., "At the posts")]');
        $this->chooseIn('Hole of the plus lug', '1/4');
        $this->until(fn (): bool => preg_match('/1\/4\s+on (3\/8|5\/16)/', $this->textOf('[data-piece="boat+1"]')) === 1, 'it does not go over the stud');
        $this->until(fn (): bool => str_contains($this->textOf('#lower-tab-findings'), '(1)'), 'and is a finding');
        $this->until(fn (): bool => str_contains($this->textOf('a[href*="/kit"]'), 'stop'), 'that stops her');
        $this->click('//*[@data-about="boat+1"]//button[contains(., "Use a ring for ")]');
        $this->until(fn (): bool => str_contains($this->textOf('#lower-tab-findings'), '(0)'), 'mended');
        $this->until(fn (): bool => ! str_contains($this->textOf('[data-piece="boat+1"]'), ' on '), 'and its hole is right');
    }

    public function test_a_stud_that_nobody_gave_is_asked_for_and_answered(): void
    {
        $this->openStage('Tiller skiff', 'Kit');
        $this->until(fn (): bool => str_contains($this->figure('kit'), '1 measure still to take'), 'one is missing');
        self::assertStringContainsString('1 to measure', $this->textOf('a[href*="/kit"]'));
        $this->press('m');
        $this->click('//button[contains(@aria-label, "studs of its fuse or breaker") and .="5/16"]');
        $this->until(fn (): bool => str_contains($this->page(), 'Nothing: every stud and length is known.'), 'answered');
        $this->until(fn (): bool => ! str_contains($this->figure('kit'), 'still to take'), 'and none is missing');
    }

    public function test_two_boats_want_the_last_spool(): void
    {
        $this->openStage('Console boat', 'Kit');
        $this->press('c');
        $this->until(fn (): bool => ! str_contains($this->textOf('[data-line="16 mm2 black"]'), 'to order'), 'there is a spool');
        $before = $this->cells('16 mm2 black');
        self::assertSame('–', $before[4], 'nothing is missing');
        $this->click('//button[.="Take it from the shelf"]');
        $this->until(fn (): bool => $this->cells('16 mm2 black')[2] !== '–', 'taken');
        $this->visit('/');
        $this->fromShed('Catamaran', 'Kit');
        $this->press('c');
        $this->click('//button[.="Take it from the shelf"]');
        $this->until(fn (): bool => $this->cells('16 mm2 black')[4] !== '–', 'the second boat is short');

        // The shelf says who has it; put back, it is there again.
        $this->visit('/stock');
        $this->until(fn (): bool => str_contains($this->textOf('[data-item="16 mm² black"]'), 'Console boat'), 'the shelf says who has it');
        $this->clickOn('#stock-tab-orders');
        $this->until(fn (): bool => str_contains($this->textOf('[data-order="16 mm2 black"]'), 'Catamaran'), 'and what is to be ordered for whom');
        $this->click('//*[@data-order="16 mm2 black"]//a');
        $this->click('//button[.="Put it back"]');
        $this->until(fn (): bool => $this->cells('16 mm2 black')[2] === '–', 'put back');
    }

    public function test_what_is_missing_is_ordered_and_comes(): void
    {
        $rows = fn (string $which): int => count($this->driver()->findElements(WebDriverBy::cssSelector("tr[data-{$which}]")));
        $this->signIn();
        $this->visit('/stock?show=orders');
        $this->until(fn (): bool => str_contains($this->textOf('[data-figure="orders"]'), ' to order'), 'what is missing');
        $missing = $rows('order');
        self::assertGreaterThan(1, $missing);
        $this->click('//button[.="All of it is ordered"]');
        $this->until(fn (): bool => str_contains($this->textOf('[data-figure="orders"]'), 'Nothing to order'), 'ordered');
        self::assertSame([0, $missing], [$rows('order'), $rows('awaited')]);

        // One of them does not come, and is missing again; half of another does.
        $item = (string) $this->see('tr[data-awaited]')->getAttribute('data-awaited');
        $this->clickOn("[aria-label=\"{$item} does not come\"]");
        $this->until(fn (): bool => str_contains($this->textOf('[data-figure="orders"]'), '1 thing to order'), 'missing again');
        $this->typeInto("How much of {$item} is ordered", 'many');
        $this->click("//*[@data-order]//button[.='Ordered']");
        $this->until(fn (): bool => str_contains($this->page(), 'How much: type a number'), 'said what is wrong');
        $this->typeInto("How much of {$item} is ordered", '400');
        $this->click("//*[@data-order]//button[.='Ordered']");
        $this->until(fn (): bool => $rows('awaited') === $missing, 'ordered again');
        $this->typeInto("How much of {$item} has come", '399');
        $this->click("//*[@data-awaited=\"{$item}\"]//button[.='It has come']");
        $this->until(fn (): bool => preg_match('/^.*\s1( ft)?\s/', (string) preg_replace('/\s+/', ' ', $this->textOf("[data-awaited=\"{$item}\"]"))) === 1, 'one is still to come');
        $this->clickOn('#stock-tab-shelf');
        $this->until(fn (): bool => str_contains($this->textOf("[data-item=\"{$item}\"]"), '399'), 'the others are on the shelf');
    }

    public function test_a_price_list_with_mistakes_is_taken_in_by_its_good_lines(): void
    {
        $file = sys_get_temp_dir().'/dinghy-prices-'.getmypid().'.csv';
        file_put_contents($file, "name;unit;price\n6 AWG red;;9,35\nTie;;cheap\nNew clip;pcs;0,40\n");
        $this->signIn('owner');
        $this->driver()->findElement(WebDriverBy::linkText('Stock'))->click();
        $this->see('[data-item="6 AWG red"]');
        $this->driver()->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $this->click('//button[contains(., "Look what would change")]');
        $this->until(fn (): bool => str_contains($this->page(), 'Would be: 1 new, 1 changed, 0 the same, 1 refused.'), 'what would change');
        self::assertStringContainsString('line 3, Tie: "cheap" in column price is not understood: a number such as 4.20 or 4,20', $this->page());
        $this->click('//button[contains(., "Keep the good lines")]');
        $this->until(fn (): bool => str_contains($this->textOf('[data-item="6 AWG red"]'), '9.35') && str_contains($this->textOf('[data-item="New clip"]'), '0.4'), 'kept and listed');
        unlink($file);
        self::assertStringContainsString('0.05', $this->textOf('[data-item=Tie]'));

        // Counted anew by hand, with a mistake first.
        $this->clickOn('[aria-label="change Tie"]');
        $this->typeLabelled('Free on the shelf', '-4');
        $this->click('//section[@role="dialog"]//button[.="Keep"]');
        $this->until(fn (): bool => str_contains($this->page(), 'Count: type a whole number from 0 to 100000.'), 'said what is wrong');
        $this->typeLabelled('Free on the shelf', '250');
        $this->click('//section[@role="dialog"]//button[.="Keep"]');
        $this->until(fn (): bool => str_contains($this->textOf('[data-item=Tie]'), '250'), 'counted');
    }

    /** @return list<string> what stands in the cells of a line of the list: what, how much, taken, on the shelf, to order, price, for */
    private function cells(string $line): array
    {
        /** @var list<string> $cells */
        $cells = $this->driver()->executeScript('return [...(document.querySelector(`[data-line="${arguments[0]}"]`)?.children ?? [])].map((one) => one.innerText.trim())', [$line]);

        return array_pad($cells, 7, '');
    }

    private function typeLabelled(string $label, string $text): void
    {
        $field = $this->at("//input[@id=//label[contains(., \"{$label}\")]/@for]");
        $field->clear();
        $field->sendKeys($text);
    }
}
