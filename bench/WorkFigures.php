<?php

declare(strict_types=1);

namespace Bench;

use JackRest\Core\Setting\GaugePlan;
use JackRest\Desk\SetOut\SetOutQuestion;
use Tests\Fault\Client;

/** What is promised of setting out: every answer over HTTP while it is typed, and a large card of settings. */
final readonly class WorkFigures
{
    private const CALLS = 40;

    private const WARMING = 15;

    private const LIMIT_MS = 30.0;

    private const SETTINGS = 60;

    private const GAUGES = 6;

    public function __construct(private int $port)
    {
    }

    /** @return iterable<Figure> */
    public function measured(): iterable
    {
        $client = new Client("http://127.0.0.1:{$this->port}");
        foreach (SetOutQuestion::cases() as $question) {
            $times = [];
            for ($call = 0; $call < self::CALLS + self::WARMING; $call++) {
                $body = ['typed' => ['width' => (string) (60 + $call)], 'choices' => []];
                $start = hrtime(true);
                $client->ask('POST', "/api/set-out/{$question->value}/preview", $body);
                $times[] = (hrtime(true) - $start) / 1e6;
            }
            $times = array_slice($times, self::WARMING);
            sort($times);
            yield new Figure(
                "setting out over HTTP, {$question->label()}, 95th percentile",
                $times[(int) (0.95 * count($times))] ?? INF,
                'ms',
                self::LIMIT_MS,
            );
        }
        mt_srand(20261129);
        $uses = array_map(static fn (): string => (string) mt_rand(1, 14), range(1, self::SETTINGS));
        $start = hrtime(true);
        $plan = GaugePlan::of($uses, self::GAUGES);
        yield new Figure(
            'a card of '.self::SETTINGS.' settings and '.self::GAUGES.
                " gauges: {$plan->settings} settings, proven fewest",
            (hrtime(true) - $start) / 1e6,
            'ms',
            200,
        );
    }
}
