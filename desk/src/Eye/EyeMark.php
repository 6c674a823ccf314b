<?php

declare(strict_types=1);

namespace JackRest\Desk\Eye;

use JackRest\Core\Calculation\Field;

/** One piece of what is shown, as a polygon in mm about the middle of the drawing, y downwards. */
final readonly class EyeMark
{
    /** @param  list<float>  $points  x and y in turn */
    public function __construct(
        #[Field('corners: x and y in turn, mm about the middle', of: 'number')] public array $points,
        #[Field('what it is of', among: ['ink', 'wood', 'steel', 'shade', 'iron', 'light'])] public string $tone,
    ) {
    }

    public static function box(float $x, float $y, float $width, float $height, string $tone): self
    {
        return new self([$x, $y, $x + $width, $y, $x + $width, $y + $height, $x, $y + $height], $tone);
    }
}
