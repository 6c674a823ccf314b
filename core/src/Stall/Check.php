<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

/** One thing to look at on a second-hand tool, with what it may come to. Common practice, no source. */
final readonly class Check
{
    /**
     * @param  string  $asks  what to do at the stall
     * @param  string  $see  what a sound one looks like
     * @param  string  $sign  how it is done, as a small drawing
     * @param  Mending|null  $mending  null: it cannot be mended
     * @param  string|null  $walkAway  when to leave it; null: it can always be mended
     */
    public function __construct(
        public string $id,
        public string $asks,
        public string $see,
        public string $sign,
        public ?Mending $mending,
        public ?string $walkAway = null,
        public ?Measured $measured = null,
    ) {
    }

    /** @return list<Outcome> what can be said of it by eye */
    public function outcomes(): array
    {
        return array_values(array_filter(Outcome::cases(), fn (Outcome $outcome): bool => match ($outcome) {
            Outcome::Sound => true,
            Outcome::Mend => $this->mending !== null,
            Outcome::WalkAway => $this->walkAway !== null,
        }));
    }
}
