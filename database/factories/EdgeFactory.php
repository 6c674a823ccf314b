<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Edge\Edge;
use App\Tool\Tool;

/**
 * The edge of a 12 mm bench chisel, sharp.
 *
 * @extends RecordFactory<Edge>
 */
final class EdgeFactory extends RecordFactory
{
    /** @var class-string<Edge> */
    protected $model = Edge::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'tool_id' => fn (array $of): int => ToolFactory::new()
                ->ofKind('bench-chisel', ['length' => 260, 'width' => 12])
                ->createOne(['bench_id' => $of['bench_id']])->id,
            'name' => 'edge of a chisel, 12 mm',
            'width_mm' => 12,
            'thickness_mm' => 3,
            'primary_deg' => 25,
            'secondary_deg' => 30,
            'micro_width_mm' => 0.5,
            'finish_um' => 2,
            'condition' => Edge::SHARP,
        ];
    }

    public function dull(): static
    {
        return $this->state(['condition' => 'dull']);
    }

    public function of(Tool $tool): static
    {
        return $this->state(['tool_id' => $tool->id]);
    }
}
