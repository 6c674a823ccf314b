<?php

declare(strict_types=1);

namespace App\Job;

use App\Ledger\Changes;
use App\Session\BenchSession;
use App\Session\SessionEnd;
use JackRest\Desk\Count;
use LogicException;

/** A while at the bench: the steps that were walked, and so many parts of the one at which it was left. */
final readonly class JobEnd implements SessionEnd
{
    private WorkJob $job;

    /** @var array<int, int> parts done in this session, by step of the job */
    private array $units;

    /** @var array<int, float> minutes that they took, by step of the job */
    private array $minutes;

    public function __construct(BenchSession $session, bool $isDone)
    {
        $this->job = $session->subject instanceof WorkJob
            ? $session->subject
            : throw new LogicException('a session of a job has a job');
        $plan = $this->job->plan();
        $units = $minutes = [];
        foreach (self::rowsOf($session) as $at => $row) {
            $left = $plan[$row]->units - ($this->job->done[$row] ?? 0);
            $isOver = $isDone || $at < $session->at_step;
            $units[$row] = max(0, min($left, $isOver ? $left : (int) ($session->counted[$at] ?? 0)));
            $minutes[$row] = $units[$row] > 0 ? ($session->spent[$at] ?? 0.0) / 60 : 0.0;
        }
        $this->units = $units;
        $this->minutes = $minutes;
    }

    public function entryKind(): string
    {
        return 'job-went-on';
    }

    public function sentence(): string
    {
        $steps = count(array_filter($this->units, static fn (int $units): bool => $units > 0));
        $minutes = (int) round(array_sum($this->minutes));

        return $steps === 0
            ? "Stopped at the {$this->job->name}, with nothing done."
            : "Went on with the {$this->job->name}: ".Count::of($steps, 'step').
                ($minutes > 0 ? ', '.Count::of($minutes, 'minute') : '').'.';
    }

    public function write(Changes $changes, string $now): void
    {
        (new JobWork($this->job, $this->units, $this->minutes))->write($changes, $now);
    }

    /** @return list<int> steps of the job, by step of the session */
    public static function rowsOf(BenchSession $session): array
    {
        /** @var list<int> $rows */
        $rows = $session->context['rows'] ?? [];

        return $rows;
    }
}
