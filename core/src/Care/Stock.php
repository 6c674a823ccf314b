<?php

declare(strict_types=1);

namespace JackRest\Core\Care;

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
}
