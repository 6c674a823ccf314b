<?php

declare(strict_types=1);

namespace JackRest\Core\Idle;

/** Whether a tool stands idle: how long it has not been used, beside how often the chosen works ask for it. */
final readonly class Idleness
{
    /** Half a year for a tool that the works ask for often, a year for one they ask for rarely. From memory. */
    private const DAYS = 180;

    private const RARELY = 2;

    /** Setting up for so long keeps a tool on the wall; from memory. */
    private const LONG_SET_UP = 5.0;

    /** Only a practised hand goes by it. */
    private const HARD = 3;

    /**
     * @param  int  $daysHere  since it was hung up
     * @param  int|null  $daysSinceUse  null: it was never used, as far as anybody wrote down
     * @param  int  $uses  that were written down
     * @param  int  $serves  tasks of the chosen works that are best done with it
     * @param  float  $setUp  minutes, of the quickest way it takes part in
     * @param  int  $skill  1 to 3, of the easiest
     * @param  string|null  $boughtFor  what it was got for
     */
    public function __construct(
        public int $daysHere,
        public ?int $daysSinceUse,
        public int $uses,
        public int $serves,
        public float $setUp = 0.0,
        public int $skill = 1,
        public ?string $boughtFor = null,
    ) {
    }

    public function isIdle(): bool
    {
        // Nobody writes down every stroke of a mallet: what the works ask for is not idle for want of an entry.
        if ($this->daysSinceUse === null && $this->serves > 0) {
            return false;
        }
        $allowed = $this->serves > self::RARELY ? self::DAYS : 2 * self::DAYS;

        return ($this->daysSinceUse ?? $this->daysHere) > $allowed;
    }

    /** Why it may stand idle; null: it does not, or nothing is known of that. */
    public function reason(): ?IdleReason
    {
        return match (true) {
            ! $this->isIdle() => null,
            $this->serves === 0 => IdleReason::NotAsked,
            $this->setUp >= self::LONG_SET_UP => IdleReason::SetUp,
            $this->skill >= self::HARD => IdleReason::Practice,
            $this->serves <= self::RARELY => IdleReason::Rarely,
            default => null,
        };
    }
}
