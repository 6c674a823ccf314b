<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Straightedge;

use JackRest\Core\Basis;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\StraightedgeMethod;
use JackRest\Desk\Explanation;

/** How the numbers of a straightedge's test come about. */
final class StraightedgeExplained
{
    /** @return list<Explanation> */
    public static function of(StraightedgeForm $sheet): array
    {
        if ($sheet->test === null || $sheet->result === null) {
            return [];
        }
        $small = $sheet->format->small(...);
        $flat = $sheet->method === StraightedgeMethod::Flat;
        $worst = (int) array_search($sheet->result->worstAtMm, $sheet->test->stationsMm, true);

        return [
            new Explanation(
                'How far is it out?',
                ($flat ? 'deviation = −gap' : 'deviation = gap ÷ 2').
                    '; straightness = distance of the two nearest parallel lines that hold every place',
                "at {$sheet->format->dimension($sheet->result->worstAtMm)}: ".
                    ($flat ? '' : "{$small($sheet->test->gapsMm[$worst])} ÷ 2 = ").
                    "{$small($sheet->result->deviationMm[$worst])}; straightness "
                        ."{$small($sheet->result->straightnessMm)}",
                Basis::Published,
                'Common practice; the minimum zone is ISO 12780.',
            ),
            new Explanation(
                'How sure is that?',
                $flat
                    ? 'U = √(resolution²/2 + flat²), for about 95 of 100 tests'
                    : 'U = √(1.5 · (line²/6 + resolution²/12)), for about 95 of 100 tests',
                '± '.
                    $small($sheet->uncertaintyMm()).
                    ($flat
                        ? ' on a flat true to '.$small($sheet->form->value('flatTo') ?? 0.0)
                        : ' with a line of '.$small($sheet->form->value('lineWidth') ?? 0.0)),
                Basis::Published,
                'Guide to the expression of uncertainty in measurement, JCGM 100.',
            ),
            new Explanation(
                'Why these strokes?',
                'remove = what stands above the line under the edge that takes least in all; shavings = the nearest '
                    .'whole number at each place',
                'at most '.
                    $small(max([0.0, ...$sheet->result->removeMm])).
                    ', left over at worst '.
                    LengthFormatter::decimal($sheet->map()->residualMm ?? 0.0, 3).
                    ' mm',
                Basis::CommonPractice,
                'Counting shavings of known thickness; their number is the least that gives these counts.',
            ),
        ];
    }
}
