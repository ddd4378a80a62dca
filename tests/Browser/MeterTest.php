<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Job;
use App\Models\LoadTest;
use App\Models\Reading;
use App\Models\WorkEntry;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\DoneSteps;

/** The meter in one hand, the phone in the other: gaps, ohms, readings at rest and under load, by thumb and by keys. */
final class MeterTest extends BrowserTestCase
{
    use MeterInHand;

    private const PLUS = 'connect:bank:thrust:feed:bow-motor+@b3+';

    protected function tearDown(): void
    {
        Finger::on($this->driver(), false);
        parent::tearDown();
    }

    /** A jumper sits one post too low: the feed’s plus would land on two blocks. The gap is still open when it is found. */
    public function test_a_wrong_jumper_is_stopped_at_the_gap(): void
    {
        $job = $this->skiff(self::PLUS);
        Finger::on($this->driver(), true);
        $this->openStep($job, self::PLUS);
        $finger = new Finger($this->driver());
        self::assertSame('0 V', $this->figure('main'), 'what must come is the largest figure of the step');
        self::assertNull($this->find('[data-done], [data-slide]'), 'nothing lands before it is read');
        $finger->taps('[data-read]');
        $this->hasMeter();
        $this->tapsKeys($finger, '0');
        $finger->taps('[data-take]');
        $this->see('[data-reading="post"]');
        self::assertSame(['b3+', 'b1-'], [$this->probeOn('red'), $this->probeOn('black')]);
        $this->tapsKeys($finger, '25.4');
        $finger->taps('[data-take]');
        $says = $this->verdict('outside');
        self::assertStringContainsString('25.4 V where 38.1 V should be', $says);
        self::assertStringContainsString('“Jumper 2: ', $says);
        self::assertStringContainsString('Measure next: red on Battery 3 of thrust +, black on Battery 3 of thrust −', $says);
        self::assertSame(['Read it again'], $this->buttonsOfVerdict(), 'there is no way on');
        self::assertSame(0, WorkEntry::query()->where('step', self::PLUS)->count());
        // The jumper is where it belongs: now it lands.
        usleep(400_000);
        $finger->taps('[data-again]');
        $this->reads('38.1');
        $this->see('[data-done]');
        self::assertSame('✓ Read: 0 V, 38.10 V', $this->figure('read'));
        usleep(400_000);
        $finger->taps('[data-done]');
        $this->until(fn (): bool => WorkEntry::query()->where('step', self::PLUS)->where('act', 'done')->count() === 1, 'landed');
    }

    /** A screw through the wire: 0.3 Ω where it should be open, and the power does not come on. */
    public function test_a_short_is_found_by_ohms_before_power(): void
    {
        // All that its power waits for is done, but its ohms.
        $job = $this->skiff('energise:feed:bow-motor');
        WorkEntry::query()->where('step', 'off:feed:bow-motor')->delete();
        Finger::on($this->driver(), true);
        $this->openStep($job, 'off:feed:bow-motor');
        $finger = new Finger($this->driver());
        $finger->taps('[data-read]');
        $this->see('[data-reading="plus-minus"]');
        $this->tapsKeys($finger, '0.3');
        $finger->taps('[data-take]');
        self::assertStringContainsString('That is a short: no power until it is found.', $this->verdict('outside'));
        self::assertSame(['Read it again'], $this->buttonsOfVerdict());
        $this->driver()->get($this->server()->address()."/jobs/{$job->id}/rig?step=energise:feed:bow-motor");
        $this->at("//button[.='Not yet']");
        $this->driver()->get($this->server()->address()."/jobs/{$job->id}/rig?step=off:feed:bow-motor&read=1");
        $this->see('[data-reading="plus-minus"]');
        foreach (['plus-minus', 'plus-hull'] as $reading) {
            $this->see("[data-reading=\"{$reading}\"] input:not([readonly])");
            $this->keypad('OL')->click();
            $this->clickOn('[data-take]');
        }
        $this->until(fn (): bool => WorkEntry::query()->where('step', 'off:feed:bow-motor')->count() === 1, 'the reading was all there was to do');
        $this->driver()->get($this->server()->address()."/jobs/{$job->id}/rig?step=energise:feed:bow-motor");
        $this->see('[data-slide]');
        $this->at("//*[@data-hold='S10'][contains(., 'stays dark')]");
    }

    /** A whole boat at rest, one after the other; one plug sits on a tap. What it most likely is, is said; the rest goes on. */
    public function test_a_whole_boat_at_rest_with_one_reading_outside(): void
    {
        $job = $this->skiff(null);
        Finger::on($this->driver(), true);
        $this->signIn();
        $this->visit("/jobs/{$job->id}/meter");
        $this->see('[data-go-on]');
        (new Finger($this->driver()))->taps('[data-go-on]');
        $this->hasMeter();
        $ids = [];
        for ($turn = 0; $turn < 20 && ($this->find('[data-reading]') !== null); $turn++) {
            $id = (string) $this->see('[data-reading]')->getAttribute('data-reading');
            $ids[] = $id;
            if ($id === 'motor:plug') {
                $this->reads('25.4');
                self::assertStringContainsString('its plus sits on Battery 2 of thrust +, not on Battery 3 of thrust +', $this->verdict('outside'));
                $this->clickOn('[data-outside]');
            } else {
                $this->reads($this->mustShow());
            }
            $this->until(fn (): bool => $this->find("[data-reading=\"{$id}\"]") === null, "on from {$id}");
            $this->until(fn (): bool => $this->find('[data-reading] input:not([readonly])') !== null || $this->find('[data-point]') !== null, 'the next, or the list');
        }
        self::assertSame(array_unique($ids), $ids, 'each once');
        self::assertSame(['b1', 'b2', 'b3', 'e1'], array_slice($ids, 0, 4), 'blocks first');
        $this->until(fn (): bool => str_starts_with($this->figure('read'), '12 of 12 read'), 'all of them');
        $this->at("//*[@data-point='motor:plug'][contains(., '25.40 V') and contains(., 'outside')]");
        self::assertSame(12, Reading::query()->where('job_id', $job->id)->count());
    }

    /** From the step of the work to the way under load, and back to the step. */
    public function test_a_step_under_load_opens_the_meter_and_comes_back(): void
    {
        $job = $this->skiff('loaded:feed:bow-motor');
        Finger::on($this->driver(), true);
        $this->signIn();
        $this->visit("/jobs/{$job->id}/rig?step=loaded:feed:bow-motor");
        $this->clickOn('[data-under-load]');
        foreach (['source' => '37.59', 'feed:bow-motor' => '37.15'] as $point => $read) {
            $this->see("[data-load-point=\"{$point}\"] input")->sendKeys($read);
        }
        $this->clickOn('[data-keep-load]:not([disabled])');
        $this->see('[data-step-in-hand="loaded:feed:bow-motor"] [data-done]');
        self::assertSame('feed:bow-motor', $job->loadTests()->firstOrFail()->circuit);
    }

    /** A baseline under load, and the same way a year later with a joint that has gone bad. */
    public function test_a_bad_joint_shows_a_year_later(): void
    {
        $job = $this->skiff(null);
        Finger::on($this->driver(), true);
        $this->signIn();
        $this->loaded($job, '2026-11-29', ['source' => '37.59', 'feed:bow-motor:0' => '37.55', 'feed:bow-motor' => '37.15']);
        $this->at("//*[@data-figure='passport'][contains(., 'as planned. This is the baseline.')]");
        $this->loaded($job, '2027-11-30', ['source' => '37.5', 'feed:bow-motor:0' => '37,46', 'feed:bow-motor' => '36.7']);
        $this->at("//*[@data-figure='passport'][contains(., 'From behind the 60 A magnetic breaker to Bow motor 36 V it has grown by') and contains(., 'it heats with')]");
        self::assertSame(['2026-11-29', '2027-11-30'], array_map(static fn (LoadTest $test): string => $test->taken_on->toDateString(), array_values($job->loadTests()->get()->sortBy('id')->all())));
    }

    /** At the desk by keys alone: typed, taken with Enter, on to the next; the list is walked with j and k. */
    public function test_readings_by_keys(): void
    {
        $job = $this->skiff(null);
        $this->signIn();
        $this->visit("/jobs/{$job->id}/meter");
        $this->hasMeter();
        $this->see('[data-reading="b1"] input:focus');
        $this->press('12.7'.WebDriverKeys::ENTER);
        $this->see('[data-reading="b2"] input:focus');
        $this->press('12700 mV'.WebDriverKeys::ENTER);
        $this->see('[data-reading="b3"] input:focus');
        $this->press('12700'.WebDriverKeys::ENTER);
        self::assertStringContainsString('As millivolts it would be right', $this->verdict('asks'));
        $this->until(fn (): bool => Reading::query()->where('job_id', $job->id)->count() === 2, 'what was right is kept, what is asked about is not');
    }

    /** What a server that is gone cannot judge is judged by what must come, and sent once it answers. */
    public function test_a_gap_is_read_without_a_server(): void
    {
        $job = $this->skiff(self::PLUS);
        Finger::on($this->driver(), true);
        $this->openStep($job, self::PLUS);
        (new Finger($this->driver()))->taps('[data-read]');
        $this->hasMeter();
        $this->server()->stop();
        try {
            $this->reads('12.7');
            self::assertStringContainsString('Why, the server says once it answers', $this->verdict('outside'));
            $this->clickOn('[data-again]');
            $this->readsAll();
            $this->clickOn('[data-done]');
        } finally {
            $this->server()->run();
        }
        $this->until(fn (): bool => WorkEntry::query()->where('step', self::PLUS)->where('act', 'done')->count() === 1, 'kept when it is back');
    }

    /** @param  array<string, string>  $volts  by point */
    private function loaded(Job $job, string $day, array $volts): void
    {
        $this->visit("/jobs/{$job->id}/meter?pane=load");
        $this->chooseIn('The way to', 'Bow motor 36 V');
        foreach ($volts as $point => $read) {
            $this->see("[data-load-point=\"{$point}\"] input")->sendKeys($read);
        }
        $this->driver()->executeScript('const day = document.querySelector("input[type=date]"); Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(day, arguments[0]); day.dispatchEvent(new Event("input", { bubbles: true }))', [$day]);
        $this->clickOn('[data-keep-load]:not([disabled])');
    }

    private function tapsKeys(Finger $finger, string $figure): void
    {
        foreach (str_split($figure) as $key) {
            $this->driver()->executeScript('const key = [...document.querySelectorAll("[aria-label=Keypad] button")].find((one) => one.textContent === arguments[0]); document.querySelectorAll("[data-key]").forEach((one) => one.removeAttribute("data-key")); key.setAttribute("data-key", "")', [$key]);
            $finger->taps('[data-key]');
            usleep(350_000); // two taps at once are one to the browser
        }
    }

    private function probeOn(string $which): string
    {
        return (string) $this->see("[data-probe=\"{$which}\"]")->getAttribute('data-on');
    }

    /** @return list<string> */
    private function buttonsOfVerdict(): array
    {
        $buttons = $this->driver()->findElements(WebDriverBy::cssSelector('[data-again], [data-checked], [data-outside], [data-take]'));

        return array_map(static fn ($button): string => $button->getText(), array_values($buttons));
    }

    private function find(string $css): ?\Facebook\WebDriver\Remote\RemoteWebElement
    {
        return $this->driver()->findElements(WebDriverBy::cssSelector($css))[0] ?? null;
    }

    private function openStep(Job $job, string $step): void
    {
        $this->signIn();
        $this->visit("/jobs/{$job->id}/rig?step=".rawurlencode($step));
        $this->see('[data-read]');
        $this->see('[aria-label$="hand it over"]');
    }

    /** A skiff with nothing wrong, with everything done that a step needs. */
    private function skiff(?string $before): Job
    {
        $job = Job::query()->get()->first(static fn (Job $one): bool => str_contains($one->boat->name, 'Tiller skiff')) ?? self::fail('No skiff.');
        $job->plan?->update(['document' => (string) file_get_contents(base_path('database/demo/boats/skiff.json'))]);
        $job->refresh();
        $before === null || DoneSteps::before($job, $before);

        return $job;
    }
}
