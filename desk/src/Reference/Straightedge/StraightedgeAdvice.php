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
    public static function of(StraightedgeForm $sheet): Advice
    {
        if ($sheet->result === null) {
            return ! $sheet->isSound()
                ? Advice::correct()
                : ($sheet->method === StraightedgeMethod::Flat
                    ? new Advice(
                        'Lay the true edge on the flat, a light behind it. Type the gap at each place, nought where '
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
            $sheet->format->small($sheet->uncertaintyMm()).
            ' over '.
            $sheet->format->dimension($sheet->sizes->get('length')).
            ', '.
            $sheet->result->shape->label().
            '.';

        return match (true) {
            $sheet->verdict() === Verdict::Within => new Advice(
                'Leave it alone: it is straight enough for this work.',
                'Test it again after a drop, a damp week or a change of season.',
                $standing,
            ),
            $sheet->verdict() === Verdict::CannotTell => self::undecided($sheet, $standing),
            $sheet->verdict() === null => new Advice(
                'Type what the work can bear.',
                'Then it can be told whether to plane.',
                $standing,
            ),
            $sheet->isTooLow() => new Advice(
                'Make a new one: this one would grow too low.',
                'It would be '.
                    $sheet->format->dimension((float) $sheet->heightLeftMm()).
                    ' high, and the least you set is '.
                    $sheet->format->dimension((float) $sheet->leastMm()).
                    '.',
                $standing,
            ),
            default => self::strokes($sheet, $standing),
        };
    }

    private static function strokes(StraightedgeForm $sheet, string $standing): Advice
    {
        $map = $sheet->map();
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
                'It stands proud by '.$sheet->format->small(max([0.0, ...$sheet->result->removeMm ?? []])).'.',
                $standing,
            );
        }
        $strokes = StrokeWords::say($map->passes, $sheet->test->stationsMm ?? [0.0], $sheet->format);

        return new Advice(
            "Take $strokes. Then test again.",
            'Shortest over the high spot first, through strokes last; '.
                $sheet->format->small($sheet->form->value('shaving') ?? 0.0).
                ' a shaving.'.
                ($sheet->method === StraightedgeMethod::Reversal ? ' Turning it over doubled the error.' : ''),
            $standing,
            takeOff: true,
        );
    }

    private static function undecided(StraightedgeForm $sheet, string $standing): Advice
    {
        return new Advice(
            (new WhatWouldTellStraightedge($sheet))->sentence(),
            'It is known to ± '.
                $sheet->format->small($sheet->uncertaintyMm()).
                ', and your tolerance lies inside that.',
            $standing,
        );
    }
}
