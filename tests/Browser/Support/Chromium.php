<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * A headless Chromium with ChromeDriver on a free port. Starting one costs seconds, so each process keeps those it has
 * and lends them to one test after another: a new window, and nothing in it of whoever had it before.
 */
final class Chromium
{
    /** @var array<string, list<self>> those that nobody has now, by the size of their screen */
    private static array $idle = [];

    /** @var list<self> all that were started */
    private static array $started = [];

    public readonly RemoteWebDriver $driver;

    private readonly Process $chromedriver;

    private readonly string $profile;

    /** @var array<string, true> whose pages it has shown */
    private array $origins = [];

    private function __construct(private readonly int $width, private readonly int $height)
    {
        // Destructors at the end of a process come in no order: ChromeDriver may be gone before its browser.
        self::$started === [] && register_shutdown_function(self::endAll(...));
        self::$started[] = $this;
        $port = self::freePort();
        $this->profile = sys_get_temp_dir().'/true-pupil-browser-'.bin2hex(random_bytes(5));
        mkdir($this->profile);
        $this->chromedriver = new Process(['chromedriver', '--port='.$port, '--log-level=OFF'], timeout: null);
        $this->chromedriver->start();
        $options = (new ChromeOptions())->setBinary(__DIR__.'/headless')->addArguments([
            '--headless',
            '--no-sandbox',
            '--disable-gpu',
            '--force-prefers-reduced-motion',
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

    /** One that shows nothing yet and knows nobody, on a screen of this size. */
    public static function borrow(int $width, int $height): self
    {
        $size = $width.'x'.$height;
        self::$idle[$size] ??= [];

        return array_pop(self::$idle[$size]) ?? new self($width, $height);
    }

    /** Forgets everything that a test left in it, and keeps it for the next one; ends it where it no longer answers. */
    public function giveBack(): void
    {
        try {
            $this->forget();
        } catch (\Throwable) {
            $this->end();

            return;
        }
        self::$idle[$this->width.'x'.$this->height][] = $this;
    }

    public function get(string $url): void
    {
        preg_match('~^\w+://[^/]+~', $url, $origin);
        $this->origins[$origin[0] ?? $url] = true;
        $this->driver->get($url);
    }

    /** Cookies, what pages stored, their workers, open windows and how the network was set. */
    private function forget(): void
    {
        $this->driver->manage()->deleteAllCookies();
        $old = $this->driver->getWindowHandles();
        $this->driver->switchTo()->newWindow();
        $fresh = $this->driver->getWindowHandle();
        foreach ($old as $window) {
            $this->driver->switchTo()->window($window);
            $this->driver->close();
        }
        $this->driver->switchTo()->window($fresh);
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.clearBrowserCookies');
        foreach (array_keys($this->origins) as $origin) {
            $tools->execute('Storage.clearDataForOrigin', ['origin' => $origin, 'storageTypes' => 'all']);
        }
        $this->origins = [];
    }

    private static function endAll(): void
    {
        foreach (self::$started as $one) {
            $one->end();
        }
    }

    private function end(): void
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
