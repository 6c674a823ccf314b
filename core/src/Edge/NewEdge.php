<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** An edge as it comes with a tool, before anybody measured it. */
final readonly class NewEdge
{
    /**
     * @param  float|null  $bedDeg  angle of the bed it lies on; null: it has none
     * @param  float|null  $radiusMm  radius of its curve; null: straight
     */
    public function __construct(
        public string $name,
        public EdgeKind $form,
        public float $widthMm,
        public float $thicknessMm,
        public float $primaryDeg,
        public float $secondaryDeg,
        public EdgeDuty $duty,
        public ?float $bedDeg = null,
        public bool $bevelUp = false,
        public float $skewDeg = 0.0,
        public ?float $radiusMm = null,
    ) {
    }
}
