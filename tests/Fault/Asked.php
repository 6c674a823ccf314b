<?php

declare(strict_types=1);

namespace Tests\Fault;

use CurlHandle;
use CurlMultiHandle;

/** Requests that are under way. */
final class Asked
{
    public const SENDING_SECONDS = 0.3;

    private readonly CurlMultiHandle $many;

    private int $running = 0;

    /** @param  list<CurlHandle>  $handles */
    public function __construct(private readonly array $handles)
    {
        $this->many = curl_multi_init();
        foreach ($handles as $handle) {
            curl_multi_add_handle($this->many, $handle);
        }
    }

    /** Sends them all, and goes on without the answers. */
    public function send(float $seconds = self::SENDING_SECONDS): self
    {
        $until = microtime(true) + $seconds;
        do {
            curl_multi_exec($this->many, $this->running);
            usleep(2_000);
        } while ($this->running > 0 && microtime(true) < $until);

        return $this;
    }

    /** @return array<int, int> status of those that have an answer, by their place */
    public function answered(): array
    {
        $statuses = [];
        while (($done = curl_multi_info_read($this->many)) !== false) {
            $place = array_search($done['handle'], $this->handles, true);
            if (is_int($place) && $done['result'] === CURLE_OK) {
                $statuses[$place] = (int) curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE);
            }
        }

        return $statuses;
    }

    /** How many have no answer yet. */
    public function running(): int
    {
        for ($look = 0; $look < 50; $look++) {
            curl_multi_exec($this->many, $this->running);
        }

        return $this->running;
    }

    /** @return list<array{int, mixed}> status and what was answered, of all of them */
    public function end(): array
    {
        do {
            curl_multi_exec($this->many, $this->running);
            curl_multi_select($this->many, 0.05);
        } while ($this->running > 0);

        return array_map(
            static fn (CurlHandle $handle): array => [
                (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE),
                json_decode((string) curl_multi_getcontent($handle), true),
            ],
            $this->handles,
        );
    }

    /** As a window does that is closed. */
    public function abandon(): void
    {
        foreach ($this->handles as $handle) {
            curl_multi_remove_handle($this->many, $handle);
            curl_close($handle);
        }
        curl_multi_close($this->many);
    }
}
