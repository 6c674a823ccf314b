<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

/** A set of auger bits: in sixteenths of an inch from the smallest to the largest, and what holes it leaves out. */
final class AugerSet
{
    public const STEP_MM = 25.4 / 16;

    /** A hole may be so much larger or smaller than the bit for it, mm; common practice. */
    private const NEAR_MM = 0.8;

    /** @return list<float> mm */
    public static function sizes(float $smallestMm, float $largestMm): array
    {
        $from = max(1, (int) ceil($smallestMm / self::STEP_MM - 0.5));
        $to = max($from, (int) floor($largestMm / self::STEP_MM + 0.5));

        return array_map(
            static fn (int $sixteenths): float => $sixteenths * self::STEP_MM,
            range($from, min($to, $from + 31)),
        );
    }

    /**
     * Holes that the works ask for and no bit of the set that is fit bores.
     *
     * @param  list<float>  $fitMm  bits that were not set aside
     * @param  list<array{diameterMm: float, work: string}>  $holes
     * @return list<array{diameterMm: float, work: string}>
     */
    public static function gaps(array $fitMm, array $holes): array
    {
        $gaps = [];
        foreach ($holes as $hole) {
            $near = array_filter(
                $fitMm,
                static fn (float $size): bool => abs($size - $hole['diameterMm']) <= self::NEAR_MM + 1e-9,
            );
            if ($near === []) {
                $gaps[] = $hole;
            }
        }

        return $gaps;
    }
}
