<?php

declare(strict_types=1);

namespace Bench;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Server;

/** An edge kept for years: 2,000 entries taken in as a file, then its pages opened. */
final readonly class EdgeDiary
{
    private const ENTRIES = 2000;

    public function __construct(private int $port)
    {
    }

    /** @return array<string, array{float, float|null}> milliseconds and limit by what was measured */
    public function measured(RemoteWebDriver $browser): array
    {
        $edge = json_decode((string) file_get_contents("http://127.0.0.1:{$this->port}/api/edges"), true)[
            'edges'
        ][0];
        $import = $this->takeIn($browser, (string) $edge['name']);

        self::watch($browser);

        return [
            self::ENTRIES.' diary lines taken in, shown first and then written' => [$import, null],
            'an edge’s page with '.self::ENTRIES.' entries: from click to next stroke' => [
                $this->clicks($browser, '/edges', "/edges/{$edge['id']}"),
                500.0,
            ],
            'its diary of '.self::ENTRIES.' entries: from click to forecast' => [
                $this->clicks($browser, "/edges/{$edge['id']}", "/edges/{$edge['id']}/diary"),
                500.0,
            ],
            'the same diary by its address, the whole application with it' => [
                $this->opens($browser, "/edges/{$edge['id']}/diary"),
                null,
            ],
        ];
    }

    /** Median of five visits, by the page's own clock: from the navigation to the sentence standing there. */
    private function opens(RemoteWebDriver $browser, string $path): float
    {
        $times = [];
        for ($visit = 0; $visit < 5; $visit++) {
            $browser->get('about:blank');
            $browser->get("http://127.0.0.1:{$this->port}$path");
            Server::until(
                static fn (): bool => $browser->executeScript('return window.stoodAt ?? null') !== null,
                $path,
            );
            $times[] = (float) $browser->executeScript('return window.stoodAt');
        }
        sort($times);

        return $times[2];
    }

    /** The middle of five: from a click on a link to the other page's sentence, everything asked for anew. */
    private function clicks(RemoteWebDriver $browser, string $from, string $to): float
    {
        $times = [];
        for ($visit = 0; $visit < 5; $visit++) {
            $browser->get("http://127.0.0.1:{$this->port}$from");
            Server::until(
                static fn (): bool => $browser->findElements(WebDriverBy::cssSelector("a[href='$to']")) !== [],
                $to,
            );
            usleep(1_500_000);
            $times[] = (float) $browser->executeAsyncScript(
                <<<'JS'
                const [to, done] = arguments;
                const old = document.querySelector('[data-testid=next-stroke]');
                const start = performance.now();
                const look = () => {
                  const now = document.querySelector('[data-testid=next-stroke]');
                  location.pathname === to && now && now !== old
                    ? done(performance.now() - start) : requestAnimationFrame(look);
                };
                document.querySelector(`a[href='${to}']`).click();
                look();
                JS
                ,
                [$to],
            );
        }

        sort($times);

        return $times[intdiv(count($times), 2)] ?? INF;
    }

    private static function watch(RemoteWebDriver $browser): void
    {
        (new ChromeDevToolsDriver($browser))->execute('Page.addScriptToEvaluateOnNewDocument', [
            'source' => <<<'JS'
            new MutationObserver((_, watching) => {
              if (!document.querySelector('[data-testid=next-stroke]')) return;
              window.stoodAt = performance.now();
              watching.disconnect();
            }).observe(document, { childList: true, subtree: true });
            JS
            ,
        ]);
    }

    private function takeIn(RemoteWebDriver $browser, string $edge): float
    {
        $browser->get("http://127.0.0.1:{$this->port}/edges/files");
        Server::until(
            static fn (): bool => $browser->findElements(WebDriverBy::cssSelector('textarea')) !== [],
            'the files',
        );

        return (float) $browser->executeAsyncScript(
            <<<'JS'
            const [text, done] = arguments;
            (async () => {
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
            const send = (path) => fetch(path, {method: 'POST',
                headers: {'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token},
                body: JSON.stringify({name: 'years.csv', text})});
            const start = performance.now();
            await send('/api/files/diary/preview');
            await send('/api/files/diary');
            done(performance.now() - start);
            })();
            JS
            ,
            [self::lines($edge)],
        );
    }

    private static function lines(string $edge): string
    {
        $lines = ['day,edge,what,minutes,wood'];
        $day = strtotime('2020-01-01');
        for ($entry = 0; $entry < self::ENTRIES; $entry++) {
            $at = gmdate('Y-m-d', $day + $entry * 86400);
            $lines[] =
                $entry % 8 === 7
                    ? "$at,\"$edge\",honed,,"
                    : "$at,\"$edge\",used,".(10 + ($entry % 40)).',soft';
        }

        return implode("\n", $lines);
    }
}
