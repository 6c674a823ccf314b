<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** ChromeDriver on a free port; hands out fresh browsers and ends with the test run. */
final class Driver
{
    private const FLAGS = [
        '--headless=new',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--hide-scrollbars',
        '--window-size=1280,800',
    ];

    /** @var resource */
    private $process;

    private readonly int $port;

    private int $profiles = 0;

    public function __construct()
    {
        $this->port = Server::freePort();
        $process = proc_open(
            ['chromedriver', "--port={$this->port}"],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
        );
        $this->process = is_resource($process) ? $process : throw new RuntimeException('ChromeDriver does not start.');
        // It keeps connections open, so its answer is not waited for: an open port will do.
        Server::until(fn (): bool => is_resource(@fsockopen('127.0.0.1', $this->port, timeout: 1)), 'ChromeDriver');
    }

    public function browser(): RemoteWebDriver
    {
        return $this->of($this->profile(++$this->profiles));
    }

    /** The newest browser, closed before, with all that it kept. */
    public function browserAgain(): RemoteWebDriver
    {
        return $this->of($this->profile($this->profiles));
    }

    private function of(string $profile): RemoteWebDriver
    {
        $options = new ChromeOptions();
        $options->addArguments([...self::FLAGS, "--user-data-dir=$profile"]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        // A shared shop goes by its own authority, which no browser knows; curl asks whether it is the right one.
        $capabilities->setCapability('acceptInsecureCerts', true);

        return RemoteWebDriver::create("http://127.0.0.1:{$this->port}", $capabilities, 20_000, 60_000);
    }

    public function __destruct()
    {
        proc_terminate($this->process);
        proc_close($this->process);
        for ($profile = 1; $profile <= $this->profiles; $profile++) {
            exec('rm -rf '.escapeshellarg($this->profile($profile)));
        }
    }

    private function profile(int $number): string
    {
        return sys_get_temp_dir()."/jackrest-profile-{$this->port}-$number";
    }
}
