<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DatabaseSeeder;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Illuminate\Foundation\Testing\TestCase;

abstract class BrowserTestCase extends TestCase
{
    /** in the order of work */
    protected const STAGES = ['Survey', 'Layout', 'Power', 'Sonar', 'Day', 'Kit', 'Rig', 'Meter'];

    /** Seconds. A machine that is lent to others meanwhile stands still for some of them; nobody waits where all is well. */
    private const PATIENCE = 40;

    private static ?WebServer $server = null;

    private static ?Chromium $chromium = null;

    public static function setUpBeforeClass(): void
    {
        self::$server = WebServer::start();
        self::$chromium = Chromium::open();
    }

    public static function tearDownAfterClass(): void
    {
        self::$chromium?->close();
        self::$server?->stop();
        self::$chromium = null;
        self::$server = null;
    }

    protected function setUp(): void
    {
        parent::setUp();
        DemoDatabase::putBack();
        // Tries to sign in are counted across tests otherwise.
        exec('rm -rf '.escapeshellarg(WebServer::cacheFolder()));
        $this->driver()->manage()->deleteAllCookies();
        // What a page before kept for its person is not this one's: first the page goes, which could write again.
        $this->driver()->get('about:blank');
        $this->tellBrowser('Storage.clearDataForOrigin', ['origin' => $this->server()->address(), 'storageTypes' => 'local_storage']);
    }

    protected function driver(): RemoteWebDriver
    {
        return self::$chromium->driver ?? throw new \LogicException('The browser is open between setUpBeforeClass and tearDownAfterClass.');
    }

    protected function server(): WebServer
    {
        return self::$server ?? throw new \LogicException('The server runs between setUpBeforeClass and tearDownAfterClass.');
    }

    /**
     * What only the browser's own tools do.
     *
     * @param  array<string, mixed>  $params
     * @return array<string, mixed>
     */
    protected function tellBrowser(string $command, array $params = []): array
    {
        return (new ChromeDevToolsDriver($this->driver()))->execute($command, $params);
    }

    protected function resize(int $width, int $height): void
    {
        $this->tellBrowser('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);
    }

    protected function visit(string $path): void
    {
        $this->driver()->get($this->server()->address().$path);
    }

    protected function see(string $css): RemoteWebElement
    {
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector($css)) !== [], $css);

        return $this->driver()->findElement(WebDriverBy::cssSelector($css));
    }

    /** The first thing at an XPath, once it is there: what a page fetches comes a moment later. */
    protected function at(string $xpath): RemoteWebElement
    {
        $by = WebDriverBy::xpath(self::anySpace($xpath));
        $this->until(fn (): bool => $this->driver()->findElements($by) !== [], $xpath);

        return $this->driver()->findElement($by);
    }

    /** Clicks the first thing at an XPath; one that the page draws anew in that moment is found again. */
    protected function click(string $xpath): void
    {
        $this->clickBy(WebDriverBy::xpath(self::anySpace($xpath)), $xpath);
    }

    /** Where a figure must not part from its unit, the page has a space that no line ends at. */
    protected static function anySpace(string $xpath): string
    {
        return str_replace('contains(.,', "contains(translate(., '\u{a0}', ' '),", $xpath);
    }

    protected function clickOn(string $css): void
    {
        $this->clickBy(WebDriverBy::cssSelector($css), $css);
    }

    private function clickBy(WebDriverBy $by, string $what): void
    {
        $this->until(function () use ($by): bool {
            $found = $this->driver()->findElements($by)[0] ?? null;
            try {
                $found?->click();

                return $found !== null;
            } catch (StaleElementReferenceException) {
                return false;
            } catch (ElementNotInteractableException|ElementClickInterceptedException) {
                // Below the edge of its pane, or behind the bar at the thumb, it is brought up first, as a person would.
                $this->driver()->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$found]);

                return false;
            }
        }, "{$what}, clicked");
    }

    /** Gives the focus to the button that says so, once it is there: a remedy is drawn when it was tried. */
    protected function focusButton(string $words): void
    {
        $this->until(fn (): bool => $this->driver()->executeScript('const found = [...document.querySelectorAll("button")].find((button) => button.textContent.replaceAll("\\u00a0", " ").includes(arguments[0])); found?.focus(); return found !== undefined && found === document.activeElement', [$words]) === true, "the button \"{$words}\"");
    }

    protected function textOf(string $css): string
    {
        return $this->steady(fn (): string => $this->see($css)->getText());
    }

    /** What a figure of the page says, be it text or the value of a field. */
    protected function figure(string $name): string
    {
        return $this->steady(function () use ($name): string {
            $element = $this->see("[data-figure=\"{$name}\"]");

            return $element->getTagName() === 'input' ? (string) $element->getAttribute('value') : $element->getText();
        });
    }

    /**
     * Does something with the page, and again where it is drawn anew in that moment.
     *
     * @template T
     *
     * @param  \Closure(): T  $read
     * @return T
     */
    private function steady(\Closure $read): mixed
    {
        for ($try = 1; ; $try++) {
            try {
                return $read();
            } catch (StaleElementReferenceException|ElementNotInteractableException $away) {
                // What has the focus is out of sight while what a pane needs is fetched.
                $try < 100 || throw $away;
                usleep(100_000);
            }
        }
    }

    /** @param  \Closure(): bool  $true */
    protected function until(\Closure $true, string $what): void
    {
        try {
            $this->driver()->wait(self::PATIENCE, 50)->until($true);
            $this->addToAssertionCount(1);
        } catch (TimeoutException) {
            $this->driver()->takeScreenshot($picture = storage_path('dinghy/not-seen-'.$this->name().'.png'));
            self::fail("Not seen: {$what}. The page says: ".mb_substr((string) $this->driver()->findElement(WebDriverBy::tagName('body'))->getText(), 0, 600)."\nA picture of it: {$picture}");
        }
    }

    /**
     * Every pane of the stage, one after another, by its number.
     *
     * @return iterable<int>
     */
    protected function panes(): iterable
    {
        $tabs = count($this->driver()->findElements(WebDriverBy::cssSelector('#lower [role=tab]')));
        self::assertGreaterThan(3, $tabs);
        for ($tab = 0; $tab < $tabs; $tab++) {
            $this->driver()->executeScript('document.querySelectorAll("#lower [role=tab]")[arguments[0]].click()', [$tab]);
            yield $tab;
        }
    }

    /** Until what a view fetches is there and drawn. */
    protected function untilDrawn(): void
    {
        $drawn = null;
        $this->until(function () use (&$drawn): bool {
            $before = $drawn;
            $drawn = $this->driver()->executeScript('return document.body.innerHTML.length');
            usleep(150_000);

            return $before === $drawn;
        }, 'all of it');
    }

    protected function press(string ...$keys): void
    {
        foreach ($keys as $key) {
            // Keys go to what has the focus; what was drawn anew meanwhile has not had them.
            $this->steady(fn () => $this->driver()->getKeyboard()->sendKeys($key));
        }
    }

    /** Walks with the Tab key until the element with the focus answers to the name, as a person without a mouse does. */
    protected function tabTo(string $name): void
    {
        $passed = [];
        for ($step = 0; $step < 160; $step++) {
            $this->press(WebDriverKeys::TAB);
            $focused = $this->driver()->executeScript('const e = document.activeElement; if (!e || !e.matches("a, button, input, select, [role=button], [role=menuitem]")) return ""; return [e.getAttribute("aria-label"), e.innerText, e.labels && e.labels[0] && e.labels[0].innerText].filter(Boolean).join(" | ")');
            $passed[] = is_string($focused) ? mb_substr($focused, 0, 40) : '';
            if (is_string($focused) && str_contains($focused, $name)) {
                return;
            }
        }
        self::fail("The Tab key does not reach \"{$name}\", it went over: ".implode('; ', array_slice($passed, 0, 12)));
    }

    protected function typeInto(string $field, string $text): void
    {
        // A field half below the edge of its pane is brought up first, as a person would.
        $this->driver()->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$this->see("input[aria-label=\"{$field}\"]")]);
        $this->clickOn("input[aria-label=\"{$field}\"]");
        $this->press(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL, $text === '' ? WebDriverKeys::BACKSPACE : $text, WebDriverKeys::ENTER);
    }

    protected function valueOf(string $field): string
    {
        return (string) $this->see("input[aria-label=\"{$field}\"]")->getAttribute('value');
    }

    protected function valueOfSelect(string $which): string
    {
        return (string) $this->driver()->executeScript('return document.querySelector(arguments[0]).value', ["select[aria-label=\"{$which}\"]"]);
    }

    /** The page's words, however often it is drawn anew meanwhile. */
    protected function page(): string
    {
        return (string) $this->driver()->executeScript('return document.body.innerText.replaceAll("\u00a0", " ")');
    }

    protected function drag(string $css, int $right, int $down): void
    {
        (new WebDriverActions($this->driver()))->dragAndDropBy($this->see($css), $right, $down)->perform();
    }

    /** @return array{int, int} pixels from the middle of one thing to the middle of another */
    protected function wayBetween(string $from, string $to): array
    {
        $by = $this->driver()->executeScript('const m = (css) => { const r = document.querySelector(css).getBoundingClientRect(); return [r.left + r.width / 2, r.top + r.height / 2]; }; const a = m(arguments[0]), b = m(arguments[1]); return [Math.round(b[0] - a[0]), Math.round(b[1] - a[1])];', [$from, $to]);
        self::assertIsArray($by);

        return [(int) $by[0], (int) $by[1]];
    }

    protected function signIn(string $role = 'rigger'): void
    {
        $this->visit('/sign-in');
        $this->see('input[type=email]')->sendKeys("{$role}@fernhollow.example");
        $this->see('input[type=password]')->sendKeys(DatabaseSeeder::PASSWORD.WebDriverKeys::ENTER);
        $this->see('main li h2 a');
    }

    protected function openSkiff(): void
    {
        $this->signIn();
        $this->clickOn('main li h2 a');
        $this->see('[data-run="bow-motor"]');
        $this->see('[role=tabpanel]'); // what stands around the first drawing comes a moment later
    }

    /** One of the choices of a field. */
    protected function chooseIn(string $label, string $choice): void
    {
        $select = $this->at("//select[@id=//label[contains(., \"{$label}\")]/@for]");
        (new WebDriverSelect($select))->selectByVisibleText($choice);
    }

    /** A boat of the shed at one of its stages. */
    protected function openStage(string $boat, string $stage): void
    {
        $this->signIn();
        $this->fromShed($boat, $stage);
    }

    /** Likewise, from the shed that is looked at. */
    protected function fromShed(string $boat, string $stage): void
    {
        $this->click("//main//a[contains(., \"{$boat}\")]");
        $this->click("//nav[@aria-label='Order of work']//a[contains(., \"{$stage}\")]");
        // Her last stage may stand there still, and keys would go to that.
        $this->at("//nav[@aria-label='Order of work']//a[@aria-current='page' and contains(., \"{$stage}\")]");
        $this->see('[role=tabpanel]');
    }

    /** @return string the newest file in the download folder whose name ends so, once it is whole */
    protected function download(string $ending): string
    {
        $found = null;
        $this->until(function () use ($ending, &$found): bool {
            $found = glob(self::$chromium?->downloads.'/*'.$ending)[0] ?? null;

            return $found !== null && glob(self::$chromium?->downloads.'/*.crdownload') === [];
        }, "a download *{$ending}");

        return (string) $found;
    }
}
