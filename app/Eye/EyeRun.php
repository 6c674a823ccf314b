<?php

declare(strict_types=1);

namespace App\Eye;

use App\Ledger\Record;
use JackRest\Core\Eye\Exercise;
use JackRest\Core\Eye\Kerf;
use JackRest\Core\Eye\ShownCase;
use JackRest\Core\Eye\Sight;
use JackRest\Core\Eye\Staircase;
use JackRest\Core\Eye\Trial;

/**
 * One exercise of the eye, case by case.
 *
 * @property Exercise $exercise
 * @property int $seed
 * @property float $distance_mm
 * @property float $px_per_mm
 * @property list<array{size: float|int, right: bool, choice?: string}> $trials
 * @property float|null $seen the smallest error seen reliably, arc minutes; null: it has not ended
 * @property float|null $seen_low
 * @property float|null $seen_high
 * @property string|null $ended_at
 */
final class EyeRun extends Record
{
    /** Cases in a run: some three minutes. */
    public const CASES = 24;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'exercise' => Exercise::class,
            'seed' => 'integer',
            'distance_mm' => 'float',
            'px_per_mm' => 'float',
            'trials' => 'array',
            'seen' => 'float',
            'seen_low' => 'float',
            'seen_high' => 'float',
        ];
    }

    public function sight(): Sight
    {
        return new Sight($this->distance_mm, $this->px_per_mm);
    }

    /** @return list<Trial> */
    public function answered(): array
    {
        return array_map(
            static fn (array $trial): Trial => new Trial((float) $trial['size'], $trial['right']),
            $this->trials,
        );
    }

    /** The kerf as far as it is sawn. */
    public function kerf(): Kerf
    {
        return Kerf::of(
            $this->seed,
            array_map(static fn (array $trial): string => $trial['choice'] ?? 'straight', $this->trials),
        );
    }

    /** The case that is shown now; null: it has ended. */
    public function shown(): ?ShownCase
    {
        if ($this->ended_at !== null) {
            return null;
        }
        $stairs = new Staircase(
            $this->exercise->start(),
            min($this->exercise->start(), $this->sight()->finest()),
            $this->exercise->coarsest(),
        );

        return ShownCase::of($this->exercise, $this->seed, count($this->trials), $stairs->next($this->answered()));
    }
}
