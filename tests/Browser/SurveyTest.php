<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\PhotographUpload;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** The boat as it came, by hand: photographs over a bad line, a complaint followed to its remedy. */
final class SurveyTest extends BrowserTestCase
{
    /** bytes a second of a slow line */
    private const SLOW = 250_000;

    protected function tearDown(): void
    {
        $this->line(offline: false, bytes: -1);
        parent::tearDown();
    }

    public function test_a_photograph_goes_on_after_the_line_broke_and_after_the_page_was_left(): void
    {
        $this->openStage('Console boat', 'Survey');
        $this->press('h');
        $this->until(fn (): bool => str_contains($this->figure('missing'), '1 still to be taken'), 'one is missing');
        self::assertSame('station:mid', $this->valueOfSelect('A photograph of'));

        $this->line(offline: false, bytes: self::SLOW);
        $this->choose(self::photograph());
        $this->until(fn (): bool => $this->share() > 0.1, 'on its way');
        $this->line(offline: true, bytes: self::SLOW);
        $this->see('[data-waits]');
        $broken = $this->share();
        self::assertLessThan(1.0, $broken);
        $this->line(offline: false, bytes: -1);
        $this->until(fn (): bool => str_contains($this->figure('missing'), 'Everything is photographed'), 'taken');
        $this->see('[data-photograph="station:mid"] img');
        self::assertSame([], $this->driver()->findElements(WebDriverBy::cssSelector('[data-going]')));

        // A second one goes up while another stage is shown, and after the page was left: it is not chosen again.
        $this->line(offline: false, bytes: self::SLOW);
        $this->choose(self::photograph());
        $this->until(fn (): bool => $this->share() > 0.1, 'on its way');
        $this->click("//nav[@aria-label='Order of work']//a[contains(., 'Layout')]");
        $this->until(fn (): bool => $this->figure('going-up') === '1 going up', 'on its way behind another stage');
        $this->visit('/');
        $this->see('main li h2 a');
        $this->line(offline: false, bytes: -1);
        // Her survey is what waits: the shed opens her there.
        $this->click('//main//a[contains(., "Console boat")]');
        $this->clickOn('#lower-tab-photographs');
        $this->until(fn (): bool => count($this->driver()->findElements(WebDriverBy::cssSelector('[data-photograph]'))) === 6, 'six photographs');
    }

    /** Two tabs of one browser keep one queue: what waits in it goes up once. */
    public function test_two_tabs_send_a_photograph_once(): void
    {
        $this->openStage('Console boat', 'Survey');
        $this->press('h');
        $this->line(offline: true, bytes: -1);
        $this->choose(self::photograph());
        $this->see('[data-waits]');
        $first = $this->driver()->getWindowHandle();
        $address = $this->driver()->getCurrentURL();
        $this->driver()->switchTo()->newWindow();
        $this->line(offline: false, bytes: 4 * self::SLOW);
        $this->driver()->get($address);
        $this->see('#lower-tab-photographs');
        $second = $this->driver()->getWindowHandle();
        $this->driver()->switchTo()->window($first);
        $this->line(offline: false, bytes: 4 * self::SLOW);
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[data-figure=on-their-way]')) === [], 'up, from one of them');
        $this->driver()->switchTo()->window($second);
        $this->driver()->get($address);
        $this->clickOn('#lower-tab-photographs');
        $this->until(fn (): bool => str_contains($this->figure('missing'), 'Everything is photographed'), 'taken');
        self::assertCount(1, $this->driver()->findElements(WebDriverBy::cssSelector('[data-photograph="station:mid"]')));
        self::assertSame([], $this->driver()->findElements(WebDriverBy::cssSelector('[data-figure=on-their-way]')));
        $this->driver()->close();
        $this->driver()->switchTo()->window($first);
    }

    /** What the server has let go of meanwhile, and what the browser has no room to keep, goes up all the same. */
    public function test_a_photograph_that_server_or_browser_lost_goes_up_all_the_same(): void
    {
        $this->openStage('Console boat', 'Survey');
        $this->press('h');
        $this->line(offline: false, bytes: self::SLOW);
        $this->choose(self::photograph());
        $this->until(fn (): bool => $this->share() > 0.1, 'on its way');
        $this->line(offline: true, bytes: self::SLOW);
        $this->see('[data-waits]');
        PhotographUpload::query()->delete();
        $this->line(offline: false, bytes: -1);
        $this->driver()->wait(30, 200)->until(fn (): bool => str_contains($this->figure('missing'), 'Everything is photographed'));

        $this->driver()->executeScript("IDBObjectStore.prototype.put = () => { throw new DOMException('full', 'QuotaExceededError'); }");
        $this->line(offline: false, bytes: self::SLOW);
        $this->choose(self::photograph());
        $this->until(fn (): bool => str_contains($this->figure('on-their-way'), 'leave this page open'), 'no room');
        $this->line(offline: false, bytes: -1);
        $this->until(fn (): bool => count($this->driver()->findElements(WebDriverBy::cssSelector('[data-photograph]'))) === 6, 'from memory');
    }

    public function test_what_is_no_photograph_is_refused_in_words(): void
    {
        $this->openStage('Console boat', 'Survey');
        $this->press('h');
        $file = sys_get_temp_dir().'/dinghy-no-photograph.jpg';
        file_put_contents($file, '<script>alert(1)</script>');
        $this->choose($file);
        $this->until(fn (): bool => str_contains($this->page(), 'no photograph that Dinghy can read. Send a JPEG, PNG or WebP picture'), 'the refusal');
        unlink($file);
    }

    public function test_a_photograph_is_marked(): void
    {
        $this->openStage('Console boat', 'Survey');
        $this->click('//button[contains(., "Add a mark")]');
        $this->see('input[aria-label="Word of mark 2"]');
        $this->typeInto('Word of mark 2', 'green post');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('button[aria-label^="Mark 2: green post"]')) !== [], 'its word');
        $left = fn (): string => (string) $this->see('button[aria-label^="Mark 2"]')->getAttribute('style');
        $before = $left();
        $this->driver()->executeScript('arguments[0].focus()', [$this->see('button[aria-label^="Mark 2"]')]);
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->until(fn (): bool => $left() !== $before, 'moved by a key');
    }

    /** The old feed of the tiller screen: from what the owner says to a direct fused feed in the plan. */
    public function test_a_path_check_from_complaint_to_remedy(): void
    {
        $this->openStage('Tiller skiff', 'Survey');
        $this->click('//button[@aria-label="Check a path for: the screen restarts"]');
        $this->until(fn (): bool => str_contains($this->figure('path-says'), 'still to be measured'), 'what is missing is named');
        (new WebDriverSelect($this->see('select[aria-label="To the device"]')))->selectByValue('tiller-display');
        $this->until(fn (): bool => str_contains($this->page(), '1.6 A by its maker’s figure'), 'the device');
        (new WebDriverSelect($this->see('select[aria-label="From the battery"]')))->selectByValue('old-2');
        $this->typeInto('At the battery, at rest', '12440');
        $this->until(fn (): bool => str_contains($this->page(), 'did you mean 12.44 V?'), 'the wrong unit is asked about');
        $this->click('//button[contains(., "Let it go")]');
        foreach (['At the battery, at rest' => '12.44', 'At the battery, loaded' => '12.4 V', 'At the device, loaded' => '11.9', 'Amps' => '3.5', 'Length of the wire, one way' => '2.6 m', 'Gauge of the wire' => '10 AWG'] as $field => $text) {
            $this->typeInto($this->driver()->findElements(WebDriverBy::cssSelector("input[aria-label=\"{$field}\"]")) === [] ? 'Amps (1.6 A by its maker’s figure)' : $field, $text);
            $this->until(fn (): bool => ! str_contains($this->page(), 'keeping…'), "{$field} kept");
        }
        $this->until(fn (): bool => $this->figure('cause') === 'a bad joint', 'the cause');
        $this->see('input[aria-label]');
        $this->at("//label[contains(., 'Point between 1')]/following::input[1]")->sendKeys('old plug');
        $this->at("//label[contains(., 'Volts there, loaded')]/following::input[1]")->sendKeys('12.35'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->figure('path-says'), 'between old plug and the device'), 'the place');
        $this->clickOn('button[aria-label="Take out the point old plug"]');
        $this->until(fn (): bool => ! str_contains($this->figure('path-says'), 'old plug'), 'without it the place is not known');
        $this->click('//button[contains(., "Plan a direct fused feed")]');
        $this->until(fn (): bool => str_contains($this->page(), "The plan's run Stern box to 9 in display, tiller takes its place."), 'answered');

        $this->click("//nav[@aria-label='Order of work']//a[contains(., 'Power')]");
        $this->see('[data-run="direct-to-tiller-display"]');
    }

    public function test_a_battery_found_is_judged_as_it_is_measured(): void
    {
        $this->openStage('Console boat', 'Survey');
        $this->press('b');
        $this->until(fn (): bool => str_contains($this->figure('judged-old-start'), 'Keep'), 'kept');
        $this->typeInto('Starting battery: rests at', '11.9');
        $this->until(fn (): bool => str_contains($this->figure('judged-old-start'), 'Charge, measure again'), 'flat');
        $this->typeInto('Starting battery: of year and month', '2018-05');
        $this->until(fn (): bool => str_contains($this->figure('judged-old-start'), 'Replace'), 'old');
    }

    public function test_the_survey_sheet_comes_down(): void
    {
        $this->openStage('Console boat', 'Survey');
        $this->click('//a[contains(., "Survey sheet")]');
        self::assertStringStartsWith('%PDF', (string) file_get_contents($this->download('-survey.pdf')));
    }

    private function share(): float
    {
        return (float) ($this->driver()->executeScript('return document.querySelector("[data-going] [role=progressbar]")?.getAttribute("aria-valuenow") ?? 0') ?? 0) / 100;
    }

    private function choose(string $file): void
    {
        $input = $this->see('input[aria-label="Photographs"]');
        $input->setFileDetector(new LocalFileDetector);
        $input->sendKeys($file);
    }

    private function line(bool $offline, int $bytes): void
    {
        $tools = new ChromeDevToolsDriver($this->driver());
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', ['offline' => $offline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => $bytes]);
    }

    /** @return string a JPEG of one and a half megabytes or so */
    private static function photograph(): string
    {
        $file = sys_get_temp_dir().'/dinghy-photograph-'.getmypid().'.jpg';
        if (! is_file($file)) {
            mt_srand(1);
            $image = imagecreatetruecolor(1400, 1000);
            for ($x = 0; $x < 1400; $x += 2) {
                for ($y = 0; $y < 1000; $y += 2) {
                    imagefilledrectangle($image, $x, $y, $x + 1, $y + 1, mt_rand(0, 0xFFFFFF));
                }
            }
            imagejpeg($image, $file, 90);
        }

        return $file;
    }
}
