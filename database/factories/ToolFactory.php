<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Tool\Tool;
use App\Tool\ToolStatus;

/**
 * An owned mallet, unless its kind is said.
 *
 * @extends RecordFactory<Tool>
 */
final class ToolFactory extends RecordFactory
{
    /** @var class-string<Tool> */
    protected $model = Tool::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['kind' => 'mallet', 'name' => 'mallet', 'status' => ToolStatus::Owned, 'size' => []];
    }

    /** @param  array<string, float|int>  $size  mm by the name of the dimension */
    public function ofKind(string $kind, array $size = []): static
    {
        return $this->state(['kind' => $kind, 'name' => str_replace('-', ' ', $kind), 'size' => $size]);
    }

    public function wanted(): static
    {
        return $this->state(['status' => ToolStatus::Wanted]);
    }
}
