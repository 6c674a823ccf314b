<?php

declare(strict_types=1);

namespace App\Work;

use App\Bench\Bench;
use App\Http\Kept;
use JackRest\Core\Kit\ToolAtHand;

/** The tools of a bench as the core reckons with them, kept from one key to the next: hundreds are no small reading. */
final readonly class KitTools
{
    /**
     * @param  list<ToolAtHand>  $owned  lent ones and those put away, too
     * @param  list<ToolAtHand>  $atHand
     */
    private function __construct(public array $owned, public array $atHand)
    {
    }

    public static function of(Bench $bench): self
    {
        return Kept::once($bench, 'tools', '', self::class, static function () use ($bench): self {
            $kit = new KitOfBench($bench);

            return new self($kit->owned(), $kit->atHand());
        });
    }
}
