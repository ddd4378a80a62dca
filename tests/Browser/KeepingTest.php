<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Job;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
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
        $this->seeNotKnown('The server does not answer');
        $this->server()->run();
        $this->askedAgain();
    }

    public function test_a_database_that_is_gone(): void
    {
        $this->openSkiff();
        $this->stopServer();
        $this->server()->run(['DB_PORT' => '1']);
        try {
            $this->typeGauge('2 AWG');
            $this->seeNotKnown('the database does not answer');
        } finally {
            // What comes after has its database, whatever happened here.
            $this->stopServer();
            $this->server()->run();
        }
        $this->askedAgain();
    }

    /** Two fields typed without a server, a stage left, the page closed: both are sent, in order, once. */
    public function test_what_was_typed_without_a_server_is_all_kept_when_it_is_back(): void
    {
        $this->openSkiff();
        $address = $this->driver()->getCurrentURL();
        $this->stopServer();
        $this->typeGauge('2 AWG');
        $this->typeInto('Length of Stern box to Bow motor 36 V', '7');
        $this->seeNotKnown('2 changes wait');
        $this->clickOn('a[href$="/layout"]');
        $this->seeNotKnown('2 changes wait');
        $this->server()->run();
        $this->driver()->get($address);
        $this->until(fn (): bool => str_contains($this->figure('kept'), 'v3'), 'both kept');
        $this->press('r');
        self::assertSame(['2 AWG', '7 ft'], [$this->valueOf('Gauge of Stern box to Bow motor 36 V'), $this->valueOf('Length of Stern box to Bow motor 36 V')]);
    }

    /** No network, and a stage that was never opened: it is there, and the page says that the server is not. */
    public function test_no_network(): void
    {
        $this->openSkiff();
        $this->until(fn (): bool => (int) $this->driver()->executeScript('return performance.getEntriesByType("resource").filter((one) => /LayoutStage|SurveyStage|HouseRules|Catalogue/.test(one.name)).length') >= 4, 'every stage fetched');
        $this->offline(true);
        try {
            $this->see('[data-silent]');
            $this->clickOn('a[href$="/layout"]');
            $this->until(fn (): bool => str_contains($this->textOf('main'), 'Stations and ways'), 'the stage, without what the server must say');
            self::assertStringContainsString('The server does not answer', $this->textOf('[data-silent]'));
        } finally {
            $this->offline(false);
        }
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[data-silent]')) === [], 'back');
    }

    /** The session ends while a field is being typed: signed in again in front of the page, and what was typed is kept. */
    public function test_a_sign_in_that_ended(): void
    {
        $this->openSkiff();
        $address = $this->driver()->getCurrentURL();
        $this->press('r');
        $this->endSignIns();
        $this->typeGauge('2 AWG');
        $this->see('section[role=dialog] input[type=password]');
        self::assertSame('2 AWG', $this->valueOf('Gauge of Stern box to Bow motor 36 V'));
        $this->see('section[role=dialog] input[type=email]')->sendKeys('rigger@fernhollow.example');
        $this->see('section[role=dialog] input[type=password]')->sendKeys(DatabaseSeeder::PASSWORD.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->figure('kept'), 'v2'), 'kept after signing in again');
        self::assertStringStartsWith($address, $this->driver()->getCurrentURL());
        self::assertSame([], $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')));
    }

    public function test_whoever_asked_for_a_boat_gets_to_it_by_signing_in(): void
    {
        $this->openSkiff();
        $address = $this->driver()->getCurrentURL();
        $this->endSignIns();
        $this->driver()->get($address);
        $this->see('input[type=email]')->sendKeys('rigger@fernhollow.example');
        $this->see('input[type=password]')->sendKeys(DatabaseSeeder::PASSWORD.WebDriverKeys::ENTER);
        $this->see('[data-run="bow-motor"]');
        self::assertSame($address, $this->driver()->getCurrentURL());
    }

    /** A file is looked at before it takes the place of the plan; one Undo takes it back; an old version is brought back from the log. */
    public function test_a_file_in_the_place_of_the_plan_and_an_old_version(): void
    {
        $this->openSkiff();
        $plan = json_decode((string) file_get_contents(base_path('database/demo/mistakes/skiff.json')), true, 32, JSON_THROW_ON_ERROR);
        $plan['feeds'][0]['run']['gauge'] = '2 AWG';
        $file = sys_get_temp_dir().'/dinghy-other-plan.json';
        file_put_contents($file, json_encode($plan, JSON_THROW_ON_ERROR));
        $this->see('input[aria-label="Plan file"]')->sendKeys($file);
        $this->until(fn (): bool => str_contains($this->textOf('section[role=dialog]'), 'feed to Bow motor 36 V: gauge 8 AWG → 2 AWG'), 'what it would change');
        self::assertStringContainsString('v1', $this->figure('kept'));
        $this->click('//section[@role="dialog"]//button[contains(., "Replace the plan")]');
        $this->until(fn (): bool => str_contains($this->figure('kept'), 'v2'), 'replaced');
        $this->click('//button[.//*[text()="Undo"]]');
        $this->until(fn (): bool => str_contains($this->figure('kept'), 'v3'), 'taken back');
        $this->press('l');
        $this->clickOn('button[aria-label="Look at version 2"]');
        $this->until(fn (): bool => str_contains($this->textOf('body'), 'Version 2 beside the plan of today'), 'beside it');
        $this->click('//button[contains(., "Bring it back")]');
        $this->until(fn (): bool => str_contains($this->figure('kept'), 'v4'), 'brought back');
        $this->press('r');
        self::assertSame('2 AWG', $this->figure('run:bow-motor:gauge'));
        unlink($file);
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
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '2 stops'), 'the first change');

        $this->driver()->switchTo()->window($second);
        $this->typeGauge('2 AWG');
        $this->until(fn (): bool => str_contains($this->textOf('[role=alert]'), 'yours 2 AWG, theirs 6 AWG'), 'both values');
        self::assertSame('2 AWG', $this->figure('run:bow-motor:gauge'));
        $this->driver()->executeScript('location.reload()');
        $this->driver()->close();
        $this->driver()->switchTo()->window($first);
        $this->press('r');
        self::assertSame('6 AWG', $this->figure('run:bow-motor:gauge'));
    }

    public function test_an_apprentice_reads_and_records_but_changes_nothing(): void
    {
        $this->signIn('apprentice');
        $this->clickOn('main li h2 a');
        $this->see('[data-run="bow-motor"]');
        $this->press(']', 'r');
        usleep(300_000);
        self::assertSame('8 AWG', $this->figure('run:bow-motor:gauge'));
        self::assertSame([], $this->driver()->findElements(WebDriverBy::cssSelector(self::GAUGE)));
        $this->press('b');
        $this->see('input[aria-label="Measured volts, thrust: Battery 2 + to common negative"]')->sendKeys('12.7'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->textOf('section[aria-label="Expected readings"]'), 'not right'), 'the reading judged');
    }

    private function typeGauge(string $gauge): void
    {
        $this->press('r');
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

    /** Neither kept nor not: the page says so, and asks. */
    private function seeNotKnown(string $says): void
    {
        $this->until(fn (): bool => str_contains($this->textOf('[data-unknown]'), $says), $says);
        self::assertStringContainsString('Not known yet', $this->textOf('[data-unknown]'));
        self::assertStringStartsWith('not known yet', $this->figure('kept'));
    }

    private function askedAgain(): void
    {
        $this->until(fn (): bool => str_contains($this->figure('kept'), 'v2'), 'kept when it was asked again');
        self::assertSame('2 AWG', $this->figure('run:bow-motor:gauge'));
        self::assertSame([], $this->driver()->findElements(WebDriverBy::cssSelector('[data-unknown]')));
        self::assertSame(2, Job::query()->where('bay', 1)->firstOrFail()->plan?->number);
    }

    /** As the owner does under People: the page learns of it by its next request. */
    private function endSignIns(): void
    {
        User::query()->where('email', 'rigger@fernhollow.example')->firstOrFail()->endSessions();
    }

    private function offline(bool $isOffline): void
    {
        $tools = new ChromeDevToolsDriver($this->driver());
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', ['offline' => $isOffline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }

    /** What is under way is let finish first: a process that is killed while it writes a session leaves nobody signed in. */
    private function stopServer(): void
    {
        $this->driver()->executeAsyncScript('const done = arguments[arguments.length - 1]; let seen = -1; const look = () => { const now = performance.getEntriesByType("resource").length; if (now === seen) { done(); } else { seen = now; setTimeout(look, 500); } }; look();');
        $this->server()->stop();
    }
}
