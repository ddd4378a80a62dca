<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Shop;
use App\Settings\ShopSettings;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Symfony\Component\Process\Process;
use Tests\FreePort;

/** What joins screens to what they see, by hand: pins, ports, an adapter that is missing, a backbone's tap. */
final class SonarTest extends BrowserTestCase
{
    public function test_the_wiring_of_an_old_transducer_from_the_wrong_shield_to_the_right(): void
    {
        $this->openStage('Console boat', 'Sonar');
        $this->press('n');
        $this->land(3, 'bare in a sleeve');
        $this->see('[data-rope="old-transducer"]');
        $this->until(fn (): bool => str_contains($this->textOf('[data-pin="3"]'), 'wrong pin'), 'the pin is told to be wrong');
        self::assertStringContainsString('Cut back and insulate singly: bare (main shield)', $this->page());
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => str_contains($this->page(), 'The two shields are swapped.'), 'N09 speaks');
        self::assertStringContainsString('loses depth', $this->page());

        $this->clickOn('#lower-tab-pins');
        $this->land(3, 'bare');
        $this->land(6, 'bare in a sleeve');
        $this->until(fn (): bool => ! str_contains($this->page(), 'wrong pin'), 'every wire is on its pin');
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => ! str_contains($this->page(), 'shields are swapped'), 'N09 is silent');
    }

    public function test_a_hub_that_runs_out_and_the_hub_that_replaces_it(): void
    {
        $this->openStage('Tiller skiff', 'Sonar');
        $this->until(fn (): bool => str_contains($this->page(), 'has 2 network ports, and 3 cables are to end at it'), 'N01 speaks');
        $this->click('//*[@role="tabpanel"]//*[@data-order="device:hub"][contains(., "Network hub, 3 ports in its place") and contains(., "62")]//button');
        $this->until(fn (): bool => ! str_contains($this->page(), 'cables are to end at it'), 'N01 is silent');
        $this->clickOn('#lower-tab-ports');
        self::assertStringContainsString('3 3 0', (string) preg_replace('/\s+/', ' ', $this->textOf('[data-ports="hub"]')));
    }

    public function test_a_missing_adapter_is_seen_and_ordered(): void
    {
        $this->openStage('Tiller skiff', 'Sonar');
        $this->see('[data-missing]');
        $this->until(fn (): bool => str_contains($this->page(), 'no adapter aboard joins them'), 'N02 speaks');
        $this->click('//*[@role="tabpanel"]//*[@data-order="transducer:transom-transducer"][contains(., "Adapter, 6-pin type A to 8-pin type B") and contains(., "29")]//button');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[data-missing]')) === [], 'nothing is missing');
        $this->press('v');
        self::assertStringContainsString('depth, water temperature, plugged in here', $this->textOf('[data-screen="tiller-display"]'));
    }

    public function test_a_transducer_and_a_cable_are_put_in_from_the_catalogue(): void
    {
        $this->openStage('Tiller skiff', 'Sonar');
        $this->press('a');
        $this->at('//label[contains(., "Part of the catalogue")]');
        $this->press('puck', WebDriverKeys::ENTER);
        $this->at('//button[contains(., "Add it")]');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->page(), 'Puck for inside the hull'), 'it stands on the map');
        $this->press('a');
        $this->at('//label[contains(., "Part of the catalogue")]');
        $this->press('Network cable, 3 m', WebDriverKeys::ENTER);
        $this->chooseIn('From', '12 in display, bow');
        $this->chooseIn('To', 'Network hub');
        $this->click('//button[contains(., "Add it")]');
        $this->until(fn (): bool => str_contains($this->page(), 'has 1 network port, and 2 cables are to end at it'), 'N01 speaks');
        self::assertStringContainsString('Network hub, 3 ports beside it', $this->page());
    }

    public function test_a_tap_is_moved_until_the_volts_suffice(): void
    {
        $this->openStage('Catamaran', 'Sonar');
        $this->press('b');
        $this->see('[data-figure="best-tap"]');
        $this->clickOn('[data-backbone] th button');
        $this->see('[data-node-volts]');
        $this->see('[data-tap="0"] [role=slider]')->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->until(fn (): bool => str_contains($this->textOf('[data-tap="0"]'), '3 ft 7 in'), 'it is moved by a key');
        $this->drag('[data-tap="0"] [role=slider]', 150, 0);
        $this->until(fn (): bool => preg_match('/power at (\d+) ft/', $this->textOf('[data-tap="0"]'), $at) === 1 && (int) $at[1] > 4, 'it is dragged');
        $before = $this->textOf('[data-figure="best-tap"]');
        $this->click('//*[@data-figure="best-tap"]//button');
        $this->until(fn (): bool => str_contains($this->textOf('[data-figure="best-tap"]'), 'where the volts fall least'), $before);
    }

    public function test_instruments_are_watched_while_commissioning_and_their_fault_is_told(): void
    {
        [$boat, $listener] = $this->instruments('--fault=checksum', '--fault=two-talkers');
        try {
            $this->openStage('Tiller skiff', 'Sonar');
            $this->press('i');
            $this->see('[data-measured="depth"]');
            $this->see('[data-fault="checksum"]');
            $this->see('[data-fault="two-talkers"]');
            self::assertMatchesRegularExpression('/\d+ in|\d ft/', $this->textOf('[data-measured="depth"]'));
            $this->click('//input[@id=//label[contains(., "Sounded by lead line")]/@for]');
            $this->press('15 ft', WebDriverKeys::ENTER);
            $this->see('[data-figure="offset"]');
            $this->click('//button[contains(., "Keep the last minute")]');
            $this->driver()->executeScript('arguments[0].scrollIntoView()', [$this->see('[data-trial]')]);
            $this->until(fn (): bool => str_contains($this->textOf('[data-trial]'), 'wrong checksum'), 'what was wrong is kept');
            self::assertStringContainsString('15 ft', $this->textOf('[data-trial]'));
            $boat->stop(1);
            $this->until(fn (): bool => str_contains($this->page(), 'Nothing has been heard for'), 'its silence is told');
        } finally {
            $boat->stop(1);
            $listener->stop(1);
        }
    }

    public function test_with_and_without_an_extra_ground_ends_as_a_wire_of_the_plan(): void
    {
        $this->openStage('Tiller skiff', 'Sonar');
        $this->press('c');
        $this->click('//button[contains(., "Record a comparison")]');
        $this->at('//*[@role="dialog"]//label[contains(., "Picture watched on")]');
        $this->chooseIn('Picture watched on', 'Live-sonar module');
        $this->chooseIn('With and without', 'an extra ground at the sonar box');
        $this->chooseIn('The picture is quieter', 'with it');
        $this->click('//*[@role="dialog"]//button[contains(., "Put it in")]');
        $this->see('[data-comparison]');
        self::assertStringContainsString('quieter with it', $this->textOf('[data-comparison]'));
        $this->chooseIn('To the minus of', 'Electronics bank');
        $this->click('//button[contains(., "Keep the ground")]');
        $this->until(fn (): bool => str_contains($this->textOf('[data-figure="ground"]'), 'to the minus of Electronics bank, because quieter with it'), 'the wire is in the plan');
        $this->click('//button[contains(., "Take the ground off")]');
        $this->until(fn (): bool => str_contains($this->textOf('[data-figure="ground"]'), 'no extra ground'), 'and is not');
    }

    /** @return array{Process, Process} the simulated boat, where the shop's settings have it, and what listens to it */
    private function instruments(string ...$faults): array
    {
        $port = FreePort::find();
        Shop::query()->firstOrFail()->update(['settings' => json_encode(ShopSettings::of(['instruments' => [['name' => 'Simulated boat', 'kind' => 'network', 'host' => '127.0.0.1', 'port' => $port]]]), JSON_THROW_ON_ERROR)]);
        $started = [];
        foreach ([['dinghy:instruments', "--port={$port}", '--every=0.2', ...$faults], ['dinghy:listen', '--with='.getmypid()]] as $command) {
            $started[] = $process = new Process([PHP_BINARY, 'artisan', ...$command], base_path(), WebServer::cache(), timeout: null);
            $process->start();
        }

        return [$started[0], $started[1]];
    }

    private function land(int $pin, string $colour): void
    {
        $css = "[data-pin=\"{$pin}\"] select";
        $select = $this->see($css);
        $this->driver()->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$select]);
        (new WebDriverSelect($select))->selectByVisibleText($colour);
        $this->until(fn (): bool => $this->driver()->executeScript('return document.querySelector(arguments[0]).value', [$css]) === $colour, "{$colour} on pin {$pin}");
    }
}
