<?php

declare(strict_types=1);

namespace Bench;

use Tests\Fault\Asked;
use Tests\Fault\Client;

/** What is promised under load: eight clients that ask for hard plans again and again, and a person at the bench. */
final readonly class LoadFigures
{
    private const HEAVY = 8;

    private const CALLS = 60;

    private const LIMIT_MS = 500.0;

    private Client $client;

    /** @var list<array{string, string, array<string, mixed>|null}> */
    private array $plan;

    public function __construct(int $port)
    {
        $this->client = new Client("http://127.0.0.1:$port");
        $kit = (new KitFamilies(240, 160, 600))->all()['many ties'](1);
        $body = json_decode(json_encode(get_object_vars($kit), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        assert(is_array($body));
        $this->plan = [['POST', '/api/calc/kit-plan', $body]];
    }

    /** @return array<string, array{float, float|null}> milliseconds and limit by what was measured */
    public function measured(): array
    {
        $quick = [
            '/up' => ['GET', '/up', null],
            'a keystroke (bevel-angle)' => [
                'POST',
                '/api/calc/bevel-angle',
                ['thicknessMm' => 4, 'bevelLengthMm' => 9],
            ],
            'the kit' => ['GET', '/api/kit', null],
        ];
        $heavy = array_map(fn (): Asked => $this->client->begin($this->plan), range(1, self::HEAVY));
        $times = [];
        for ($call = 0; $call < self::CALLS; $call++) {
            foreach ($quick as $what => $request) {
                $start = hrtime(true);
                $this->client->ask(...$request);
                $times[$what][] = (hrtime(true) - $start) / 1e6;
            }
            // Who has an answer asks again.
            $heavy = array_map(
                fn (Asked $asked): Asked => $asked->running() > 0 ? $asked : $this->client->begin($this->plan),
                $heavy,
            );
        }
        foreach ($heavy as $asked) {
            $asked->end();
        }
        $figures = [];
        foreach ($times as $what => $taken) {
            sort($taken);
            $figures["$what under ".self::HEAVY.' heavy clients, p95'] = [
                $taken[(int) (0.95 * count($taken))],
                self::LIMIT_MS,
            ];
        }

        return $figures;
    }
}
