<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Calculates;

/**
 * Which chisel widths for these pins and mortises.
 *
 * Between tails the narrow side of the pin decides: a chisel wider than that bruises the tails. Through a board
 * of thickness t a pin of slope 1 in n grows from its narrow face by 2·t/n. A mortise is as wide as its chisel,
 * within half a millimetre (of two as near the narrower); any narrower chisel cuts it in two passes and pares.
 * Common practice, no source.
 */
#[Calculates('chisel-fit', 'Which chisel widths for these pins and mortises')]
final class ChiselFit
{
    private const SAME_WITHIN_MM = 0.5;

    public function __invoke(ChiselFitInput $joint): ChiselFitResult
    {
        $widths = array_values(array_unique($joint->chiselsMm));
        rsort($widths);
        $intoGap = self::upTo($widths, $joint->pinMm);
        $intoMortise = self::upTo(
            $widths,
            $joint->mortiseMm === null ? null : $joint->mortiseMm + self::SAME_WITHIN_MM,
        );
        $just = array_filter(
            $intoMortise,
            static fn (float $width): bool => abs($width - (float) $joint->mortiseMm) <= self::SAME_WITHIN_MM + 1e-9,
        );
        usort(
            $just,
            // As near on both sides, the narrower: it can be pared to the line.
            static fn (float $a, float $b): int => [self::off($a, $joint), $a] <=> [self::off($b, $joint), $b],
        );

        return new ChiselFitResult(
            $intoGap,
            $intoGap[0] ?? null,
            $just[0] ?? null,
            $just[0] ?? ($intoMortise[0] ?? null),
            $joint->pinMm === null || $joint->thicknessMm === null
                ? null
                : $joint->pinMm + (2 * $joint->thicknessMm) / $joint->slopeRatio,
        );
    }

    /** How far a chisel is off the mortise, to the nanometre: halves of what is typed are no exact numbers. */
    private static function off(float $width, ChiselFitInput $joint): float
    {
        return round(abs($width - (float) $joint->mortiseMm), 6);
    }

    /**
     * @param  list<float>  $widths
     * @return list<float>
     */
    private static function upTo(array $widths, ?float $mostMm): array
    {
        return $mostMm === null
            ? []
            : array_values(array_filter($widths, static fn (float $width): bool => $width <= $mostMm + 1e-9));
    }
}
