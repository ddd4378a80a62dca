<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Job;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\DoneSteps;

/**
 * Every page and every pane, at the desk and on a phone: axe finds nothing in either theme, letters of drawings stand out, and
 * what is pressed is large enough: 24 px at the desk (WCAG 2.2, 2.5.8), 44 px where it is done standing (2.5.5).
 */
final class EveryViewTest extends BrowserTestCase
{
    use MeterInHand;

    protected function tearDown(): void
    {
        Finger::on($this->driver(), false);
        parent::tearDown();
    }

    public function test_pages_beside_the_boats(): void
    {
        foreach ([false, true] as $isPhone) {
            Finger::on($this->driver(), $isPhone);
            $this->signIn('owner');
            foreach (['/', '/catalogue', '/settings', '/house-rules', '/people', '/stock', '/stock?show=orders'] as $page) {
                $this->visit($page);
                $this->see('main h1');
                $this->assertWellMade($page, $isPhone);
            }
        }
    }

    #[DataProvider('stages')]
    public function test_every_pane_of_a_stage(string $stage, bool $isPhone): void
    {
        Finger::on($this->driver(), $isPhone);
        $this->openStage('Console boat', $stage);
        foreach ($this->panes() as $tab) {
            $this->assertWellMade("{$stage}, pane {$tab}", $isPhone);
            self::assertSame([], Typesetting::faults($this->driver()), "{$stage}, pane {$tab}");
            $beyond = $this->driver()->executeScript('const e = document.documentElement; return [e.scrollWidth - e.clientWidth, e.scrollHeight - e.clientHeight]');
            self::assertSame($isPhone ? 0 : [0, 0], $isPhone && is_array($beyond) ? $beyond[0] : $beyond, "{$stage}, pane {$tab}: nothing stands beyond the page's edge");
        }
        if ($isPhone) {
            // The boat's head leaves most of the height to what is below.
            $head = $this->driver()->executeScript('scrollTo(0, 0); return document.querySelector("main").getBoundingClientRect().top / innerHeight');
            self::assertIsNumeric($head);
            self::assertLessThan(0.25, $head);
        }
    }

    #[DataProvider('stagesAlone')]
    public function test_every_pane_of_a_stage_on_a_tablet(string $stage): void
    {
        Finger::onTablet($this->driver());
        $this->openStage('Pontoon', $stage);
        foreach ($this->panes() as $tab) {
            $this->untilDrawn();
            self::assertSame([], [...self::tooSmall($this->driver(), true), ...Typesetting::faults($this->driver())], "{$stage}, pane {$tab}, on a tablet");
        }
    }

    /** @return array<string, array{string}> */
    public static function stagesAlone(): array
    {
        return array_combine(self::STAGES, array_map(static fn (string $stage): array => [$stage], self::STAGES));
    }

    /** The menu, what is asked in front of the page, and what is in hand: at the desk beside or under the hand, on the phone from below. */
    #[DataProvider('sizes')]
    public function test_what_opens_on_request(bool $isPhone): void
    {
        Finger::on($this->driver(), $isPhone);
        $this->openStage('Console boat', 'Power');
        $menu = 'Sheet and file';
        $dialog = "//section[@role='dialog']";
        $this->click("//button[.='{$menu}']");
        $this->at($isPhone ? "{$dialog}//*[.='Log of changes']" : "//*[@role='menuitem'][.='Log of changes (l)']");
        $this->assertWellMade('the menu', $isPhone);
        $this->assertAtTheThumb($isPhone);
        $this->click($isPhone ? "{$dialog}//button[.='Log of changes']" : "//*[@role='menuitem'][.='Log of changes (l)']");
        $this->at("{$dialog}//h2[contains(., 'Log')]");
        $this->assertWellMade('the log', $isPhone);
        $this->assertAtTheThumb($isPhone);
        $this->click("{$dialog}//button[@aria-label='Close']");
        $this->until(fn (): bool => $this->focused() === $menu, 'what opened it has the focus again');
        $this->click("//main//button[.='Add a part']");
        $this->at("{$dialog}//button[@data-part]");
        $this->assertWellMade('a part to add', $isPhone);
        $this->assertAtTheThumb($isPhone);
        $this->click("{$dialog}//button[@aria-label='Close']");
        $this->until(fn (): bool => $this->focused() === 'Add a part', 'so has what opened this');
        if ($isPhone) {
            $this->click("//button[starts-with(., 'In hand')]");
            $this->see('section[aria-label="In hand"] [data-field]');
            $this->assertWellMade('in hand', true);
            $this->assertAtTheThumb(true);
        }
    }

    /** @return array<string, array{bool}> */
    public static function sizes(): array
    {
        return ['at the desk' => [false], 'on the phone' => [true]];
    }

    /** What opens on a phone comes from below, and is on the glass as a whole. */
    private function assertAtTheThumb(bool $isPhone): void
    {
        if ($isPhone) {
            $stands = $this->driver()->executeScript('const box = [...document.querySelectorAll("section[role=dialog]")].at(-1).getBoundingClientRect(); return [Math.round(box.left), box.top >= 0, Math.round(innerHeight - box.bottom), Math.round(innerWidth - box.right)]');
            self::assertSame([0, true, 0, 0], $stands);
        }
    }

    private function focused(): string
    {
        $said = $this->driver()->executeScript('return document.activeElement?.textContent ?? ""');

        return is_string($said) ? $said : '';
    }

    /** A step on the whole glass, each kind of what it asks for: nothing under 48 px, nothing cut, whatever is pulled up or asked. */
    public function test_steps_on_the_phone(): void
    {
        Finger::on($this->driver(), true);
        $this->openStage('Tiller skiff', 'Rig');
        $rig = (string) preg_replace('/\?.*/', '', $this->driver()->getCurrentURL());
        foreach (['photograph:bow', 'make-safe:bank:thrust', 'strip-out:check-tiller', 'wait:charged:thrust', 'label:bow-motor-', 'pull:bow-motor-', 'terminate:bow-motor-', 'connect:bank:thrust:feed:bow-motor-@b1-', 'energise:feed:bow-motor', 'plug-in:transducer:bow-transducer', 'commission:motor', 'hand-over'] as $step) {
            $this->driver()->get("{$rig}?step=".rawurlencode($step));
            $this->see("[data-step-in-hand='{$step}'] [data-figure=step]");
            $this->see('[aria-label$="hand it over"]');
            $this->assertStepWellMade($step);
        }
        foreach (['How, and where' => "//h3[.='Where']", 'Note' => '//textarea', 'Otherwise' => "//button[.='So it is']"] as $button => $opens) {
            $this->driver()->get("{$rig}?step=".rawurlencode('pull:bow-motor-'));
            $this->click("//button[.='{$button}']");
            $this->at($opens);
            $this->assertStepWellMade($button);
        }
        $this->driver()->get("{$rig}?step=hand-over");
        $this->click("//button[contains(@aria-label, 'hand it over')]");
        $this->click("//summary[starts-with(., 'Set your own')]");
        $this->at("//button[.='Keep them']");
        $this->assertStepWellMade('hands');
    }

    /** A reading on the whole glass: asked for, doubted and outside, across a gap, in ohms and at a plug. */
    public function test_readings_on_the_phone(): void
    {
        $job = Job::query()->get()->first(static fn (Job $one): bool => str_contains($one->boat->name, 'Tiller skiff')) ?? self::fail('No skiff.');
        $job->plan?->update(['document' => (string) file_get_contents(base_path('database/demo/boats/skiff.json'))]);
        DoneSteps::before($job->refresh(), 'connect:bank:thrust:feed:bow-motor-@b1-');
        DoneSteps::before($job, 'off:feed:house');
        Finger::on($this->driver(), true);
        $this->signIn();
        foreach (['rig?step='.rawurlencode('connect:bank:thrust:feed:bow-motor-@b1-').'&read=1' => '25.4', 'rig?step=off:feed:house&read=1' => '0.3', 'meter?point=thrust:pos' => '−38.1', 'meter?point=motor:plug' => '25.4'] as $address => $shows) {
            $this->visit("/jobs/{$job->id}/{$address}");
            $this->hasMeter();
            $this->assertStepWellMade($address);
            $this->see('[data-reading] input')->sendKeys($shows.WebDriverKeys::ENTER);
            $this->see('[data-again]');
            $this->assertStepWellMade("{$address}, {$shows}");
        }
    }

    private function assertStepWellMade(string $view): void
    {
        $this->assertWellMade($view, true);
        self::assertSame([], Typesetting::faults($this->driver()), $view);
        $small = $this->driver()->executeScript('return [...document.querySelectorAll("button, input:not([type=file], [type=radio]), [role=slider], textarea, summary")].filter((one) => one.checkVisibility()).map((one) => [one.textContent || one.ariaLabel || one.tagName, Math.round(one.getBoundingClientRect().height)]).filter(([, high]) => high < 48)');
        self::assertSame([], $small, "{$view}: nothing that is pressed is under 48 px high");
        self::assertSame(0, $this->driver()->executeScript('const e = document.documentElement; return e.scrollWidth - e.clientWidth'), $view);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function stages(): iterable
    {
        foreach (self::STAGES as $stage) {
            yield "{$stage} at the desk" => [$stage, false];
            yield "{$stage} on the phone" => [$stage, true];
        }
    }

    private function assertWellMade(string $view, bool $isPhone): void
    {
        $this->untilDrawn();
        $said = $view.($isPhone ? ' on the phone' : ' at the desk');
        self::assertSame([], self::tooSmall($this->driver(), $isPhone), $said);
        self::assertSame([], Axe::finds($this->driver()), $said);
        self::assertSame([], Axe::paleWords($this->driver()), $said);
    }

    /**
     * Of a thing to be pressed in a drawing what it is grasped by counts.
     *
     * @return list<mixed>
     */
    private static function tooSmall(RemoteWebDriver $driver, bool $isPhone): array
    {
        $small = $driver->executeScript(<<<'JS'
            const [least] = arguments;
            const sizeOf = (one) => {
                const boxes = [one, ...(one.labels ?? [])].map((each) => each.getBoundingClientRect()).filter((box) => box.width > 0);
                const grasp = one.matches('[class*=grasp]') ? one : one.querySelector('[class*=grasp]:not(rect)');
                const stroke = grasp === null ? 0 : parseFloat(getComputedStyle(grasp).strokeWidth) * (grasp.getScreenCTM()?.a ?? 1);
                return ['left', 'top'].map((from, at) => Math.max(...boxes.map((box) => box[['right', 'bottom'][at]])) - Math.min(...boxes.map((box) => box[from])) + stroke);
            };
            return [...document.querySelectorAll('a[href], button, input:not([type=hidden]), select, textarea, summary, [role=button], [role=tab], [role=slider], [role=menuitem]')]
                .filter((one) => one.checkVisibility({ visibilityProperty: true }) && one.closest('.unseen, .skip') === null)
                .map((one) => [one, sizeOf(one)])
                .filter(([, [width, height]]) => width > 1 && height > 1 && (Math.round(width) < least || Math.round(height) < least))
                .map(([one, size]) => `${(one.getAttribute('aria-label') ?? one.textContent).slice(0, 40)} (${one.outerHTML.slice(0, 60)}): ${size.map(Math.round).join(' × ')}`);
            JS, [$isPhone ? 44 : 24]);

        return is_array($small) ? array_values($small) : ['the page said nothing'];
    }
}
