<?php

declare(strict_types=1);

namespace App\Session;

use App\Ledger\Record;
use Illuminate\Database\Eloquent\Relations\MorphTo;
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
