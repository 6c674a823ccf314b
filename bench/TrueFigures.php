<?php

declare(strict_types=1);

namespace Bench;

/** What is promised of references: any test's answer over HTTP, with two hundred stations. */
final readonly class TrueFigures
{
    private const STATIONS = 200;

    private const CALLS = 60;

    public function __construct(private int $port)
    {
    }

    /** @return array<string, array{float, float|null}> milliseconds and limit by what was measured */
    public function measured(): array
    {
        mt_srand(20261125);
        $stations = range(0, 5 * (self::STATIONS - 1), 5);
        $gaps = static fn (): array => array_map(static fn (): float => mt_rand(-50, 50) / 100, $stations);
        $tests = [
            'square-reversal' => [
                'bladeLengthMm' => 200,
                'farGapsMm' => $gaps(),
                'toleranceMm' => 0.1,
                'shavingMm' => 0.04,
            ],
            'straightedge-reversal' => ['stationsMm' => $stations, 'gapsMm' => $gaps(), 'shavingMm' => 0.05],
            'three-edges' => [
                'stationsMm' => $stations,
                'abMm' => $gaps(),
                'bcMm' => $gaps(),
                'caMm' => $gaps(),
                'turned' => ['abMm' => $gaps(), 'bcMm' => $gaps(), 'caMm' => $gaps()],
            ],
            'winding-map' => [
                'boardWidthMm' => 150,
                'stickLengthMm' => 450,
                'stations' => array_map(
                    static fn (int $at): array => [
                        'atMm' => $at,
                        'readingMm' => $at === 0 ? 0 : mt_rand(-300, 300) / 100,
                    ],
                    $stations,
                ),
            ],
            'shaving-map' => [
                'stationsMm' => $stations,
                'removeMm' => array_map(abs(...), $gaps()),
                'shavingMm' => 0.05,
            ],
        ];
        $figures = [];
        foreach ($tests as $name => $body) {
            $figures["$name with ".self::STATIONS.' stations over HTTP, p95'] = [
                $this->p95($name, json_encode($body, JSON_THROW_ON_ERROR)),
                30.0,
            ];
        }

        return $figures;
    }

    private function p95(string $name, string $body): float
    {
        $context = stream_context_create([
            'http' => ['method' => 'POST', 'header' => 'Content-Type: application/json', 'content' => $body],
        ]);
        $times = [];
        for ($call = 0; $call < self::CALLS + 20; $call++) {
            $start = hrtime(true);
            file_get_contents("http://127.0.0.1:{$this->port}/api/calc/$name", false, $context);
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        // The first calls warm the workers.
        $times = array_slice($times, 20);
        sort($times);

        return $times[(int) (0.95 * count($times))] ?? INF;
    }
}
