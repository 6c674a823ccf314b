<?php

declare(strict_types=1);

namespace App\Models;

use JackRest\Core\Truing\Verdict;

/**
 * One reversal test as it was read, with what came of it.
 *
 * @property int $square_id
 * @property string $tested_at
 * @property array<string, mixed> $readings as they were typed
 * @property float $error_mm
 * @property float $uncertainty_mm
 * @property string $lean
 * @property Verdict $verdict
 * @property int|null $shavings_taken shavings planed off after this test
 * @property string|null $taken_off_at heel or tip
 */
final class SquareTest extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'readings' => 'array', 'error_mm' => 'float', 'uncertainty_mm' => 'float',
            'verdict' => Verdict::class, 'shavings_taken' => 'integer',
        ];
    }
}
