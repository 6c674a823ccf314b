<?php

declare(strict_types=1);

namespace Bench;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Driver;
use Tests\Browser\Server;

/** What only a browser can tell: how soon a page is usable, how soon a drawing follows a key. */
final readonly class InBrowser
{
    public function __construct(private int $port)
    {
    }

    /** @return array<string, array{float, float|null}> milliseconds and limit by what was measured */
    public function measured(): array
    {
        $driver = new Driver();
        $browser = $driver->browser();
        $usable = $this->usable($browser);
        $keys = $this->keys($browser);
        $plan = $this->typing($browser, '/true/plans/bridle-square', 'Blade, beyond the stock', '20');
        $diary = (new EdgeDiary($this->port))->measured($browser);
        $references = (new References($this->port))->measured($browser);
        $board = (new Board($this->port))->measured($browser);
        $browser->quit();
        sort($keys);
        sort($plan);

        return [
            'first page usable' => [$usable, 1000.0],
            'keystroke to changed drawing, median of '.count($keys) => [$keys[intdiv(count($keys), 2)] ?? INF, 100.0],
            'keystroke to changed drawing, worst' => [$keys[count($keys) - 1] ?? INF, 100.0],
            'a plan’s size, keystroke to changed drawing, median of '.count($plan) => [
                $plan[intdiv(count($plan), 2)] ?? INF,
                100.0,
            ],
            'a plan’s size, keystroke to changed drawing, worst' => [$plan[count($plan) - 1] ?? INF, 100.0],
            ...$diary,
            ...$references,
            ...$board,
        ];
    }

    /** From navigation to the next stroke standing on the page. */
    private function usable(RemoteWebDriver $browser): float
    {
        $browser->get("http://127.0.0.1:{$this->port}/");
        $browser->executeScript('localStorage.clear()');
        $browser->get('about:blank');
        $start = hrtime(true);
        $browser->get("http://127.0.0.1:{$this->port}/");
        Server::until(
            static fn (): bool => $browser->findElements(WebDriverBy::cssSelector('[data-testid=next-stroke]')) !== [],
            'the bench',
        );

        return (hrtime(true) - $start) / 1e6;
    }

    /** @return list<float> */
    private function keys(RemoteWebDriver $browser): array
    {
        $listed = json_decode((string) file_get_contents("http://127.0.0.1:{$this->port}/api/references"), true);

        return $this->typing($browser, "/true/references/{$listed['references'][0]['id']}", 'reading 1', '0.3');
    }

    /**
     * Digits typed behind a figure and taken off again, one at a time.
     *
     * @return list<float> milliseconds from each key to the drawing painted anew
     */
    private function typing(RemoteWebDriver $browser, string $path, string $label, string $begun): array
    {
        $browser->get("http://127.0.0.1:{$this->port}$path");
        $field = "//input[@id = //label[contains(., '$label')]/@for]";
        Server::until(static fn (): bool => $browser->findElements(WebDriverBy::xpath($field)) !== [], $path);
        $input = $browser->findElement(WebDriverBy::xpath($field));
        $input->sendKeys($begun);
        usleep(500_000);
        Watch::begin($browser, 'figure svg');
        foreach (range(1, 20) as $digit) {
            $input->sendKeys((string) (($digit % 9) + 1));
            usleep(250_000);
            $input->sendKeys("\u{E003}");
            usleep(250_000);
        }

        return Watch::took($browser);
    }
}
