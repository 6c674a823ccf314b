<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Http\Answer\FieldAnswer;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use App\Making\ViewResource;
use App\SetOut\Answer\KeptSetOutAnswer;
use App\SetOut\Answer\SetOutChoiceAnswer;
use App\SetOut\Answer\SetOutPreviewAnswer;
use App\SetOut\Answer\SetOutQuestionAnswer;
use App\SetOut\Answer\WorkCardAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Making\PlanPrint;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\OfWork;
use JackRest\Desk\SetOut\SetOutChoice;
use JackRest\Desk\SetOut\SetOutForm;
use JackRest\Desk\SetOut\SetOutQuestion;

/** Questions of setting out, their answers, and what is kept of them with a work. */
final class SetOutResource
{
    public static function question(
        SetOutQuestion $question,
        Hands $hands,
        ?OfWork $numbers,
        LengthFormatter $format,
    ): SetOutQuestionAnswer {
        $usual = $numbers?->usual($question) ?? [];
        $chosen = $numbers?->chosen($question) ?? [];

        return new SetOutQuestionAnswer(
            id: $question->value,
            label: $question->label(),
            says: $question->says(),
            fields: array_map(
                static fn (FormField $field): FieldAnswer => self::field(
                    $field,
                    $usual[$field->name] ?? $field->begins,
                    $format,
                ),
                $question->question()->fields($hands),
            ),
            choices: array_map(
                static fn (SetOutChoice $choice): SetOutChoiceAnswer => new SetOutChoiceAnswer(
                    name: $choice->name,
                    label: $choice->label,
                    options: array_map(
                        static fn (string $value, string $label): WordAnswer => new WordAnswer($value, $label),
                        array_keys($choice->options),
                        array_values($choice->options),
                    ),
                    usual: $choice->chosen($chosen[$choice->name] ?? ''),
                ),
                $question->question()->choices($hands),
            ),
        );
    }

    private static function field(FormField $field, ?float $usual, LengthFormatter $format): FieldAnswer
    {
        return FieldAnswer::of($field->inFront(), $format, $usual === null ? '' : $field->typed($usual, $format));
    }

    public static function preview(SetOutQuestion $question, SetOutForm $form): SetOutPreviewAnswer
    {
        $answer = $form->answer;

        return new SetOutPreviewAnswer(
            figures: $form->form->readings,
            choices: $form->choices,
            views: array_map(ViewResource::of(...), $answer->views ?? []),
            settings: $answer->settings ?? [],
            lines: $answer->lines ?? [],
            rows: $answer->rows ?? [],
            chains: $answer->chains ?? [],
            sheets: $answer === null || $answer->views === [] || ! $question->isTemplate()
                ? []
                : array_map(
                    static fn (Tile $tile): string => $tile->name,
                    (new PlanPrint('', $answer->views))->tiles(),
                ),
            next: NextAnswer::of($form->next),
            how: $answer->how ?? [],
        );
    }

    public static function card(CardOfWork $card): WorkCardAnswer
    {
        $done = $card->kept->map(static fn (SetOut $kept): SetOutQuestion => $kept->question)->all();

        return new WorkCardAnswer(
            work: $card->work->id,
            name: $card->work->name,
            kept: array_values(
                $card->kept
                    ->map(static fn (SetOut $kept): KeptSetOutAnswer => new KeptSetOutAnswer(
                        id: $kept->id,
                        version: $kept->version,
                        question: $kept->question->value,
                        label: $kept->label(),
                        name: $kept->name,
                        says: $card->forms[$kept->id]->next->says,
                        counts: ($card->forms[$kept->id]->answer->steps ?? []) !== [],
                        typed: $kept->typed,
                        choices: $kept->choices,
                    ))
                    ->all(),
            ),
            asks: array_values(array_map(
                static fn (SetOutQuestion $question): WordAnswer => new WordAnswer(
                    value: $question->value,
                    label: $question->label(),
                ),
                array_filter(
                    $card->numbers->asks(),
                    static fn (SetOutQuestion $question): bool => ! in_array($question, $done, true),
                ),
            )),
            rows: $card->card->rows,
            gauges: $card->card->sentence(),
        );
    }
}
