<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Straightedge;

use JackRest\Core\Truing\StraightedgeMethod;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Reference\StrokeWords;

/** A straightedge's reversal test in words: what is known, and the next stroke. */
final class StraightedgeAdvice
{
    public static function of(StraightedgeForm $form): Advice
    {
        if ($form->result === null) {
            return ! $form->isSound()
                ? Advice::correct()
                : ($form->method === StraightedgeMethod::Flat
                    ? new Advice(
                        'Lay the true edge on the flat, a light behind it. Type the gap at each place, 0 where '
                            .'it touches.',
                        'Ends included: it lies on what stands highest.',
                    )
                    : new Advice(
                        'Draw along it, turn it over its long axis, draw along it again from the same ends.',
                        'The two lines part by twice the error. Type the gap at each place, ends included.',
                    ));
        }
        $standing =
            '± '.
            $form->format->small($form->uncertaintyMm()).
            ' over '.
            $form->format->dimension($form->sizes->get('length')).
            ', '.
            $form->result->shape->label().
            '.';

        return match (true) {
            $form->verdict() === Verdict::Within => new Advice(
                'Leave it alone: it is straight enough for this work.',
                'Test it again after a drop, a damp week or a change of season.',
                $standing,
            ),
            $form->verdict() === Verdict::CannotTell => self::undecided($form, $standing),
            $form->verdict() === null => new Advice(
                'Type your tolerance.',
                'Then you can see whether to plane.',
                $standing,
            ),
            $form->isTooLow() => new Advice(
                'Make a new one: this one would grow too low.',
                'It would be '.
                    $form->format->dimension((float) $form->heightLeftMm()).
                    ' high, and the least you set is '.
                    $form->format->dimension((float) $form->leastMm()).
                    '.',
                $standing,
            ),
            default => self::strokes($form, $standing),
        };
    }

    private static function strokes(StraightedgeForm $form, string $standing): Advice
    {
        $map = $form->map();
        if ($map === null) {
            return new Advice(
                'Type how thick one shaving is.',
                'Ten in a pack under the caliper: then the strokes can be counted.',
                $standing,
            );
        }
        if ($map->passCount === 0) {
            return new Advice(
                'Take a thinner shaving: one of yours is more than all there is to come off.',
                'It stands proud by '.$form->format->small(max([0.0, ...$form->result->removeMm ?? []])).'.',
                $standing,
            );
        }
        $strokes = StrokeWords::say($map->passes, $form->test->stationsMm ?? [0.0], $form->format);

        return new Advice(
            "Take $strokes. Then test again.",
            'Places are measured from the left end. Shortest over the high spot first, through strokes last; '.
                $form->format->small($form->form->value('shaving') ?? 0.0).
                ' a shaving.'.
                ($form->method === StraightedgeMethod::Reversal ? ' Turning it over doubled the error.' : ''),
            $standing,
            takeOff: true,
        );
    }

    private static function undecided(StraightedgeForm $form, string $standing): Advice
    {
        return new Advice(
            (new WhatWouldTellStraightedge($form))->sentence(),
            'It is known to ± '.
                $form->format->small($form->uncertaintyMm()).
                ', and your tolerance lies inside that.',
            $standing,
        );
    }
}
