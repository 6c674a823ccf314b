<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Straightedge;

use JackRest\Core\Truing\ShavingPass;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Reference\StrokeWords;

/** Three edges in words: the pair to read next, or the edge to plane. */
final class ThreeEdgesAdvice
{
    public static function of(ThreeEdgesForm $form): Advice
    {
        if ($form->result === null || $form->test === null) {
            return self::reading($form);
        }
        if ($form->contradicts()) {
            return new Advice(
                'Read the pairs again: they contradict each other by '
                    .$form->format->small((float) $form->result->inconsistencyMm).'.',
                'That is more than your readings’ '.$form->format->small($form->resolutionMm)
                    .'; a place was misread, or an edge lay otherwise.',
            );
        }

        return self::planing($form, $form->test->stationsMm);
    }

    private static function reading(ThreeEdgesForm $form): Advice
    {
        return match (true) {
            ! $form->isSound() => Advice::correct(),
            $form->objection !== null => new Advice($form->objection, 'Everything you typed stays as it is.'),
            default => new Advice(
                (string) $form->pairs->asks(),
                'Three pairs tell all three edges apart, with no straight one among them.',
            ),
        };
    }

    /** @param  non-empty-list<float>  $stationsMm */
    private static function planing(ThreeEdgesForm $form, array $stationsMm): Advice
    {
        $worst = $form->worstOfAll();
        $edge = $form->edges()[$worst];
        $name = ThreeEdgesForm::EDGES[$worst];
        $straight = $form->format->small($edge->straightnessMm);
        $verdict = $form->verdict($edge);
        if ($verdict !== Verdict::Outside) {
            return new Advice(
                match ($verdict) {
                    Verdict::Within => 'Leave all three: they are straight enough for this work.',
                    null => 'Type your tolerance.',
                    default => 'Can’t tell yet: read the gaps with something finer.',
                },
                "The worst is the $name, straight to $straight ± {$form->format->small($form->uncertaintyMm())}.",
            );
        }
        $passes = $form->passes($worst);

        return new Advice(
            $passes === []
                ? "Plane the $name edge where it is hatched, with thin shavings."
                : "Plane the $name edge: ".self::strokes($form, $passes, $stationsMm).'. Then test all three again.',
            "Places are measured from the left end. It is the worst, straight to $straight; one at a time, so that the "
                .'others stay what they are.',
            takeOff: true,
        );
    }

    /**
     * @param  list<ShavingPass>  $passes
     * @param  non-empty-list<float>  $stationsMm
     */
    private static function strokes(ThreeEdgesForm $form, array $passes, array $stationsMm): string
    {
        return count(StrokeWords::kinds($passes)) > StrokeWords::MOST_KINDS
            ? count($passes).' strokes over what is hatched, the shortest first'
            : StrokeWords::say($passes, $stationsMm, $form->format);
    }
}
