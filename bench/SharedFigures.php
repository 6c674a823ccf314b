<?php

declare(strict_types=1);

namespace Bench;

use Bench\Stress\SharedShop;
use Bench\Stress\ShopPeople;
use Tests\Browser\SharedServer;

/** A shared shop in full use: fifty people on twenty benches, each a page, a key or a write every three seconds. */
final readonly class SharedFigures
{
    private const SECONDS = 40.0;

    private const EVERY_SECONDS = 3.0;

    private const LIMIT_MS = 300.0;

    /** @return iterable<Figure> */
    public function measured(): iterable
    {
        $shop = new SharedServer();
        $work = new SharedShop(new ShopPeople($shop, SharedShop::BENCHES, SharedShop::PEOPLE));
        // Answers are kept from then on, as on any day that has begun.
        $work->works(self::SECONDS / 4, self::EVERY_SECONDS);
        $others = new OthersTime();
        [$times, $wrong] = $work->works(self::SECONDS, self::EVERY_SECONDS);
        $shop->close();
        $what = SharedShop::PEOPLE.' people on '.SharedShop::BENCHES.' benches, pages, keys and writes';
        yield (new Figure("$what, p95", SharedShop::at(0.95, $times), 'ms', self::LIMIT_MS))
            ->beside($others->pct() ?? 0.0);
        yield new Figure('  median', SharedShop::at(0.5, $times));
        yield new Figure('  of '.count($times).', answered with anything but 200', $wrong, '%', 0.0);
    }
}
