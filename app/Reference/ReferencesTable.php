<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Files\OutTable;

/** The references, each with how it stands by its last test. */
final class ReferencesTable implements OutTable
{
    public function columns(): array
    {
        return ['name', 'kind', 'tolerance mm', 'instrument', 'fell', 'tests', 'last tested'];
    }

    public function rows(Bench $bench): array
    {
        return array_values(Reference::of($bench)->with('tests')->oldest('id')->get()->map(
            static fn (Reference $one): array => [
                'name' => $one->name,
                'kind' => $one->kind->value,
                'tolerance mm' => $one->toleranceMm(),
                'instrument' => $one->instrument->value,
                'fell' => $one->dropped_on,
                'tests' => $one->tests->count(),
                'last tested' => $one->tests->sortBy('tested_at')->last()?->tested_at,
            ],
        )->all());
    }
}
