<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\CataloguePart;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** The hand's work on the stage Power: remedies, typing in either unit, finding, choosing, redoing. */
final class WorkbenchTest extends BrowserTestCase
{
    public function test_a_remedy_is_applied_by_its_button_and_undone_and_redone_by_keys(): void
    {
        $this->openSkiff();
        $this->click('//button[contains(., "Run 6 AWG")]');
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '2 stops, 2 to decide.'), 'the remedy at work');
        $this->press(WebDriverKeys::CONTROL.'z'.WebDriverKeys::NULL);
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '3 stops'), 'undone');
        $this->press('y');
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '2 stops'), 'redone');
    }

    public function test_a_jumper_on_the_wrong_post_is_read_found_and_mended(): void
    {
        $this->openSkiff();
        $this->press('p');
        $this->until(fn (): bool => $this->figure('meter') === '38.10 V', 'the bank before');
        $this->land('Jumper 1, second end', 'b2+');
        $this->land('Jumper 2, first end', 'b2-');
        $this->until(fn (): bool => $this->figure('meter') === '12.70 V', 'Battery 2 turned against the others');
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label=Findings]'), 'Battery 3 + reads 12.7 V from the common negative, not 38.1 V'), 'the finding');
        $this->focusButton('land them as the strings say');
        $this->until(fn (): bool => str_contains($this->figure('preview'), 'No longer: The jumpers of the thrust bank'), 'the remedy looked at, on the bench');
        $this->click('//button[contains(., "land them as the strings say")]');
        $this->clickOn('#lower-tab-bench');
        $this->until(fn (): bool => $this->figure('meter') === '38.10 V', 'mended');
    }

    public function test_the_schools_of_supply_side_by_side(): void
    {
        $this->openStage('Console boat', 'Power');
        $this->see('[data-run="screens"]');
        $this->press('u');
        $this->until(fn (): bool => str_ends_with($this->figure('supply:own:lowest screen while the engine cranks'), ' V'), 'the schools');
        $own = (float) $this->figure('supply:own:lowest screen while the engine cranks');
        self::assertLessThan($own, (float) $this->figure('supply:starting:lowest screen while the engine cranks'));
        $this->driver()->findElement(WebDriverBy::cssSelector('[role=tabpanel] input'))->sendKeys('Owner wants one battery less');
        $this->clickOn('button[aria-label="Take it: starting battery"]');
        $this->until(fn (): bool => str_contains($this->page(), 'starting battery (now)'), 'the starting battery taken');
        $this->press('l');
        $this->until(fn (): bool => str_contains($this->page(), 'Electronics from starting battery: Owner wants one battery less'), 'the reason in the log');
        $this->press(WebDriverKeys::ESCAPE);
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')) === [], 'the log gone');
        $this->press(WebDriverKeys::CONTROL.'z'.WebDriverKeys::NULL);
        $this->until(fn (): bool => str_contains($this->page(), 'a battery of their own (now)'), 'taken back');
        // The figure answers on whose word it stands.
        $this->clickOn('[data-figure="supply:own:electronics alone, full to floor"]');
        $this->until(fn (): bool => str_contains($this->textOf('section[aria-label=Why]'), 'Peukert'), 'its reason');
    }

    public function test_a_parallel_bank_is_moved_from_one_end_to_the_diagonal(): void
    {
        $this->openStage('Catamaran', 'Power');
        $this->see('[data-run="survey"]');
        $this->press('j', 'p');
        $this->land('Minus of Starboard hull to Cabin block', 'neg');
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), 'No stops, nothing to decide.'), 'short thick jumpers share well enough from one end');
        $this->clickOn('#lower-tab-bench');
        $this->until(fn (): bool => $this->figure('meter') === '13.30 V', 'two blocks in parallel');
        $this->land('Minus of Starboard hull to Cabin block', 'neg@2');
        $this->until(fn (): bool => $this->valueOfSelect('Minus of Starboard hull to Cabin block') === 'neg@2', 'diagonal again');
    }

    public function test_a_branch_is_hung_on_another_block_and_taken_back(): void
    {
        $this->openStage('Pontoon', 'Power');
        $this->see('[data-run="br-hub"]');
        $this->clickOn('#lower-tab-runs');
        (new WebDriverSelect($this->see('select[aria-label="Block of Bow box block to Network hub, 5 ports"]')))->selectByValue('helm-block');
        $this->see('select[aria-label="Block of Helm block to Network hub, 5 ports"]');
        self::assertSame('helm-block', $this->valueOfSelect('Block of Helm block to Network hub, 5 ports'));
        $this->click('//button[.//*[text()="Undo"]]');
        $this->see('select[aria-label="Block of Bow box block to Network hub, 5 ports"]');
    }

    public function test_a_branch_is_dragged_onto_another_block(): void
    {
        $this->openStage('Pontoon', 'Power');
        $this->see('[data-hook="br-hub"]');
        $this->drag('[data-hook="br-hub"]', ...$this->wayBetween('[data-hook="br-hub"]', '[data-block="helm-block"]'));
        $this->until(fn (): bool => str_starts_with((string) $this->see('[data-run="br-hub"]')->getAttribute('aria-label'), 'Helm block to Network hub'), 'on the other block');
    }

    public function test_a_feed_is_split(): void
    {
        $this->openSkiff();
        $this->clickOn('[data-run="house"]');
        $this->click('//button[contains(., "Split this feed")]');
        $this->see('section[role=dialog] input[type=checkbox]');
        $this->click('//section[@role="dialog"]//label[contains(., "Live-sonar module")]');
        $this->click('//button[contains(., "Split it")]');
        $this->see('[data-run="feed-bow-block-2"]');
        self::assertStringContainsString('to Live-sonar module', (string) $this->see('[data-run="br-live-sonar"]')->getAttribute('aria-label'));
    }

    public function test_a_remedy_is_seen_on_the_drawing_before_one_key_makes_it_so(): void
    {
        $this->openSkiff();
        $this->focusButton('Run 6 AWG');
        $this->until(fn (): bool => str_starts_with($this->figure('preview'), 'With this remedy: 2 stops, 2 to decide.'), 'what it would come to');
        self::assertStringContainsString('8 AWG → 6 AWG', $this->figure('preview'));
        self::assertStringContainsString('6 AWG', (string) $this->see('[data-run="bow-motor"]')->getAttribute('aria-label'));
        self::assertStringStartsWith('3 stops', $this->figure('verdict'));
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '2 stops, 2 to decide.'), 'made so');
        $this->press('z');
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '3 stops'), 'taken back');
    }

    public function test_a_full_block_is_made_larger_for_a_new_device(): void
    {
        $this->openSkiff();
        foreach (['5 in display' => 'a circuit of the bow block, 2 free', '7 in display' => 'a circuit of the bow block, 1 free', '9 in display, type b' => 'the bow block is full with 6: a block of 12 in its place'] as $screen => $words) {
            $this->press('a');
            $this->see('section[role=dialog] li button');
            $this->press($screen, WebDriverKeys::ENTER);
            $this->until(fn (): bool => $this->driver()->executeScript('return [...document.querySelectorAll("section[role=dialog] select")].some((select) => select.selectedOptions[0]?.text === arguments[0])', [$words]) === true, $words);
            $this->click('//section[@role="dialog"]//button[contains(., "Add it")]');
            $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')) === [], 'the dialog gone');
        }
        $this->see('[data-run="to-9-in-display-type-b-wide-supp"]');
    }

    public function test_figures_that_the_catalogue_has_newer_are_taken_over_on_request(): void
    {
        $this->openSkiff();
        $this->press('a');
        $this->see('section[role=dialog] li button');
        $this->press('position', WebDriverKeys::ENTER);
        $this->see('section[role=dialog] form');
        $this->click('//section[@role="dialog"]//button[contains(., "Add it")]');
        $this->see('[data-run="to-position-antenna"]');
        $part = CataloguePart::query()->where('name', 'Position antenna')->firstOrFail();
        $part->update(['figures' => [...$part->figures, 'typical_a' => 0.3, 'peak_a' => 0.4]]);
        $this->driver()->navigate()->refresh();
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label=Findings]'), 'draws, usually 0.12 A → 0.3 A'), 'the newer figures');
        $this->clickOn('button[aria-label="Take the newer figures of Position antenna"]');
        $this->until(fn (): bool => ! str_contains($this->textOf('[aria-label=Findings]'), 'newer figures'), 'taken');
        $this->press('r');
        $this->until(fn (): bool => $this->figure('run:to-position-antenna:current_a') === '0.3 A', 'judged by them');
    }

    private function land(string $which, string $post): void
    {
        (new WebDriverSelect($this->see("select[aria-label=\"{$which}\"]")))->selectByValue($post);
        $this->until(fn (): bool => $this->valueOfSelect($which) === $post, "{$which} on {$post}");
    }

    public function test_what_burns_first_along_a_run(): void
    {
        $this->openSkiff();
        $this->press('s');
        $this->until(fn (): bool => str_contains($this->figure('short:says'), 'magnetic breaker'), 'the short at the far end');
        $far = $this->figure('short:says');
        $this->driver()->findElement(WebDriverBy::cssSelector('input[type=range]'))->sendKeys(WebDriverKeys::HOME);
        $this->until(fn (): bool => $this->figure('short:says') !== $far, 'the short at the source');
    }

    public function test_a_finding_is_let_stand_with_a_reason_and_opened_again(): void
    {
        $this->openSkiff();
        $first = '(//button[contains(., "Let it stand")])[1]';
        $this->click($first);
        $this->until(fn (): bool => $this->driver()->executeScript('return document.activeElement.getAttribute("aria-label")') === 'Why it may stay so', 'the reason asked for');
        $this->press('Owner replaces the motor in spring', WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '3 stops, 2 to decide.'), 'one decided');
        $this->click('//button[contains(., "Open again")]');
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '3 stops, 3 to decide.'), 'open again');
    }

    public function test_either_unit_system_is_typed_and_shown(): void
    {
        $this->openSkiff();
        $this->press('r');
        $this->typeInto('Length of Stern box to Bow motor 36 V', '6 m');
        $this->until(fn (): bool => $this->valueOf('Length of Stern box to Bow motor 36 V') === '19 ft 8 in', 'metres read, feet shown');
        $this->click('//label[contains(., "m · mm²")]');
        $this->until(fn (): bool => $this->valueOf('Length of Stern box to Bow motor 36 V') === '6 m', 'metres shown');
        $this->typeInto('Gauge of Stern box to Bow motor 36 V', '25');
        $this->until(fn (): bool => $this->figure('run:bow-motor:gauge') === '25 mm²', 'a bare number read as mm²');
        $this->typeInto('Fuse of Stern box to Bow locker block', '');
        $this->until(fn (): bool => $this->figure('run:house:protection_a') === '15 A', 'an emptied fuse chosen');
        self::assertStringContainsString('m of run', $this->profileText());
    }

    /** The address holds boat, stage, pane and part: what the browser does with addresses comes back to them. */
    public function test_back_forward_and_reload_come_back_to_what_was_seen(): void
    {
        $this->openSkiff();
        $this->press('r');
        $this->until(fn (): bool => str_contains($this->driver()->getTitle(), 'Power · Runs'), 'the runs');
        $this->click('//th//button[contains(., "Network hub")]');
        $this->press('2');
        $this->until(fn (): bool => str_contains($this->driver()->getTitle(), 'Layout'), 'the layout');
        $this->driver()->navigate()->back();
        $this->until(fn (): bool => str_contains($this->driver()->getTitle(), 'Power · Runs · Bow locker block to Network hub'), 'back: the run in hand');
        $this->driver()->navigate()->refresh();
        $this->see('tr[aria-selected=true]');
        self::assertStringContainsString('Network hub', $this->textOf('tr[aria-selected=true]'));
        $this->driver()->navigate()->forward();
        $this->until(fn (): bool => str_contains($this->driver()->getTitle(), 'Layout'), 'forward again');
    }

    public function test_a_drawing_grows_about_the_hand_and_fits_again(): void
    {
        $this->openSkiff();
        $room = 'document.querySelector(`[aria-label="Drawing of the power tree"]`)';
        $beyond = fn (): int => (int) $this->driver()->executeScript("return {$room}.scrollWidth - {$room}.clientWidth");
        self::assertLessThanOrEqual(1, $beyond());
        $this->press('+', '+');
        $this->until(fn (): bool => $this->figure('zoom') === '× 2.0', 'twice as large');
        self::assertGreaterThan(400, $beyond());
        $this->press('e');
        $this->until(fn (): bool => $this->figure('zoom') === 'fits', 'all of it');
        // The wheel with Ctrl, over the right edge: what was there stays there.
        $edge = $this->driver()->executeScript("const box = {$room}.getBoundingClientRect(); return [box.right - 4, box.top + box.height / 2]");
        (new ChromeDevToolsDriver($this->driver()))->execute('Input.dispatchMouseEvent', ['type' => 'mouseWheel', 'x' => $edge[0], 'y' => $edge[1], 'deltaX' => 0, 'deltaY' => -120, 'modifiers' => 2]);
        $this->until(fn (): bool => str_starts_with($this->figure('zoom'), '×'), 'grown by the wheel');
        self::assertEqualsWithDelta($beyond(), $this->driver()->executeScript("return {$room}.scrollLeft"), 20);
    }

    public function test_a_run_is_found_by_name_and_explained(): void
    {
        $this->openSkiff();
        $this->press('/');
        $this->see('section[role=dialog] input');
        $this->until(fn (): bool => $this->driver()->executeScript('return document.activeElement.tagName') === 'INPUT', 'focus in the dialog');
        $this->press('branch sonar');
        $this->until(fn (): bool => str_contains($this->textOf('section[role=dialog]'), 'Bow locker block to Live-sonar module'), 'found');
        $this->press(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->see('[data-run="br-live-sonar"]')->getAttribute('aria-pressed') === 'true', 'the run found');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')) === [], 'the dialog gone');
        $this->press('w');
        $this->until(fn (): bool => str_contains($this->textOf('section[aria-label=Why]'), 'Bow locker block to Live-sonar module'), 'its reason');
        $this->see('section[aria-label=Why] select')->sendKeys('Reading plug of Bow motor');
        $this->until(fn (): bool => str_contains($this->textOf('section[aria-label=Why]'), '38.1 V'), 'another figure chosen');
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
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '2 stops'), "another's change");
    }

    public function test_a_refused_file_says_where_and_replaces_nothing(): void
    {
        $this->openSkiff();
        $file = sys_get_temp_dir().'/dinghy-refused-'.bin2hex(random_bytes(4)).'.json';
        file_put_contents($file, '{"format":"dinghy-plan","version":1,"feeds":[{"id":"f","class":"wrong"}]}');
        $this->see('input[aria-label="Plan file"]')->sendKeys($file);
        $this->until(fn (): bool => str_contains($this->textOf('[role=alert]'), 'Feed to F, class of load: expected one of thrust, electronics, general'), 'the refusal');
        unlink($file);
        self::assertStringContainsString('v1', $this->figure('kept'));
    }

    private function profileText(): string
    {
        $this->clickOn('#lower-tab-profile');

        return $this->textOf('figure');
    }
}
