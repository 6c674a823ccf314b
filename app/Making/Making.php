<?php

declare(strict_types=1);

namespace App\Making;

use App\Ledger\Record;
use App\Reference\ReferencesOfTool;
use App\Session\BenchSession;
use App\Tool\Tool;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\MorphMany;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\ToDo\Topic;

/**
 * Something that is being made by a plan, over several days.
 *
 * @property PlanKind $plan
 * @property string $name
 * @property array<string, float> $sizes
 * @property list<array{
 *     title: string, says: string, check: string, minutes: float, tools: string, waitDays: float, waitsFor: string,
 * }> $steps
 * @property array{species: string, ringDeg: float, runoutDeg: float, thicknessMm: float}|null $wood of what moves of it
 * @property int $done steps that are done
 * @property string|null $waits_until
 * @property string $state running or made
 * @property int|null $tool_id what hangs on the board now that it is made
 * @property Tool|null $tool
 */
final class Making extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'plan' => PlanKind::class,
            'sizes' => 'array',
            'steps' => 'array',
            'wood' => 'array',
            'done' => 'integer',
        ];
    }

    /** @return BelongsTo<Tool, $this> */
    public function tool(): BelongsTo
    {
        return $this->belongsTo(Tool::class);
    }

    /** @return MorphMany<BenchSession, $this> */
    public function sessions(): MorphMany
    {
        return $this->morphMany(BenchSession::class, 'subject');
    }

    /** Once it is made, where its first test is made, or the tool itself. */
    public function topic(): Topic
    {
        $tool = $this->state === 'made' ? $this->tool : null;

        return $tool === null ? parent::topic() : (ReferencesOfTool::broughtBy($tool) ?? $tool)->topic();
    }

    public function isWaiting(string $now): bool
    {
        return $this->state === 'running' && $this->waits_until !== null && $this->waits_until > $now;
    }

    /** What is waited for, by the step before. */
    public function waitsFor(): string
    {
        return $this->steps[$this->done - 1]['waitsFor'] ?? '';
    }

    /**
     * @return list<array{title: string, says: string, check: string, minutes: float, tools: string, waitDays: float,
     * waitsFor: string}> what is done in one go: up to the next wait
     */
    public function stage(): array
    {
        $stage = [];
        foreach (array_slice($this->steps, $this->done) as $step) {
            $stage[] = $step;
            if ($step['waitDays'] > 0) {
                break;
            }
        }

        return $stage;
    }
}
