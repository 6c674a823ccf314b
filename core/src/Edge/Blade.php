<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** An edge as it is on record: the blade and its bevels. */
final readonly class Blade
{
    /**
     * @param  float|null  $bedDeg  null: it lies on no bed
     * @param  float|null  $radiusMm  radius of its curve; null: straight
     * @param  float|null  $wheelMm  diameter of the wheel it was ground on; null: flat
     * @param  float  $honedMm  honed off the lands of a hollow since it was ground, square to the bevel's chord
     */
    public function __construct(
        public float $widthMm,
        public float $thicknessMm,
        public float $primaryDeg,
        public float $secondaryDeg,
        public float $microWidthMm,
        public float $finishUm,
        public EdgeKind $form = EdgeKind::Chisel,
        public EdgeDuty $duty = EdgeDuty::General,
        public ?float $bedDeg = null,
        public bool $bevelUp = false,
        public float $backBevelDeg = 0.0,
        public float $skewDeg = 0.0,
        public ?float $radiusMm = null,
        public ?float $wheelMm = null,
        public float $honedMm = 0.0,
        public Steel $steel = Steel::Unknown,
    ) {
    }

    /** @return float length of the whole bevel along the steel, mm */
    public function bevelLengthMm(): float
    {
        return $this->thicknessMm / sin(deg2rad($this->primaryDeg));
    }

    /** Width along the slanted edge of a skewed blade, mm: that is what lies on the stone. */
    public function edgeLengthMm(): float
    {
        return $this->widthMm / cos(deg2rad($this->skewDeg));
    }

    /** The same blade with other angles. */
    public function ground(float $thicknessMm, float $primaryDeg, float $secondaryDeg): self
    {
        return $this->with([
            'thicknessMm' => $thicknessMm,
            'primaryDeg' => $primaryDeg,
            'secondaryDeg' => $secondaryDeg,
        ]);
    }

    /** @param  array<string, mixed>  $values  by property */
    public function with(array $values): self
    {
        /**
         * The others keep their types as well.
         *
         * @var array{
         *     widthMm: float, thicknessMm: float, primaryDeg: float,
         *     secondaryDeg: float, microWidthMm: float, finishUm: float,
         * } $all
         */
        $all = [...get_object_vars($this), ...$values];

        return new self(...$all);
    }
}
