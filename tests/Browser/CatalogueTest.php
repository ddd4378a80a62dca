<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The catalogue as a page: out as a table, and in again with good and bad lines. */
final class CatalogueTest extends BrowserTestCase
{
    public function test_a_table_with_good_and_bad_lines(): void
    {
        $this->signIn('owner');
        $this->driver()->findElement(WebDriverBy::linkText('Catalogue'))->click();
        $this->until(fn (): bool => str_contains($this->page(), 'Gel 12 V 90 Ah, group 31'), 'the parts');
        $file = sys_get_temp_dir().'/dinghy-parts-'.getmypid().'.csv';
        file_put_contents($file, "kind,name,chemistry,nominal_v,capacity_ah\nbattery,Gel 12 V 60 Ah,gel,12,60\nbattery,Odd one,lead,12,60\n");
        $this->driver()->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $this->click('//button[contains(., "Look what would change")]');
        $this->until(fn (): bool => str_contains($this->page(), 'Would be: 1 new, 0 changed, 0 the same, 1 refused.'), 'what would change');
        self::assertStringContainsString('line 3, Odd one: chemistry: expected one of flooded', $this->page());
        $this->click('//button[contains(., "Keep the good lines")]');
        $this->until(fn (): bool => str_contains($this->page(), 'Kept: 1 new') && substr_count($this->page(), 'Gel 12 V 60 Ah') === 2, 'kept and listed');
        unlink($file);
    }
}
