<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Basis;
use JackRest\Core\Edge\BevelAngleInput;
use JackRest\Core\Edge\BevelAngleResult;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Explanation;

/** How the numbers of an edge come about. */
final class EdgeExplained
{
    public static function angle(BevelAngleInput $input, BevelAngleResult $result, LengthFormatter $format): Explanation
    {
        return new Explanation(
            'Where does the angle come from?',
            'β = asin(thickness ÷ length along the bevel)',
            'asin('.
                $format->typed($input->thicknessMm).
                ' ÷ '.
                $format->typed((float) $input->bevelLengthMm).
                ') = '.
                LengthFormatter::fixed($result->angleDeg, 1).
                '° ± '.
                LengthFormatter::fixed($result->uncertaintyDeg, 1).
                '°',
            Basis::Published,
            'Plane trigonometry; uncertainty propagated as in JCGM 100.',
        );
    }

    public static function strokes(SharpeningPlan $plan, LengthFormatter $format): Explanation
    {
        $honing = array_values(
            array_filter($plan->steps, static fn (SharpeningStep $step): bool => $step->kind === StepKind::Hone),
        );
        $first = $honing[0] ?? $plan->steps[0];
        $perStroke =
            $first->modelStrokes > 0.0 ? ($first->removeUm / $first->modelStrokes) * $first->stone->cutFactor : 0.0;
        $own =
            $first->stone->cutFactor === 1.0
                ? ''
                : ', times '.LengthFormatter::decimal($first->stone->cutFactor, 2).' for this stone';

        return new Explanation(
            'Why so many strokes?',
            'strokes = depth ÷ (1000 · 0.0033 · particle size ÷ (width · length))',
            LengthFormatter::fixed($first->removeUm, 1).
                ' µm ÷ '.
                LengthFormatter::fixed($perStroke, 2).
                " µm a stroke → {$first->strokes} on the {$first->stone->name}{$own}",
            Basis::Model,
            'Removal proportional to pressure and distance (F. W. Preston, 1927). The factor is from memory; your '
                .'own counts correct it.',
        );
    }
}
