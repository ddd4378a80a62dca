<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Two fingers on a drawing. In a class, and so in a browser, of its own: Chromium's emulated glass feels nothing after them. */
final class PinchTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Finger::on($this->driver(), true);
    }

    public function test_two_fingers_make_the_boat_plan_larger_and_draw_it_along(): void
    {
        $this->openStage('Console boat', 'Layout');
        $this->see('[data-station="console"]');
        // What feels two fingers comes a moment after the drawing.
        $this->until(fn (): bool => $this->driver()->executeScript('return performance.getEntriesByType("resource").some((one) => one.name.includes("/Pinches-") && one.responseEnd > 0)') === true, 'two fingers are felt');
        $this->untilDrawn();
        $plan = '[aria-label="Drawing of the boat plan"]';
        $finger = new Finger($this->driver());
        $across = fn (): float => (float) $this->measured('document.querySelector(arguments[0] + " svg").getBoundingClientRect().width', $plan);
        $scrolled = fn (): float => (float) $this->measured('document.querySelector(arguments[0]).scrollTop', $plan);
        $before = $across();
        self::assertSame('fits', $this->figure('zoom'));
        $finger->pinches($plan, 80, 200);
        $this->until(fn (): bool => $across() > 1.5 * $before, 'larger');
        self::assertStringStartsWith('× ', $this->figure('zoom'));
        $at = $scrolled();
        $finger->pinches($plan, 120, 120, 0, -120);
        $this->until(fn (): bool => $scrolled() > $at + 40, 'drawn along');
        $finger->pinches($plan, 240, 60);
        $this->until(fn (): bool => abs($across() - $before) < 2, 'all of it again');
        // Two fingers that land on a part hold nothing.
        self::assertStringEndsWith('v1', $this->figure('kept'));
    }

    private function measured(string $what, string $css): int|float
    {
        $measured = $this->driver()->executeScript("return {$what}", [$css]);

        return is_numeric($measured) ? 0 + $measured : -1;
    }
}
