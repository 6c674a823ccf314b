<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\User;
use App\Http\FieldResource;
use App\Http\Shared;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Reference\Square\Compared;
use JackRest\Desk\Reference\Square\KnownSquareForm;

/** The sheet on which squares are compared with a known one. */
final class KnownResource
{
    /** @return array<string, mixed> */
    public static function page(KnownSquares $squares, User $user, LengthFormatter $format): array
    {
        return [
            'known' => array_values(
                $squares->known()->map(static fn (Reference $square): array => self::square($square, $format))->all(),
            ),
            'squares' => array_values(
                $squares->all->map(static fn (Reference $square): array => self::square($square, $format))->all(),
            ),
            'instrument' => ($user->instrument ?? Instrument::Feeler)->value,
            'instruments' => Shared::instruments($format),
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(KnownSquareForm $sheet): array
    {
        return [
            'rows' => array_map(
                static fn (Compared $row): array => [
                    'gap' => FieldResource::reading($row->gap),
                    'error' => $row->errorMm === null
                            ? null
                            : $sheet->format->small(abs($row->errorMm)).
                                ' ± '.
                                $sheet->format->small($row->uncertaintyMm),
                    'leans' => $row->lean()?->label(),
                    'verdict' => $row->verdict?->value,
                ],
                $sheet->rows,
            ),
            'next' => Shared::advice($sheet->next()),
        ];
    }

    /** @return array<string, mixed> */
    private static function square(Reference $square, LengthFormatter $format): array
    {
        $last = $square->tests->where('series', 'outer')->last();

        return [
            'id' => $square->id,
            'name' => $square->name,
            'tolerance' => $format->small($square->toleranceMm()),
            'error' => $last === null
                    ? null
                    : $format->small(abs($last->error_mm)).' ± '.$format->small($last->uncertainty_mm),
        ];
    }
}
