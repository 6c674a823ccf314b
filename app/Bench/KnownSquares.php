<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Bench;
use App\Models\Square;
use Illuminate\Support\Collection;
use JackRest\Core\Truing\KnownSquare;

/** The squares of a bench that others can be compared with: tested on their outer edge, and not due. */
final readonly class KnownSquares
{
    /** @var Collection<int, Square> */
    public Collection $all;

    public function __construct(Bench $bench)
    {
        $this->all = $bench->squares()->with('tests')->oldest('id')->get()->toBase();
    }

    /** @return Collection<int, Square> the surest first */
    public function known(): Collection
    {
        return $this->all->filter(static fn (Square $square): bool => $square->due() === null && self::of($square) !== null)->sortBy(static fn (Square $square): float => self::of($square)->uncertaintyMm ?? INF)->values();
    }

    public static function of(Square $square): ?KnownSquare
    {
        $test = $square->tests->where('edge', 'outer')->last();

        return $test === null ? null : new KnownSquare($square->name, $square->tested_length_mm, $test->error_mm, $test->uncertainty_mm);
    }
}
