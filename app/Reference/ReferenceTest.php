<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Ledger\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\EarlierTest;
use stdClass;

/**
 * One test of a reference as it was read, with what came of it.
 *
 * @phpstan-type Short stdClass&object{reference_id: int|string, series: string, tested_at: string,
 *     error_mm: float|int|string, uncertainty_mm: float|int|string, verdict: string, taken?: string|null}
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
        /** @var Short $row */
        $row = (object) $this->getAttributes();

        return self::short($row);
    }

    /**
     * All tests of a bench as its histories keep them, in the order they were made. Thousands are read for one page: no
     * models are built for them.
     *
     * @return array<int, array<string, list<Tested>>> by reference and by the edge that was tested
     */
    public static function inShort(Bench $bench): array
    {
        $rows = self::of($bench)->orderBy('tested_at')->orderBy('id')->toBase()
            ->get(['reference_id', 'series', 'tested_at', 'error_mm', 'uncertainty_mm', 'verdict', 'taken']);
        $short = [];
        foreach ($rows as $row) {
            /** @var Short $row */
            $short[(int) $row->reference_id][$row->series][] = self::short($row);
        }

        return $short;
    }

    /**
     * @param  array<int, self>  $tests
     * @return array<string, list<Tested>>
     */
    public static function bySeries(array $tests): array
    {
        $by = [];
        foreach ($tests as $test) {
            $by[$test->series][] = $test->tested();
        }

        return $by;
    }

    /** @param  Short  $row */
    private static function short(stdClass $row): Tested
    {
        return new Tested(
            Reference::day($row->tested_at),
            (float) $row->error_mm,
            (float) $row->uncertainty_mm,
            Verdict::from($row->verdict),
            isset($row->taken),
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
