<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A headless Chromium of its own, with ChromeDriver on a free port; both end with this object. */
final class Chromium
{
    public readonly RemoteWebDriver $driver;

    private readonly Process $chromedriver;

    private readonly string $profile;

    public function __construct(int $width = 1280, int $height = 800)
    {
        $port = self::freePort();
        $this->profile = sys_get_temp_dir().'/true-pupil-browser-'.bin2hex(random_bytes(5));
        mkdir($this->profile);
        $this->chromedriver = new Process(['chromedriver', '--port='.$port, '--log-level=OFF'], timeout: null);
        $this->chromedriver->start();
        $options = (new ChromeOptions())->addArguments([
            '--headless',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--no-proxy-server',
            '--disable-sync',
            '--disable-dev-shm-usage',
            '--hide-scrollbars',
            '--force-device-scale-factor=1',
            '--user-data-dir='.$this->profile,
            '--window-size='.$width.','.$height,
        ]);
        // A phone is narrower than any desktop window may be.
        if ($width < 500) {
            $options->setExperimentalOption('mobileEmulation', [
                'deviceMetrics' => ['width' => $width, 'height' => $height, 'pixelRatio' => 1.0, 'touch' => true],
            ]);
        }
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $this->driver = $this->connect($port, $capabilities);
    }

    public function __destruct()
    {
        try {
            $this->driver->quit();
        } catch (\Throwable) {
            // It is ending either way.
        }
        $this->chromedriver->stop(3);
        (new Process(['rm', '-rf', $this->profile]))->run();
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('There is no free port.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    private function connect(int $port, DesiredCapabilities $capabilities): RemoteWebDriver
    {
        for ($try = 0; $try < 100; $try++) {
            $socket = @fsockopen('127.0.0.1', $port, timeout: 1.0);
            if ($socket !== false) {
                fclose($socket);

                return RemoteWebDriver::create('http://127.0.0.1:'.$port, $capabilities, 20_000, 60_000);
            }
            usleep(100_000);
        }
        throw new RuntimeException('ChromeDriver did not answer: '.$this->chromedriver->getErrorOutput());
    }
}
