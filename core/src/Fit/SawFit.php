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
 * bite is at most ½·gullet/L; and in one stroke no hand sinks a saw by more than 0.7, 0.55, 0.4 % of its length, times
 * √(p/1.7 mm). Model from memory; the user's own counts of strokes multiply the bite. How many teeth are in the cut is
 * told, not judged: a wide shallow shoulder clears its dust.
 */
#[Calculates('saw-fit', 'Which saw for this stock, and how many strokes')]
final class SawFit
{
    public const MM_PER_INCH = 25.4;

    private const FEWEST_TEETH = 3;

    /** A saw is slow when it takes more strokes than these, each sinking less than that. */
    private const MANY_STROKES = 60;

    private const SHALLOW_MM = 1.5;

    /** The pitch of 15 teeth to the inch, mm, by which the hand's share was found. */
    private const USUAL_PITCH_MM = 1.7;

    public function __invoke(SawFitInput $cut): SawFitResult
    {
        $pitch = self::MM_PER_INCH / $cut->teethPerInch;
        $kerfLength = $cut->stockThicknessMm / Angle::sin($cut->sawAngleDeg);
        $bites = self::bites($cut);
        $bite = $cut->biteFactor * min($bites);
        $perStroke = ($bite * $cut->strokeLengthMm) / $pitch;
        $strokes = max(1, Rounding::up($cut->cutDepthMm / $perStroke));
        ['force' => $byForce, 'gullet' => $byGullet, 'hand' => $byHand] = $bites;
        $isFull = $byGullet < 0.5 * min($byForce, $byHand);
        $isSlow = $strokes > self::MANY_STROKES && $perStroke < self::SHALLOW_MM;
        [$verdict, $reason] = self::verdict($cut, $kerfLength / $pitch, $isFull, $isSlow);

        return new SawFitResult(
            $pitch,
            $kerfLength,
            $kerfLength / $pitch,
            $bite,
            SawLimit::from((string) array_search(min($bites), $bites, true)),
            $perStroke,
            $strokes,
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

    /**
     * How far a stroke sinks at most, of its own length, at the usual pitch. From memory: 8 to 12 strokes for 12 mm of
     * pine at 15 teeth to the inch.
     */
    private static function handShare(Hardness $hardness): float
    {
        return match ($hardness) {
            Hardness::Soft => 0.007,
            Hardness::Medium => 0.0055,
            Hardness::Hard => 0.004,
        };
    }

    /** @return array{force: float, gullet: float, hand: float} the deepest bite by each limit, mm */
    public static function bites(SawFitInput $cut): array
    {
        $pitch = self::MM_PER_INCH / $cut->teethPerInch;
        $kerfLength = $cut->stockThicknessMm / Angle::sin($cut->sawAngleDeg);

        return [
            SawLimit::Force->value => (self::forceMm($cut->hardness) * $pitch) / $kerfLength,
            SawLimit::Gullet->value => (0.5 * self::gulletMm2($pitch)) / $kerfLength,
            SawLimit::Hand->value => self::handShare($cut->hardness) * sqrt($pitch / self::USUAL_PITCH_MM) * $pitch,
        ];
    }

    private static function gulletMm2(float $pitchMm): float
    {
        return (0.5 * $pitchMm * $pitchMm * Angle::sin(30)) / Angle::cos(30);
    }

    /** @return array{SawVerdict, string} the first that applies */
    private static function verdict(SawFitInput $cut, float $teethInCut, bool $isFull, bool $isSlow): array
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
            $isFull => [SawVerdict::Clogs, 'the gullets fill before the stroke ends; take coarser teeth'],
            $isSlow => [SawVerdict::Slow, "$teeth teeth in the cut, each taking little; coarser teeth are quicker"],
            default => [SawVerdict::Good, "$teeth teeth in the cut, and room for the dust"],
        };
    }
}
