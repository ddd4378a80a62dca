<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;

/** Words that are cut off, lie over one another, or make the page scroll sideways: none, from a phone to a wide desk. */
final class LayoutTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        $this->tellBrowser('Emulation.clearDeviceMetricsOverride');
        parent::tearDown();
    }

    #[DataProvider('widths')]
    public function test_pages(int $width, int $height): void
    {
        $this->inner($width, $height);
        $this->visit('/sign-in');
        $this->see('form');
        $this->assertSound("sign-in at {$width}");
        $this->signIn();
        $this->assertSound("shed at {$width}");
        foreach (['catalogue' => 'main ul li', 'house-rules' => 'dl input', 'settings' => 'fieldset'] as $page => $css) {
            $this->visit("/{$page}");
            $this->see($css);
            $this->assertSound("{$page} at {$width}");
        }
    }

    #[DataProvider('boats')]
    public function test_power(int $width, int $height, string $boat): void
    {
        $this->inner($width, $height);
        $this->openStage($boat, 'Power');
        $this->see('[data-run]');
        $this->assertSound("{$boat}, findings, at {$width}");
        foreach (['r', 'v', 'g', 's', 'u', 'p', 'o', 'tfw', 'wa'] as $keys) {
            $this->press(...str_split($keys));
            usleep(400_000);
            $this->assertSound("{$boat} after {$keys} at {$width}");
        }
        $this->press(WebDriverKeys::ESCAPE);
    }

    #[DataProvider('stages')]
    public function test_survey_and_layout(int $width, int $height, string $boat): void
    {
        $this->inner($width, $height);
        foreach (['Survey' => 'cbphf', 'Layout' => 'prtmhbf'] as $stage => $panes) {
            $this->openStage($boat, $stage);
            foreach (str_split($panes) as $key) {
                $this->press($key);
                usleep(500_000);
                $this->assertSound("{$stage} of {$boat} after {$key} at {$width}");
            }
        }
    }

    /** @return iterable<string, array{int, int, string}> */
    public static function stages(): iterable
    {
        foreach (self::widths() as $name => [$width, $height]) {
            yield "console boat, {$name}" => [$width, $height, 'Console boat'];
        }
        yield 'skiff, phone' => [390, 844, 'Tiller skiff'];
        yield 'pontoon, desk' => [1280, 800, 'Pontoon'];
    }

    /** @return array<string, array{int, int}> */
    public static function widths(): array
    {
        return ['phone' => [390, 844], 'tablet' => [768, 1024], 'desk' => [1280, 800], 'wide' => [1920, 1080]];
    }

    /** @return iterable<string, array{int, int, string}> */
    public static function boats(): iterable
    {
        foreach (self::widths() as $name => [$width, $height]) {
            yield "skiff, {$name}" => [$width, $height, 'Tiller skiff'];
        }
        yield 'pontoon, phone' => [390, 844, 'Pontoon'];
        yield 'pontoon, desk' => [1280, 800, 'Pontoon'];
        yield 'catamaran, desk' => [1280, 800, 'Catamaran'];
    }

    private function inner(int $width, int $height): void
    {
        $this->resize($width, $height);
        self::assertSame($width, $this->driver()->executeScript('return innerWidth'));
    }

    private function assertSound(string $view): void
    {
        $this->driver()->executeAsyncScript('const done = arguments[arguments.length - 1]; document.fonts.ready.then(() => requestAnimationFrame(() => done()))');
        self::assertSame([], Typesetting::faults($this->driver()), $view);
    }
}
