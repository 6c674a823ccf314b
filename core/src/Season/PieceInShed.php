<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Timber\Lag;

/**
 * The moisture of a piece through the log, and where it is not known.
 *
 * At its beginning the piece is taken to rest in the mean air of its first time constant. After a gap nothing is
 * claimed
 * of it until a time constant has gone by; nor long after the log's end. How long a silence it bears is from memory.
 */
final readonly class PieceInShed
{
    /** A silence it bears: a quarter of its time constant, two days at least. */
    private const SILENCE = 0.25;

    private const LEAST_SILENCE_DAYS = 2.0;

    public float $timeConstant;

    /** @var list<float> per cent, at each reading of the log */
    public array $course;

    /** @var list<Gap> */
    private array $gaps;

    public function __construct(private RestLog $log, float $thicknessMm)
    {
        $this->timeConstant = Lag::timeConstant($thicknessMm);
        $start = $log->mean($log->firstDay(), $log->firstDay() + $this->timeConstant) ?? ($log->rests[0] ?? 0.0);
        $this->course = Lag::follow($start, $log->days, $log->rests, $this->timeConstant);
        $this->gaps = $log->gaps($this->silence());
    }

    /** Moisture on a day, per cent; null: the log does not tell. */
    public function on(float $day): ?float
    {
        if ($this->log->isEmpty() || $day < $this->log->firstDay() || $day > $this->log->lastDay() + $this->silence()) {
            return null;
        }
        foreach ($this->gaps as $gap) {
            if ($day > $gap->from + $this->silence() && $day < $gap->until + $this->timeConstant) {
                return null;
            }
        }
        $at = $this->before($day);

        return Lag::after(
            $this->course[$at],
            $this->log->rests[$at],
            $day - $this->log->days[$at],
            $this->timeConstant,
        );
    }

    /**
     * @return array{float, float}|null least and most moisture of the log, its first time constant left out; null: too
     * short a log
     */
    public function swing(): ?array
    {
        $from = $this->log->firstDay() + $this->timeConstant;
        $seen = [];
        foreach ($this->log->days as $index => $day) {
            if ($day >= $from) {
                $seen[] = $this->course[$index];
            }
        }

        return $seen === [] ? null : [min($seen), max($seen)];
    }

    private function silence(): float
    {
        return max(self::LEAST_SILENCE_DAYS, self::SILENCE * $this->timeConstant);
    }

    /** The last reading on or before a day. */
    private function before(float $day): int
    {
        [$low, $high] = [0, count($this->log->days) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            $this->log->days[$middle] <= $day ? ($low = $middle) : ($high = $middle - 1);
        }

        return $low;
    }
}
