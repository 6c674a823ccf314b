<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Care\Consumable;

/** What a job uses up: steel and abrasive by its honings, blades of fine saws by the days they are out. */
final readonly class JobUse
{
    private function __construct(public float $steelMm, public int $honings, private int $paper, private int $strop,
        private int $bladeDays)
    {
    }

    /**
     * @param  list<Honing>  $honings
     * @param  int  $bladeDays  days with a coping or fret saw
     */
    public static function of(array $honings, int $bladeDays): self
    {
        return new self(
            array_sum(array_map(static fn (Honing $one): float => $one->steelMm, $honings)),
            count($honings),
            array_sum(array_map(static fn (Honing $one): int => $one->paperStrokes, $honings)),
            array_sum(array_map(static fn (Honing $one): int => $one->stropStrokes, $honings)),
            $bladeDays,
        );
    }

    /** How often it uses something, as {@see Consumable::uses} counts. */
    public function times(Consumable $kind): int
    {
        return match ($kind) {
            Consumable::Paper => $this->paper,
            Consumable::Compound => $this->strop,
            Consumable::Blades => $this->bladeDays,
            Consumable::Wax, Consumable::Oil => 0,
        };
    }

    /** How much of one: sheets, bars, blades. */
    public function amount(Consumable $kind): float
    {
        return $this->times($kind) / $kind->uses();
    }
}
