<?php

declare(strict_types=1);

namespace Bench\Stress;

use CurlHandle;
use Random\Randomizer;
use RuntimeException;
use Tests\Browser\SharedServer;

/** A shared shop in full use: fifty people on twenty benches, each a key a second, over TLS from one machine. */
final class SharedShop
{
    private const BENCHES = 20;

    private const PEOPLE = 50;

    private const PASSWORD = 'nine slow wasps turn';

    /** @var list<array{string, string}> cookies and token, by person */
    private array $people = [];

    private SharedServer $shop;

    /** @var non-empty-string */
    private string $authority;

    /** @return array<string, int|float> figures by name */
    public function run(float $seconds): array
    {
        $this->shop = new SharedServer();
        $this->authority = $this->shop->authority();
        $root = dirname(__DIR__, 2);
        exec("cd $root && JACKREST_DATA=".escapeshellarg($this->shop->data).' php tests/Support/make-shop.php '.
            self::BENCHES.' '.self::PEOPLE.' '.escapeshellarg(self::PASSWORD), $said, $status);
        if ($status !== 0) {
            throw new RuntimeException('The shop could not be filled: '.implode("\n", $said));
        }
        $signIns = [];
        for ($person = 1; $person <= self::PEOPLE; $person++) {
            $began = hrtime(true);
            $this->people[] = $this->signsIn("person $person");
            $signIns[] = (hrtime(true) - $began) / 1e6;
        }
        [$times, $wrong] = $this->types($seconds);
        sort($times);
        sort($signIns);

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
        $next = array_map(static fn (): float => microtime(true) + $dice->getInt(0, 999) / 1000, $this->people);
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
        [$cookies, $token] = $this->people[$person];
        $body = $person % 2 === 0
            ? ['/api/plans/bridle-square/preview', ['figures' => ['blade' => (string) $size], 'blanks' => (object) []]]
            : ['/api/readings', ['typed' => (string) $size, 'quantity' => 'length']];

        return $this->request($body[0], (string) json_encode($body[1]), $cookies, $token);
    }

    /** @return array{string, string} */
    private function signsIn(string $name): array
    {
        $door = $this->request('/sign-in', null, '', '');
        [$cookies, $token] = self::cookies((string) curl_exec($door), '');
        $sent = (string) json_encode(['name' => $name, 'password' => self::PASSWORD]);
        $answer = (string) curl_exec($this->request('/api/sign-in', $sent, $cookies, $token));
        if (! str_contains($answer, '"name"')) {
            throw new RuntimeException("$name could not sign in: $answer");
        }

        return self::cookies($answer, $cookies);
    }

    /** @return array{string, string} all cookies as they are sent, and the token among them */
    private static function cookies(string $answer, string $before): array
    {
        $all = [];
        foreach (array_filter(explode('; ', $before), static fn (string $one): bool => $one !== '') as $one) {
            [$name, $value] = explode('=', $one, 2);
            $all[$name] = $value;
        }
        preg_match_all('/^set-cookie: ([^=]+)=([^;]*)/mi', $answer, $found, PREG_SET_ORDER);
        foreach ($found as [, $name, $value]) {
            $all[$name] = $value;
        }
        $told = array_map(static fn (string $name, string $value): string => "$name=$value", array_keys($all), $all);

        return [implode('; ', $told), urldecode($all['XSRF-TOKEN'] ?? '')];
    }

    private function request(string $path, ?string $body, string $cookies, string $token): CurlHandle
    {
        $request = curl_init($this->shop->url($path));
        if ($body !== null) {
            curl_setopt($request, CURLOPT_POSTFIELDS, $body);
        }
        curl_setopt_array($request, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_CAINFO => $this->authority,
            CURLOPT_TIMEOUT => 30,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "Cookie: $cookies",
                "X-XSRF-TOKEN: $token"],
        ]);

        return $request;
    }
}
