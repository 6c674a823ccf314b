<?php

declare(strict_types=1);

namespace JackRest\Core\MarkingOut;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\OrNull;

/**
 * Where the lines of dovetails go, and what dividers and gauges are set to.
 *
 * With W the board's width, h the half pin, p the pin: dividers d = (W − 2h + p)/tails, tail = d − p. Stepped from the
 * left half pin's line they give the left sides, from the right one's the right sides, and no number is measured. A
 * tail is as long as the pin board is thick and what stands proud, L; its slope runs L/ratio to the side. Geometry; the
 * stepping is common practice.
 */
#[Calculates('dovetail-layout', 'Where the lines of dovetails go')]
final class DovetailLayout
{
    private const NEAR = 1e-9;

    public function __invoke(DovetailLayoutInput $joint): DovetailLayoutResult
    {
        $slant = $joint->slantMm();
        $tail = $joint->eachTailMm();
        $pin = $joint->eachPinMm;
        $isChoosing = $joint->chiselsMm !== null && $joint->chiselsMm !== [];
        $chisels = $joint->chiselsMm ?? [];
        $betweenTails = self::widest($chisels, $pin);
        $betweenPins = self::widest($chisels, $tail - 2 * $slant);
        $steps = range(0, $joint->count - 1);

        return new DovetailLayoutResult(
            $joint->count,
            $joint->dividerMm(),
            $tail,
            $tail - 2 * $slant,
            $pin,
            $pin + 2 * $slant,
            $joint->halfPinMm + $slant,
            rad2deg(atan(1 / $joint->ratio)),
            array_map(static fn (int $step): float => $joint->halfPinMm + $step * $joint->dividerMm(), $steps),
            array_map(
                static fn (int $step): float => $joint->boardWidthMm - $joint->halfPinMm - $step * $joint->dividerMm(),
                $steps,
            ),
            $joint->tailLengthMm(),
            $joint->tailBoardMm - $joint->rebateMm + $joint->proudMm,
            array_map(
                static fn (DovetailWarning $one): string => $one->value,
                self::warnings($joint, $isChoosing && $betweenTails === null),
            ),
            $isChoosing ? new OrNull($betweenTails) : null,
            $isChoosing ? new OrNull($betweenPins) : null,
        );
    }

    /** @return list<DovetailWarning> */
    private static function warnings(DovetailLayoutInput $joint, bool $hasNoChisel): array
    {
        $pin = $joint->eachPinMm;
        $slant = $joint->slantMm();
        $told = [
            [DovetailWarning::PinNarrowerThanKerf, $joint->kerfMm !== null && $pin < $joint->kerfMm - self::NEAR],
            [DovetailWarning::NoChiselBetweenTails, $hasNoChisel],
            [
                DovetailWarning::TailsNarrowerThanPins,
                $joint->eachTailMm() - 2 * $slant < $pin + 2 * $slant - self::NEAR,
            ],
        ];

        return array_column(array_filter($told, static fn (array $one): bool => $one[1]), 0);
    }

    /** @param  list<float>  $chisels */
    private static function widest(array $chisels, float $room): ?float
    {
        $passing = array_filter($chisels, static fn (float $width): bool => $width <= $room + self::NEAR);

        return $passing === [] ? null : max($passing);
    }
}
