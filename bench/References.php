<?php

declare(strict_types=1);

namespace Bench;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use PDO;
use Tests\Browser\Server;

/** Thirty references tested for ten years: their list with every history in small, and one of them opened. */
final readonly class References
{
    private const REFERENCES = 30;

    /** Every two months for ten years. */
    private const TESTS = 60;

    public function __construct(private int $port)
    {
    }

    /** @return array<string, array{float, float|null}> milliseconds and limit by what was measured */
    public function measured(RemoteWebDriver $browser): array
    {
        $one = $this->lay();
        $tests = self::REFERENCES.' references with '.self::TESTS.' tests each, ten years';

        return [
            "$tests: from click to their list" => [
                $this->clicks(
                    $browser,
                    '/',
                    '/true',
                    'document.querySelectorAll(\'a[href^="/true/references/"] svg path\').length >= '.
                        self::REFERENCES,
                ),
                500.0,
            ],
            'one of them: from click to its history' => [
                $this->clicks(
                    $browser,
                    '/true',
                    "/true/references/$one",
                    'document.querySelectorAll("figure svg").length > 1 && '.
                        'document.querySelector("[data-testid=next-stroke]") !== null',
                ),
                500.0,
            ],
        ];
    }

    /** Written past the application, which dates a test as today's. */
    private function lay(): int
    {
        $base = new PDO('sqlite:'.getenv('JACKREST_DATA').'/jackrest.sqlite');
        $base->exec('PRAGMA busy_timeout = 5000');
        mt_srand(20261125);
        $user = $base->query('select bench_id from users limit 1');
        $bench = $user === false ? 0 : (int) $user->fetchColumn();
        $base->beginTransaction();
        $reference = $base->prepare(
            'insert into "references" (bench_id, kind, name, sizes, instrument) values (?, ?, ?, ?, ?)',
        );
        $test = $base->prepare(
            'insert into reference_tests (bench_id, reference_id, tested_at, readings, error_mm, uncertainty_mm, '.
                'verdict, found, taken) values (?, ?, ?, ?, ?, ?, ?, ?, ?)',
        );
        $id = 0;
        for ($number = 0; $number < self::REFERENCES; $number++) {
            $reference->execute([
                $bench,
                ['sole', 'stone', 'board'][$number % 3],
                "flat thing $number",
                '{"length":300,"width":70,"tolerance":0.1}',
                'feeler',
            ]);
            $id = (int) $base->lastInsertId();
            for ($index = 0; $index < self::TESTS; $index++) {
                $at = gmdate('Y-m-d\TH:i:s\Z', strtotime('today') - (self::TESTS - $index) * 61 * 86400);
                $corrected = $index % 12 === 11;
                $test->execute([
                    $bench,
                    $id,
                    $at,
                    '{}',
                    0.01 * ($index % 12) + mt_rand(-20, 20) / 1000,
                    0.02,
                    $corrected ? 'outside' : 'within',
                    'crowned',
                    $corrected ? '2 shavings off the middle' : null,
                ]);
            }
        }
        $base->commit();

        return $id;
    }

    /** The middle of five: from a click on a link until what is looked for stands there, everything asked for anew. */
    private function clicks(RemoteWebDriver $browser, string $from, string $to, string $stands): float
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
                <<<JS
                const [to, done] = arguments;
                const start = performance.now();
                const look = () => location.pathname === to && ($stands)
                    ? requestAnimationFrame(() => done(performance.now() - start)) : requestAnimationFrame(look);
                document.querySelector(`a[href='\${to}']`).click();
                look();
                JS
                ,
                [$to],
            );
        }

        sort($times);

        return $times[intdiv(count($times), 2)] ?? INF;
    }
}
