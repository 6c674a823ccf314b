<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\EdgeGeometry;

/** How fast a blade is used up: a honing, a year, until it goes back to the wheel, until it is gone. */
final readonly class Consumption
{
    /** A year's honings are counted over this many days at least, so that a first week is not taken for a habit. */
    private const LEAST_DAYS = 60.0;

    private function __construct(
        public float $honingMm,
        public bool $isOwn,
        public ?float $honingsPerYear,
        public ?float $lostPerYearMm,
    ) {
    }

    /**
     * @param  list<EdgeEntry>  $events  oldest first
     * @param  string  $today  ISO date
     */
    public static function of(array $events, string $today): self
    {
        $usual = (float) EdgeCondition::Dull->usualRecessionMm();
        $honed = array_values(
            array_filter(
                $events,
                static fn (EdgeEntry $event): bool => $event->kind === EdgeEntryKind::Honed ||
                    $event->kind === EdgeEntryKind::TouchedUp,
            ),
        );
        $known = array_values(
            array_filter(array_map(static fn (EdgeEntry $event): ?float => $event->recessionMm, $honed), is_float(...)),
        );
        $each = $known === [] ? $usual : array_sum($known) / count($known);
        if (count($honed) < 2) {
            return new self($each, $known !== [], null, null);
        }
        // Counted from the first, which itself ends a stretch that nobody knows the length of.
        $perYear = ((count($honed) - 1) * 365.25) / max(self::LEAST_DAYS, Life::days($honed[0]->at, $today));

        return new self($each, $known !== [], $perYear, $perYear * $each);
    }

    /** Honings until the bevel goes back to the wheel; null: it has one single flat bevel. */
    public function honingsToWheel(Blade $blade): ?int
    {
        $geometry = EdgeGeometry::of($blade, null, $this->honingMm);

        return $geometry->hollow->honingsUntilFlat ?? $geometry->micro?->honingsLeft;
    }

    /** Years until so much blade is used up; null: not known, or it is hardly used. */
    public function years(?float $leftMm): ?float
    {
        return $leftMm === null || $this->lostPerYearMm === null || $this->lostPerYearMm <= 0.0
            ? null
            : $leftMm / $this->lostPerYearMm;
    }
}
