<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/** A real browser at a real server, on a demo bench put back before each test. */
abstract class BrowserTestCase extends TestCase
{
    protected static ?Server $server = null;

    private static ?Driver $driver = null;

    protected RemoteWebDriver $browser;

    /** @var list<RemoteWebDriver> */
    private array $windows = [];

    protected function setUp(): void
    {
        self::$server ??= new Server();
        self::$driver ??= new Driver();
        self::artisan('demo:reset');
        $this->browser = $this->newBrowser();
    }

    protected static function artisan(string $command): void
    {
        self::php("artisan $command");
    }

    /** Runs one of the project's scripts on the server's bench. */
    protected static function php(string $script): void
    {
        exec(
            'cd '.
                escapeshellarg(dirname(__DIR__, 2)).
                ' && JACKREST_DATA='.
                escapeshellarg(self::server()->data).
                ' DB_DATABASE='.
                escapeshellarg(self::server()->data.'/jackrest.sqlite').
                " APP_ENV=production php $script 2>&1",
            $said,
            $status,
        );
        self::assertSame(0, $status, implode("\n", $said));
    }

    protected function tearDown(): void
    {
        foreach ($this->windows as $window) {
            $window->quit();
        }
        $this->windows = [];
    }

    protected static function server(): Server
    {
        return self::$server ?? throw new \LogicException('The server is started in setUp.');
    }

    protected function newBrowser(): RemoteWebDriver
    {
        self::$driver ??= new Driver();

        return $this->windows[] = self::$driver->browser();
    }

    /** The newest browser is closed, and opened again with what it kept. */
    protected function reopen(): RemoteWebDriver
    {
        self::$driver ??= new Driver();
        array_pop($this->windows)?->quit();

        return $this->windows[] = self::$driver->browserAgain();
    }

    protected function open(string $path, ?RemoteWebDriver $in = null): void
    {
        ($in ?? $this->browser)->get(self::server()->url($path));
        $this->sees('//h1', $in);
    }

    /** Waits until an element is there and gives it. */
    protected function sees(string $xpath, ?RemoteWebDriver $in = null): RemoteWebElement
    {
        $browser = $in ?? $this->browser;
        $found = self::asSpaced($xpath);
        Server::until(
            static fn (): bool => $browser->findElements($found) !== [],
            "$xpath at {$browser->getCurrentURL()}",
            10,
        );

        return $browser->findElement($found);
    }

    /** A figure stands beside its unit by a space that does not break; to a test it is a space. */
    protected static function asSpaced(string $xpath): WebDriverBy
    {
        $own = "translate(., '\u{A0}', ' ')";

        return WebDriverBy::xpath(str_replace(['contains(.,', '[. ='], ["contains($own,", "[$own ="], $xpath));
    }

    protected function seesText(string $text, ?RemoteWebDriver $in = null): void
    {
        $browser = $in ?? $this->browser;
        $page = static fn (): string => self::plain((string) $browser->executeScript('return document.body.innerText'));
        Server::until(
            static fn (): bool => str_contains($page(), $text),
            static fn (): string => "“{$text}” in:\n{$page()}",
            10,
        );
        // Seen once is seen: by a second look the page may have gone on to another.
        $this->addToAssertionCount(1);
    }

    /** What goes away by itself, a little later. */
    protected function seesNoMore(string $text, ?RemoteWebDriver $in = null): void
    {
        Server::until(fn (): bool => ! str_contains($this->said($in), $text), "“{$text}” to go", 10);
        $this->addToAssertionCount(1);
    }

    protected function press(string $label, ?RemoteWebDriver $in = null): void
    {
        $browser = $in ?? $this->browser;
        try {
            $this->pressNow($label, $browser);
        } catch (StaleElementReferenceException) {
            // Drawn anew between finding and pressing: nothing was pressed yet.
            $this->pressNow($label, $browser);
        }
    }

    private function pressNow(string $label, RemoteWebDriver $browser): void
    {
        // One that is still greyed, because what was typed is being reckoned, is waited for.
        $button = $this->sees("//button[contains(., '$label') and not(@disabled)]", $browser);
        $browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$button]);
        $button->click();
    }

    protected function field(string $label, ?RemoteWebDriver $in = null): RemoteWebElement
    {
        return $this->sees("//input[@id = //label[contains(., '$label')]/@for]", $in);
    }

    protected function type(string $label, string $text, ?RemoteWebDriver $in = null): void
    {
        $field = $this->field($label, $in);
        $field->click();
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text);
    }

    protected function keys(string ...$keys): void
    {
        $this->browser->switchTo()->activeElement()->sendKeys($keys);
    }

    protected function device(int $width, string $ground, ?RemoteWebDriver $in = null): void
    {
        $tools = new ChromeDevToolsDriver($in ?? $this->browser);
        $tools->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => 800,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);
        $tools->execute('Emulation.setEmulatedMedia', [
            'features' => [['name' => 'prefers-color-scheme', 'value' => $ground]],
        ]);
    }

    /** A thumb on glass, in place of a mouse. */
    protected function isTouched(RemoteWebDriver $in): void
    {
        (new ChromeDevToolsDriver($in))->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true]);
    }

    /** Everything that can be read on the page. */
    protected function said(?RemoteWebDriver $in = null): string
    {
        return self::plain((string) ($in ?? $this->browser)->executeScript('return document.body.innerText'));
    }

    /** Taps through a sharpening day in bench mode; gives how often a stone was fetched. */
    protected function walkTheDay(?Closure $next = null): int
    {
        $fetched = 0;
        for ($tap = 0; $tap < 90 && ! str_contains($this->said(), 'The sharpening day is done'); $tap++) {
            $before = $this->said();
            $fetched += str_contains($before, 'Fetch the') ? 1 : 0;
            $next === null ? $this->sees("//button[@data-testid='next']")->click() : $next();
            Server::until(fn (): bool => $this->said() !== $before, 'the next screen', 5);
        }
        $this->seesText('The sharpening day is done');

        return $fetched;
    }

    protected function nextStroke(?RemoteWebDriver $in = null): string
    {
        return self::plain($this->sees("//*[@data-testid='next-stroke']", $in)->getText());
    }

    /** Spaces that a line is not broken at are spaces to whoever reads it. */
    private static function plain(string $text): string
    {
        return str_replace("\u{A0}", ' ', $text);
    }

    /** The first reference of a form: square, straight, sticks, slope, sole. */
    protected function referenceId(string $form): int
    {
        $listed = json_decode((string) file_get_contents(self::server()->url('/api/references')), true);
        foreach ($listed['references'] as $reference) {
            if ($reference['outline']['form'] === $form) {
                return (int) $reference['id'];
            }
        }
        self::fail("The demo bench has no $form.");
    }
}
