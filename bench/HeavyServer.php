<?php

declare(strict_types=1);

namespace Bench;

use Tests\Browser\Server;

/** A server with ten years of a busy shop in its database. */
final readonly class HeavyServer
{
    public Server $server;

    /** How long the ten years took to make, s. */
    public float $madeIn;

    public function __construct()
    {
        $this->server = new Server();
        $this->server->kill();
        $start = hrtime(true);
        (new HeavyBench("{$this->server->data}/jackrest.sqlite"))->grow();
        $this->madeIn = (hrtime(true) - $start) / 1e9;
        $this->server->start();
    }

    public function port(): int
    {
        return $this->server->port;
    }
}
