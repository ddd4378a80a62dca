<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DatabaseSeeder;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The main job from sign-in to sheet and back in through the door, by keyboard alone (but for the file picker). */
final class JourneyTest extends BrowserTestCase
{
    public function test_sign_in_thicken_why_undo_sheet_export_and_import(): void
    {
        $this->visit('/');
        $this->see('input[type=email]');
        $this->press('rigger@fernhollow.example', WebDriverKeys::TAB, DatabaseSeeder::PASSWORD, WebDriverKeys::ENTER);
        $this->see('main li h2 a');
        $this->tabTo('Tiller skiff');
        $this->press(WebDriverKeys::ENTER);
        $this->see('[data-run="bow-motor"]');
        $asFound = $this->figures();
        $sizes = $this->driver()->executeScript('return performance.getEntriesByType("resource").filter((one) => /\\/build\\/.*\\.(js|css)$|api\\/jobs\\/\\d+\\?/.test(one.name) && one.decodedBodySize > 2000).map((one) => one.encodedBodySize / one.decodedBodySize)');
        self::assertGreaterThan(8, count($sizes));
        self::assertLessThan(0.6, max($sizes), 'scripts, styles and the boat come compressed');
        self::assertStringStartsWith('3 stops, 3 to decide.', $asFound['verdict']);

        $this->press('r', ']');
        $this->until(fn (): bool => str_starts_with($this->figure('verdict'), '2 stops, 2 to decide.'), 'the verdict after a thicker wire');
        $thicker = $this->figures();
        foreach ($asFound as $figure => $value) {
            self::assertNotSame($value, $thicker[$figure], $figure);
        }
        self::assertSame('6 AWG', $thicker['run:bow-motor:gauge']);
        self::assertSame('60 A', $thicker['run:bow-motor:protection_a']);

        $this->press('w');
        $this->until(fn (): bool => str_contains($this->textOf('section[aria-label=Why]'), 'E = 10.75 · I · L / CM'), 'why');
        self::assertStringContainsString('ABYC E-11', $this->textOf('section[aria-label=Why]'));
        $this->press('w', 'z');
        $this->until(fn (): bool => $this->figures() === $asFound, 'everything as it was after undo');

        $this->choose('Work sheet');
        self::assertStringStartsWith('%PDF', (string) file_get_contents($this->download('.pdf')));
        $this->choose('Export');
        $export = $this->download('.json');
        $before = $this->evaluation();

        $this->tabTo('to the shed');
        $this->press(WebDriverKeys::ENTER);
        $this->see('main li h2 a');
        $this->tabTo('Take a boat in');
        $this->press(WebDriverKeys::ENTER);
        $this->see('section[role=dialog] input');
        $this->until(fn (): bool => $this->driver()->executeScript('return document.activeElement.tagName') === 'INPUT', 'focus in the dialog');
        $this->press('Nobody Yet', WebDriverKeys::TAB, 'A copy', WebDriverKeys::TAB);
        $this->driver()->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($export);
        $this->tabTo('Take in');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->driver()->getCurrentURL(), '/power'), 'the new work order');
        $this->see('[data-run="bow-motor"]');
        self::assertStringContainsString('Nobody Yet', $this->textOf('header'));
        self::assertSame($before, $this->evaluation());
    }

    /** @return array<string, string> */
    private function figures(): array
    {
        $this->see('#lower-tab-runs');
        if ($this->driver()->findElements(WebDriverBy::cssSelector('[data-figure="run:bow-motor:gauge"]')) === []) {
            $this->press('r');
        }
        $names = ['verdict', 'run:bow-motor:gauge', 'run:bow-motor:drop_pct', 'run:bow-motor:protection_a', 'device:motor:volts_loaded'];

        return array_combine($names, array_map($this->figure(...), $names));
    }

    private function choose(string $item): void
    {
        $items = fn (): int => count($this->driver()->findElements(WebDriverBy::cssSelector('[role=menuitem]')));
        $this->until(fn (): bool => $items() === 0, 'no menu open');
        $this->tabTo('Sheet and file');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $items() > 0, 'the menu');
        // The focus moves into the menu when it has opened; until then the arrow keys go nowhere.
        $this->until(function () use ($item): bool {
            $this->press(WebDriverKeys::ARROW_DOWN);
            usleep(80_000); // until the focus has moved: else the next press passes over the item

            return $this->driver()->executeScript('const e = document.activeElement; return e.getAttribute("role") === "menuitem" && e.innerText.includes(arguments[0])', [$item]) === true;
        }, "\"{$item}\" in the menu");
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $items() === 0, 'the menu closed');
    }

    /** What the server says of the boat on the page. */
    private function evaluation(): string
    {
        $answer = $this->driver()->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; fetch("/api/jobs/" + location.pathname.split("/")[2]).then((r) => r.json()).then((j) => done(JSON.stringify(j.evaluation)));',
        );

        return is_string($answer) ? $answer : '';
    }
}
