<?php

declare(strict_types=1);

namespace Bench\Stress;

use Closure;
use CurlHandle;
use Random\Randomizer;
use Tests\Browser\SharedServer;

/** A shared shop in full use: fifty people on twenty benches with the demo on them, over TLS from one machine. */
final class SharedShop
{
    public const BENCHES = 20;

    public const PEOPLE = 50;

    private const PAGES = [
        'bench', 'kit', 'kit/idle', 'works', 'edges', 'edges/outlook', 'rack', 'references', 'season', 'blanks', 'care',
        'diary', 'saws', 'plans',
    ];

    private int $number = 0;

    public function __construct(private readonly ShopPeople $people)
    {
    }

    /** @return array<string, int|float> figures by name: each types a key a second */
    public static function types(float $seconds): array
    {
        $shop = new SharedServer();
        $people = new ShopPeople($shop, self::BENCHES, self::PEOPLE);
        $self = new self($people);
        [$times, $wrong] = $self->asks($seconds, 1.0, $self->key(...));
        $shop->close();

        return [
            'people at a shared shop, a key a second each' => self::PEOPLE,
            'keys' => count($times),
            'of them answered with anything but 200' => $wrong,
            'a key in a shared shop, median, ms' => round(self::at(0.5, $times)),
            'a key in a shared shop, 95th percentile, ms' => round(self::at(0.95, $times)),
            'signing in, median, ms' => round(self::at(0.5, $people->signIns)),
        ];
    }

    /**
     * Each opens a page, types a key or writes something down every so many seconds.
     *
     * @return array{list<float>, int} milliseconds of each, ascending, and how many were not answered as they should be
     */
    public function works(float $seconds, float $every): array
    {
        return $this->asks($seconds, $every, $this->any(...));
    }

    /** @param  list<float>  $times  ascending */
    public static function at(float $share, array $times): float
    {
        return $times[(int) ($share * count($times))] ?? 0.0;
    }

    /**
     * @param  Closure(int, Randomizer): CurlHandle  $next  what a person asks
     * @return array{list<float>, int} milliseconds of each, ascending, and how many were not answered as they should be
     */
    private function asks(float $seconds, float $every, Closure $next): array
    {
        $dice = new Randomizer();
        $began = microtime(true);
        $at = array_map(static fn (): float => $began + $every * $dice->getInt(0, 999) / 1000, $this->people->all());
        $many = curl_multi_init();
        $times = [];
        $wrong = 0;
        $until = $began + $seconds;
        $running = 0;
        while (microtime(true) < $until || $running > 0) {
            foreach ($at as $person => $due) {
                if ($due <= microtime(true) && microtime(true) < $until) {
                    curl_multi_add_handle($many, $next($person, $dice));
                    $at[$person] = $due + $every * $dice->getInt(500, 1500) / 1000;
                }
            }
            curl_multi_exec($many, $running);
            while (($done = curl_multi_info_read($many)) !== false) {
                $times[] = 1000 * curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME);
                $status = curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE);
                $wrong += in_array($status, [200, 201], true) ? 0 : 1;
                curl_multi_remove_handle($many, $done['handle']);
            }
            curl_multi_select($many, 0.002);
        }
        sort($times);

        return [$times, $wrong];
    }

    /** Of ten, six open a page, three type and one writes. */
    private function any(int $person, Randomizer $dice): CurlHandle
    {
        $what = $dice->getInt(0, 9);

        return match (true) {
            $what < 6 => $this->people->asks($person, '/api/'.self::PAGES[$dice->getInt(0, count(self::PAGES) - 1)]),
            $what < 9 => $this->key($person, $dice),
            default => $this->people->asks($person, '/api/tools', [
                'kind' => 'mallet', 'name' => 'mallet '.++$this->number, 'status' => 'owned',
                'figures' => (object) [], 'price' => '',
            ]),
        };
    }

    private function key(int $person, Randomizer $dice): CurlHandle
    {
        $size = $dice->getInt(100, 299);

        return $person % 2 === 0
            ? $this->people->asks($person, '/api/plans/bridle-square/preview', [
                'figures' => ['blade' => (string) $size], 'blanks' => (object) [],
            ])
            : $this->people->asks($person, '/api/readings', ['typed' => (string) $size, 'quantity' => 'length']);
    }
}
