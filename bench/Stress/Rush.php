<?php

declare(strict_types=1);

namespace Bench\Stress;

use CurlHandle;
use Tests\Browser\SharedServer;

/**
 * A rush that nobody waits for: strangers who send large bodies to a calculation, and people who begin downloads and
 * leave; and guesses at somebody's password while that person comes in.
 */
final class Rush
{
    private const STRANGERS = 14;

    private const BODY_BYTES = 7_600_000;

    private const DOWNLOADS = 30;

    private const GUESSES = 60;

    /** @return array<string, int|float> figures by name */
    public function run(int $rounds): array
    {
        $shop = new SharedServer();
        $people = new ShopPeople($shop, SharedShop::BENCHES, SharedShop::PEOPLE);
        $slowest = ['strangers' => 0.0, 'downloads' => 0.0];
        for ($round = 0; $round < $rounds; $round++) {
            $slowest['strangers'] = max($slowest['strangers'], $this->beside($shop, self::strangers($shop), 3.0));
            $slowest['downloads'] = max($slowest['downloads'], $this->beside($shop, self::downloads($people), 0.3));
        }
        [$guessed, $own] = $this->guesses($people);
        $shop->close();

        return [
            '/up beside fourteen large bodies of strangers, slowest, ms' => round($slowest['strangers']),
            '/up beside thirty abandoned downloads, slowest, ms' => round($slowest['downloads']),
            'guesses at a password' => self::GUESSES,
            'of them let in' => $guessed,
            'the person refused from a browser of their own' => $own,
        ];
    }

    /**
     * Asks after the server for two seconds while these run.
     *
     * @param  list<CurlHandle>  $requests
     * @param  float  $patience  seconds until they are abandoned
     * @return float the slowest answer, ms
     */
    private function beside(SharedServer $shop, array $requests, float $patience): float
    {
        $many = curl_multi_init();
        foreach ($requests as $request) {
            curl_multi_add_handle($many, $request);
        }
        $began = microtime(true);
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.002);
        } while (microtime(true) < $began + min(0.3, $patience));
        $slowest = 0.0;
        while (microtime(true) < $began + 2.3) {
            if (microtime(true) > $began + $patience) {
                array_map(static fn (CurlHandle $one) => curl_multi_remove_handle($many, $one), $requests);
                $requests = [];
            }
            curl_multi_exec($many, $running);
            $asked = hrtime(true);
            $up = curl_init($shop->url('/up'));
            curl_setopt_array($up, [CURLOPT_RETURNTRANSFER => true, CURLOPT_CAINFO => $shop->authority()]);
            curl_exec($up);
            $slowest = max($slowest, (hrtime(true) - $asked) / 1e6);
            usleep(20_000);
        }
        curl_multi_close($many);

        return $slowest;
    }

    /** @return list<CurlHandle> */
    private static function strangers(SharedServer $shop): array
    {
        $many = str_repeat('1,', intdiv(self::BODY_BYTES, 2)).'1';
        $body = '{"edges":'.str_repeat('[', 60).$many.str_repeat(']', 60).'}';
        $request = static function () use ($shop, $body): CurlHandle {
            $one = curl_init($shop->url('/api/calc/marking-chain'));
            curl_setopt_array($one, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_CAINFO => $shop->authority(),
                CURLOPT_POSTFIELDS => $body,
                CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
            ]);

            return $one;
        };

        return array_map(static fn (): CurlHandle => $request(), range(1, self::STRANGERS));
    }

    /** @return list<CurlHandle> */
    private static function downloads(ShopPeople $people): array
    {
        $paths = ['/api/bench/whole.zip', '/api/bench/card.pdf', '/api/files/tools.csv'];

        return array_map(
            static fn (int $number): CurlHandle => $people->asks($number % SharedShop::PEOPLE, $paths[$number % 3]),
            range(1, self::DOWNLOADS),
        );
    }

    /** @return array{int, int} guesses that were let in, and how often the person's own browser was refused */
    private function guesses(ShopPeople $people): array
    {
        [$guessed, $refused] = [0, 0];
        for ($guess = 1; $guess <= self::GUESSES; $guess++) {
            $guessed += $people->tries('person 2', "guess number $guess") === 200 ? 1 : 0;
            $refused += $guess % 10 === 0 && $people->tries('person 2', $people->right(), 1) !== 200 ? 1 : 0;
        }

        return [$guessed, $refused];
    }
}
