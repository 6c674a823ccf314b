<?php

declare(strict_types=1);

namespace App\Http\Resources;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Fit\FitField;
use JackRest\Desk\Fit\FitForm;
use JackRest\Desk\Fit\FitQuestion;
use JackRest\Desk\Fit\FitRow;

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
            'fields' => array_map(static fn (FitField $field): array => [
                'name' => $field->name,
                'label' => $field->label,
                'unit' => $field->unit->value,
                'usual' => $field->optional ? '' : KindResource::typed($field->usual, $field->unit, $format),
                'stepMm' => $field->unit === DimensionUnit::Thickness ? 0.01 : 1.0,
            ], $question->fit()->fields()),
        ];
    }

    /** @return array<string, mixed> */
    public static function sheet(FitForm $sheet): array
    {
        return [
            'figures' => Figures::of($sheet->figures),
            'rows' => array_map(static fn (FitRow $row): array => [
                'name' => $row->name,
                'good' => $row->good,
                'verdict' => $row->verdict,
                'says' => $row->says,
                'draw' => (object) $row->draw,
                'toolId' => $row->toolId,
                'model' => $row->model,
                'caption' => $row->caption,
            ], $sheet->rows),
            'next' => ['says' => $sheet->next, 'why' => $sheet->why],
            'how' => Shared::how($sheet->how),
        ];
    }
}
