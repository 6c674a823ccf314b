<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

/** One step of making: what is done, with what in the hand, and what is looked at before going on. */
final readonly class MakingStep
{
    /**
     * @param  string  $title  in a few words
     * @param  string  $check  what is so when it is done
     * @param  float  $minutes  to expect; from memory
     * @param  float  $waitDays  that go by after it before the next
     * @param  string  $waitsFor  what is waited for
     */
    public function __construct(
        public string $title,
        public string $says,
        public string $check,
        public float $minutes,
        public string $tools,
        public float $waitDays = 0.0,
        public string $waitsFor = '',
    ) {
    }
}
