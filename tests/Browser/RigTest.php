<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Job;
use App\Models\User;
use App\Models\WorkEntry;
use Database\Seeders\DatabaseSeeder;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The work in the boat: one step at a time, by thumb and by keys, by two, with a plan that changes in the middle. */
final class RigTest extends BrowserTestCase
{
    use MeterInHand;

    private const BOAT = 'Rowing hull';

    protected function tearDown(): void
    {
        Finger::on($this->driver(), false);
        parent::tearDown();
    }

    /** Every step of a boat, in the order in which the phone leads: tapped, holds slid, readings typed, waits begun. */
    public function test_a_whole_boat_by_thumb(): void
    {
        Finger::on($this->driver(), true);
        $this->openStage(self::BOAT, 'Rig');
        $this->see('[data-go-on]');
        (new Finger($this->driver()))->taps('[data-go-on]');
        $total = $this->stepsOf(self::BOAT);
        $this->doAll($total, function (): void {
            $finger = new Finger($this->driver());
            $step = $this->stepInHand();
            if ($this->find('[data-read]') !== null) {
                $finger->taps('[data-read]');
                $this->readsAll();
                $this->until(fn (): bool => $this->stepInHand() !== $step || $this->find('[data-figure="read"]') !== null, 'read');
            }
            if ($this->stepInHand() !== $step) {
                return; // it was nothing but the reading
            }
            if ($this->find('[data-done]') !== null) {
                $finger->taps('[data-done]');
            } else {
                $this->signs($finger);
            }
        });
        $this->until(fn (): bool => $this->doneOf(self::BOAT) === $total, 'all of it is kept');
        self::assertSame($total, WorkEntry::query()->where('act', 'done')->distinct()->count('step'));
    }

    public function test_a_whole_boat_by_keys(): void
    {
        $this->openStage(self::BOAT, 'Rig');
        $this->see('[data-step-in-hand]');
        $this->press('g');
        $total = $this->stepsOf(self::BOAT);
        $this->tabToMain();
        $this->doAll($total, function (): void {
            if ($this->find('input:focus') !== null) {
                $this->fillFields();
                $this->tabToMain();
            }
            $isToRead = $this->find('[data-read]:focus') !== null;
            $this->find('[data-slide]:focus') !== null ? $this->press(WebDriverKeys::END) : $this->press(WebDriverKeys::ENTER);
            if ($isToRead) {
                $step = $this->stepInHand();
                $this->readsAll();
                $this->until(fn (): bool => $this->stepInHand() !== $step || $this->find('[data-main]:focus') !== null, 'the hand goes on where it is to be done');
                $this->stepInHand() !== $step || $this->press($this->find('[data-slide]:focus') !== null ? WebDriverKeys::END : WebDriverKeys::ENTER);
            }
        });
        $this->until(fn (): bool => $this->doneOf(self::BOAT) === $total, 'all of it is kept');
    }

    /** A wet glass taps by itself; it does not slide. */
    public function test_a_hold_is_slid_and_not_tapped(): void
    {
        Finger::on($this->driver(), true);
        $this->openStep(self::BOAT, 'photograph:box');
        $this->at("//*[@data-hold='S07']");
        $finger = new Finger($this->driver());
        $finger->taps('[data-slide]');
        $finger->restsOn('[data-slide]');
        $finger->movesBy(120, 0);
        $finger->lifts();
        usleep(400_000);
        self::assertSame(0, WorkEntry::query()->count(), 'neither a tap nor half of the way signs it');
        self::assertSame('photograph:box', $this->stepInHand());
        $this->slides($finger);
        $this->until(fn (): bool => WorkEntry::query()->where('act', 'done')->count() === 1, 'signed');
        $this->until(fn (): bool => $this->stepInHand() !== 'photograph:box', 'and on to the next');
    }

    /** Two at one boat: neither is led to where the other is, and what one did the other sees. */
    public function test_two_people_side_by_side(): void
    {
        $this->openStage(self::BOAT, 'Rig');
        $this->see('[data-step-in-hand]');
        $this->press('g');
        $this->until(fn (): bool => str_contains($this->driver()->getCurrentURL(), 'step='), 'the step is taken in hand');
        $here = $this->stepInHand();
        $job = $this->job(self::BOAT);
        $other = Phone::signedIn($this->server()->address(), 'apprentice@fernhollow.example', DatabaseSeeder::PASSWORD);
        $told = [];
        $this->until(function () use ($other, $job, $here, &$told): bool {
            $told = $other->asks("/api/jobs/{$job->id}/work");

            return in_array($here, array_column($told['others'] ?? [], 'step'), true);
        }, 'the other is told who is there');
        $next = $told['next'] ?? [];
        self::assertIsArray($next);
        self::assertNotContains($here, $next);
        $step = (string) current(array_filter($next, static fn (string $one): bool => str_starts_with($one, 'label:')));
        $answer = $other->sends("/api/jobs/{$job->id}/work/entries", ['entries' => [['id' => '00000000-0000-4000-8000-000000000001', 'step' => $step, 'act' => 'done', 'at' => gmdate('Y-m-d\TH:i:s+00:00'), 'by' => $this->person('apprentice')]]]);
        self::assertTrue($answer['outcomes'][0]['kept'] ?? false, json_encode($answer, JSON_THROW_ON_ERROR));
        $this->clickOn('[role=tab][id$="-tab-steps"]');
        $this->until(fn (): bool => str_contains($this->figure('work'), '1 of '), 'it is seen here without being asked for');
        $this->click("//label[contains(., 'What is done too')]");
        $this->at("//tr[@data-step='{$step}'][contains(., 'done by Pim Osterhay')]");
    }

    /** Another fuse than planned: the plan takes it, is judged anew, and its stop holds the circuit until it is mended. */
    public function test_what_is_built_otherwise_holds_its_circuit(): void
    {
        Finger::on($this->driver(), true);
        $this->openStep('Console boat', 'energise:feed:screens-feed', 'energise:feed:');
        self::assertNull($this->find('[data-held]'));
        $this->click("//button[.='Otherwise']");
        $this->at("//section[@role='dialog']//label[contains(., 'The fuse is')]/following::input[1]")->sendKeys('400 A');
        $this->click("//section[@role='dialog']//button[.='So it is']");
        $this->see('[data-held]');
        $this->at("//button[.='Held' or .='Not yet']");
    }

    /** The plan changes under a half-done list: what was done stays done where it still holds, and the rest is said. */
    public function test_a_plan_that_changes_in_the_middle(): void
    {
        $job = $this->job('Tiller skiff');
        $this->openStage('Tiller skiff', 'Rig');
        $other = Phone::signedIn($this->server()->address(), 'rigger@fernhollow.example', DatabaseSeeder::PASSWORD);
        foreach (['label:bow-motor-', 'label:house-'] as $number => $step) {
            $other->sends("/api/jobs/{$job->id}/work/entries", ['entries' => [['id' => "00000000-0000-4000-8000-00000000000{$number}", 'step' => $step, 'act' => 'done', 'at' => gmdate('Y-m-d\TH:i:s+00:00'), 'by' => $this->person('rigger')]]]);
        }
        $this->until(fn (): bool => str_contains($this->figure('work'), '2 of '), 'both are done');
        $other->sends("/api/jobs/{$job->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:house', 'set' => ['run.gauge' => '2 AWG']]]]);
        $this->until(fn (): bool => str_contains($this->figure('work'), '1 of '), 'one of them is open again');
        $this->at("//tr[@data-step='label:house-'][contains(., 'done before the plan changed it')]");
        $this->press('r');
        $this->at("//*[@data-gone='label:house-'][contains(., 'look at it again')]");
    }

    /** Without a server nothing is lost: it is said, it waits on the phone, and goes when the server is back. */
    public function test_a_server_that_is_gone(): void
    {
        Finger::on($this->driver(), true);
        $this->openStep(self::BOAT, 'label:pack-feed');
        $this->see('[data-done]');
        $this->server()->stop();
        (new Finger($this->driver()))->taps('[data-done]');
        $this->until(fn (): bool => str_contains($this->figure('work-kept'), 'kept on this phone'), 'it is said');
        self::assertNotSame('label:pack-feed', $this->stepInHand(), 'and the hand goes on');
        $this->driver()->navigate()->refresh();
        $this->server()->run();
        $this->visit("/jobs/{$this->job(self::BOAT)->id}/rig");
        $this->until(fn (): bool => WorkEntry::query()->where('step', 'label:pack-feed')->count() === 1, 'sent when it is back');
        $this->until(fn (): bool => str_contains($this->figure('work'), '1 of '), 'and told');
    }

    /** One phone, another hand: four digits, and what was signed is signed by who signed it. */
    public function test_the_phone_goes_into_another_hand(): void
    {
        User::query()->where('email', 'rigger@fernhollow.example')->firstOrFail()->update(['hands_code' => '4096']);
        Finger::on($this->driver(), true);
        $this->signIn('apprentice');
        $job = $this->job(self::BOAT);
        foreach (['photograph:box', 'photograph:seat'] as $number => $step) {
            WorkEntry::query()->create(['job_id' => $job->id, 'entry' => "00000000-0000-4000-8000-00000000000{$number}", 'user_id' => $this->person('rigger'), 'signed_in_id' => $this->person('rigger'), 'step' => $step, 'act' => 'done', 'work' => $this->workOf($job, $step), 'says' => $step, 'content' => [], 'sent' => str_repeat('0', 64), 'done_at' => now(), 'kept_at' => now()]);
        }
        $this->visit("/jobs/{$job->id}/rig?step=make-safe:chargers");
        $this->at("//*[contains(., 'A rigger signs this')]");
        $this->click("//button[starts-with(@aria-label, 'Pim Osterhay has the phone')]");
        $this->click("//section[@role='dialog']//button[contains(., 'Jorun Tellvik')]");
        $this->at("//section[@role='dialog']//input[@autocomplete='off']")->sendKeys('4096');
        $this->click("//section[@role='dialog']//button[.='Take it']");
        $this->at("//button[starts-with(@aria-label, 'Jorun Tellvik has the phone')]");
        $this->slides(new Finger($this->driver()));
        $this->until(fn (): bool => WorkEntry::query()->where('step', 'make-safe:chargers')->count() === 1, 'signed');
        $entry = WorkEntry::query()->where('step', 'make-safe:chargers')->firstOrFail();
        self::assertSame([$this->person('rigger'), $this->person('apprentice')], [$entry->user_id, $entry->signed_in_id]);
    }

    /** Rot behind a panel: words, a price, a link; the owner says yes on a phone that is signed in nowhere. */
    public function test_the_owner_is_asked_by_a_link(): void
    {
        Finger::on($this->driver(), true);
        $this->openStep(self::BOAT, 'label:pack-feed');
        $this->click("//button[.='Problem']");
        $this->at('//textarea')->sendKeys('The box is cracked. A new one?');
        $this->click("//button[.='Keep it, and ask the owner']");
        $this->at("//label[contains(., 'It costs')]/following::input[1]")->sendKeys('85');
        $this->click("//button[.='Make the link']");
        $link = (string) $this->at("//label[.='Link']/following::input[1]")->getAttribute('value');
        $this->click("//section[@role='dialog']//button[@aria-label='Close']");
        $this->see('[data-held]');
        $this->at("//button[.='Held']");
        $step = $this->driver()->getCurrentURL();

        $this->driver()->manage()->deleteAllCookies();
        $this->driver()->get($link);
        $this->until(fn (): bool => str_contains($this->figure('question'), 'The box is cracked'), 'the question');
        self::assertSame([], Axe::finds($this->driver()));
        self::assertStringContainsString('85', $this->page());
        $this->at('//textarea')->sendKeys('Gladly.');
        (new Finger($this->driver()))->taps('main button:last-child');
        $this->until(fn (): bool => str_contains($this->figure('answered'), 'You said yes'), 'answered');

        $this->signIn();
        $this->driver()->get($step);
        $this->see('[data-done]');
        $this->visit("/jobs/{$this->job(self::BOAT)->id}/rig?pane=owner");
        $this->at("//tr[@data-question][contains(., 'yes: Gladly.')]");
    }

    /** How she came: said by thumb, signed with a finger; what is changed after that is signed again. */
    public function test_how_she_came_is_signed_with_a_finger(): void
    {
        Finger::on($this->driver(), true);
        $this->openStage(self::BOAT, 'Rig');
        $this->visit("/jobs/{$this->job(self::BOAT)->id}/rig?pane=lists");
        $this->click("//button[.='+ Horn']");
        $this->see('[data-function="Horn"]');
        $this->click("//*[@aria-label='Horn, when she came']//label[.='does not']");
        $this->until(fn (): bool => \App\Models\FunctionCheck::query()->where('coming', 'does-not')->exists(), 'said');
        $this->click("//button[.='Sign how she came']");
        $this->see('[data-signature]');
        $finger = new Finger($this->driver());
        foreach ([[120, 20], [-60, -30], [90, 25]] as [$right, $down]) {
            $finger->restsOn('[data-signature]');
            $finger->movesBy($right, $down);
            $finger->lifts();
            usleep(200_000);
        }
        $this->click("//button[.='I sign']");
        $this->see('[data-signed="coming"]');
        $this->click("//*[@aria-label='Horn, when she came']//label[.='works']");
        $this->at("//*[@data-signed='coming'][contains(., 'signed again')]");
    }

    /** @param  \Closure(): void  $act  what is done about the step that is shown */
    private function doAll(int $total, \Closure $act): void
    {
        for ($turn = 0; $this->doneOf(self::BOAT) < $total; $turn++) {
            self::assertLessThan(3 * $total, $turn, 'it goes on; at last '.$this->stepInHand());
            $step = $this->stepInHand();
            $this->until(fn (): bool => $this->find('[data-main]:not([aria-disabled]), [data-reason], [data-readings]') !== null || $this->doneOf(self::BOAT) >= $total, "something to do at {$step}");
            if ($this->doneOf(self::BOAT) >= $total) {
                return;
            }
            $act();
            $this->until(fn (): bool => $this->stepInHand() !== $step || $this->doneOf(self::BOAT) >= $total || str_starts_with($step, 'wait:'), "on from {$step}");
        }
    }

    /** A hold, with what it asks for first. */
    private function signs(Finger $finger): void
    {
        $this->fillFields();
        $this->find('[data-slide]') === null ? $finger->taps('[data-main]') : $this->slides($finger);
    }

    private function fillFields(): void
    {
        if ($this->find('[data-reason]') !== null) {
            $this->typesReason();
        }
        $jack = $this->find('input[data-jack]:not(:checked), [data-jack] input:not(:checked)');
        $jack?->click();
        foreach (['12.6', '0.0', '12.6'] as $at => $volts) {
            $field = $this->driver()->findElements(WebDriverBy::cssSelector('[data-readings] input'))[$at] ?? null;
            $field?->clear();
            $field?->sendKeys($volts);
        }
    }

    private function typesReason(): void
    {
        $this->see('[data-reason]')->sendKeys('nothing is fitted there yet');
    }

    private function slides(Finger $finger): void
    {
        $this->see('[data-slide]:not([aria-disabled])');
        $finger->restsOn('[data-slide]');
        $finger->movesBy(300, 0);
        $finger->lifts();
        // A hand does not come down again in that very moment: the browser takes it for the same touch.
        usleep(400_000);
    }

    private function tabToMain(): void
    {
        for ($try = 0; $try < 160 && $this->find('[data-main]:focus') === null; $try++) {
            $this->press(WebDriverKeys::TAB);
        }
        self::assertNotNull($this->find('[data-main]:focus'), 'the Tab key comes to what is to be done');
    }

    private function openStep(string $boat, string $step, ?string $orOneLike = null): void
    {
        $this->signIn();
        $job = $this->job($boat);
        if ($orOneLike !== null) {
            $step = (string) current(array_filter(array_keys($this->steps($job)), static fn (string $id): bool => str_starts_with($id, $orOneLike)));
        }
        $this->visit("/jobs/{$job->id}/rig?step=".rawurlencode($step));
        $this->see('[data-figure="step"]');
        $this->see('[aria-label$="hand it over"]');
    }

    private function stepInHand(): string
    {
        return (string) $this->driver()->executeScript('return document.querySelector("[data-step-in-hand]")?.dataset.stepInHand ?? ""');
    }

    private function find(string $css): ?RemoteWebElement
    {
        return $this->driver()->findElements(WebDriverBy::cssSelector($css))[0] ?? null;
    }

    private function job(string $boat): Job
    {
        return Job::query()->get()->first(static fn (Job $job): bool => str_contains($job->boat->name, $boat)) ?? self::fail("No {$boat}.");
    }

    private function person(string $role): int
    {
        return User::query()->where('email', "{$role}@fernhollow.example")->firstOrFail()->id;
    }

    private function stepsOf(string $boat): int
    {
        return count($this->steps($this->job($boat)));
    }

    private function doneOf(string $boat): int
    {
        return WorkEntry::query()->where('job_id', $this->job($boat)->id)->where('act', 'done')->distinct()->count('step');
    }

    private function workOf(Job $job, string $step): string
    {
        return $this->steps($job)[$step]->work();
    }

    /** @return array<string, \Dinghy\Area\Rigging\Step> */
    private function steps(Job $job): array
    {
        $plan = $job->plan ?? self::fail('There is a plan.');
        $steps = $job->boat->customer->shop->evaluate($job->judged($plan))->boat->figures(\Dinghy\Area\Rigging\Steps::class)->all;

        return array_combine(array_map(static fn (\Dinghy\Area\Rigging\Step $step): string => $step->id, $steps), $steps);
    }
}
