<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\InvalidInput;

/** Every angle and depth of one edge taken together, each by its own calculation. */
final readonly class EdgeGeometry
{
    private function __construct(
        public Blade $blade,
        public ?CuttingGeometryResult $cutting,
        public ?MicroBevelResult $micro,
        public ?HollowGrindResult $hollow,
        public ?CamberResult $camber,
        public ?NickResult $nick,
        public float $honingMm,
    ) {
    }

    /**
     * @param  float|null  $honingMm  how far one honing takes the edge back, mm; null: as a dull edge usually does
     *
     * @throws InvalidInput when the figures do not go together
     */
    public static function of(Blade $blade, ?float $nickMm = null, ?float $honingMm = null): self
    {
        $honing = $honingMm ?? (float) EdgeCondition::Dull->usualRecessionMm();
        $hasMicro = $blade->secondaryDeg > $blade->primaryDeg;

        return new self(
            $blade,
            self::cutting($blade),
            $hasMicro
                ? (new MicroBevel())(
                    new MicroBevelInput(
                        $blade->primaryDeg,
                        $blade->secondaryDeg,
                        widthMm: $blade->microWidthMm,
                        recessionPerHoningMm: $honing,
                        maxWidthMm: SharpeningPlan::WIDEST_MICRO_BEVEL_MM,
                    ),
                )
                : null,
            self::hollow($blade, $honing),
            $blade->radiusMm === null
                ? null
                : (new Camber())(new CamberInput($blade->widthMm, $blade->bedDeg ?? 45.0, $blade->radiusMm)),
            $nickMm === null || ! $hasMicro
                ? null
                : (new Nick())(
                    new NickInput(
                        $nickMm,
                        $blade->widthMm,
                        $blade->thicknessMm,
                        $blade->primaryDeg,
                        $blade->secondaryDeg,
                    ),
                ),
            $honing,
        );
    }

    private static function cutting(Blade $blade): ?CuttingGeometryResult
    {
        return $blade->bedDeg === null
            ? null
            : (new CuttingGeometry())(
                new CuttingGeometryInput(
                    $blade->bedDeg,
                    $blade->bevelUp ? Orientation::BevelUp : Orientation::BevelDown,
                    $blade->secondaryDeg,
                    $blade->backBevelDeg,
                    $blade->skewDeg,
                ),
            );
    }

    /** Depth honed off the lands by one honing: its recession seen square to the chord. */
    private static function hollow(Blade $blade, float $honingMm): ?HollowGrindResult
    {
        return $blade->wheelMm === null
            ? null
            : (new HollowGrind())(
                new HollowGrindInput(
                    $blade->thicknessMm,
                    $blade->primaryDeg,
                    $blade->wheelMm,
                    $honingMm * sin(deg2rad($blade->primaryDeg)),
                    $blade->honedMm,
                ),
            );
    }
}
