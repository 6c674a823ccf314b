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
    public static function of(StraightedgeForm $form): array
    {
        if ($form->test === null || $form->result === null) {
            return [];
        }
        $small = $form->format->small(...);
        $flat = $form->method === StraightedgeMethod::Flat;
        $worst = (int) array_search($form->result->worstAtMm, $form->test->stationsMm, true);

        return [
            new Explanation(
                'How far is it out?',
                ($flat ? 'deviation = −gap' : 'deviation = gap ÷ 2').
                    '; straightness = distance of the two nearest parallel lines that hold every place',
                "at {$form->format->dimension($form->result->worstAtMm)}: ".
                    ($flat ? '' : "{$small($form->test->gapsMm[$worst])} ÷ 2 = ").
                    "{$small($form->result->deviationMm[$worst])}; straightness "
                        ."{$small($form->result->straightnessMm)}",
                Basis::Published,
                'Common practice; the minimum zone is ISO 12780.',
            ),
            new Explanation(
                'How sure is that?',
                $flat
                    ? 'U = √(1.96² · 1.5 · resolution²/12 + flat²), for about 95 of 100 tests'
                    : 'U = 1.96 · √(1.5 · (line²/6 + resolution²/12)) ÷ 2, for about 95 of 100 tests',
                '± '.
                    $small($form->uncertaintyMm()).
                    ($flat
                        ? ' on a flat true to '.$small($form->form->value('flatTo') ?? 0.0)
                        : ' with a line of '.$small($form->form->value('lineWidth') ?? 0.0)),
                Basis::Published,
                'Guide to the expression of uncertainty in measurement, JCGM 100.',
            ),
            new Explanation(
                'Why these strokes?',
                'remove = what stands above the line under the edge that takes least in all; shavings = the nearest '
                    .'whole number at each place',
                'at most '.
                    $small(max([0.0, ...$form->result->removeMm])).
                    ', left over at worst '.
                    LengthFormatter::decimal($form->map()->residualMm ?? 0.0, 3).
                    ' mm',
                Basis::CommonPractice,
                'Counting shavings of known thickness; their number is the least that gives these counts.',
            ),
        ];
    }
}
