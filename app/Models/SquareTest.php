<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Lean;
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
 * @property string $edge outer or inner
 * @property Verdict $verdict
 * @property Square $square
 * @property int|null $shavings_taken shavings planed off after this test
 * @property string|null $taken_off_at heel or tip
 */
final class SquareTest extends Record implements TestRecord
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'readings' => 'array', 'error_mm' => 'float', 'uncertainty_mm' => 'float',
            'verdict' => Verdict::class, 'shavings_taken' => 'integer',
        ];
    }

    /** @return BelongsTo<Square, $this> */
    public function square(): BelongsTo
    {
        return $this->belongsTo(Square::class);
    }

    public function tested(): Tested
    {
        // Read past the casts: a list of references reads thousands of tests.
        $row = $this->getAttributes();

        return new Tested(Square::day($row['tested_at']), (float) $row['error_mm'], (float) $row['uncertainty_mm'], Verdict::from($row['verdict']), isset($row['shavings_taken']));
    }

    public function found(): string
    {
        return Lean::from($this->lean)->label().($this->edge === 'inner' ? ', inner edge' : '');
    }

    public function taken(): ?string
    {
        return match (true) {
            $this->shavings_taken === null => null,
            $this->shavings_taken === 0 => "rubbed down at the {$this->taken_off_at}",
            $this->shavings_taken === 1 => "1 shaving off the {$this->taken_off_at}",
            default => "{$this->shavings_taken} shavings off the {$this->taken_off_at}",
        };
    }

    public function series(): string
    {
        return $this->edge;
    }
}
