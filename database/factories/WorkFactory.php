<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Work\Work;

/**
 * A chosen work of soft wood that asks for nothing yet.
 *
 * @extends RecordFactory<Work>
 */
final class WorkFactory extends RecordFactory
{
    /** @var class-string<Work> */
    protected $model = Work::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => 'bee house',
            'says' => '',
            'pattern' => null,
            'measures' => [],
            'steps' => [],
            'hardness' => 'soft',
            'min_grades' => [],
            'weight' => 1,
            'chosen' => true,
        ];
    }

    public function bored(float $diameterMm): static
    {
        return $this->state([
            'steps' => [['operation' => 'bore', 'mm' => ['diameter' => $diameterMm], 'minGrade' => 3]],
        ]);
    }
}
