<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use DateTimeImmutable;

/**
 * Turns a monthly budget into dates: what is put by each month, this month included, is spent as soon as it suffices.
 */
final readonly class Months
{
    public function __construct(private string $today, private float $perMonth)
    {
    }

    /** The month in which so much has been put by, as 2026-12. */
    public function whenSaved(float $sum): string
    {
        $months = max(0, (int) ceil($sum / $this->perMonth - 1e-9) - 1);

        return (new DateTimeImmutable(substr($this->today, 0, 7).'-01'))->modify("+$months months")->format('Y-m');
    }

    /** What would have to be put by each month to have so much by a day; null: that day is past. */
    public function neededFor(float $sum, string $day): ?float
    {
        $from = new DateTimeImmutable(substr($this->today, 0, 7).'-01');
        $to = new DateTimeImmutable(substr($day, 0, 7).'-01');
        $months =
            ((int) $to->format('Y') - (int) $from->format('Y')) * 12 +
            (int) $to->format('n') -
            (int) $from->format('n') +
            1;

        return $months < 1 ? null : $sum / $months;
    }
}
