<?php

declare(strict_types=1);

namespace Bench\Stress;

use CurlHandle;
use Random\Randomizer;
use Tests\Browser\SharedServer;

/** Power cuts while fifty people on twenty benches write: what was answered for is there after each. */
final class ShopKills
{
    private const BENCHES = 20;

    private const PEOPLE = 50;

    /** How many of them write at the same moment. */
    private const AT_ONCE = 12;

    private int $number = 0;

    private int $acknowledged = 0;

    private int $lost = 0;

    private int $damaged = 0;

    /** @return array<string, int|float> figures by name */
    public function run(int $rounds): array
    {
        $shop = new SharedServer();
        $people = new ShopPeople($shop, self::BENCHES, self::PEOPLE);
        $dice = new Randomizer();
        for ($round = 0; $round < $rounds; $round++) {
            $wrote = $this->write($shop, $people, microtime(true) + $dice->getInt(100, 1500) / 1000);
            $this->check($shop, $wrote);
            $shop->open();
            $kills = $round + 1;
            echo "\r$kills kills of a shop, {$this->acknowledged} writes answered for, {$this->lost} lost";
        }
        $shop->close();
        echo "\n";

        return [
            'kills while fifty people write' => $rounds,
            'their writes answered for' => $this->acknowledged,
            'lost of theirs' => $this->lost,
            'shops found damaged' => $this->damaged,
        ];
    }

    /** @return list<string> names of tools that were answered for, up to the moment of the cut */
    private function write(SharedServer $shop, ShopPeople $people, float $until): array
    {
        $many = curl_multi_init();
        $names = [];
        $kept = [];
        $person = 0;
        do {
            while (count($names) < self::AT_ONCE) {
                $name = 'cut '.++$this->number;
                $handle = $this->writes($people, $person++ % self::PEOPLE, $name);
                curl_multi_add_handle($many, $handle);
                $names[spl_object_id($handle)] = $name;
            }
            curl_multi_exec($many, $running);
            while (($done = curl_multi_info_read($many)) !== false) {
                $handle = $done['handle'];
                if (curl_getinfo($handle, CURLINFO_RESPONSE_CODE) === 201) {
                    $kept[] = $names[spl_object_id($handle)];
                }
                unset($names[spl_object_id($handle)]);
                curl_multi_remove_handle($many, $handle);
            }
            curl_multi_select($many, 0.002);
        } while (microtime(true) < $until);
        $shop->kill();
        curl_multi_close($many);
        $this->acknowledged += count($kept);

        return $kept;
    }

    private function writes(ShopPeople $people, int $person, string $name): CurlHandle
    {
        return $people->asks($person, '/api/tools', [
            'kind' => 'mallet', 'name' => $name, 'status' => 'owned', 'figures' => (object) [], 'price' => '',
        ]);
    }

    /** @param  list<string>  $names */
    private function check(SharedServer $shop, array $names): void
    {
        $base = new Database($shop->data);
        $this->damaged += $base->isWhole() ? 0 : 1;
        $this->lost += count(array_diff($names, $base->column("SELECT name FROM tools WHERE name GLOB 'cut *'")));
    }
}
