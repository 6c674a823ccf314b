<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Core\Calculation\Field;

/** A small drawing beside a way, so that it is told from the others at a look. */
final readonly class SetOutSketch
{
    private function __construct(
        #[Field('width, mm')] public float $widthMm,
        #[Field('height, mm')] public float $heightMm,
        #[Field('SVG path data of its outline, mm')] public string $outline,
    ) {
    }

    /** @param  list<array{float, float}>  $points  of a closed outline, mm from the upper left corner */
    public static function of(float $widthMm, float $heightMm, array $points): self
    {
        $written = array_map(
            static fn (array $point): string => round($point[0], 1).' '.round($point[1], 1),
            $points,
        );

        return new self(round($widthMm, 1), round($heightMm, 1), 'M'.implode('L', $written).'Z');
    }
}
