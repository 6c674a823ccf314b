<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Tool\Tool;
use App\Tool\ToolUse;
use Illuminate\Support\Carbon;

/**
 * A tool used today, for no work in particular.
 *
 * @extends RecordFactory<ToolUse>
 */
final class ToolUseFactory extends RecordFactory
{
    /** @var class-string<ToolUse> */
    protected $model = ToolUse::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['tool_id' => null, 'work_id' => null, 'used_on' => Carbon::today()->toDateString()];
    }

    public function of(Tool $tool): static
    {
        return $this->state(['tool_id' => $tool->id]);
    }

    public function daysAgo(int $days): static
    {
        return $this->state(['used_on' => Carbon::today()->subDays($days)->toDateString()]);
    }
}
