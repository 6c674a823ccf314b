<?php

declare(strict_types=1);

namespace Bench;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Server;

/** A board of 300 tools in a browser: the longest time between two frames while it scrolls and while it is filtered. */
final readonly class Board
{
    private const TOOLS = 300;

    /** So large that a figure which was never taken cannot pass. */
    private const NOTHING_SEEN = 1e6;

    /** Scrolls from top to bottom in small steps, one a frame, and keeps the times between frames. */
    private const SCROLL = <<<'JS'
    const done = arguments[arguments.length - 1];
    const frames = [];
    let last = performance.now();
    let y = 0;
    const step = (now) => {
      frames.push(now - last);
      last = now;
      y += 60;
      scrollTo(0, y);
      y < document.documentElement.scrollHeight - innerHeight ? requestAnimationFrame(step) : done(frames.slice(2));
    };
    requestAnimationFrame(step);
    JS;

    public function __construct(private int $port)
    {
    }

    /** @return array<string, array{float, float|null}> milliseconds and limit by what was measured */
    public function measured(RemoteWebDriver $browser): array
    {
        $browser->get("http://127.0.0.1:{$this->port}/kit");
        // Three hundred tools are hung up one by one, each a write to the disk.
        $browser->manage()->timeouts()->setScriptTimeout(120);
        $this->fill($browser);
        $browser->get("http://127.0.0.1:{$this->port}/kit");
        Server::until(
            static fn (): bool => count(
                $browser->findElements(WebDriverBy::cssSelector('[data-testid^=tool-]')),
            ) >= self::TOOLS,
            'the board of 300',
            30,
        );
        /** @var list<float> $frames */
        $frames = $browser->executeAsyncScript(self::SCROLL);
        $browser->executeScript('scrollTo(0, 0)');
        Watch::begin($browser, 'main');
        $field = $browser->findElement(WebDriverBy::cssSelector("input[aria-label='Find on the board']"));
        foreach (
            ['c', 'h', 'i', 's', 'e', "\u{E003}", "\u{E003}", "\u{E003}", "\u{E003}", "\u{E003}"] as $key
        ) {
            $field->sendKeys($key);
            usleep(300_000);
        }
        $keys = Watch::took($browser);
        sort($frames);

        return [
            'board of '.self::TOOLS.' tools, scrolling: 95 % of frames within' => [
                (float) $frames[(int) (0.95 * count($frames))],
                34.0,
            ],
            'board of '.self::TOOLS.' tools, scrolling: longest frame' => [
                $frames === [] ? self::NOTHING_SEEN : (float) max($frames),
                null,
            ],
            'board of '.self::TOOLS.' tools, filtering: slowest key to painted board' => [
                $keys === [] ? self::NOTHING_SEEN : (float) max($keys),
                100.0,
            ],
        ];
    }

    private function fill(RemoteWebDriver $browser): void
    {
        $browser->executeAsyncScript(
            <<<'JS'
            const [count, done] = arguments;
            (async () => {
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
            const kinds = (await (await fetch('/api/kinds')).json()).kinds;
            for (let number = 0; number < count; number++) {
              await fetch('/api/tools', {method: 'POST',
                headers: {'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token},
                body: JSON.stringify({kind: kinds[number % kinds.length].id, figures: {}, name: `tool number ${number}`,
                  status: number % 5 ? 'owned' : 'wanted', price: ''})});
            }
            done();
            })();
            JS
            ,
            [self::TOOLS],
        );
    }
}
