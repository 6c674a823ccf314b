<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Bench\User;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Reference\Answer\KnownAnswer;
use App\Reference\Answer\KnownPreviewAnswer;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Reference\Square\Compared;
use JackRest\Desk\Reference\Square\KnownSquareForm;

/** Squares compared with a known one: a test of each is written down at once. */
final class KnownSquareController
{
    /** What a comparison begins with. */
    public function show(Bench $bench, User $user, LengthFormatter $format): KnownAnswer
    {
        return KnownResource::page(new KnownSquares($bench), $user, $format);
    }

    /** As far as the gaps have been read; writes nothing. */
    public function preview(KnownSquareRequest $request, Bench $bench, LengthFormatter $format): KnownPreviewAnswer
    {
        return KnownResource::preview($request->sheet(new KnownSquares($bench), $format));
    }

    /** @return Created<KnownAnswer> */
    public function store(KnownSquareRequest $request, Ledger $ledger, User $user, LengthFormatter $format): Created
    {
        $squares = new KnownSquares($ledger->bench);
        $sheet = $request->sheet($squares, $format);
        $rows = $request->rows($squares);
        $read = self::read($sheet);
        $names = implode(
            ', ',
            array_map(
                static fn (Compared $row): string => "{$row->name} {$format->small(abs((float) $row->errorMm))} ± ".
                    "{$format->small($row->uncertaintyMm)} out, {$row->verdict?->says()}",
                $read,
            ),
        );
        $ledger->record(
            'squares-compared',
            $sheet->known->name,
            "Compared with the {$sheet->known->name}: $names.",
            static function (Changes $changes) use ($rows, $read, $sheet): void {
                foreach ($read as $index => $row) {
                    $changes->create($rows[$index]['square']->tests(), [
                        'tested_at' => Carbon::now()->toIso8601ZuluString(),
                        'series' => 'outer',
                        'readings' => [
                            'against' => $sheet->known->name,
                            'gap' => $row->gap->typed,
                            'at' => $rows[$index]['atTip'] ? 'tip' : 'heel',
                        ],
                        'facts' => ['lean' => $row->lean()?->value],
                        'error_mm' => $row->errorMm,
                        'uncertainty_mm' => $row->uncertaintyMm,
                        'verdict' => $row->verdict,
                        'found' => $row->lean()?->label(),
                    ]);
                }
            },
        );

        return new Created(KnownResource::page(new KnownSquares($ledger->bench), $user, $format));
    }

    /**
     * @return non-empty-array<int, Compared> rows with a result, by their place
     *
     * @throws InvalidInput when a gap is wrong, or none is typed
     */
    private static function read(KnownSquareForm $sheet): array
    {
        $wrong = $read = [];
        foreach ($sheet->rows as $index => $row) {
            if ($row->gap->error !== null) {
                $wrong[] = new FieldError("rows[$index].gap", $row->gap->error);
            }
            if ($row->errorMm !== null) {
                $read[$index] = $row;
            }
        }
        if ($wrong !== []) {
            throw new InvalidInput($wrong);
        }
        if ($read === []) {
            throw InvalidInput::because('rows', 'Type the gap of one square at least.');
        }

        return $read;
    }
}
