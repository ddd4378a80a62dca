<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\PdfWords;

/** What the browser prints: as wide as the sheet, on paper from the locker theme too, and nothing on it that is pressed. */
final class PrintTest extends BrowserTestCase
{
    public function test_a_table_is_whole_and_without_controls(): void
    {
        $this->openSkiff();
        $this->press('r');
        $this->see('[role=tabpanel] thead th');
        $heads = $this->driver()->executeScript('return [...document.querySelectorAll("[role=tabpanel] thead th")].map((one) => one.innerText.trim()).filter(Boolean)');
        self::assertIsArray($heads);
        self::assertGreaterThan(8, count($heads));
        $printed = $this->printed();
        foreach ($heads as $head) {
            self::assertStringContainsString((string) $head, $printed);
        }
        self::assertStringContainsString('3 stops, 3 to decide.', $printed);
        foreach (['Undo', 'Sheet and file', 'Gauge ladder', 'to the shed', 'Add a part'] as $pressed) {
            self::assertStringNotContainsString($pressed, $printed);
        }
    }

    public function test_the_kit_prints_its_wires_and_from_the_locker_on_paper(): void
    {
        $this->openStage('Console boat', 'Kit');
        $this->see('[data-piece="bow-motor+2"]');
        $this->driver()->executeScript(<<<'JS'
            document.documentElement.dataset.mantineColorScheme = 'dark';
            matchMedia('print').addEventListener('change', ({ matches }) => { if (matches) { window.printedOn = getComputedStyle(document.body).backgroundColor; } });
            JS);
        $printed = $this->printed();
        self::assertStringContainsString('Bow motor 24 V: Magnetic breaker', $printed);
        self::assertStringContainsString('after the pull', $printed);
        self::assertSame(['rgb(244, 242, 235)', 'dark'], $this->driver()->executeScript('return [window.printedOn, document.documentElement.dataset.mantineColorScheme]'));
    }

    /** The words of the page as it is printed on A4. */
    private function printed(): string
    {
        $answer = $this->tellBrowser('Page.printToPDF', ['paperWidth' => 8.27, 'paperHeight' => 11.69]);

        return PdfWords::of((string) base64_decode((string) $answer['data'], true));
    }
}
