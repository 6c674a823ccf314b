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

    public function sentence(): string
    {
        return match (true) {
            $this->daysSinceUse === null && $this->daysHere < 2 => 'Hung up just now.',
            $this->daysSinceUse === null => 'No use written down; here '.self::since($this->daysHere).'.',
            $this->daysSinceUse === 0 => 'Used today.',
            default => 'Last used '.
                self::since($this->daysSinceUse).
                ' ago'.
                ($this->uses > 1 ? ", $this->uses times in all." : '.'),
        };
    }

    /** Why it may stand idle; null: nothing is known of that. */
    public function why(): ?string
    {
        return match (true) {
            ! $this->isIdle() => null,
            $this->serves === 0 && $this->boughtFor !== null => "It was got for {$this->boughtFor}; no chosen work "
                .'asks for it now.',
            $this->serves === 0 => 'No chosen work asks for it.',
            $this->setUp >= self::LONG_SET_UP => 'It takes '.round($this->setUp).' minutes to set up, every time.',
            $this->skill >= self::HARD => 'It wants a practised hand.',
            $this->serves <= self::RARELY => 'The chosen works ask for it rarely.',
            default => null,
        };
    }

    private static function since(int $days): string
    {
        return match (true) {
            $days < 2 => '1 day',
            $days < 60 => "$days days",
            $days < 730 => round($days / 30.44).' months',
            default => floor($days / 365.25).' years',
        };
    }
}
