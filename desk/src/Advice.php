<?php

declare(strict_types=1);

namespace JackRest\Desk;

/** What to do now, why, and how far it is known. */
final readonly class Advice
{
    /**
     * @param  string  $says  one plain sentence with its number
     * @param  string  $far  how far what it stands on is known; empty: nothing is to be said of that
     * @param  bool  $takeOff  whether wood or metal is to come off, and a test to follow
     * @param  string|null  $off  what comes off, for the history: 3 shavings off the left end
     */
    public function __construct(
        public string $says,
        public string $why,
        public string $far = '',
        public bool $takeOff = false,
        public ?string $off = null,
    ) {
    }

    /** A figure stands in the way; everything waits for it. */
    public static function correct(?string $objection = null): self
    {
        return new self(
            $objection ?? 'Correct the reading marked ✗; the drawing waits for it.',
            'Everything else you typed stays as it is.',
        );
    }
}
