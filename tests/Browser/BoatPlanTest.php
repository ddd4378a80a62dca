<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** The boat plan by hand, with pointer and keys: where things go, what lies in the tubes, how things are mounted. */
final class BoatPlanTest extends BrowserTestCase
{
    private const TILLER = 'Bow locker block to 9 in display, tiller';

    public function test_a_station_is_dragged_and_a_run_grows_and_takes_a_thicker_gauge(): void
    {
        $this->openSkiff();
        $this->press('r');
        $this->typeInto('Gauge of '.self::TILLER, '');
        $this->until(fn (): bool => $this->valueOf('Gauge of '.self::TILLER) === '10 AWG', 'chosen for the way it is');
        $this->click("//nav[@aria-label='Order of work']//a[contains(., 'Layout')]");
        $this->click('//button[@aria-label="measure here, along the drawing: Port gunwale to Bow locker"]');
        $this->until(fn (): bool => $this->figure('way-w-midship-locker') === '5 ft 7 in', 'measured along the drawing');

        // 1.8 m forward of the transom, well between where one gauge and the next begin.
        $this->dragStation('midship', -1.0, 0.0);
        $this->until(fn (): bool => $this->figure('way-w-midship-locker') !== '5 ft 7 in', 'the way grows');
        $this->press('r');
        $this->until(fn (): bool => str_contains($this->textOf("tr:has([data-figure='run-br-tiller-display'])"), '8 AWG'), 'and its gauge');
        self::assertStringNotContainsString('12 ft 10 in', $this->figure('run-br-tiller-display'));
        $this->press('z');
        $this->until(fn (): bool => str_contains($this->textOf("tr:has([data-figure='run-br-tiller-display'])"), '10 AWG'), 'taken back');
    }

    /** While it is still in the hand the plan says what letting go would do. Nothing is kept before. */
    public function test_a_station_in_the_hand_says_what_it_would_do(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->click('//button[@aria-label="measure here, along the drawing: Port gunwale to Bow locker"]');
        $this->until(fn (): bool => $this->figure('way-w-midship-locker') === '5 ft 7 in', 'measured along the drawing');
        $hand = new WebDriverActions($this->driver());
        $hand->clickAndHold($this->see('[data-station="midship"] rect'))->moveByOffset(-150, 0)->perform();
        $this->until(fn (): bool => str_contains($this->figure('draft'), 'Let go here:') && $this->figure('draft-length') !== '5 ft 7 in', 'what it would do');
        self::assertSame('5 ft 7 in', $this->figure('way-w-midship-locker'));
        $this->press(WebDriverKeys::ESCAPE);
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[data-figure=draft]')) === [], 'put back');
        (new WebDriverActions($this->driver()))->release()->perform();
        self::assertSame('5 ft 7 in', $this->figure('way-w-midship-locker'));
    }

    public function test_a_station_moves_by_keys_and_snaps_to_the_middle_and_to_the_side(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->driver()->executeScript('arguments[0].focus()', [$this->see('[data-station="bow-locker"]')]);
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->until(fn (): bool => $this->valueOf('Bow locker, to port') === '1 ft 2 in', '0.35 m');
        $this->dragStation('bow-locker', 0.0, -0.31);
        $this->until(fn (): bool => $this->valueOf('Bow locker, to port') === '0 in', 'on the middle');
        $this->dragStation('midship', 0.0, 0.04);
        $this->until(fn (): bool => $this->valueOf('Port gunwale, to port') === '3 ft 7 in', 'on the side, 1.10 m');
    }

    public function test_a_station_and_a_way_are_put_in_and_a_run_takes_it(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->at("//label[contains(., 'New station')]/following::input[1]")->sendKeys('Floor hatch'.WebDriverKeys::ENTER);
        $this->see('[data-station="floor-hatch"]');
        (new WebDriverSelect($this->see('select[aria-label="New way from"]')))->selectByValue('stern');
        (new WebDriverSelect($this->see('select[aria-label="New way to"]')))->selectByValue('bow-locker');
        $this->click('//button[contains(., "Draw it")]');
        $this->see('[data-way="stern-to-bow-locker"]');
        $this->press('r');
        $this->click('//button[contains(., "Stern box to Bow locker block")]');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[data-route="stern-bow-locker"]')) !== [], 'the other way is offered');
        $before = $this->figure('run-house');
        $this->click('//button[@aria-label="Take the way by Stern box, Bow locker"]');
        $this->until(fn (): bool => $this->figure('run-house') !== $before && str_contains($this->textOf('[data-route="stern-bow-locker"]'), 'the way it goes now'), 'taken');
        $this->see('[data-way="stern-to-bow-locker"][data-lit]');
    }

    public function test_a_way_is_bent_by_hand_and_its_bend_moved(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->click('//button[@aria-label="measure here, along the drawing: Bow locker to Bow deck"]');
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') === '2 ft 11 in', 'straight');
        $this->driver()->executeScript('arguments[0].dispatchEvent(new MouseEvent("click", { bubbles: true }))', [$this->see('[data-way="w-locker-bow"] [role=button]')]);
        $this->see('[data-piece="w-locker-bow:0"]');
        $this->drag('[data-piece="w-locker-bow:0"]', 0, -40);
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') !== '2 ft 11 in', 'longer over its bend');
        $once = $this->figure('way-w-locker-bow');
        $this->drag('[data-bend="w-locker-bow:0"]', 0, -30);
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') !== $once, 'the same bend farther out');
        self::assertCount(1, $this->driver()->findElements(WebDriverBy::cssSelector('[data-bend]')));
    }

    /** Without a mouse: a way taken, bent, its bend moved and taken out, on the drawing and in the list. */
    public function test_a_way_is_bent_by_keys_and_in_the_list(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->click('//button[@aria-label="measure here, along the drawing: Bow locker to Bow deck"]');
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') === '2 ft 11 in', 'straight');
        $this->driver()->executeScript('arguments[0].focus()', [$this->see('[data-way="w-locker-bow"] [role=button]')]);
        $this->press(WebDriverKeys::ENTER);
        $this->tabTo('Way from Bow locker to Bow deck, piece 1');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->focused() === 'w-locker-bow:0', 'the new bend has the focus');
        $this->press(...array_fill(0, 6, WebDriverKeys::ARROW_UP));
        // From 4.4 by 0.4 over 4.8 by 0.5 to 5.2 by 0: 0.412 m and 0.640 m. None of the six presses is lost.
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') === '3 ft 5 in', 'longer over its bend');
        $this->press(WebDriverKeys::DELETE);
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') === '2 ft 11 in', 'straight again');

        $this->clickOn('button[aria-label="more of Bow locker to Bow deck"]');
        $this->clickOn('button[aria-label="bend it once more: Bow locker to Bow deck"]');
        $this->see('input[aria-label="Bow locker to Bow deck, bend 1 to port"]');
        $this->typeInto('Bow locker to Bow deck, bend 1 to port', '-2 ft');
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') !== '2 ft 11 in', 'typed, and longer');
        $this->clickOn('button[aria-label="Take out bend 1 of Bow locker to Bow deck"]');
        $this->until(fn (): bool => $this->figure('way-w-locker-bow') === '2 ft 11 in', 'straight once more');
    }

    /** What lay in a tube before takes its room, until it is drawn out. */
    public function test_old_cables_fill_a_tube(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->clickOn('button[aria-label="more of Port gunwale to Bow locker"]');
        $this->clickOn('button[aria-label="One more old cable in Port gunwale to Bow locker"]');
        $this->typeInto('Port gunwale to Bow locker, old cable 1', '1 1/4');
        $this->until(fn (): bool => $this->valueOf('Port gunwale to Bow locker, old cable 1') === '1.25 in', 'kept');
        $this->clickOn('#lower-tab-tubes');
        $this->until(fn (): bool => str_contains($this->textOf('[data-tube="w-midship-locker"]'), 'There before: 1.25 in.'), 'it lies there');
        self::assertStringContainsString('No room for another', $this->textOf('[data-tube="w-midship-locker"]'));
        $this->clickOn('#lower-tab-places');
        $this->clickOn('button[aria-label="more of Port gunwale to Bow locker"]');
        $this->clickOn('button[aria-label="Old cable 1 of Port gunwale to Bow locker is drawn out"]');
        $this->clickOn('#lower-tab-tubes');
        $this->until(fn (): bool => ! str_contains($this->textOf('[data-tube="w-midship-locker"]'), 'There before'), 'drawn out');
    }

    public function test_an_overfull_tube(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->typeInto('Bore from Port gunwale to Bow locker', '19 mm');
        $this->until(fn (): bool => str_contains($this->page(), '4 to decide'), 'one more to decide');
        $this->clickOn('#lower-tab-tubes');
        $this->until(fn (): bool => preg_match('/\d\d % full/', $this->figure('fill-w-midship-locker')) === 1 && (int) $this->figure('fill-w-midship-locker') > 40, 'over 40 %');
        self::assertStringContainsString('No room for another', $this->textOf('[data-tube="w-midship-locker"]'));
        $this->press('f');
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label=Findings]'), 'It takes a bore of'), 'the remedy');
    }

    /** Each drawing: its answer follows its measures. */
    public function test_every_mounting_drawing(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->press('m');
        foreach ([
            ['deploy', 'Front edge of the mount to the shaft, down', '1 ft', 'Strikes the bow'],
            ['sweep', 'Shaft aft to the door, lid or screen', '8 in', 'the door: passes over by'],
            ['shaft', 'Length of the shaft', '36 in', 'it takes a shaft of'],
        ] as [$check, $field, $text, $says]) {
            $this->see("[data-check={$check}] svg[data-good=true]");
            $this->typeInto($field, $text);
            $this->until(fn (): bool => str_contains($this->figure("mounting-{$check}"), $says), $says);
            $this->see("[data-check={$check}] svg[data-good=false]");
        }
        (new WebDriverSelect($this->see('select[aria-label=Device]')))->selectByValue('bow-display');
        $this->see('[data-check=seen_from_angler] svg[data-good=true]');
        $this->typeInto('Face tipped back by', '0');
        $this->until(fn (): bool => str_contains($this->figure('mounting-seen_from_angler'), 'beyond 45°'), 'out of the cone');
        // The other place nobody has measured: its measures are typed and kept at once.
        $this->see('[data-check=seen_from_helm] svg[data-good=unknown]');
        $this->at("//section[@data-check='seen_from_helm']//label[contains(., 'Eye to the screen')]/following::input[1]")->sendKeys('2 ft'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->figure('mounting-seen_from_helm'), 'Seen from 0° off square'), 'measured');
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label=Findings]'), 'strikes the outermost edge of the bow'), 'the stop');
    }

    /** How far petrol is, what the motors push; a place to starboard is typed with a minus. */
    public function test_motor_size_and_batteries_beside_petrol_have_drawings_that_answer(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->typeInto('Port gunwale, to port', '-3 ft');
        $this->until(fn (): bool => $this->valueOf('Port gunwale, to port') === '-3 ft', 'to starboard');
        $this->clickOn('#lower-tab-mounting');
        $this->see('[data-place="battery:b1"] svg[data-good=true]');
        $this->typeInto('Battery 1 of thrust to the nearest petrol fitting', '8 in');
        $this->until(fn (): bool => str_contains($this->textOf('[data-place="battery:b1"]'), 'from a petrol fitting'), 'too near');
        $this->see('[data-place="battery:b1"] svg[data-good=false]');
        $this->clickOn('input[aria-label="A shield between Battery 1 of thrust and petrol"]');
        $this->until(fn (): bool => str_contains($this->textOf('[data-place="battery:b1"]'), 'Nothing speaks against'), 'behind a shield');

        $this->see('[data-check=motor-size] svg[data-good=true]');
        $this->typeInto('Thrust of Bow motor 36 V', '30 lbf');
        $this->until(fn (): bool => str_contains($this->figure('motor-size'), 'The motors push 30 lbf in all'), 'too weak');
        $this->see('[data-check=motor-size] svg[data-good=false]');
    }

    public function test_a_heading_sensor_and_an_antenna_have_drawings_that_answer(): void
    {
        $this->openStage('Catamaran', 'Layout');
        $this->clickOn('#lower-tab-mounting');
        $this->see('[data-place="device:heading"] svg[data-good=true]');
        self::assertStringContainsString('Nearest: the run Starboard hull to Cabin block, 4 ft 7 in', $this->textOf('[data-place="device:heading"]'));
        $this->typeInto('Heading sensor, forward of the transom', '3.5 m');
        $this->until(fn (): bool => str_contains($this->textOf('[data-place="device:heading"]'), 'it needs 3 ft 3 in'), 'too near');
        $this->see('[data-place="device:heading"] svg[data-good=false]');
        $this->see('[data-place="device:position"] svg[data-good=true]');
        (new WebDriverSelect($this->see('select[aria-label="Position antenna sees"]')))->selectByValue('under-metal');
        $this->until(fn (): bool => str_contains($this->textOf('[data-place="device:position"]'), 'sits under metal'), 'covered');
        $this->see('[data-place="device:position"] svg[data-good=false]');
    }

    /** A device is carried to a place of its own, moved by keys, and put at a station again; its circle and its runs follow. */
    public function test_devices_are_moved_on_the_plan(): void
    {
        $this->openStage('Catamaran', 'Layout');
        $this->see('[data-sensor="device:heading"][data-good=true]');
        $this->carry('heading', -1.2, 0.0);
        $this->see('[data-sensor="device:heading"][data-good=false]');
        self::assertStringStartsWith('10 ft', $this->valueOf('Heading sensor, forward of the transom'));
        $this->press('z');
        $this->see('[data-sensor="device:heading"][data-good=true]');
        $this->driver()->executeScript('arguments[0].focus()', [$this->see('[data-fitting="device:heading"]')]);
        $this->press(WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP);
        $this->until(fn (): bool => $this->valueOf('Heading sensor, to port') === '3.9 in', 'two steps to port');

        // Its circle lies about it at the mast as well; it is let go on the station's peg.
        $this->clickOn('button[aria-label="Put Heading sensor at its station"]');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('input[aria-label="Heading sensor, to port"]')) === [], 'at its station');
        $this->clickOn('button[aria-label="Give Heading sensor a place of its own"]');
        $this->until(fn (): bool => $this->valueOf('Heading sensor, forward of the transom') === '15 ft 1 in', 'where the mast is');

        // Another station for the survey sonar: its run is another.
        $this->clickOn('#lower-tab-routes');
        $this->until(fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('[data-figure^=run-]')) !== [], 'the runs');
        $before = $this->textOf('[aria-label=Runs]');
        $this->carry('survey-sonar', -3.1, 0.0);
        $this->until(fn (): bool => str_contains($this->page(), '1 to decide'), 'its run does not reach there');
        self::assertSame($before, $this->textOf('[aria-label=Runs]'), 'a place of its own takes the run nowhere else');
        $this->clickOn('#lower-tab-places');
        (new WebDriverSelect($this->see('select[aria-label="Station of Survey sonar"]')))->selectByValue('cabin');
        $this->clickOn('#lower-tab-routes');
        $this->until(fn (): bool => $this->textOf('[aria-label=Runs]') !== $before, 'its run ends at the cabin');
        $this->until(fn (): bool => str_contains($this->page(), 'nothing to decide'), 'and is within reach');
    }

    /** What rules of layout ask for has its field: compartments, a compass, the ends of a run, what is wanted of a motor. */
    public function test_compartments_compass_ends_of_runs_and_wishes(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->typeInto('Inside of Tiller seat, length × width × height', '20 x 14 x 12 in');
        $this->until(fn (): bool => $this->valueOf('Inside of Tiller seat, length × width × height') === '20 × 14 × 12 in', 'a compartment');
        $this->at("//label[contains(., 'A steering compass')]/following::input[1]")->sendKeys('8 ft');
        $this->at("//label[contains(., 'to port (− starboard)')]/following::input[1]")->sendKeys('-1 ft'.WebDriverKeys::ENTER);
        $this->see('[data-compass]');
        self::assertSame('-1 ft', $this->valueOf('Steering compass, to port'));

        $this->clickOn('#lower-tab-routes');
        $this->until(fn (): bool => $this->figure('run-bow-motor') === '19 ft 4 in', 'with the slack of the shop');
        $this->typeInto('Slack at the end of Stern box to Bow motor 36 V', '2 ft');
        $this->until(fn (): bool => $this->figure('run-bow-motor') === '20 ft 4 in', 'a foot more');
        $this->clickOn('input[aria-label="A drip loop before the end of Stern box to Bow motor 36 V"]');
        $this->clickOn('#lower-tab-findings');
        $this->until(fn (): bool => str_contains($this->textOf('[aria-label=Findings]'), 'drip loop'), 'water runs along it');
        $this->clickOn('#lower-tab-mounting');
        $this->clickOn('input[aria-label="Bow motor 36 V: it holds its place by itself"]');
        $this->until(fn (): bool => str_contains($this->page(), '4 to decide'), 'and there is no heading sensor');
    }

    public function test_a_hole_nobody_looked_behind_is_a_stop_until_somebody_has(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->press('h');
        $this->at("//label[contains(., 'New hole')]/following::input[1]")->sendKeys('Antenna foot'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->page(), '2 stops'), 'a stop more');
        $this->typeInto('What is behind Antenna foot', 'open locker, wires tied aside');
        $this->until(fn (): bool => str_contains($this->page(), '1 stop'), 'looked behind');
    }

    public function test_a_board_is_laid_out_and_its_template_comes_down(): void
    {
        $this->openStage('Tiller skiff', 'Layout');
        $this->press('b');
        $this->until(fn (): bool => str_contains($this->page(), 'It can be built as it is laid out'), 'as it came');
        $this->drag('[data-board-part="0"]', 90, 0);
        $this->until(fn (): bool => str_contains($this->page(), 'lie on one another'), 'dragged onto its neighbour');
        $this->press('z');
        $this->until(fn (): bool => str_contains($this->page(), 'It can be built as it is laid out'), 'taken back');
        // A new part has the holes that were measured on it, and none that nobody measured.
        $this->at("//label[contains(., 'New part on it')]/following::input[1]")->sendKeys('Horn relay'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->page(), 'none yet, measure them on the part itself'), 'no holes yet');
        $this->clickOn('button[aria-label="One more hole in Horn relay"]');
        $this->typeInto('Horn relay, hole 1 from the left', '8 mm');
        $this->until(fn (): bool => $this->valueOf('Horn relay, hole 1 from the left') === '0.31 in', 'moved where the part has it');
        $this->clickOn('button[aria-label="take off Horn relay"]');
        $this->until(fn (): bool => ! str_contains($this->page(), 'Horn relay'), 'off again');
        $this->click('//a[contains(., "A4 (PDF)")]');
        self::assertStringStartsWith('%PDF', (string) file_get_contents($this->download('stern-board.pdf')));
    }

    /** @return string which bend has the focus */
    private function focused(): string
    {
        return (string) $this->driver()->executeScript('return document.activeElement.getAttribute("data-bend") ?? ""');
    }

    /** Metres forward and to port. */
    private function dragStation(string $station, float $forward, float $port): void
    {
        $this->dragMetres("[data-station=\"{$station}\"] rect", $forward, $port);
    }

    /** Metres forward and to port. */
    private function carry(string $device, float $forward, float $port): void
    {
        $this->dragMetres("[data-fitting=\"device:{$device}\"]", $forward, $port);
    }

    private function dragMetres(string $css, float $forward, float $port): void
    {
        $scale = $this->driver()->executeScript('return document.querySelector("svg[aria-label^=\'Boat plan\']").getScreenCTM().a');
        self::assertIsFloat($scale);
        $this->drag($css, (int) round($forward * $scale), (int) round(-$port * $scale));
    }
}
