<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Square;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\SquareAtWork;
use JackRest\Core\Truing\SquareGradeName;

/** What a square's error does to the work, in sentences. */
final readonly class SquareAtWorkWords
{
    public function __construct(private LengthFormatter $format)
    {
    }

    public function sentence(SquareAtWork $work): string
    {
        return "Over {$this->format->dimension($work->widthMm)} a shoulder stands open by "
            ."{$this->format->small($work->shoulderGapMm())}; a box of four such sides closes "
            ."{$this->format->small($work->closingMm())} out.";
    }

    public static function grade(?SquareGradeName $grade): string
    {
        return $grade === null
            ? 'It keeps to no grade (DIN 875-1, from memory).'
            : "It keeps to grade {$grade->value} (DIN 875-1, from memory).";
    }
}
