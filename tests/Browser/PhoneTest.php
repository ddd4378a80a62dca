<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** From a phone's width to a wide desk nothing stands beyond the page's edge. */
final class PhoneTest extends BrowserTestCase
{
    #[DataProvider('widths')]
    public function test_the_page_is_no_wider_than_its_window(int $width, int $height): void
    {
        $this->resize($width, $height);
        $this->visit('/sign-in');
        $this->see('form');
        $this->assertNoSidewaysScroll("sign-in at {$width}");
        $this->signIn();
        $this->assertNoSidewaysScroll("shed at {$width}");
        $this->clickOn('main li h2 a');
        $this->see('[data-run="bow-motor"]');
        foreach (['1', '2', '3', '4', '5', '6'] as $pane) {
            $this->press($pane);
            usleep(150_000);
            $this->assertNoSidewaysScroll("pane {$pane} at {$width}");
        }
    }

    /** @return list<array{int, int}> */
    public static function widths(): array
    {
        return [[390, 844], [768, 1024], [1280, 720], [1920, 1080]];
    }

    protected function tearDown(): void
    {
        $this->resize(1280, 800);
        parent::tearDown();
    }

    private function assertNoSidewaysScroll(string $view): void
    {
        self::assertSame(0, $this->driver()->executeScript('const e = document.documentElement; return e.scrollWidth - e.clientWidth'), $view);
    }
}
