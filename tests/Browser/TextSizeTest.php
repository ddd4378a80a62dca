<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who has set text to twice its size reads everything, at the desk and on a phone: nothing is cut off or stands over another (WCAG 2.2, 1.4.4). */
final class TextSizeTest extends BrowserTestCase
{
    private const TWICE = 32;

    private ?Chromium $large = null;

    protected function driver(): RemoteWebDriver
    {
        return $this->large->driver ?? parent::driver();
    }

    protected function tearDown(): void
    {
        $this->large?->close();
        $this->large = null;
        parent::tearDown();
    }

    #[DataProvider('sizes')]
    public function test_text_of_twice_its_size(int $width, int $height): void
    {
        $this->large = Chromium::open($width, $height, self::TWICE);
        $this->visit('/sign-in');
        $this->see('form');
        self::assertSame('32px', $this->driver()->executeScript('return getComputedStyle(document.documentElement).fontSize'));
        $this->signIn('owner');
        foreach (['/', '/settings', '/people', '/stock'] as $page) {
            $this->visit($page);
            $this->see('main h1');
            $this->assertWhole($page);
        }
        foreach (self::STAGES as $stage) {
            $this->openStage('Console boat', $stage);
            foreach ($this->panes() as $pane) {
                $this->assertWhole("{$stage}, pane {$pane}");
            }
        }
        $this->openStage('Console boat', 'Rig');
        $rig = (string) preg_replace('/\\?.*/', '', $this->driver()->getCurrentURL());
        foreach (['make-safe:chargers', 'hand-over'] as $step) {
            $this->driver()->get("{$rig}?step={$step}");
            $this->see('[data-step-in-hand] [data-figure=step]');
            $this->assertWhole($step);
            self::assertSame(0, $this->driver()->executeScript('const e = document.documentElement; return e.scrollWidth - e.clientWidth'), $step);
        }
        $this->driver()->get($rig);
        $this->see('#lower [role=tab]');
        // Words grow with it.
        $letters = $this->driver()->executeScript('return parseFloat(getComputedStyle(document.querySelector("#lower [role=tab]")).fontSize)');
        self::assertGreaterThan(30, $letters);
    }

    /** @return array<string, array{int, int}> */
    public static function sizes(): array
    {
        return ['on the phone' => [390, 844], 'at the desk' => [1280, 800]];
    }

    private function assertWhole(string $view): void
    {
        $this->untilDrawn();
        self::assertSame([], Typesetting::faults($this->driver(), 0.65), $view);
    }
}
