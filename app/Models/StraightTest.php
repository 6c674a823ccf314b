<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use JackRest\Core\Truing\EdgeShape;
use JackRest\Core\Truing\History\Tested;
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
 * @property Straight $straight
 * @property int|null $strokes_taken strokes planed off after this test
 */
final class StraightTest extends Record implements TestRecord
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['readings' => 'array', 'straightness_mm' => 'float', 'uncertainty_mm' => 'float', 'shape' => EdgeShape::class, 'verdict' => Verdict::class, 'strokes_taken' => 'integer'];
    }

    /** @return BelongsTo<Straight, $this> */
    public function straight(): BelongsTo
    {
        return $this->belongsTo(Straight::class);
    }

    /** A hollow counts below nought, so that an edge which goes from crown to hollow is seen to move. */
    public function tested(): Tested
    {
        // Read past the casts: a list of references reads thousands of tests.
        $row = $this->getAttributes();
        $sign = $row['shape'] === EdgeShape::Hollow->value ? -1.0 : 1.0;

        return new Tested(Straight::day($row['tested_at']), $sign * (float) $row['straightness_mm'], (float) $row['uncertainty_mm'], Verdict::from($row['verdict']), isset($row['strokes_taken']));
    }

    public function found(): string
    {
        return $this->shape->label();
    }

    public function taken(): ?string
    {
        return match ($this->strokes_taken) {
            null => null,
            1 => '1 stroke taken',
            default => "{$this->strokes_taken} strokes taken",
        };
    }

    public function series(): string
    {
        return '';
    }
}
