<?php

declare(strict_types=1);

namespace App\Work;

use App\Bench\Bench;
use App\Files\OutTable;

/** The works, with their measures in mm. */
final class WorksTable implements OutTable
{
    public function columns(): array
    {
        return ['name', 'pattern', 'measures', 'wood', 'weight', 'due', 'chosen', 'operations'];
    }

    public function rows(Bench $bench): array
    {
        return array_values(Work::of($bench)->oldest('id')->get()->map(static fn (Work $work): array => [
            'name' => $work->name,
            'pattern' => $work->pattern,
            'measures' => implode('; ', array_map(
                static fn (string $name, float|int $mm): string => "$name $mm mm",
                array_keys($work->measures),
                $work->measures,
            )),
            'wood' => $work->hardness->value,
            'weight' => $work->weight,
            'due' => $work->due_on,
            'chosen' => $work->chosen ? 'yes' : 'no',
            'operations' => implode('; ', array_column($work->steps, 'operation')),
        ])->all());
    }
}
