<?php

declare(strict_types=1);

namespace JackRest\Core\Care;

use JackRest\Core\Measure\LengthFormatter;

/** How much of a consumable is left: what was bought, less what the uses written down since then have taken. */
final readonly class Stock
{
    /** Less than so much of one, or than a fifth of what was bought, is low; from memory. */
    private const LOW = 0.2;

    public function __construct(public Consumable $of, public float $bought, public int $usedTimes)
    {
    }

    public function left(): float
    {
        return max(0.0, $this->bought - $this->usedTimes / $this->of->uses());
    }

    public function isLow(): bool
    {
        return $this->left() <= max(self::LOW, self::LOW * $this->bought);
    }

    public function sentence(): string
    {
        $left = $this->left();
        $one = $this->of->one();
        $says = $left >= 10 ? (string) round($left) : LengthFormatter::decimal($left, 1);

        return match (true) {
            $left < 0.5 => "Hardly any $one left",
            $says === '1' => "About 1 $one left",
            default => "About $says {$one}s left",
        }.", by {$this->of->by($this->usedTimes)} since.";
    }
}
