<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Saw\Filing;
use App\Tool\Tool;
use Illuminate\Support\Carbon;

/**
 * A card scraper’s burr turned today.
 *
 * @extends RecordFactory<Filing>
 */
final class FilingFactory extends RecordFactory
{
    /** @var class-string<Filing> */
    protected $model = Filing::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['tool_id' => null, 'filed_on' => Carbon::today()->toDateString().'T08:00:00Z', 'state' => 'turned'];
    }

    public function of(Tool $tool): static
    {
        return $this->state(['tool_id' => $tool->id]);
    }

    public function daysAgo(int $days): static
    {
        return $this->state(['filed_on' => Carbon::today()->subDays($days)->toDateString().'T08:00:00Z']);
    }
}
