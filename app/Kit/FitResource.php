<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\FieldResource;
use App\Http\Shared;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Fit\FitForm;
use JackRest\Desk\Fit\FitQuestion;
use JackRest\Desk\Fit\FitRow;
use JackRest\Desk\Form\Field;

/** The questions of fit, and their answers side by side. */
final class FitResource
{
    /** @return array<string, mixed> */
    public static function question(FitQuestion $question, LengthFormatter $format): array
    {
        return [
            'id' => $question->value,
            'asks' => $question->asks(),
            'short' => $question->short(),
            'wantsHardness' => $question->wantsHardness(),
            'fields' => array_map(
                static fn (Field $field): array => FieldResource::of(
                    $field,
                    $format,
                    $field->begins === null ? '' : $field->typed($field->begins, $format),
                ),
                $question->fit()->fields(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function sheet(FitForm $sheet): array
    {
        return [
            'figures' => FieldResource::readings($sheet->form),
            'rows' => array_map(
                static fn (FitRow $row): array => [
                    'name' => $row->name,
                    'good' => $row->good,
                    'verdict' => $row->verdict,
                    'says' => $row->says,
                    'draw' => (object) $row->draw,
                    'toolId' => $row->toolId,
                    'model' => $row->model,
                    'caption' => $row->caption,
                ],
                $sheet->rows,
            ),
            'next' => Shared::advice($sheet->next),
            'how' => Shared::how($sheet->how),
        ];
    }
}
