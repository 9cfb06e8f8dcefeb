<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** Headless Chromium, a new one for each test so that nothing of the one before arrives late, with one ChromeDriver on a free port; nothing leaves the machine. */
final class Chrome
{
    private static ?RemoteWebDriver $driver = null;

    private static ?int $port = null;

    public static function driver(): RemoteWebDriver
    {
        return self::$driver ?? self::start();
    }

    public static function start(): RemoteWebDriver
    {
        self::$driver?->quit();
        $port = self::$port ??= self::startDriver();
        $options = new ChromeOptions();
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-dev-shm-usage', '--no-first-run', '--no-default-browser-check',
            '--disable-background-networking', '--disable-component-update', '--disable-domain-reliability', '--disable-sync', '--metrics-recording-only',
            '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1', '--force-color-profile=srgb', '--font-render-hinting=none', '--hide-scrollbars',
            '--window-size=1280,800',
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = self::$driver = RemoteWebDriver::create("http://127.0.0.1:$port", $capabilities, 20_000, 60_000);
        self::size(1280, 800);

        return $driver;
    }

    private static function startDriver(): int
    {
        $port = self::freePort();
        $process = proc_open(['chromedriver', "--port=$port", '--log-level=SEVERE'], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
        if (!is_resource($process)) {
            throw new \RuntimeException('ChromeDriver does not start.');
        }
        register_shutdown_function(static function () use ($process): void {
            self::$driver?->quit();
            proc_terminate($process);
        });
        self::wait($port);

        return $port;
    }

    public static function size(int $width, int $height): void
    {
        (new ChromeDevToolsDriver(self::driver()))->execute('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);
    }

    public static function online(bool $online): void
    {
        $tools = new ChromeDevToolsDriver(self::driver());
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', ['offline' => !$online, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No free port.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    public static function wait(int $port): void
    {
        for ($try = 0; $try < 200; ++$try) {
            $socket = @stream_socket_client("tcp://127.0.0.1:$port", timeout: 0.2);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(50_000);
        }
        throw new \RuntimeException("Nothing answers on port $port.");
    }
}
