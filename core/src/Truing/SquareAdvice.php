<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Measure\LengthFormatter;

/** A reversal test in words: what is known, and the next stroke. */
final readonly class SquareAdvice
{
    private function __construct(
        public string $nextStroke,
        public string $why,
        public string $standing,
        public bool $takeOff,
    ) {
    }

    public static function of(SquareReversalInput $test, SquareReversalResult $result, LengthFormatter $format): self
    {
        $standing = self::standing($test, $result, $format);

        return match ($result->verdict) {
            Verdict::Within => new self(
                'Leave it alone: it is square enough for this work.',
                'Test it again after a drop, a damp week or a change of season.',
                $standing,
                false,
            ),
            Verdict::Outside => new self(self::strokes($test, $result), self::half($test, $result, $format), $standing, true),
            default => new self((new WhatWouldTell($test, $result, $format))->sentence(), self::undecided($result, $format), $standing, false),
        };
    }

    public static function beforeAnyGap(): self
    {
        return new self(
            'Knife a line, turn the square over, knife another from the same foot. Type the gap at the tip.',
            'The two lines part by twice the error, so the square tests itself.',
            '',
            false,
        );
    }

    public static function whileAFigureIsWrong(): self
    {
        return new self(
            'Mend the figure marked in red; the drawing waits for it.',
            'Everything else you typed stays as it is.',
            '',
            false,
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

    private static function half(SquareReversalInput $test, SquareReversalResult $result, LengthFormatter $format): string
    {
        $parted = $format->small(abs(2 * $result->errorMm));
        $shaving = $test->shavingMm === null ? '' : ', '.$format->small($test->shavingMm).' a shaving';
        $edge = $test->edge === SquareEdge::Outer ? 'Outer' : 'Inner';

        return "$edge edge only{$shaving}. Turning it over doubled the error: half of the $parted is the square’s.";
    }

    private static function undecided(SquareReversalResult $result, LengthFormatter $format): string
    {
        return $result->expandedUncertaintyMm === 0.0
            ? 'Nothing is known yet of the line’s width or of the spread of readings.'
            : 'The error is known to ± '.$format->small($result->expandedUncertaintyMm).', and your tolerance lies inside that.';
    }

    private static function standing(SquareReversalInput $test, SquareReversalResult $result, LengthFormatter $format): string
    {
        $inside = LengthFormatter::fixed($result->innerAngleDeg, 2);
        $lean = match ($result->lean) {
            Lean::TowardStock => "The blade leans toward the stock; inside {$inside}°.",
            Lean::AwayFromStock => "The blade leans away from the stock; inside {$inside}°.",
            Lean::Square => 'The error cannot be told from the readings’ own uncertainty.',
        };

        return '± '.$format->small($result->expandedUncertaintyMm).' over '.$format->dimension($test->bladeLengthMm).". $lean";
    }
}
