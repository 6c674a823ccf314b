<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Files\OutTable;

/** Every test of every reference: what was found, how surely, what was taken off. */
final class TestsTable implements OutTable
{
    public function columns(): array
    {
        return ['reference', 'kind', 'tested', 'edge', 'error mm', 'uncertainty mm', 'verdict', 'found', 'strokes',
            'taken'];
    }

    public function rows(Bench $bench): array
    {
        $tests = ReferenceTest::of($bench)->with('reference')->whereHas('reference')->oldest('tested_at');

        return array_values($tests->get()->map(static fn (ReferenceTest $test): array => [
            'reference' => $test->reference->name,
            'kind' => $test->reference->kind->value,
            'tested' => $test->tested_at,
            'edge' => $test->series,
            'error mm' => $test->error_mm,
            'uncertainty mm' => $test->uncertainty_mm,
            'verdict' => $test->verdict->value,
            'found' => $test->found,
            'strokes' => $test->strokes,
            'taken' => $test->taken,
        ])->all());
    }
}
