<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\User;
use App\Http\Answer\InstrumentAnswer;
use App\Http\Answer\NextAnswer;
use App\Reference\Answer\KnownAnswer;
use App\Reference\Answer\KnownPreviewAnswer;
use App\Reference\Answer\KnownRowReadAnswer;
use App\Reference\Answer\KnownSquareAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Reference\Square\Compared;
use JackRest\Desk\Reference\Square\KnownSquareForm;

/** The sheet on which squares are compared with a known one. */
final class KnownResource
{
    public static function page(KnownSquares $squares, User $user, LengthFormatter $format): KnownAnswer
    {
        return new KnownAnswer(
            known: array_values(
                $squares
                    ->known()
                    ->map(static fn (Reference $square): KnownSquareAnswer => self::square($square, $format))
                    ->all(),
            ),
            squares: array_values(
                $squares->all
                    ->map(static fn (Reference $square): KnownSquareAnswer => self::square($square, $format))
                    ->all(),
            ),
            instrument: ($user->instrument ?? Instrument::Feeler)->value,
            instruments: InstrumentAnswer::all($format),
        );
    }

    public static function preview(KnownSquareForm $form): KnownPreviewAnswer
    {
        return new KnownPreviewAnswer(
            rows: array_map(
                static fn (Compared $row): KnownRowReadAnswer => new KnownRowReadAnswer(
                    gap: $row->gap,
                    error: $row->errorMm === null
                        ? null
                        : $form->format->small(abs($row->errorMm)).
                            ' ± '.
                            $form->format->small($row->uncertaintyMm),
                    leans: $row->lean()?->label(),
                    verdict: $row->verdict,
                ),
                $form->rows,
            ),
            next: NextAnswer::of($form->next()),
        );
    }

    private static function square(Reference $square, LengthFormatter $format): KnownSquareAnswer
    {
        $last = $square->tests->where('series', 'outer')->last();

        return new KnownSquareAnswer(
            id: $square->id,
            name: $square->name,
            tolerance: $format->small($square->toleranceMm()),
            error: $last === null
                ? null
                : $format->small(abs($last->error_mm)).' ± '.$format->small($last->uncertainty_mm),
        );
    }
}
