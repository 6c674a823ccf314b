<?php

declare(strict_types=1);

namespace App\Models;

use JackRest\Core\Truing\EdgeShape;
use JackRest\Core\Truing\Verdict;

/**
 * One test of a straightedge as it was read, with what came of it.
 *
 * @property int $straight_id
 * @property string $tested_at
 * @property array<string, mixed> $readings as they were typed
 * @property float $straightness_mm
 * @property float $uncertainty_mm
 * @property EdgeShape $shape
 * @property Verdict $verdict
 * @property int|null $strokes_taken strokes planed off after this test
 */
final class StraightTest extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['readings' => 'array', 'straightness_mm' => 'float', 'uncertainty_mm' => 'float', 'shape' => EdgeShape::class, 'verdict' => Verdict::class, 'strokes_taken' => 'integer'];
    }
}
