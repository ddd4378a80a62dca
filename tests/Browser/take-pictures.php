<?php

declare(strict_types=1);

// Takes the pictures of docs/screenshots/ from a running Dinghy with fresh demo data:
//   php tests/Browser/take-pictures.php http://127.0.0.1:8080 [FOLDER]

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Chromium;

require __DIR__.'/../../vendor/autoload.php';

$address = $argv[1] ?? 'http://127.0.0.1:8080';
$folder = $argv[2] ?? __DIR__.'/../../docs/screenshots';

foreach ([['', 1280, 800], ['-phone', 390, 844]] as [$suffix, $width, $height]) {
    $chromium = Chromium::open($width, $height);
    register_shutdown_function($chromium->close(...)); // also when a view does not come
    $driver = $chromium->driver;
    $see = static function (string $css) use ($driver): void {
        $driver->wait(10)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector($css)));
        usleep(400_000);
    };
    $take = static fn (string $name) => $driver->takeScreenshot("{$folder}/{$name}{$suffix}.png");
    $key = static fn (string $key) => $driver->getKeyboard()->sendKeys($key);

    $driver->get("{$address}/sign-in");
    $see('form');
    $suffix === '' && $take('sign-in');
    $driver->findElement(WebDriverBy::cssSelector('input[type=email]'))->sendKeys('owner@fernhollow.example');
    $driver->findElement(WebDriverBy::cssSelector('input[type=password]'))->sendKeys("lake-aurensee\n");
    $see('main li h2 a');
    $take('shed');
    if ($suffix === '') {
        $driver->get("{$address}/catalogue");
        $see('main ul li');
        $take('catalogue');
        $driver->get("{$address}/house-rules");
        $see('dl input');
        $driver->findElement(WebDriverBy::cssSelector('input[aria-label="Drop allowed to electronics"]'))->click();
        $driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, '2 %', WebDriverKeys::ENTER]);
        $see('[data-figure=boats-that-change]');
        $take('house-rules');
        $driver->get($address);
        $see('main li h2 a');
    }
    $driver->findElement(WebDriverBy::cssSelector('main li h2 a'))->click();
    $see('[data-run]');
    $take('power');
    $go = static fn (string $stage) => $driver->get((string) preg_replace('#[^/]+$#', $stage, $driver->getCurrentURL()));
    if ($suffix === '') {
        $driver->executeScript('document.activeElement.blur()');
        foreach (['2' => 'power-runs', '3' => 'power-profile', '4' => 'power-bench', '5' => 'power-short', '6' => 'power-supply', '7' => 'power-order'] as $press => $name) {
            $key((string) $press);
            usleep(700_000);
            if ($name === 'power-order') {
                for ($step = 0; $step < 9; $step++) {
                    $driver->findElement(WebDriverBy::xpath('//button[contains(., "Next step")]'))->click();
                }
                $driver->executeScript('document.activeElement.blur()');
                usleep(300_000);
            }
            $take($name);
        }
        $key('t');
        $key('1');
        $key('w');
        $see('section[aria-label=Why] h3');
        $take('power-why');
        $go('layout');
        $see('[data-station]');
        $key('3');
        usleep(600_000);
        $take('layout-tubes');
        $key('4');
        usleep(600_000);
        $take('layout-mounting');
    }
    // The console boat has just been surveyed.
    $driver->get($address);
    $see('main li h2 a');
    $driver->findElement(WebDriverBy::xpath('//main//a[contains(., "Console boat")]'))->click();
    $see('[data-figure], img');
    usleep(900_000);
    $take('survey');
    if ($suffix === '') {
        $key('3');
        usleep(600_000);
        $take('survey-path');
    }
}
