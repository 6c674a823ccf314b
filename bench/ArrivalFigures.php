<?php

declare(strict_types=1);

namespace Bench;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Driver;
use Tests\Browser\Server;

/** How a page arrives with ten years in it, and how soon its drawing follows keys that were never typed before. */
final readonly class ArrivalFigures
{
    private const VIEWS = [
        '/' => 'bench', '/kit' => 'kit', '/edges' => 'edges', '/true' => 'references', '/true/season' => 'season',
        '/diary' => 'diary',
    ];

    private const WATCH = <<<'JS'
    window.shifted = 0; window.blocked = 0;
    new PerformanceObserver((list) => {
      for (const one of list.getEntries()) if (!one.hadRecentInput) window.shifted += one.value;
    }).observe({type: 'layout-shift', buffered: true});
    new PerformanceObserver((list) => {
      for (const one of list.getEntries()) window.blocked += Math.max(0, one.duration - 50);
    }).observe({type: 'longtask', buffered: true});
    JS;

    /** Layout shift that nobody notices (web.dev: good up to 0.1); ours may be a fifth of it. */
    private const SHIFT = 0.02;

    private const BLOCKED_MS = 200.0;

    private const KEYS = 20;

    /** @var list<array{string, string, string, string}> what, the page, the field and how its figures begin */
    private const TYPED = [
        ['a square’s reading', '/true/references/1', 'reading 1', '0.'],
        ['a plan’s size', '/true/plans/bridle-square', 'Blade, beyond the stock', '1'],
        ['dovetails’ width', '/work/dovetails', 'Width of the boards', '1'],
    ];

    /** So often it is typed at most, until others leave the machine in quiet. */
    private const TURNS = 4;

    /** @var array<int, array{float, float}> middle and 95th percentile, ms, by how much slower the processor is */
    private const KEY_LIMITS = [1 => [60.0, 100.0], 4 => [100.0, 160.0]];

    public function __construct(private HeavyServer $heavy)
    {
    }

    /** @return iterable<Figure> */
    public function measured(): iterable
    {
        $driver = new Driver();
        $browser = $driver->browser();
        yield from $this->wire($browser);
        foreach (self::VIEWS as $path => $name) {
            $browser->get('about:blank');
            $browser->get($this->heavy->server->url($path));
            sleep(2);
            $browser->executeScript(self::WATCH);
            usleep(300_000);
            $shift = self::number($browser, 'shifted');
            yield new Figure("$name: shift of the layout on arrival", $shift, '-', self::SHIFT);
            yield new Figure('  time that long tasks block', self::number($browser, 'blocked'), 'ms', self::BLOCKED_MS);
        }
        foreach (self::KEY_LIMITS as $slower => $limits) {
            (new ChromeDevToolsDriver($browser))->execute('Emulation.setCPUThrottlingRate', ['rate' => $slower]);
            $on = $slower === 1 ? '' : ", on a processor $slower times slower";
            foreach (self::TYPED as [$what, $path, $label, $begun]) {
                $times = $this->inQuiet(
                    fn (): array => $this->keys($browser, $path, $label, $begun),
                );
                sort($times);
                yield new Figure(
                    "$what: new figure to drawing, middle of ".count($times),
                    $times[intdiv(count($times), 2)] ?? INF,
                    'ms',
                    $limits[0],
                );
                yield new Figure('  95th percentile', $times[(int) (0.95 * count($times))] ?? INF, 'ms', $limits[1]);
            }
        }
        $browser->quit();
    }

    /** @return iterable<Figure> bytes as they were really sent */
    private function wire(RemoteWebDriver $browser): iterable
    {
        $sent = 'return performance.getEntriesByType("navigation").concat(performance.getEntriesByType("resource"))'
            .'.reduce((sum, one) => sum + one.transferSize, 0) / 1000';
        $browser->get($this->heavy->server->url('/'));
        sleep(3);
        $first = $browser->executeScript($sent);
        $browser->navigate()->refresh();
        sleep(3);
        $again = $browser->executeScript($sent);
        yield new Figure('first page, all that is sent for it', is_numeric($first) ? (float) $first : INF, 'kB', 350);
        yield new Figure('the same reloaded', is_numeric($again) ? (float) $again : INF, 'kB', 13);
    }

    /**
     * Again, while others take this machine's time: the turn in which they took least counts, whatever it measured.
     *
     * @param  callable(): list<float>  $measure
     * @return list<float>
     */
    private function inQuiet(callable $measure): array
    {
        $times = [];
        $least = INF;
        for ($turn = 0; $turn < self::TURNS && $least > OthersTime::QUIET_PCT; $turn++) {
            $others = new OthersTime();
            $measured = $measure();
            $pct = $others->pct() ?? 0.0;
            if ($pct < $least) {
                [$times, $least] = [$measured, $pct];
            }
        }

        return $times;
    }

    /** @return list<float> milliseconds from each key to the drawing painted anew */
    private function keys(RemoteWebDriver $browser, string $path, string $label, string $begun): array
    {
        $browser->get($this->heavy->server->url($path));
        // What was typed in the round before would be found again.
        $browser->executeScript('localStorage.clear()');
        $browser->get($this->heavy->server->url($path));
        $field = WebDriverBy::xpath("//input[@id = //label[contains(., '$label')]/@for]");
        Server::until(static fn (): bool => $browser->findElements($field) !== [], $path);
        $input = $browser->findElement($field);
        $input->sendKeys($begun);
        usleep(500_000);
        $drawing = WebDriverBy::cssSelector('figure svg');
        Server::until(static fn (): bool => $browser->findElements($drawing) !== [], "the drawing of $path");
        Watch::begin($browser, 'figure svg');
        for ($key = 0; $key < self::KEYS; $key++) {
            if ($key % 4 === 0) {
                $input->clear();
                $input->sendKeys($begun);
                usleep(400_000);
            }
            $input->sendKeys((string) mt_rand(1, 9));
            usleep(350_000);
        }

        return Watch::took($browser);
    }

    private static function number(RemoteWebDriver $browser, string $what): float
    {
        $value = $browser->executeScript("return window.$what");

        return is_numeric($value) ? (float) $value : INF;
    }
}
