<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The drawings by finger, on a phone: what rests under it is taken, what it only passes over stays. */
final class TouchTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Finger::on($this->driver(), true);
    }

    protected function tearDown(): void
    {
        Finger::on($this->driver(), false);
        parent::tearDown();
    }

    public function test_a_station_is_moved_under_the_loupe_and_stays_where_the_page_is_scrolled(): void
    {
        $this->openStage('Console boat', 'Layout');
        $this->see('[data-station="console"]');
        $finger = new Finger($this->driver());
        $where = $this->says('[data-station="console"]');
        $scrolled = $this->scrolled();
        $finger->swipes('[data-station="console"]', 0, -200);
        $this->until(fn (): bool => $this->scrolled() > $scrolled, 'the page scrolls');
        self::assertSame([$where, 'v1'], [$this->says('[data-station="console"]'), $this->version()]);

        $finger->restsOn('[data-station="console"]');
        $finger->movesBy(40, 0);
        $this->see('[data-loupe] use');
        $finger->lifts();
        $this->until(fn (): bool => $this->version() === 'v2', 'moved');
        self::assertNotSame($where, $this->says('[data-station="console"]'));
        self::assertSame([], $this->driver()->findElements(WebDriverBy::cssSelector('[data-loupe]')));
    }

    public function test_a_way_is_bent(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $finger = new Finger($this->driver());
        $this->see('button[aria-label="measure here, along the drawing: Bow locker to Bow deck"]');
        $finger->taps('button[aria-label="measure here, along the drawing: Bow locker to Bow deck"]');
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') === '2 ft 11 in', 'straight');
        $this->see('[data-way="w-locker-bow"] [role=button]');
        $finger->taps('[data-way="w-locker-bow"] [role=button]');
        $this->see('[data-piece="w-locker-bow:0"]');
        $finger->restsOn('[data-piece="w-locker-bow:0"]');
        $finger->movesBy(0, -40);
        $finger->lifts();
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') !== '2 ft 11 in', 'longer over its bend');
        $once = $this->figure('way-w-locker-bow');
        $finger->restsOn('[data-bend="w-locker-bow:0"]');
        $finger->movesBy(0, -30);
        $finger->lifts();
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') !== $once, 'farther out');
    }

    public function test_a_jumper_is_landed_and_the_probes_are_placed(): void
    {
        $this->openStage('Tiller skiff', 'Power');
        $this->click('//label[contains(., "On the bench")]');
        $this->see('[data-post="b2+"]');
        $this->until(fn (): bool => $this->figure('meter') === '38.10 V', 'the bank as it is');
        $finger = new Finger($this->driver());
        $finger->restsOn('[data-probe="plus"] circle');
        $finger->movesTo('[data-post="b1+"]');
        $finger->lifts();
        $this->until(fn (): bool => $this->figure('meter') === '12.70 V', 'Battery 1 alone');

        $jumpers = fn (): int => count($this->driver()->findElements(WebDriverBy::cssSelector('[data-grip^="jumper:"]')));
        $finger->restsOn('[data-grip="jumper:2:to"]');
        $finger->movesBy(40, -110);
        $finger->lifts();
        $this->until(fn (): bool => $jumpers() === 2, 'one let go beside the posts is off');
        $finger->restsOn('[data-post="b2+"]');
        $finger->movesTo('[data-post="b3-"]');
        $finger->lifts();
        $this->until(fn (): bool => $jumpers() === 4, 'and landed again');
    }

    public function test_a_phase_of_the_day_is_stretched(): void
    {
        $this->openStage('Tiller skiff', 'Day');
        $this->until(fn (): bool => str_contains($this->figure('day'), 'Everything lasts'), 'the day run');
        $before = $this->says('[aria-label="End of fishing"]', 'aria-valuenow');
        $finger = new Finger($this->driver());
        $finger->swipes('[aria-label="End of fishing"]', 0, -150);
        self::assertSame([$before, 'v1'], [$this->says('[aria-label="End of fishing"]', 'aria-valuenow'), $this->version()]);
        $finger->restsOn('[aria-label="End of fishing"]');
        $finger->movesBy(60, 0);
        $finger->lifts();
        $this->until(fn (): bool => (float) $this->says('[aria-label="End of fishing"]', 'aria-valuenow') > (float) $before, 'longer');
    }

    public function test_a_figure_is_tapped_and_its_reason_comes_up_from_below(): void
    {
        $this->openStage('Tiller skiff', 'Power');
        $finger = new Finger($this->driver());
        $this->driver()->executeScript('document.querySelector("#lower-tab-findings").click()');
        $this->see('[aria-label=Findings] li');
        $this->driver()->executeScript('[...document.querySelectorAll("[aria-label=Findings] button")].find((one) => one.textContent === "Why").setAttribute("data-asked", "")');
        $finger->taps('[data-asked]');
        $this->until(fn (): bool => str_contains($this->textOf('section[role=dialog][aria-label=Why]'), 'speaks when'), 'its reason');
        $reach = $this->driver()->executeScript('const box = document.querySelector("section[role=dialog] h2").getBoundingClientRect(); return [box.top > 0, document.querySelector("section[role=dialog]").getBoundingClientRect().bottom <= innerHeight + 1]');
        self::assertSame([true, true], $reach, 'all of it is on the glass');
        $this->click('//section[@role="dialog"]//button[.="Close"]');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')) === [], 'and is put away');
    }

    public function test_a_finger_that_rests_on_a_sign_is_told_what_it_means(): void
    {
        $this->openStage('Console boat', 'Layout');
        $this->untilDrawn();
        $radio = '[data-fitting="device:radio"]';
        $name = explode(':', $this->says($radio))[0];
        $finger = new Finger($this->driver());
        // A browser that stands still too long takes a touch back: then the finger comes down once more.
        $this->until(function () use ($finger, $radio, $name): bool {
            $finger->restsOn($radio);
            $isTold = str_starts_with($this->textOf('.told'), $name);
            if (! $isTold) {
                $finger->lifts();
            }

            return $isTold;
        }, 'its name');
        $finger->lifts();
        $this->until(fn (): bool => $this->textOf('.told') === '', 'not for ever');
        $finger->swipes($radio, 0, -120);
        self::assertSame(['', 'v1'], [$this->textOf('.told'), $this->version()]);
    }

    private function says(string $css, string $attribute = 'aria-label'): string
    {
        return (string) $this->see($css)->getAttribute($attribute);
    }

    private function version(): string
    {
        return preg_match('/v\d+/', $this->figure('kept'), $found) === 1 ? $found[0] : '';
    }

    private function scrolled(): float
    {
        $scrolled = $this->driver()->executeScript('return scrollY');

        return is_numeric($scrolled) ? (float) $scrolled : -1.0;
    }
}
