<?php

declare(strict_types=1);

namespace App\Making;

use App\Bench\Bench;
use App\Files\OutTable;

/** What is or was made by a plan. */
final class MakingsTable implements OutTable
{
    public function columns(): array
    {
        return ['name', 'plan', 'state', 'steps', 'done', 'begun'];
    }

    public function rows(Bench $bench): array
    {
        return array_values(Making::of($bench)->oldest('id')->get()->map(static fn (Making $making): array => [
            'name' => $making->name,
            'plan' => $making->plan->value,
            'state' => $making->state,
            'steps' => count($making->steps),
            'done' => $making->done,
            'begun' => $making->created_at?->toDateString(),
        ])->all());
    }
}
