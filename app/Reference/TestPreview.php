<?php

declare(strict_types=1);

namespace App\Reference;

use App\Http\Answer\LearntShavingAnswer;
use App\Http\Answer\ReferenceNextAnswer;
use App\Reference\Answer\ListReadAnswer;
use App\Reference\Answer\TestAnswerAnswer;
use App\Reference\Answer\TestPreviewAnswer;
use JackRest\Desk\Reference\Flat\FlatForm;
use JackRest\Desk\Reference\SlopeTemplate\SlopeTemplateForm;
use JackRest\Desk\Reference\Square\SquareForm;
use JackRest\Desk\Reference\Straightedge\StraightedgeForm;
use JackRest\Desk\Reference\TestForm;
use JackRest\Desk\Reference\WindingSticks\WindingSticksForm;

/** A test as far as it has been typed: readings, answer, next stroke, and what its kind is drawn by. */
final class TestPreview
{
    /**
     * @param  float|null  $learntMm  how thick the last shavings were; null: nothing is told
     */
    public static function of(TestForm $form, ?float $learntMm): TestPreviewAnswer
    {
        $error = $form->errorMm();
        $next = $form->next();
        $format = $form->format;

        return new TestPreviewAnswer(
            readings: $form->form->readings,
            lists: self::lists($form),
            nextLine: $form instanceof FlatForm ? $form->nextLine()?->id : null,
            objection: $form->objection(),
            answer: $error === null
                ? null
                : new TestAnswerAnswer(
                    error: $format->small(abs($error)),
                    errorMm: $error,
                    verdict: $form->verdict(),
                    standing: $form->standing(),
                    found: $form->found(),
                ),
            next: ReferenceNextAnswer::of($next),
            work: self::work($form),
            learnt: LearntShavingAnswer::of($learntMm, $format),
            lines: $form->lines(),
            how: $form->explained(),
            square: $form instanceof SquareForm ? TestDrawings::square($form) : null,
            straightedge: $form instanceof StraightedgeForm ? TestDrawings::straightedge($form) : null,
            sticks: $form instanceof WindingSticksForm ? TestDrawings::sticks($form) : null,
            slope: $form instanceof SlopeTemplateForm ? TestDrawings::slope($form) : null,
            flat: $form instanceof FlatForm ? TestDrawings::flat($form) : null,
        );
    }

    /** What its strokes are in bench mode; null: there are none. */
    private static function work(TestForm $form): ?string
    {
        $first = $form->strokes()[0] ?? null;

        return $first === null ? null : ($first->isRubbed ? 'rub' : 'plane');
    }

    /** @return list<ListReadAnswer> */
    private static function lists(TestForm $form): array
    {
        if ($form instanceof FlatForm) {
            return TestDrawings::lines($form);
        }
        $lists = [];
        foreach ($form->lists as $id => $readings) {
            $lists[] = new ListReadAnswer(id: $id, name: '', readings: $readings, isRead: false, places: []);
        }

        return $lists;
    }
}
