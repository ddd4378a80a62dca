<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A house rule is changed, the boats that change are seen, and only then it is kept. */
final class HouseRulesTest extends BrowserTestCase
{
    public function test_a_rule_and_the_boats_that_it_changes(): void
    {
        $this->signIn('owner');
        $this->driver()->findElement(WebDriverBy::linkText('House rules'))->click();
        $this->typeInto('Drop allowed to electronics', '2 %');
        $this->until(fn (): bool => preg_match('/^\d boats would change\.$/', $this->figure('boats-that-change')) === 1, 'the boats that would change');
        $would = (string) $this->driver()->executeScript('return document.querySelector("[aria-label=\"Boats that would change\"]").textContent');
        self::assertStringContainsString('Tiller skiff 5.6 m: 2 changes', $would);
        self::assertStringContainsString('the limit is 2 %', $would);
        self::assertStringNotContainsString('Rowing', $would);
        $this->click('//button[contains(., "Keep these rules")]');
        $this->until(fn (): bool => str_contains($this->page(), 'Change a rule to see'), 'kept');
        self::assertSame('2 %', $this->valueOf('Drop allowed to electronics'));

        $this->openSkiff();
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label=Findings]'), 'the limit is 2 %'), 'the skiff judged by it');
    }

    public function test_a_rule_that_is_none_is_refused_in_words(): void
    {
        $this->signIn('owner');
        $this->visit('/house-rules');
        $this->typeInto('Days between trips', '9000');
        $this->until(fn (): bool => str_contains($this->page(), 'days between trips: expected a number from 0 to 365 days'), 'the refusal names the rule');
        self::assertFalse($this->at('//button[contains(., "Keep these rules")]')->isEnabled());
        $this->typeInto('Days between trips', '');
        $this->press(WebDriverKeys::TAB);
        $this->until(fn (): bool => $this->valueOf('Days between trips') === '30 days', 'emptied, it takes the default');
    }
}
