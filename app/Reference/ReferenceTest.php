<?php

declare(strict_types=1);

namespace App\Reference;

use App\Ledger\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\EarlierTest;

/**
 * One test of a reference as it was read, with what came of it.
 *
 * @property int $reference_id
 * @property string $tested_at
 * @property string $series which of the reference's several edges was tested; empty where it has but one
 * @property array<string, mixed> $readings as they were typed
 * @property array<string, mixed> $facts what a later test or its correction needs to know of it
 * @property float $error_mm
 * @property float $uncertainty_mm
 * @property Verdict $verdict
 * @property string|null $found beside its size: crowned, toward the stock
 * @property int|null $strokes taken off after it
 * @property string|null $taken the same in words; null: nothing was
 * @property Reference $reference
 */
final class ReferenceTest extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'readings' => 'array',
            'facts' => 'array',
            'error_mm' => 'float',
            'uncertainty_mm' => 'float',
            'verdict' => Verdict::class,
            'strokes' => 'integer',
        ];
    }

    /** @return BelongsTo<Reference, $this> */
    public function reference(): BelongsTo
    {
        return $this->belongsTo(Reference::class);
    }

    public function whole(): Reference
    {
        return $this->reference;
    }

    public function tested(): Tested
    {
        // Read past the casts: a list of references reads thousands of tests.
        /** @var array{tested_at: string, error_mm: float|string, uncertainty_mm: float|string, verdict: string} $row */
        $row = $this->getAttributes();

        return new Tested(
            Reference::day($row['tested_at']),
            (float) $row['error_mm'],
            (float) $row['uncertainty_mm'],
            Verdict::from($row['verdict']),
            isset($this->getAttributes()['taken']),
        );
    }

    public function earlier(): EarlierTest
    {
        return new EarlierTest($this->error_mm, $this->series, $this->strokes, $this->facts);
    }

    /**
     * Columns of a test after which something was taken off.
     *
     * @param  array<string, mixed>  $facts  of the test
     * @return array{strokes: int, taken: string, facts: array<string, mixed>}
     */
    public static function corrected(Correction $correction, array $facts): array
    {
        return [
            'strokes' => $correction->strokes,
            'taken' => $correction->taken,
            'facts' => [...$facts, ...$correction->facts],
        ];
    }
}
