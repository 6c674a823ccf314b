<?php

declare(strict_types=1);

namespace JackRest\Desk\Truing;

use JackRest\Core\Truing\StraightedgeMethod;
use JackRest\Core\Truing\Verdict;

/** A straightedge's reversal test in words: what is known, and the next stroke. */
final readonly class StraightedgeAdvice
{
    private function __construct(public string $nextStroke, public string $why, public string $standing, public bool $takeOff)
    {
    }

    public static function of(StraightedgeForm $sheet): self
    {
        if ($sheet->result === null) {
            return $sheet->hasWrongFigure()
                ? new self('Mend the figure marked in red; the drawing waits for it.', 'Everything else you typed stays as it is.', '', false)
                : ($sheet->method === StraightedgeMethod::Flat ? new self('Lay the true edge on the flat, a light behind it. Type the gap at each place, nought where it touches.', 'Ends included: it lies on what stands highest.', '', false)
                : new self('Draw along it, turn it over its long axis, draw along it again from the same ends.', 'The two lines part by twice the error. Type the gap at each place, ends included.', '', false));
        }
        $standing = '± '.$sheet->format->small($sheet->uncertaintyMm).' over '.$sheet->format->dimension($sheet->record->lengthMm).', '.$sheet->result->shape->label().'.';

        return match (true) {
            $sheet->verdict() === Verdict::Within => new self('Leave it alone: it is straight enough for this work.', 'Test it again after a drop, a damp week or a change of season.', $standing, false),
            $sheet->verdict() === Verdict::CannotTell => self::undecided($sheet, $standing),
            $sheet->verdict() === null => new self('Type what the work can bear.', 'Then it can be told whether to plane.', $standing, false),
            $sheet->isTooLow() => new self('Make a new one: this one would grow too low.', 'It would be '.$sheet->format->dimension((float) $sheet->heightLeftMm()).' high, and the least you set is '.$sheet->format->dimension((float) $sheet->leastMm()).'.', $standing, false),
            default => self::strokes($sheet, $standing),
        };
    }

    private static function strokes(StraightedgeForm $sheet, string $standing): self
    {
        $map = $sheet->map();
        if ($map === null) {
            return new self('Type how thick one shaving is.', 'Ten in a pack under the caliper: then the strokes can be counted.', $standing, false);
        }
        if ($map->passCount === 0) {
            return new self('Take a thinner shaving: one of yours is more than all there is to come off.', 'It stands proud by '.$sheet->format->small(max([0.0, ...$sheet->result->removeMm ?? []])).'.', $standing, false);
        }
        $strokes = StrokeWords::say($map->passes, $sheet->test->stationsMm ?? [0.0], $sheet->format);

        return new self("Take $strokes. Then test again.", 'Shortest over the high spot first, through strokes last; '.$sheet->format->small($sheet->readings['shaving']->value ?? 0.0).' a shaving.'.($sheet->method === StraightedgeMethod::Reversal ? ' Turning it over doubled the error.' : ''), $standing, true);
    }

    private static function undecided(StraightedgeForm $sheet, string $standing): self
    {
        return new self((new WhatWouldTellStraightedge($sheet))->sentence(), 'It is known to ± '.$sheet->format->small($sheet->uncertaintyMm).', and your tolerance lies inside that.', $standing, false);
    }
}
