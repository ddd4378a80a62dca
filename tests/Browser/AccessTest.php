<?php

declare(strict_types=1);

namespace Tests\Browser;

use Dinghy\Tests\Measured;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;

/** Nothing for axe to find (WCAG 2.2 AA), nothing cut off, and a screen that follows the key. */
final class AccessTest extends BrowserTestCase
{
    public function test_axe_on_sign_in_and_shed(): void
    {
        $this->visit('/sign-in');
        $this->see('form');
        $this->assertNothingForAxe('sign-in');
        $this->signIn('owner');
        $this->assertNothingForAxe('shed');
        $this->visit('/catalogue');
        $this->see('main ul li');
        $this->assertNothingForAxe('catalogue');
        $this->visit('/house-rules');
        $this->see('dl input');
        $this->typeInto('Drop allowed to electronics', '2 %');
        $this->see('[data-figure=boats-that-change]');
        $this->assertNothingForAxe('house rules');
        $this->visit('/settings');
        $this->see('fieldset');
        $this->click('//button[contains(., "One more instrument")]');
        $this->assertNothingForAxe('settings');
        $this->visit('/nowhere');
        $this->see('h1');
        $this->assertNothingForAxe('an address that shows nothing');
        $this->visit('/people');
        $this->see('table tbody tr');
        $this->assertNothingForAxe('people');
        $this->visit('/set-password#nothing');
        $this->see('form');
        $this->assertNothingForAxe('a first password');
    }

    public function test_the_theme_is_ones_own_and_stays(): void
    {
        $this->signIn('rigger');
        $this->visit('/settings');
        $ground = fn (): mixed => $this->driver()->executeScript('return getComputedStyle(document.body).backgroundColor');
        $paper = $ground();
        $this->click('//label[contains(., "locker, dark")]');
        $this->until(fn (): bool => $ground() !== $paper, 'the ground is dark');
        $locker = $ground();
        $this->visit('/');
        $this->see('main li h2 a');
        self::assertSame($locker, $ground());
        $this->visit('/settings');
        $this->click('//label[contains(., "paper")]');
        $this->until(fn (): bool => $ground() === $paper, 'the ground is paper again');
    }

    public function test_at_the_desk_the_page_itself_does_not_scroll(): void
    {
        $this->openSkiff();
        $size = $this->driver()->executeScript('const e = document.documentElement; return [e.scrollWidth - e.clientWidth, e.scrollHeight - e.clientHeight]');
        self::assertSame([0, 0], $size);
    }

    #[DataProvider('panesOfPower')]
    public function test_axe_on_power(string $keys): void
    {
        $this->openSkiff();
        $this->press(...str_split($keys));
        usleep(300_000);
        $this->assertNothingForAxe("Power after {$keys}");
    }

    /** What is in hand, of every kind, with every group of fields open; and the palette. */
    public function test_axe_on_what_is_in_hand(): void
    {
        $this->openSkiff();
        // Another test may have closed what is in hand: the browser remembers it.
        $this->driver()->executeScript("localStorage.setItem('dinghy-in-hand', 'true'); localStorage.setItem('dinghy-open-groups', JSON.stringify(['boat', 'her-own-house-rules', 'as-she-came', 'as-it-stands-aboard', 'posts', 'size', 'limits-of-its-maker', 'at-the-posts', 'the-wire', 'joints', 'slack-and-way-back', 'as-its-maker-made-it', 'how-it-is-used', 'where-it-is-mounted', 'as-it-is-made']))");
        $job = (string) preg_replace('#^.*?(/jobs/\d+)/.*$#', '$1', $this->driver()->getCurrentURL());
        foreach (['plan', 'battery:b1', 'bank:thrust', 'feed:house', 'block:bow-block', 'branch:br-hub', 'device:motor', 'charger:c1', 'station:stern', 'way:w-stern-tiller'] as $on) {
            $this->visit("{$job}/power?on={$on}");
            $this->see('section[aria-label="In hand"] [data-field]');
            usleep(400_000);
            $this->assertNothingForAxe("{$on} in hand");
            $this->assertLargeEnough("{$on} in hand");
        }
        $this->press('/');
        $this->see('input[aria-label^="Find a boat"]');
        $this->press('motor');
        usleep(500_000);
        $this->assertNothingForAxe('the palette');
    }

    /** Nothing to be pressed is under 24 px either way (WCAG 2.2, 2.5.8), but what stands in a line of text. */
    private function assertLargeEnough(string $view): void
    {
        self::assertSame([], $this->driver()->executeScript(<<<'JS'
            return [...document.querySelectorAll('section[aria-label="In hand"] :is(button, input, select, textarea, a)')]
                .filter((one) => one.offsetParent !== null && getComputedStyle(one).display !== 'inline')
                .map((one) => [one, one.getBoundingClientRect()])
                .filter(([, box]) => box.width > 0 && (box.width < 24 || box.height < 24))
                .map(([one, box]) => `${one.outerHTML.slice(0, 120)}: ${Math.round(box.width)} × ${Math.round(box.height)}`);
            JS), $view);
    }

    /** What opens on request: a way with its bends in hand, and places of sensors; a boat that nobody has looked at. */
    public function test_axe_on_what_opens_in_layout(): void
    {
        $this->openStage('Catamaran', 'Layout');
        $this->clickOn('button[aria-label="more of Cabin to Sonar mast"]');
        $this->clickOn('button[aria-label="bend it once more: Cabin to Sonar mast"]');
        $this->clickOn('button[aria-label="One more old cable in Cabin to Sonar mast"]');
        $this->driver()->executeScript('arguments[0].focus()', [$this->see('[data-way="w-cabin-mast"] [role=button]')]);
        $this->press(WebDriverKeys::ENTER);
        $this->see('[data-bend="w-cabin-mast:0"]');
        $this->assertNothingForAxe('a way in hand');
        $this->clickOn('#lower-tab-mounting');
        $this->see('[data-place="device:position"] svg');
        $this->assertNothingForAxe('places of sensors');
        $this->visit('/');
        $this->see('main li h2 a');
        $this->tabTo('Take a boat in');
        $this->press(WebDriverKeys::ENTER);
        foreach (['Customer' => 'Runa Holm', 'What is to be done' => 'A look', 'Boat' => 'Little skiff'] as $label => $text) {
            $this->click("//section[@role='dialog']//label[starts-with(normalize-space(.), \"{$label}\")]/following::input[1]");
            $this->press($text);
        }
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->page(), 'No photograph yet'), 'her survey');
        $this->assertNothingForAxe('an empty survey');
        $this->clickOn('#lower-tab-photographs');
        $this->until(fn (): bool => str_contains($this->figure('missing'), 'What must be photographed is not known yet'), 'nothing is promised');
        $this->click("//nav[@aria-label='Order of work']//a[contains(., 'Layout')]");
        $this->until(fn (): bool => str_contains($this->page(), 'No station yet'), 'an empty layout');
        $this->assertNothingForAxe('an empty layout');
    }

    public function test_axe_on_the_shelf(): void
    {
        $this->signIn('owner');
        $this->visit('/stock');
        $this->see('[data-item="6 AWG red"]');
        $this->assertNothingForAxe('the shelf');
        $this->clickOn('[aria-label="change 6 AWG red"]');
        $this->see('section[aria-label=Lengths]');
        $this->assertNothingForAxe('a wire in hand');
        $this->visit('/stock?show=orders');
        $this->see('[data-order]');
        $this->assertNothingForAxe('orders');
    }

    /** @return list<array{string}> */
    public static function panesOfPower(): array
    {
        return [['f'], ['r'], ['v'], ['bw'], ['s'], ['u'], ['o'], ['g'], ['i'], ['a'], ['l']];
    }

    /** From the key to the redrawn figure, printed; the aim is a median of 100 ms on the project's machine. */
    public function test_time_from_key_to_figure(): void
    {
        $this->openSkiff();
        $this->press('r');
        $this->see('[data-figure="run:bow-motor:drop_pct"]');
        $measured = $this->driver()->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const times = [];
            const once = (key) => new Promise((resolve) => {
                const figure = document.querySelector('[data-figure="run:bow-motor:drop_pct"]');
                const start = performance.now();
                const watch = new MutationObserver(() => {
                    watch.disconnect();
                    requestAnimationFrame(() => { times.push(performance.now() - start); setTimeout(resolve, 60); });
                });
                watch.observe(figure, { childList: true, characterData: true, subtree: true });
                window.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
            });
            (async () => {
                for (let i = 0; i < 24; i++) { await once(i % 2 === 0 ? ']' : '['); }
                const bare = [];
                for (let i = 0; i < 12; i++) { const start = performance.now(); await (await fetch('/api/session', { headers: { Accept: 'application/json' } })).text(); bare.push(performance.now() - start); }
                done([times, bare]);
            })();
            JS);
        self::assertIsArray($measured);
        [$times, $bare] = $measured;
        self::assertCount(24, $times);
        sort($times);
        sort($bare);
        Measured::say(sprintf(
            'Key press to redrawn figure: median %.0f ms, 95 %% %.0f ms (aims: 100 and 150 ms); a bare request of the same server %.0f ms, ratio %.0f (aim: 12)',
            $times[12],
            $times[22],
            $bare[6],
            $times[12] / $bare[6],
        ));
    }

    private function assertNothingForAxe(string $view): void
    {
        self::assertSame([], Axe::finds($this->driver()), $view);
    }
}
