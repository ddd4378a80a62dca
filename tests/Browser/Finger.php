<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** A finger on the glass: touches go the way that those of a real one go, so that the page hears of them, or scrolls. */
final class Finger
{
    /** µs that it rests before it draws something along: longer than the page asks for */
    private const REST = 450_000;

    private const STEPS = 8;

    /** px */
    private const WIDTH = 390.0;

    private const EDGE = 30.0;

    /** @var array{float, float} */
    private array $at = [0.0, 0.0];

    public function __construct(private readonly RemoteWebDriver $driver)
    {
    }

    /** Turns the browser into a tablet held upright. */
    public static function onTablet(RemoteWebDriver $driver): void
    {
        self::emulate($driver, 820, 1180, true);
    }

    /** Turns the browser into a phone, or back into what stands on a desk. */
    public static function on(RemoteWebDriver $driver, bool $isPhone): void
    {
        [$width, $height] = $isPhone ? [(int) self::WIDTH, 844] : [1280, 800];
        self::emulate($driver, $width, $height, $isPhone);
    }

    private static function emulate(RemoteWebDriver $driver, int $width, int $height, bool $isPhone): void
    {
        self::tell($driver, 'Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $isPhone]);
        self::tell($driver, 'Emulation.setTouchEmulationEnabled', ['enabled' => $isPhone, ...($isPhone ? ['maxTouchPoints' => 5] : [])]);
    }

    /** Down on the middle of a thing, which is brought into sight first, and there it stays a while. */
    public function restsOn(string $css): void
    {
        $this->comesDownOn($css);
        usleep(self::REST);
    }

    public function movesBy(float $right, float $down): void
    {
        [$x, $y] = $this->at;
        for ($step = 1; $step <= self::STEPS; $step++) {
            $this->at = [$x + $right * $step / self::STEPS, $y + $down * $step / self::STEPS];
            $this->touches('touchMove', [$this->at]);
            usleep(20_000);
        }
    }

    /** To the middle of another thing; where that is beyond the edge, to the edge until it comes in sight. */
    public function movesTo(string $css): void
    {
        for ($try = 0; $try < 60; $try++) {
            [$x, $y] = $this->middleOf($css);
            if (abs($x - $this->at[0]) + abs($y - $this->at[1]) < 2) {
                return;
            }
            // While the drawing is still drawn along under it, it follows.
            $this->movesBy(min(max($x, self::EDGE), self::WIDTH - self::EDGE) - $this->at[0], $y - $this->at[1]);
            usleep(50_000);
        }
        throw new \LogicException("{$css} does not come in sight.");
    }

    public function lifts(): void
    {
        $this->touches('touchEnd', []);
    }

    public function taps(string $css): void
    {
        $this->comesDownOn($css);
        $this->lifts();
    }

    /** Down and on at once, as one scrolls. */
    public function swipes(string $css, float $right, float $down): void
    {
        $this->comesDownOn($css);
        $this->movesBy($right, $down);
        usleep(self::REST); // and stops before it leaves, so that nothing rolls on
        $this->lifts();
    }

    /** Two fingers on a thing, that begin so far apart and end so far apart, px; meanwhile both move by so much. */
    public function pinches(string $css, float $from, float $to, float $right = 0.0, float $down = 0.0): void
    {
        $this->driver->executeScript('document.querySelector(arguments[0]).scrollIntoView({ block: "center", inline: "center" })', [$css]);
        usleep(150_000);
        [$x, $y] = $this->middleOf($css);
        $spread = static fn (float $share): array => array_map(
            static fn (int $side): array => [$x + $right * $share, $y + $down * $share + $side * ($from + ($to - $from) * $share) / 2],
            [-1, 1],
        );
        $this->touches('touchStart', [$spread(0.0)[0]]);
        $this->touches('touchStart', $spread(0.0));
        for ($step = 1; $step <= self::STEPS; $step++) {
            $this->touches('touchMove', $spread($step / self::STEPS));
            usleep(20_000);
        }
        $this->lifts();
    }

    private function comesDownOn(string $css): void
    {
        $this->driver->executeScript('document.querySelector(arguments[0]).scrollIntoView({ block: "center", inline: "center" })', [$css]);
        usleep(150_000);
        $this->at = $this->middleOf($css);
        $this->touches('touchStart', [$this->at]);
    }

    /** @return array{float, float} */
    private function middleOf(string $css): array
    {
        $at = $this->driver->executeScript('const box = document.querySelector(arguments[0]).getBoundingClientRect(); return [box.left + box.width / 2, box.top + box.height / 2]', [$css]);

        return is_array($at) ? [(float) $at[0], (float) $at[1]] : throw new \LogicException("There is no {$css}.");
    }

    /** @param  array<int, array{float, float}>  $points */
    private function touches(string $type, array $points): void
    {
        self::tell($this->driver, 'Input.dispatchTouchEvent', ['type' => $type, 'touchPoints' => array_map(static fn (array $at, int $id): array => ['x' => $at[0], 'y' => $at[1], 'id' => $id], $points, array_keys($points))]);
    }

    /** @param  array<string, mixed>  $params */
    private static function tell(RemoteWebDriver $driver, string $command, array $params): void
    {
        (new ChromeDevToolsDriver($driver))->execute($command, $params);
    }
}
