<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\ShavingPass;

/** Strokes over one length of an edge, as bench mode counts them: of the plane, or over abrasive paper. */
final readonly class PlaningStep
{
    public const CAUTION = 'Work clamped, both hands on the plane and behind the iron. Force means a blunt iron: '
        .'stop and hone. Local rules and trained teaching come first.';

    public const RUBBING_CAUTION = 'Iron backed off or out before a sole is rubbed. Rub wet: the dust is not to be '
        .'breathed. Local rules and trained teaching come first.';

    /** One stroke of a plane with the step back; from memory. */
    private const SECONDS_PER_STROKE = 5.0;

    private const BEFORE_TESTING = 10;

    private function __construct(
        public string $says,
        public float $fromMm,
        public float $toMm,
        public int $strokes,
        public float $seconds,
        public bool $isRubbed = false,
    ) {
    }

    /**
     * @param  list<ShavingPass>  $passes  in the order they are planed
     * @param  non-empty-list<float>  $stationsMm
     * @return list<self>
     */
    public static function all(array $passes, array $stationsMm, LengthFormatter $format): array
    {
        return array_map(
            static fn (array $kind): self => new self(
                StrokeWords::whereFromTheLeft($kind[0], $stationsMm, $format),
                $kind[0]->fromMm,
                $kind[0]->toMm,
                $kind[1],
                $kind[1] * self::SECONDS_PER_STROKE,
            ),
            StrokeWords::kinds($passes),
        );
    }

    /** Shavings at one end, each shorter than the one before, running out to nothing at the other. */
    public static function tapered(string $off, float $lengthMm, int $strokes): self
    {
        return new self(ucfirst($off), 0.0, $lengthMm, $strokes, $strokes * self::SECONDS_PER_STROKE);
    }

    /**
     * What nobody can count beforehand: so many strokes, and then it is tested again. Common practice, no source.
     *
     * @param  bool  $isRubbed  over abrasive paper: iron and stone take no plane
     */
    public static function untilTested(string $off, float $lengthMm, bool $isRubbed = false): self
    {
        return new self(
            ucfirst($off),
            0.0,
            $lengthMm,
            self::BEFORE_TESTING,
            self::BEFORE_TESTING * self::SECONDS_PER_STROKE,
            $isRubbed,
        );
    }

    /**
     * How many shavings each place lost.
     *
     * @param  list<array{fromMm: float, toMm: float, counted: int}>  $done
     * @param  list<float>  $stationsMm
     * @return list<int>
     */
    public static function shavings(array $done, array $stationsMm): array
    {
        return array_map(
            static fn (float $at): int => array_sum(
                array_map(
                    static fn (array $step): int => $at >= $step['fromMm'] - 1e-9 && $at <= $step['toMm'] + 1e-9
                        ? $step['counted']
                        : 0,
                    $done,
                ),
            ),
            $stationsMm,
        );
    }
}
