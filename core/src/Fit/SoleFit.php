<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Calculates;

/**
 * How straight a plane can make a board by itself.
 *
 * It stops cutting when its sole bridges the hollow. A hollow of the shaving's depth over the sole's length has
 * the same curve over the whole board, so what is left is shaving·(board/sole)²; the sole that does is
 * board·√(shaving/tolerance). Model from memory.
 */
#[Calculates('sole-fit', 'Which sole for this board and tolerance')]
final class SoleFit
{
    public function __invoke(SoleFitInput $board): SoleFitResult
    {
        $residual = $board->shavingMm * ($board->boardLengthMm / $board->soleLengthMm) ** 2;

        return new SoleFitResult(
            $residual,
            $residual <= $board->toleranceMm * (1 + 1e-12) ? SoleVerdict::Good : SoleVerdict::Short,
            $board->boardLengthMm * sqrt($board->shavingMm / $board->toleranceMm),
        );
    }
}
