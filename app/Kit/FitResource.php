<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\Answer\FieldAnswer;
use App\Http\Answer\NextAnswer;
use App\Kit\Answer\FitAnswer;
use App\Kit\Answer\FitPreviewAnswer;
use App\Kit\Answer\FitRowAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Fit\FitForm;
use JackRest\Desk\Fit\FitQuestion;
use JackRest\Desk\Fit\FitRow;
use JackRest\Desk\Form\FormField;

/** The questions of fit, and their answers side by side. */
final class FitResource
{
    public static function question(FitQuestion $question, LengthFormatter $format): FitAnswer
    {
        return new FitAnswer(
            id: $question->value,
            asks: $question->asks(),
            short: $question->short(),
            wantsHardness: $question->wantsHardness(),
            fields: array_map(
                static fn (FormField $field): FieldAnswer => FieldAnswer::of(
                    $field,
                    $format,
                    $field->begins === null ? '' : $field->typed($field->begins, $format),
                ),
                $question->fit()->fields(),
            ),
        );
    }

    public static function form(FitForm $form): FitPreviewAnswer
    {
        return new FitPreviewAnswer(
            figures: $form->form->readings,
            rows: array_map(
                static fn (FitRow $row): FitRowAnswer => new FitRowAnswer(
                    name: $row->name,
                    good: $row->good,
                    verdict: $row->verdict,
                    says: $row->says,
                    draw: $row->draw,
                    toolId: $row->toolId,
                    model: $row->model,
                    caption: $row->caption,
                ),
                $form->rows,
            ),
            next: NextAnswer::of($form->next),
            how: $form->how,
        );
    }
}
