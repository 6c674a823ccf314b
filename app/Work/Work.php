<?php

declare(strict_types=1);

namespace App\Work;

use App\Ledger\Record;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\WorkTasks;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Step;
use JackRest\Core\Work\Task;

/**
 * @property string $name
 * @property string $says
 * @property string|null $pattern null: put together by the user, from steps
 * @property array<string, float> $measures in mm, by name
 * @property list<array{operation: string, mm: array<string, float>, minGrade: int}> $steps
 * @property Hardness $hardness
 * @property array<string, int> $min_grades the user's own least grade by operation
 * @property float $weight
 * @property string|null $due_on
 * @property bool $chosen
 */
final class Work extends Record
{
    protected $attributes = [
        'says' => '',
        'measures' => '{}',
        'steps' => '[]',
        'hardness' => 'medium',
        'min_grades' => '{}',
        'weight' => 1.0,
        'chosen' => true,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'measures' => 'array',
            'steps' => 'array',
            'hardness' => Hardness::class,
            'min_grades' => 'array',
            'weight' => 'float',
            'chosen' => 'boolean',
        ];
    }

    public function patternOfWork(): ?Pattern
    {
        return $this->pattern === null ? null : Patterns::named($this->pattern);
    }

    /** @return array<string, float> what its pattern asks, mm: as it was typed, or else as usual */
    public function measuresNow(): array
    {
        $measures = [];
        foreach ($this->patternOfWork()->measures ?? [] as $measure) {
            $measures[$measure->name] = (float) ($this->measures[$measure->name] ?? $measure->usual);
        }

        return $measures;
    }

    /** @return list<Task> */
    public function tasks(): array
    {
        $pattern = $this->patternOfWork();

        return $pattern === null
            ? array_map(
                fn (array $step): Task => (new Step(
                    $step['operation'],
                    array_map(floatval(...), $step['mm']),
                    $step['minGrade'],
                ))->task($this->hardness),
                $this->steps,
            )
            : $pattern->tasks(array_map(floatval(...), $this->measures), $this->hardness);
    }

    public function planned(WorkTasks $grades): PlannedWork
    {
        return new PlannedWork(
            (string) $this->id,
            $this->name,
            $grades->graded($this->tasks(), $this->min_grades),
            $this->weight,
            $this->due_on,
        );
    }
}
