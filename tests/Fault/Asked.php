<?php

declare(strict_types=1);

namespace Tests\Fault;

use CurlHandle;
use CurlMultiHandle;

/** Requests that are under way. */
final class Asked
{
    private const SENDING_SECONDS = 0.3;

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
    public function send(): self
    {
        for ($until = microtime(true) + self::SENDING_SECONDS; microtime(true) < $until; usleep(10_000)) {
            curl_multi_exec($this->many, $this->running);
        }

        return $this;
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
