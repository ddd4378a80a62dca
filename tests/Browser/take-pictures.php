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
        usleep(900_000);
    };
    $take = static fn (string $name) => $driver->takeScreenshot("{$folder}/{$name}{$suffix}.png");
    $open = static function (string $path, string $css) use ($driver, $address, $see): void {
        $driver->get($address.$path);
        $see($css);
    };

    $open('/sign-in', 'form');
    $driver->findElement(WebDriverBy::cssSelector('input[type=email]'))->sendKeys('owner@fernhollow.example');
    $driver->findElement(WebDriverBy::cssSelector('input[type=password]'))->sendKeys("lake-aurensee\n");
    $see('main li h2 a');
    $take('shed');
    $boat = static fn (string $name): string => (string) preg_replace('#^.*?(/jobs/\d+)/.*$#', '$1', (string) $driver->findElement(
        WebDriverBy::xpath("//main//a[contains(., \"{$name}\")]"),
    )->getAttribute('href'));
    [$skiff, $console, $pontoon] = [$boat('Tiller skiff'), $boat('Console boat'), $boat('Pontoon')];
    if ($suffix === '') {
        $open('/catalogue', 'main ul li');
        $take('catalogue');
        $open('/settings', 'fieldset');
        $take('settings');
        $open('/house-rules', 'dl input');
        $driver->findElement(WebDriverBy::cssSelector('input[aria-label="Drop allowed to electronics"]'))->click();
        $driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, '2 %', WebDriverKeys::ENTER]);
        $see('[data-figure=boats-that-change]');
        $take('house-rules');
        $open("{$skiff}/power?on=bank:thrust&drawing=bench&pane=bench", '[data-post]');
        $take('power-bench');
        $open("{$skiff}/layout?on=station:stern&pane=tubes", '[data-station]');
        $take('layout');
        $open("{$console}/sonar?on=terminal-block:old-block&pane=pins", '[data-pin]');
        $take('sonar');
        $open("{$console}/kit?on=feed:bow-motor&pane=spools", '[data-spool]');
        $take('kit');
        $open('/stock?show=orders', '[data-order]');
        $take('stock');
        $open("{$skiff}/day?pane=devices", '[data-charge]');
        $take('day');
    }
    if ($suffix === '') {
        $open("{$skiff}/rig?step=".rawurlencode('terminate:bow-motor-'), '[data-figure=step]');
        $take('rig');
        $open("{$pontoon}/meter?pane=passport&way=".rawurlencode('feed:stern-motor'), '[data-passport]');
        $take('meter');
    } else {
        $driver->executeScript("localStorage.setItem('dinghy-volts-jack', JSON.stringify(new Date().toDateString()))");
        $open("{$pontoon}/meter?point=".rawurlencode('thrust:tap:2'), '[data-reading]');
        $take('meter');
        $open("{$skiff}/rig?step=".rawurlencode('connect:bank:thrust:jumper:b1+b2-@b1+'), '[data-figure=step]');
        $take('rig');
    }
    $open("{$skiff}/power", '[data-run]');
    $take('power');
    if ($suffix === '') {
        $driver->executeScript("localStorage.setItem('dinghy-scheme', 'dark')");
        $open("{$skiff}/power", '[data-run]');
        $take('power-locker');
        $driver->executeScript("localStorage.removeItem('dinghy-scheme')");
    }
    if ($suffix === '') {
        $open("{$console}/survey?pane=paths&drawing=path", '[data-figure], img');
        $take('survey');
    }
}
