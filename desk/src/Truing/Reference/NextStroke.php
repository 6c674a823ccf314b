<?php

declare(strict_types=1);

namespace JackRest\Desk\Truing\Reference;

/** What is to be done now. */
final readonly class NextStroke
{
    /**
     * @param  bool  $takeOff  whether wood or metal is to come off, and a test to follow
     * @param  string|null  $off  what comes off, for the history: 3 shavings off the left end
     */
    public function __construct(public string $says, public string $why, public bool $takeOff = false, public ?string $off = null)
    {
    }

    public static function mendFigure(?string $objection = null): self
    {
        return new self($objection ?? 'Mend the figure marked in red; the drawing waits for it.', 'Everything else you typed stays as it is.');
    }
}
