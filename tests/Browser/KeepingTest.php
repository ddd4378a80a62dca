<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** What is kept and what is not: the page says so, and loses nothing. */
final class KeepingTest extends BrowserTestCase
{
    private const GAUGE = 'input[data-figure="run:bow-motor:gauge"]';

    public function test_a_server_that_is_gone(): void
    {
        $this->openSkiff();
        $this->stopServer();
        $this->typeGauge('2 AWG');
        $this->seeNotKept('the server does not answer');
        $this->server()->run();
        $this->sendAgain();
    }

    public function test_a_database_that_is_gone(): void
    {
        $this->openSkiff();
        $this->stopServer();
        $this->server()->run(['DB_PORT' => '1']);
        try {
            $this->typeGauge('2 AWG');
            $this->seeNotKept('the database does not answer');
        } finally {
            // What comes after has its database, whatever happened here.
            $this->stopServer();
            $this->server()->run();
        }
        $this->sendAgain();
    }

    public function test_a_refused_value_stays_in_its_field_with_the_reason(): void
    {
        $this->openSkiff();
        $this->typeGauge('7 AWG');
        $this->seeNotKept('a gauge that is made, such as 6 AWG');
        $this->see(self::GAUGE)->sendKeys(WebDriverKeys::ESCAPE);
        $this->until(fn (): bool => $this->figure('run:bow-motor:gauge') === '8 AWG', 'the value that stands');
    }

    public function test_a_second_tab_that_saves_over_a_newer_plan_is_told_and_loses_nothing(): void
    {
        $this->openSkiff();
        $first = $this->driver()->getWindowHandle();
        $address = $this->driver()->getCurrentURL();
        $this->driver()->switchTo()->newWindow();
        $second = $this->driver()->getWindowHandle();
        $this->driver()->get($address);
        $this->see('[data-run="bow-motor"]');
        // The second tab is kept from seeing the first one's change, as a slow line would.
        $this->driver()->executeScript('const real = window.fetch; window.fetch = (u, o) => (o && o.method && o.method !== "GET" ? real(u, o) : new Promise(() => {}));');
        $this->driver()->switchTo()->window($first);
        $this->press(']');
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), 'No stops'), 'the first change');

        $this->driver()->switchTo()->window($second);
        $this->typeGauge('2 AWG');
        $this->until(fn (): bool => str_contains($this->textOf('[role=alert]'), 'yours 2 AWG, theirs 6 AWG'), 'both values');
        self::assertSame('2 AWG', $this->figure('run:bow-motor:gauge'));
        $this->driver()->executeScript('location.reload()');
        $this->driver()->close();
        $this->driver()->switchTo()->window($first);
        $this->press('2');
        self::assertSame('6 AWG', $this->figure('run:bow-motor:gauge'));
    }

    public function test_an_apprentice_reads_and_records_but_changes_nothing(): void
    {
        $this->signIn('apprentice');
        $this->clickOn('main li h2 a');
        $this->see('[data-run="bow-motor"]');
        $this->press(']', '2');
        usleep(300_000);
        self::assertSame('8 AWG', $this->figure('run:bow-motor:gauge'));
        self::assertSame([], $this->driver()->findElements(WebDriverBy::cssSelector(self::GAUGE)));
        $this->press('4');
        $this->see('input[aria-label="Measured volts, thrust: Battery 2 + to common negative"]')->sendKeys('12.7'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->textOf('section[aria-label="Expected readings"]'), 'not right'), 'the reading judged');
    }

    private function typeGauge(string $gauge): void
    {
        $this->press('2');
        $this->clickOn(self::GAUGE);
        $this->press(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL, $gauge, WebDriverKeys::ENTER);
    }

    private function seeNotKept(string $reason): void
    {
        $typed = $this->driver()->findElement(WebDriverBy::cssSelector(self::GAUGE))->getAttribute('value');
        $this->until(fn (): bool => str_contains($this->textOf('[role=alert]'), $reason), $reason);
        self::assertStringContainsString('Not kept', $this->textOf('[role=alert]'));
        self::assertSame('not kept', $this->figure('kept'));
        self::assertSame($typed, $this->figure('run:bow-motor:gauge'));
    }

    private function sendAgain(): void
    {
        $this->click('//button[contains(., "Send it again")]');
        $this->until(fn (): bool => str_contains($this->figure('kept'), 'v2'), 'kept after sending again');
        self::assertSame('2 AWG', $this->figure('run:bow-motor:gauge'));
        self::assertSame([], $this->driver()->findElements(WebDriverBy::xpath('//button[contains(., "Send it again")]')));
    }

    /** What is under way is let finish first: a process that is killed while it writes a session leaves nobody signed in. */
    private function stopServer(): void
    {
        $this->driver()->manage()->timeouts()->setScriptTimeout(15);
        $this->driver()->executeAsyncScript('const done = arguments[arguments.length - 1]; let seen = -1; const look = () => { const now = performance.getEntriesByType("resource").length; if (now === seen) { done(); } else { seen = now; setTimeout(look, 500); } }; look();');
        $this->server()->stop();
    }
}
