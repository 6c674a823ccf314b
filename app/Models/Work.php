<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $name
 * @property string $says
 * @property array{lengthMm: float, heightMm: float, boardMm: float, tails: int, rebateMm: float} $size
 * @property array<string, int> $min_grades least grade by operation
 */
final class Work extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['size' => 'array', 'min_grades' => 'array'];
    }
}
