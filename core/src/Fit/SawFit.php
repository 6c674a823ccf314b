<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;
use JackRest\Core\Timber\Hardness;

/**
 * How a saw bites in a piece of stock, and how many strokes the cut takes.
 *
 * Pitch p = 25.4/tpi; kerf length L = thickness/sin(saw angle). The hand's force gives a bite of B·p/L, with B =
 * 0.3, 0.2, 0.12 mm in soft, medium and hard wood; the gullet (½·p·p·tan 30°) must hold twice the dust, so the
 * bite is at most ½·gullet/L. Model from memory; the user's own counts of strokes multiply the bite.
 */
#[Calculates('saw-fit', 'Which saw for this stock, and how many strokes')]
final class SawFit
{
    public const MM_PER_INCH = 25.4;

    private const FEWEST_TEETH = 3;

    private const MOST_TEETH = 30;

    public function __invoke(SawFitInput $cut): SawFitResult
    {
        $pitch = self::MM_PER_INCH / $cut->teethPerInch;
        $kerfLength = $cut->stockThicknessMm / Angle::sin($cut->sawAngleDeg);
        $byForce = (self::forceMm($cut->hardness) * $pitch) / $kerfLength;
        $byGullet = (0.5 * self::gulletMm2($pitch)) / $kerfLength;
        $bite = $cut->biteFactor * min($byForce, $byGullet);
        $perStroke = ($bite * $cut->strokeLengthMm) / $pitch;
        [$verdict, $reason] = self::verdict($cut, $kerfLength / $pitch, $byGullet < 0.5 * $byForce);

        return new SawFitResult(
            $pitch,
            $kerfLength,
            $kerfLength / $pitch,
            $bite,
            $byGullet < $byForce ? SawLimit::Gullet : SawLimit::Force,
            $perStroke,
            Rounding::up($cut->cutDepthMm / $perStroke),
            $verdict,
            $reason,
            $cut->plateMm === null ? null : $cut->plateMm + 2 * ($cut->setPerSideMm ?? 0.0),
        );
    }

    /** B, mm: the bite of one tooth when one pitch of kerf is in the cut. From memory. */
    public static function forceMm(Hardness $hardness): float
    {
        return match ($hardness) {
            Hardness::Soft => 0.3,
            Hardness::Medium => 0.2,
            Hardness::Hard => 0.12,
        };
    }

    private static function gulletMm2(float $pitchMm): float
    {
        return (0.5 * $pitchMm * $pitchMm * Angle::sin(30)) / Angle::cos(30);
    }

    /** @return array{SawVerdict, string} the first that applies */
    private static function verdict(SawFitInput $cut, float $teethInCut, bool $full): array
    {
        $teeth = number_format($teethInCut, 1, '.', '');

        return match (true) {
            $cut->depthUnderBackMm !== null && $cut->depthUnderBackMm < $cut->cutDepthMm => [
                SawVerdict::TooShallow,
                'the back meets the wood before the cut is deep enough',
            ],
            $teethInCut < self::FEWEST_TEETH => [
                SawVerdict::Catches,
                "only $teeth teeth in the cut: it catches; take finer teeth or a lower angle",
            ],
            $teethInCut > self::MOST_TEETH => [
                SawVerdict::Clogs,
                "$teeth teeth in the cut at once: they clog; take coarser teeth",
            ],
            $full => [SawVerdict::Clogs, 'the gullets fill before the stroke ends; take coarser teeth'],
            default => [SawVerdict::Good, "$teeth teeth in the cut, and room for the dust"],
        };
    }
}
