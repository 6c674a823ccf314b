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
        yield from $this->job($client);
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

    /**
     * Ten dovetailed boxes planned step by step, and the next step in bench mode.
     *
     * @return iterable<Figure>
     */
    private function job(Client $client): iterable
    {
        $client->ask('POST', '/api/works', [
            'name' => 'ten boxes', 'pattern' => 'dovetailed-box', 'hardness' => 'soft', 'measures' => [], 'steps' => [],
            'due' => null, 'weight' => 1,
        ]);
        $works = array_column((array) ($client->ask('GET', '/api/works')[1]['works'] ?? []), null, 'name');
        $work = $works['ten boxes']['id'] ?? 0;
        $plans = $taps = $body = [];
        $units = 0;
        for ($call = 0; $call < 12; $call++) {
            $figures = ['pieces' => '10', 'batch' => (string) (1 + $call % 5), 'hours' => (string) (4 + $call)];
            $body = ['figures' => $figures, 'wood' => 'rough', 'hones' => true];
            $start = hrtime(true);
            $plan = $client->ask('POST', "/api/works/$work/jobs/preview", $body)[1];
            $plans[] = (hrtime(true) - $start) / 1e6;
            $units = array_sum(array_column((array) ($plan['rows'] ?? []), 'units'));
        }
        yield self::middle("ten boxes planned, $units parts of steps", $plans, 500);
        $job = $client->ask('POST', "/api/works/$work/jobs", $body)[1];
        $session = $client->ask('POST', "/api/jobs/{$job['id']}/sessions", ['version' => 1, 'early' => false])[1];
        $steps = count($session['steps']);
        for ($step = 1; $step < $steps; $step++) {
            $start = hrtime(true);
            $session = $client->ask('PUT', "/api/sessions/{$session['id']}", [
                'atStep' => $step, 'phase' => 'fetch', 'counted' => array_fill(0, $steps, 0),
                'version' => $session['version'],
            ])[1];
            $taps[] = (hrtime(true) - $start) / 1e6;
        }
        yield self::middle('the next step in bench mode, saved', $taps, 100);
    }

    /** @param  list<float>  $times */
    private static function middle(string $what, array $times, float $limit): Figure
    {
        sort($times);

        return new Figure("$what, 95th percentile", $times[(int) (0.95 * count($times))] ?? INF, 'ms', $limit);
    }
}
