<?php

declare(strict_types=1);

namespace JackRest\Core\Tool;

/** How a tool is made instead of bought: what its wood costs, how long it takes, what must be possible first. */
final readonly class ShopMade
{
    /** A mallet, a stop or a hook serves however rough it is; what is measured by does not. Common practice. */
    public const ROUGH = 1;

    /** Any way that is not a last resort. */
    public const SOUND = 2;

    /**
     * @param  float  $cost  of the wood; invented, as every price here
     * @param  int  $minutes  from memory
     * @param  list<string>  $operations  that must be possible to make it
     * @param  int  $least  how well each of them has to be done
     */
    public function __construct(
        public float $cost,
        public int $minutes,
        public array $operations,
        public int $least = self::SOUND,
    ) {
    }
}
