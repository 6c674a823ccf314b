<?php

declare(strict_types=1);

namespace Bench\Stress;

use CurlHandle;
use Random\Randomizer;
use Tests\Browser\SharedServer;

/** A shared shop in full use: fifty people on twenty benches, each a key a second, over TLS from one machine. */
final class SharedShop
{
    private const BENCHES = 20;

    private const PEOPLE = 50;

    private ShopPeople $people;

    /** @return array<string, int|float> figures by name */
    public function run(float $seconds): array
    {
        $shop = new SharedServer();
        $this->people = new ShopPeople($shop, self::BENCHES, self::PEOPLE);
        $signIns = $this->people->signIns;
        [$times, $wrong] = $this->types($seconds);
        sort($times);
        $shop->close();

        return [
            'people at a shared shop, a key a second each' => self::PEOPLE,
            'keys' => count($times),
            'of them answered with anything but 200' => $wrong,
            'a key in a shared shop, median, ms' => round($times[intdiv(count($times), 2)] ?? 0),
            'a key in a shared shop, 95th percentile, ms' => round($times[(int) (0.95 * count($times))] ?? 0),
            'signing in, median, ms' => round($signIns[intdiv(count($signIns), 2)]),
        ];
    }

    /**
     * @return array{list<float>, int} milliseconds of each key, and how many were not answered as they should be
     */
    private function types(float $seconds): array
    {
        $dice = new Randomizer();
        $next = array_map(static fn (): float => microtime(true) + $dice->getInt(0, 999) / 1000, $this->people->all());
        $many = curl_multi_init();
        $times = [];
        $wrong = 0;
        $until = microtime(true) + $seconds;
        $running = 0;
        while (microtime(true) < $until || $running > 0) {
            foreach ($next as $person => $at) {
                if ($at <= microtime(true) && microtime(true) < $until) {
                    curl_multi_add_handle($many, $this->key($person, $dice->getInt(100, 299)));
                    $next[$person] = $at + 1.0;
                }
            }
            curl_multi_exec($many, $running);
            while (($done = curl_multi_info_read($many)) !== false) {
                $times[] = 1000 * curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME);
                $wrong += curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) === 200 ? 0 : 1;
                curl_multi_remove_handle($many, $done['handle']);
            }
            curl_multi_select($many, 0.002);
        }

        return [$times, $wrong];
    }

    private function key(int $person, int $size): CurlHandle
    {
        return $person % 2 === 0
            ? $this->people->asks($person, '/api/plans/bridle-square/preview', [
                'figures' => ['blade' => (string) $size], 'blanks' => (object) [],
            ])
            : $this->people->asks($person, '/api/readings', ['typed' => (string) $size, 'quantity' => 'length']);
    }
}
