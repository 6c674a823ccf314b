<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Calculates;

/**
 * Errors of a chain of marks and transfers, added up.
 *
 * Each step can be off by half the width of its line. Worst case: their sum; likely: the root of the sum of
 * their squares. Two parts marked at one setting differ by the last line only (twice, once on each); measured
 * anew each repeats the whole chain. A knife line is about 0.05 mm wide, a pencil line 0.3 to 0.5 mm (common
 * practice, no source).
 */
#[Calculates('marking-chain', 'Which marking tool for this fit')]
final class MarkingChain
{
    public function __invoke(MarkingChainInput $chain): MarkingChainResult
    {
        $worst = $squares = $last = 0.0;
        foreach ($chain->steps as $step) {
            $last = ($step->widthMm ?? $step->marker->widthMm()) / 2;
            $worst += $step->times * $last;
            $squares += $step->times * $last ** 2;
        }
        $likely = sqrt($squares);

        return new MarkingChainResult(
            $worst,
            $likely,
            2 * $last,
            2 * $worst,
            $chain->toleranceMm === null
                ? null
                : match (true) {
                    $worst <= $chain->toleranceMm + 1e-12 => MarkingVerdict::Always,
                    $likely <= $chain->toleranceMm + 1e-12 => MarkingVerdict::Mostly,
                    default => MarkingVerdict::No,
                },
        );
    }
}
