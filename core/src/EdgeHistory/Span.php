<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

/** From one sharpening to the next. */
final readonly class Span
{
    /**
     * @param  float  $length  minutes of use weighed by wood, or days
     * @param  string|null  $stone  the last stone of the sharpening that ended it
     */
    public function __construct(public float $length, public ?string $stone, public string $endedAt)
    {
    }
}
