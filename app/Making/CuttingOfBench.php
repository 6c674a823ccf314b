<?php

declare(strict_types=1);

namespace App\Making;

use App\Bench\Bench;
use App\Blank\Blank;
use App\Climate\AirRests;
use App\Http\Kept;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Shelf\Swings;
use JackRest\Desk\Making\CutList;
use JackRest\Desk\Making\Part;
use JackRest\Desk\Making\PlanForm;

/** The cutting list of a plan out of the blanks on a bench's shelf. */
final readonly class CuttingOfBench
{
    /** @var Collection<int, Blank> by id */
    public Collection $blanks;

    public CutList $list;

    /** @param  array<string, string>  $chosen  the blank's number by the part's key */
    public function __construct(Bench $bench, PlanForm $form, array $chosen, LengthFormatter $format)
    {
        $today = Carbon::now()->getTimestamp() / ClimateLine::SECONDS_PER_DAY;
        $this->blanks = Blank::of($bench)->with('visits')->get()->toBase()->keyBy('id');
        $known = array_filter($chosen, fn (string $id): bool => $this->blanks->has((int) $id));
        $parts = $form->making->parts();
        $thicknesses = array_map(static fn (Part $part): float => $part->wanted->thicknessMm, $parts);
        $this->list = CutList::of(
            $parts,
            array_values($this->blanks->map(static fn (Blank $blank) => $blank->toCore($today))->all()),
            $known,
            // Ten years of the shop's air are gone through again when a thickness changes, not at each key.
            Kept::once(
                $bench,
                'swings',
                implode(' ', $thicknesses),
                Swings::class,
                static fn (): Swings => Swings::of(AirRests::of($bench), $thicknesses),
            ),
            $format,
        );
    }
}
