<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use Illuminate\Support\Collection;
use JackRest\Core\Truing\KnownSquare;
use JackRest\Desk\Reference\ReferenceKind;

/** The squares of a bench that others can be compared with: tested on their outer edge, and not due. */
final readonly class KnownSquares
{
    /** @var Collection<int, Reference> */
    public Collection $all;

    public function __construct(Bench $bench)
    {
        $this->all = Reference::of($bench)
            ->where('kind', ReferenceKind::Square)
            ->with('tests')
            ->oldest('id')
            ->get()
            ->toBase();
    }

    /** @return Collection<int, Reference> the surest first */
    public function known(): Collection
    {
        return $this->all
            ->filter(static fn (Reference $square): bool => $square->due() === null && self::of($square) !== null)
            ->sortBy(static fn (Reference $square): float => self::of($square)->uncertaintyMm ?? INF)
            ->values();
    }

    public static function of(Reference $square): ?KnownSquare
    {
        $test = $square->tests->where('series', 'outer')->last();

        return $test === null
            ? null
            : new KnownSquare($square->name, self::testedMm($square), $test->error_mm, $test->uncertainty_mm);
    }

    /** Length of the blade that is tested along, mm. */
    public static function testedMm(Reference $square): float
    {
        return $square->kind->reference()->movingLengthMm($square->sizesNow());
    }
}
