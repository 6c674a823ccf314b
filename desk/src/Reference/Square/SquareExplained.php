<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Square;

use JackRest\Core\Basis;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\SquareReversalInput;
use JackRest\Core\Truing\SquareReversalResult;
use JackRest\Desk\Explanation;

/** How the numbers of a reversal test come about. */
final class SquareExplained
{
    /** @return list<Explanation> */
    public static function of(SquareReversalInput $test, SquareReversalResult $result, LengthFormatter $format): array
    {
        $length = $format->small(...);

        return [
            new Explanation(
                'How far is it out?',
                'error = (mean gap at the tip − gap at the foot) ÷ 2',
                "({$length($test->meanFarGapMm())} − {$length($test->nearGapMm ?? 0.0)}) ÷ 2 = "
                    .$length($result->errorMm),
                Basis::CommonPractice,
                'The square tested against itself, turned over.',
            ),
            self::uncertainty($test, $result, $format),
            ...self::shavings($test, $result, $format),
        ];
    }

    private static function uncertainty(
        SquareReversalInput $test,
        SquareReversalResult $result,
        LengthFormatter $format,
    ): Explanation {
        $length = $format->small(...);
        $budget = SquareReversal::budget($test);
        $readings = $test->nearGapMm === null ? '' : '2 · ';

        return new Explanation(
            'How sure is that?',
            "U = t · √(s²/n + line²/6 + {$readings}resolution²/12) ÷ 2, for about 95 of 100 tests",
            LengthFormatter::decimal($budget->coverageFactor(), 2)
                ." · √({$length(2 * $budget->partMm('repeats'))}² + {$length($test->lineWidthMm)}²/6 + "
                ."$readings{$length($test->resolutionMm)}²/12) ÷ 2 = {$length($result->expandedUncertaintyMm)}",
            Basis::Published,
            'Guide to the expression of uncertainty in measurement, JCGM 100. t is 1.96 where nothing rests on '
                .'repeats, and larger the fewer readings there are.',
        );
    }

    /** @return list<Explanation> */
    private static function shavings(
        SquareReversalInput $test,
        SquareReversalResult $result,
        LengthFormatter $format,
    ): array {
        return $test->shavingMm === null
            ? []
            : [
                new Explanation(
                    'Why so many shavings?',
                    'shavings = error ÷ thickness of one, rounded up',
                    $format->small(abs($result->errorMm)).
                        ' ÷ '.
                        $format->small($test->shavingMm).
                        " → {$result->shavings}",
                    Basis::CommonPractice,
                    'Counting shavings of known thickness. Measure yours: ten in a pack under the caliper.',
                ),
            ];
    }
}
