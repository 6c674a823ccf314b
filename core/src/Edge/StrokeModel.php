<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Rounding;

/**
 * Strokes and time on one stone.
 *
 * Volume removed per stroke is proportional to pressure and distance (F. W. Preston, 1927), taken here as
 * proportional to particle size and independent of the area: depth per stroke in µm = 1000·k·cut·d/(width·length).
 * The first stone removes the whole depth, every next one the scratches of the one before, scratchRatio·d.
 * The factor k and the scratch ratio are from memory, to be calibrated by counted strokes.
 */
final readonly class StrokeModel
{
    public function __construct(private HoningPlanInput $job)
    {
    }

    public function depthPerStrokeUm(Abrasive $stone): float
    {
        $job = $this->job;

        return (1000 * $job->volumePerStrokeMm3PerUm * $stone->cutFactor * $stone->particleUm) /
            ($job->contactWidthMm * $job->contactLengthMm);
    }

    public function removeUm(?Abrasive $before): float
    {
        return $before === null ? $this->job->removeUm : $this->job->scratchRatio * $before->particleUm;
    }

    public function step(?Abrasive $before, Abrasive $stone): HoningStep
    {
        $removeUm = $this->removeUm($before);
        $strokes = self::strokes($removeUm, $this->depthPerStrokeUm($stone));

        return new HoningStep(
            $stone->id,
            $removeUm,
            $strokes,
            $strokes * $this->job->secondsPerStroke + $stone->changeSeconds,
        );
    }

    public function seconds(?Abrasive $before, Abrasive $stone): float
    {
        return $this->step($before, $stone)->seconds;
    }

    /**
     * The same for one stone after each of many.
     *
     * @param  list<Abrasive>  $before
     * @return list<float> seconds; infinite after one that it may not follow
     */
    public function secondsAfter(array $before, Abrasive $stone): array
    {
        $perStroke = $this->depthPerStrokeUm($stone);
        $seconds = [];
        foreach ($before as $coarser) {
            $seconds[] = $this->mayFollow($coarser, $stone)
                ? self::strokes($this->removeUm($coarser), $perStroke) * $this->job->secondsPerStroke
                    + $stone->changeSeconds
                : INF;
        }

        return $seconds;
    }

    private static function strokes(float $removeUm, float $perStrokeUm): int
    {
        return max(1, Rounding::up($removeUm / $perStrokeUm));
    }

    public function mayFollow(Abrasive $before, Abrasive $stone): bool
    {
        $ratio = $this->job->maxStepRatio;

        return $stone->particleUm < $before->particleUm &&
            ($ratio === null || $before->particleUm / $stone->particleUm <= $ratio + 1e-9);
    }

    public function isFineEnough(Abrasive $stone): bool
    {
        return $stone->particleUm <= $this->job->finishUm;
    }
}
