<?php

declare(strict_types=1);

// How long the first sight of a page takes and what it weighs, from a running Dinghy with demo data, nothing cached:
//   php tests/Browser/time-first-loads.php http://127.0.0.1:8080
// The shed as this machine serves it, the stages also at 1.6 Mbit/s, 150 ms there and back, and a processor four times slower.

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Chromium;

require __DIR__.'/../../vendor/autoload.php';

const RUNS = 3;
const SLOW_BYTES_PER_S = 1_600_000 / 8;
const SLOW_DELAY_MS = 150;
const SLOW_PROCESSOR = 4;

$address = $argv[1] ?? 'http://127.0.0.1:8080';
$chromium = Chromium::open(1280, 800);
register_shutdown_function($chromium->close(...));
$driver = $chromium->driver;
$tools = new ChromeDevToolsDriver($driver);

$driver->get($address.'/sign-in');
$driver->wait(10)->until(static fn (): bool => $driver->findElements(WebDriverBy::cssSelector('form')) !== []);
$driver->findElement(WebDriverBy::cssSelector('input[type=email]'))->sendKeys('owner@fernhollow.example');
$driver->findElement(WebDriverBy::cssSelector('input[type=password]'))->sendKeys("lake-aurensee\n");
$driver->wait(10)->until(static fn (): bool => $driver->findElements(WebDriverBy::cssSelector('main li h2 a')) !== []);
$skiff = preg_replace('#^.*?(/jobs/\d+)/.*$#', '$1', (string) $driver->findElement(WebDriverBy::xpath('//main//a[contains(., "Tiller skiff")]'))->getAttribute('href'));

/**
 * Opens the page with nothing cached and looks, in the page itself, for what it is there to show.
 *
 * @return array{seen_ms: float, bytes: int, requests: int}
 */
$open = static function (string $path, string $sight) use ($driver, $tools, $address): array {
    $tools->execute('Network.clearBrowserCache');
    $id = $tools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => sprintf(
        'performance.setResourceTimingBufferSize(1000); const looks = setInterval(() => { if (document.querySelector(%s)) { clearInterval(looks); requestAnimationFrame(() => { window.seenAt = performance.now(); }); } }, 10);',
        json_encode($sight, JSON_THROW_ON_ERROR),
    )])['identifier'];
    $driver->get($address.$path);
    $driver->wait(60, 100)->until(static fn (RemoteWebDriver $page): bool => $page->executeScript('return window.seenAt !== undefined'));
    $tools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $id]);

    return $driver->executeScript(<<<'JS'
        const [page] = performance.getEntriesByType('navigation');
        const before = performance.getEntriesByType('resource').filter((entry) => entry.responseEnd > 0 && entry.responseEnd <= window.seenAt);
        return { seen_ms: window.seenAt, bytes: before.reduce((sum, entry) => sum + entry.transferSize, page.transferSize), requests: before.length + 1 };
        JS);
};

$tools->execute('Page.enable');
$tools->execute('Network.enable');
foreach ([
    'shed' => ['/', 'main li h2 a', false],
    'survey, slow' => ["{$skiff}/survey", 'main [role=tablist]', true],
    'layout, slow' => ["{$skiff}/layout", '[data-station]', true],
    'sonar, slow' => ["{$skiff}/sonar", '[data-rope]', true],
    'a step, slow' => ["{$skiff}/rig?step=photograph:stern", '[data-figure=step]', true, 390],
    'power, slow' => ["{$skiff}/power", '[data-run]', true],
    'power' => ["{$skiff}/power", '[data-run]', false],
] as $name => $asked) {
    [$path, $sight, $slow] = $asked;
    // On a phone, where it is done there.
    $tools->execute('Emulation.setDeviceMetricsOverride', ['width' => $asked[3] ?? 1280, 'height' => isset($asked[3]) ? 844 : 800, 'deviceScaleFactor' => 1, 'mobile' => isset($asked[3])]);
    $tools->execute('Network.emulateNetworkConditions', $slow
        ? ['offline' => false, 'latency' => SLOW_DELAY_MS, 'downloadThroughput' => SLOW_BYTES_PER_S, 'uploadThroughput' => SLOW_BYTES_PER_S]
        : ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    $tools->execute('Emulation.setCPUThrottlingRate', ['rate' => $slow ? SLOW_PROCESSOR : 1]);
    $runs = array_map(static fn (): array => $open($path, $sight), range(1, RUNS));
    usort($runs, static fn (array $one, array $other): int => $one['seen_ms'] <=> $other['seen_ms']);
    $median = $runs[intdiv(RUNS, 2)];
    printf("%-13s seen after %5.2f s (%.2f to %.2f), %4.0f kB in %d answers\n", $name, $median['seen_ms'] / 1000, $runs[0]['seen_ms'] / 1000, $runs[RUNS - 1]['seen_ms'] / 1000, $median['bytes'] / 1000, $median['requests']);
}
