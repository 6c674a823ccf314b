<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Square;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Lean;
use JackRest\Core\Truing\SquareEdge;
use JackRest\Core\Truing\SquareReversalInput;
use JackRest\Core\Truing\SquareReversalResult;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;

/** A reversal test in words: what is known, and the next stroke. */
final class SquareAdvice
{
    /** @param  float|null  $bladeMm  the longest line that can be knifed; null: not known */
    public static function of(
        SquareReversalInput $test,
        SquareReversalResult $result,
        LengthFormatter $format,
        ?float $bladeMm = null,
    ): Advice {
        $standing = self::standing($test, $result, $format);

        return match ($result->verdict) {
            Verdict::Within => new Advice(
                'Leave it alone: it is square enough for this work.',
                'Test it again after a drop, a damp week or a change of season.',
                $standing,
            ),
            Verdict::Outside => new Advice(
                self::strokes($test, $result),
                self::half($test, $result, $format),
                $standing,
                takeOff: true,
            ),
            default => new Advice(
                (new WhatWouldTell($test, $result, $format, $bladeMm))->sentence(),
                self::undecided($result, $format),
                $standing,
            ),
        };
    }

    public static function makeNew(
        SquareReversalInput $test,
        SquareReversalResult $result,
        float $widthMm,
        float $leastMm,
        LengthFormatter $format,
    ): Advice {
        return new Advice(
            'Make a new one: this blade would grow too narrow.',
            "It would be {$format->dimension($widthMm)} wide, and the least you set is {$format->dimension($leastMm)}.",
            self::standing($test, $result, $format),
        );
    }

    /** Metal comes off by rubbing, one way only: to and fro rounds the edge. Common practice, no source. */
    public static function rubMetal(
        SquareReversalInput $test,
        SquareReversalResult $result,
        LengthFormatter $format,
    ): Advice {
        $end = self::end($result);
        $edge = $test->edge === SquareEdge::Inner ? 'inner' : 'outer';

        return new Advice(
            "Pull the $edge edge one way over fine abrasive paper on a flat, your weight on the $end: ten strokes, "
                .'then test again.',
            "{$format->small(abs($result->errorMm))} is to come off the $end, nothing off the other end. Metal does "
                .'not go back on: test often, or leave it and mark it for rough work.',
            self::standing($test, $result, $format),
            takeOff: true,
        );
    }

    public static function leaveMetal(
        SquareReversalInput $test,
        SquareReversalResult $result,
        LengthFormatter $format,
    ): Advice {
        return new Advice(
            'Leave it: that is more than can be rubbed off by hand and stay straight.',
            "{$format->small(abs($result->errorMm))} would have to come off the ".
                self::end($result).
                '. Mark it for rough work, have it ground, or get another.',
            self::standing($test, $result, $format),
        );
    }

    private static function end(SquareReversalResult $result): string
    {
        return $result->removeAtHeelMm > 0 ? 'heel' : 'tip';
    }

    public static function beforeAnyGap(): Advice
    {
        return new Advice(
            'Knife a line, turn the square over, knife another from the same foot. Type the gap at the tip.',
            'The two lines part by twice the error, so the square tests itself.',
        );
    }

    private static function strokes(SquareReversalInput $test, SquareReversalResult $result): string
    {
        [$from, $to] = $result->removeAtHeelMm > 0 ? ['heel', 'tip'] : ['tip', 'heel'];
        $count = $result->shavings ?? 0;
        $shavings = $count === 1 ? '1 shaving' : "$count shavings";
        $edge = $test->edge === SquareEdge::Inner ? ' of the inner edge' : '';

        return "Take $shavings off the {$from}{$edge}, running out to nothing at the $to. Then test again.";
    }

    private static function half(
        SquareReversalInput $test,
        SquareReversalResult $result,
        LengthFormatter $format,
    ): string {
        $parted = $format->small(abs(2 * $result->errorMm));
        $shaving = $test->shavingMm === null ? '' : ', '.$format->small($test->shavingMm).' a shaving';
        $edge = $test->edge === SquareEdge::Outer ? 'Outer' : 'Inner';

        return "$edge edge only{$shaving}. Turning it over doubled the error: half of the $parted is the square’s.";
    }

    private static function undecided(SquareReversalResult $result, LengthFormatter $format): string
    {
        return $result->expandedUncertaintyMm === 0.0
            ? 'Nothing is known yet of the line’s width or of the spread of readings.'
            : 'The error is known to ± '.
                    $format->small($result->expandedUncertaintyMm).
                    ', and your tolerance lies inside that.';
    }

    private static function standing(
        SquareReversalInput $test,
        SquareReversalResult $result,
        LengthFormatter $format,
    ): string {
        $inside = LengthFormatter::fixed($result->innerAngleDeg, 2);
        $lean = match ($result->lean) {
            Lean::TowardStock => "The blade leans toward the stock; inside {$inside}°.",
            Lean::AwayFromStock => "The blade leans away from the stock; inside {$inside}°.",
            Lean::Square => 'The error cannot be told from the readings’ own uncertainty.',
        };

        return '± '.
            $format->small($result->expandedUncertaintyMm).
            ' over '.
            $format->dimension($test->bladeLengthMm).
            ". $lean";
    }
}
