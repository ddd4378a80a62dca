<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** The hand's work on the stage Power: remedies, typing in either unit, finding, choosing, redoing. */
final class WorkbenchTest extends BrowserTestCase
{
    public function test_a_remedy_is_applied_by_its_button_and_undone_and_redone_by_keys(): void
    {
        $this->openSkiff();
        $this->driver()->findElement(WebDriverBy::xpath('//button[contains(., "Run 6 AWG")]'))->click();
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), 'No stops, 2 to decide.'), 'the remedy at work');
        $this->press(WebDriverKeys::CONTROL.'z'.WebDriverKeys::NULL);
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '1 stop'), 'undone');
        $this->press('y');
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), 'No stops'), 'redone');
    }

    public function test_a_jumper_on_the_wrong_post_is_read_found_and_mended(): void
    {
        $this->openSkiff();
        $this->press('p');
        $this->until(fn (): bool => $this->figure('meter') === '38.10 V', 'the bank before');
        $this->land('Jumper 1, second end', 'b2+');
        $this->land('Jumper 2, first end', 'b2-');
        $this->until(fn (): bool => $this->figure('meter') === '12.70 V', 'Battery 2 turned against the others');
        $this->driver()->findElement(WebDriverBy::id('tab-findings'))->click();
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label=Findings]'), 'Battery 3 + reads 12.7 V from the common negative, not 38.1 V'), 'the finding');
        $this->driver()->findElement(WebDriverBy::xpath('//button[contains(., "land them as the strings say")]'))->click();
        $this->driver()->findElement(WebDriverBy::id('tab-bench'))->click();
        $this->until(fn (): bool => $this->figure('meter') === '38.10 V', 'mended');
    }

    public function test_the_schools_of_supply_side_by_side(): void
    {
        $this->signIn();
        $this->driver()->findElement(WebDriverBy::xpath('//main//a[contains(., "Console boat")]'))->click();
        $this->see('[data-run="screens"]');
        $this->press('6');
        $this->until(fn (): bool => str_ends_with($this->figure('supply:own:lowest screen while the engine cranks'), ' V'), 'the schools');
        $own = (float) $this->figure('supply:own:lowest screen while the engine cranks');
        self::assertLessThan($own, (float) $this->figure('supply:starting:lowest screen while the engine cranks'));
        $this->driver()->findElement(WebDriverBy::cssSelector('button[aria-label="Take it: starting battery"]'))->click();
        $this->until(fn (): bool => str_contains((string) $this->driver()->executeScript('return document.body.innerText'), 'starting battery (now)'), 'the starting battery taken');
        $this->press(WebDriverKeys::CONTROL.'z'.WebDriverKeys::NULL);
        $this->until(fn (): bool => str_contains((string) $this->driver()->executeScript('return document.body.innerText'), 'a battery of their own (now)'), 'taken back');
    }

    public function test_a_parallel_bank_is_moved_from_one_end_to_the_diagonal(): void
    {
        $this->signIn();
        $this->driver()->findElement(WebDriverBy::xpath('//main//a[contains(., "Catamaran")]'))->click();
        $this->see('[data-run="survey"]');
        $this->press('j', 'p');
        $this->land('Minus of feed survey', 'neg');
        $this->driver()->findElement(WebDriverBy::id('tab-findings'))->click();
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), 'No stops, nothing to decide.'), 'short thick jumpers share well enough from one end');
        $this->driver()->findElement(WebDriverBy::id('tab-bench'))->click();
        $this->until(fn (): bool => $this->figure('meter') === '13.30 V', 'two blocks in parallel');
        $this->land('Minus of feed survey', 'neg@2');
        $this->until(fn (): bool => $this->valueOfSelect('Minus of feed survey') === 'neg@2', 'diagonal again');
    }

    public function test_a_branch_is_hung_on_another_block_and_taken_back(): void
    {
        $this->signIn();
        $this->driver()->findElement(WebDriverBy::xpath('//main//a[contains(., "Pontoon")]'))->click();
        $this->see('[data-run="br-hub"]');
        $this->driver()->findElement(WebDriverBy::id('tab-runs'))->click();
        (new WebDriverSelect($this->see('select[aria-label="Block of Bow box block to Network hub, 5 ports"]')))->selectByValue('helm-block');
        $this->see('select[aria-label="Block of Helm block to Network hub, 5 ports"]');
        self::assertSame('helm-block', $this->valueOfSelect('Block of Helm block to Network hub, 5 ports'));
        $this->driver()->findElement(WebDriverBy::xpath('//button[.//*[text()="Undo"]]'))->click();
        $this->see('select[aria-label="Block of Bow box block to Network hub, 5 ports"]');
    }

    private function land(string $which, string $post): void
    {
        (new WebDriverSelect($this->see("select[aria-label=\"{$which}\"]")))->selectByValue($post);
        $this->until(fn (): bool => $this->valueOfSelect($which) === $post, "{$which} on {$post}");
    }

    private function valueOfSelect(string $which): string
    {
        return (string) $this->driver()->executeScript('return document.querySelector(arguments[0]).value', ["select[aria-label=\"{$which}\"]"]);
    }

    public function test_what_burns_first_along_a_run(): void
    {
        $this->openSkiff();
        $this->press('5');
        $this->until(fn (): bool => str_contains($this->figure('short:says'), 'magnetic breaker'), 'the short at the far end');
        $far = $this->figure('short:says');
        $this->driver()->findElement(WebDriverBy::cssSelector('input[type=range]'))->sendKeys(WebDriverKeys::HOME);
        $this->until(fn (): bool => $this->figure('short:says') !== $far, 'the short at the source');
    }

    public function test_a_finding_is_let_stand_with_a_reason_and_opened_again(): void
    {
        $this->openSkiff();
        $first = '(//button[contains(., "Let it stand")])[1]';
        $this->driver()->findElement(WebDriverBy::xpath($first))->click();
        $this->until(fn (): bool => $this->driver()->executeScript('return document.activeElement.getAttribute("aria-label")') === 'Why it may stay so', 'the reason asked for');
        $this->press('Owner replaces the motor in spring', WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '1 stop, 2 to decide.'), 'one decided');
        $this->driver()->findElement(WebDriverBy::xpath('//button[contains(., "Open again")]'))->click();
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '1 stop, 3 to decide.'), 'open again');
    }

    public function test_either_unit_system_is_typed_and_shown(): void
    {
        $this->openSkiff();
        $this->press('2');
        $this->typeInto('Length of Stern box to Bow motor 36 V', '6 m');
        $this->until(fn (): bool => $this->valueOf('Length of Stern box to Bow motor 36 V') === '19 ft 8 in', 'metres read, feet shown');
        $this->driver()->findElement(WebDriverBy::xpath('//button[contains(., "ft / AWG")]'))->click();
        $this->until(fn (): bool => $this->valueOf('Length of Stern box to Bow motor 36 V') === '6 m', 'metres shown');
        $this->typeInto('Gauge of Stern box to Bow motor 36 V', '25');
        $this->until(fn (): bool => $this->figure('run:bow-motor:gauge') === '25 mm²', 'a bare number read as mm²');
        $this->typeInto('Fuse of Stern box to Bow locker block', '');
        $this->until(fn (): bool => $this->figure('run:house:protection_a') === '15 A', 'an emptied fuse chosen');
        self::assertStringContainsString('m of run', $this->profileText());
    }

    public function test_a_run_is_found_by_name_and_explained(): void
    {
        $this->openSkiff();
        $this->press('/');
        $this->see('section[role=dialog] input');
        $this->until(fn (): bool => $this->driver()->executeScript('return document.activeElement.tagName') === 'INPUT', 'focus in the dialog');
        $this->press('live-sonar', WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->see('[data-run="br-live-sonar"]')->getAttribute('aria-pressed') === 'true', 'the run found');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')) === [], 'the dialog gone');
        $this->press('w');
        $this->until(fn (): bool => str_contains($this->textOf('aside'), 'Bow locker block to Live-sonar module'), 'its reason');
        $this->see('aside select')->sendKeys('Reading plug of Bow motor');
        $this->until(fn (): bool => str_contains($this->textOf('aside'), '38.1 V'), 'another figure chosen');
    }

    public function test_runs_are_walked_and_chosen_on_the_drawing(): void
    {
        $this->openSkiff();
        $this->press('j');
        $this->until(fn (): bool => $this->see('[data-run="house"]')->getAttribute('aria-pressed') === 'true', 'the next run');
        $this->press('k', 'k');
        $this->until(fn (): bool => $this->see('[data-run="br-hub"]')->getAttribute('aria-pressed') === 'true', 'the last run, walking back past the first');
        $this->driver()->executeScript('document.querySelector("[data-run=house]").focus()');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->see('[data-run="house"]')->getAttribute('aria-pressed') === 'true', 'chosen by Enter');
    }

    public function test_single_keys_can_be_switched_off(): void
    {
        $this->openSkiff();
        $this->press('?');
        $this->see('section[role=dialog] input[type=checkbox]');
        $this->driver()->executeScript('document.querySelector("section[role=dialog] input[type=checkbox]").click()');
        $this->press(WebDriverKeys::ESCAPE);
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')) === [], 'the dialog gone');
        $this->press(']', '2');
        usleep(300_000);
        self::assertSame([], $this->driver()->findElements(WebDriverBy::cssSelector('[data-figure="run:bow-motor:gauge"]')));
        $this->driver()->executeScript('localStorage.clear()');
    }

    public function test_others_changes_appear_by_themselves(): void
    {
        $this->openSkiff();
        $this->driver()->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const token = decodeURIComponent(document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN=')).slice(11));
            fetch(`/api/jobs/${location.pathname.split('/')[2]}/plan/edits`, {
                method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
                body: JSON.stringify({ base: 1, patch: [{ on: 'feed:bow-motor', set: { 'run.gauge': '4 AWG' } }] }),
            }).then(() => done());
            JS);
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), 'No stops'), "another's change");
    }

    public function test_a_refused_file_says_where_and_replaces_nothing(): void
    {
        $this->openSkiff();
        $file = sys_get_temp_dir().'/dinghy-refused-'.bin2hex(random_bytes(4)).'.json';
        file_put_contents($file, '{"format":"dinghy-plan","version":1,"feeds":[{"id":"f","class":"wrong"}]}');
        $this->driver()->findElement(WebDriverBy::cssSelector('header input[type=file]'))->sendKeys($file);
        $this->until(fn (): bool => str_contains($this->textOf('[role=alert]'), '/feeds/0/class: expected one of thrust, electronics, general'), 'the refusal');
        unlink($file);
        self::assertStringContainsString('v1', $this->figure('kept'));
    }

    private function profileText(): string
    {
        $this->driver()->findElement(WebDriverBy::id('tab-profile'))->click();

        return $this->textOf('figure');
    }
}
