<?php

declare(strict_types=1);

namespace App\Pace;

use App\Bench\Bench;
use App\Ledger\Record;
use JackRest\Core\Job\Pace;

/**
 * How long an operation took at the bench.
 *
 * @property int $work_job_id
 * @property string $operation
 * @property int $units parts it was done to
 * @property float $usual_minutes from memory, for as many
 * @property float $minutes
 * @property string $timed_at ISO 8601
 */
final class StepTime extends Record
{
    /** Times that are looked back on: a hand gets quicker. */
    private const LATELY = 20;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['units' => 'integer', 'usual_minutes' => 'float', 'minutes' => 'float'];
    }

    /** @return array<string, Pace> what is learnt, by operation */
    public static function paces(Bench $bench): array
    {
        $times = [];
        foreach (self::of($bench)->latest('timed_at')->latest('id')->toBase()
            ->get(['operation', 'usual_minutes', 'minutes']) as $row) {
            /** @var \stdClass&object{operation: string, usual_minutes: float|int, minutes: float|int} $row */
            $times[$row->operation][] = [(float) $row->usual_minutes, (float) $row->minutes];
        }
        $paces = array_map(
            static fn (array $done): ?Pace => Pace::of(array_slice($done, 0, self::LATELY)),
            $times,
        );

        return array_filter($paces, static fn (?Pace $pace): bool => $pace !== null);
    }
}
