<?php

declare(strict_types=1);

namespace App\Session;

use App\Ledger\Record;
use Illuminate\Database\Eloquent\Relations\MorphTo;
use Illuminate\Support\Carbon;
use JackRest\Core\Job\Pace;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/**
 * What is walked in bench mode, step by step. Progress is saved at every tap.
 *
 * @property SessionKind $kind
 * @property string|null $subject_type
 * @property int|null $subject_id null: a sharpening day over several edges
 * @property string $title what it is called
 * @property list<array<string, mixed>> $steps as {@see SessionStep::toArray} wrote them
 * @property list<int> $counted so far, by step
 * @property array<string, mixed> $context what its end needs to know of its beginning
 * @property int $at_step
 * @property string $phase fetch, stroke or check
 * @property string $state running, finished or stopped
 * @property list<float>|null $spent seconds at work, by step; null: none yet
 * @property string|null $spent_at until when they are counted, ISO 8601
 * @property string $started_at
 * @property string|null $ended_at
 * @property Record|null $subject what it is about: an edge, a tool, the test of a reference, a making
 */
final class BenchSession extends Record
{
    public const RUNNING = 'running';

    public const FINISHED = 'finished';

    public const STOPPED = 'stopped';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => SessionKind::class,
            'steps' => 'array',
            'counted' => 'array',
            'context' => 'array',
            'spent' => 'array',
            'at_step' => 'integer',
        ];
    }

    /** @return MorphTo<\Illuminate\Database\Eloquent\Model, $this> */
    public function subject(): MorphTo
    {
        return $this->morphTo();
    }

    /** The record whose work it is; null: there are several, or it is gone. */
    public function about(): ?Record
    {
        return $this->subject instanceof Record ? $this->subject->whole() : null;
    }

    /** @return list<SessionStep> */
    public function walked(): array
    {
        return array_map(SessionStep::fromArray(...), $this->steps);
    }

    /**
     * The seconds at work with those since the last tap, which belong to the step that was at hand. How long that may
     * have been depends on how much of it was told at once.
     *
     * @param  int  $toStep  the step that is at hand now
     * @param  int  $counted  what is counted of the one that was
     * @return list<float>
     */
    public function spentUntil(string $now, int $toStep, int $counted): array
    {
        $spent = array_pad($this->spent ?? [], count($this->steps), 0.0);
        $step = $this->walked()[$this->at_step] ?? null;
        if ($step !== null) {
            $since = Carbon::parse($this->spent_at ?? $this->started_at)->diffInSeconds(Carbon::parse($now));
            $done = ($toStep > $this->at_step ? $step->count : $counted) - ($this->counted[$this->at_step] ?? 0);
            $planned = $step->seconds * ($step->count > 0 ? max(1, $done) / $step->count : 1);
            $spent[$this->at_step] = round($spent[$this->at_step] + Pace::worked($since, $planned), 1);
        }

        return array_values($spent);
    }

    public function isRunning(): bool
    {
        return $this->state === self::RUNNING;
    }

    /** @return list<int> the edges that are honed in it */
    public function edgeIds(): array
    {
        $day = array_keys((array) ($this->context['becomes'] ?? []));

        return $this->kind === SessionKind::Honing ? [(int) $this->subject_id] : array_map(intval(...), $day);
    }

    public function edgeId(): ?int
    {
        return $this->kind === SessionKind::Honing ? $this->subject_id : null;
    }
}
