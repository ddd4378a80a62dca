<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Tests\FreePort;

/** A headless Chromium with a ChromeDriver and a profile of its own, both gone when it is closed. */
final class Chromium
{
    private const READY_TRIES = 600;

    /** @param  resource  $process */
    private function __construct(
        public readonly RemoteWebDriver $driver,
        private $process,
        private readonly string $profile,
        public readonly string $downloads,
    ) {
    }

    /** @param  int  $letters  px that the person has set for text */
    public static function open(int $width = 1280, int $height = 800, int $letters = 16): self
    {
        $profile = sys_get_temp_dir().'/dinghy-chromium-'.bin2hex(random_bytes(6));
        $downloads = $profile.'-downloads';
        mkdir($profile);
        mkdir($downloads);
        $port = FreePort::find();
        $process = proc_open(['chromedriver', "--port={$port}", '--log-level=OFF'], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
        if (! is_resource($process)) {
            throw new \RuntimeException('ChromeDriver does not start. Is the package chromium-driver installed?');
        }
        for ($try = 0; $try < self::READY_TRIES && @fsockopen('127.0.0.1', $port) === false; $try++) {
            usleep(100_000);
        }
        $options = new ChromeOptions;
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-dev-shm-usage', '--hide-scrollbars',
            '--disable-background-networking', '--disable-component-update', '--disable-sync',
            "--user-data-dir={$profile}", "--window-size={$width},{$height}", '--lang=en-GB',
        ]);
        $options->setExperimentalOption('prefs', ['download.default_directory' => $downloads, 'download.prompt_for_download' => false, 'webkit.webprefs.default_font_size' => $letters]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $driver = RemoteWebDriver::create("http://127.0.0.1:{$port}", $capabilities, 60_000, 240_000);
        $driver->manage()->timeouts()->setScriptTimeout(240);
        // The window's inside, not its frame, has the size asked for.
        (new ChromeDevToolsDriver($driver))->execute('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);

        return new self($driver, $process, $profile, $downloads);
    }

    public function close(): void
    {
        try {
            $this->driver->quit();
        } finally {
            proc_terminate($this->process);
            proc_close($this->process);
            exec('rm -rf '.escapeshellarg($this->profile).' '.escapeshellarg($this->downloads));
        }
    }
}
