<?php

declare(strict_types=1);

namespace JackRest\Core\MarkingOut;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\OrNull;

final readonly class DovetailLayoutResult
{
    /**
     * @param  list<float>  $fromLeftMm
     * @param  list<float>  $fromRightMm
     * @param  list<string>  $warnings  values of {@see DovetailWarning}
     */
    public function __construct(
        #[Field('how many tails')] public int $tails,
        #[Field('setting of the dividers, from one tail to the next, mm')] public float $dividerMm,
        #[Field('width of a tail at the end, mm')] public float $tailMm,
        #[Field('width of a tail at its baseline, mm')] public float $tailAtBaselineMm,
        #[Field('width of a pin at the end of the tail board, mm')] public float $pinMm,
        #[Field('width of a pin at the baseline, mm')] public float $pinAtBaselineMm,
        #[Field('width of a half pin at the baseline, mm')] public float $halfPinAtBaselineMm,
        #[Field('slope against the grain, degrees')] public float $angleDeg,
        #[Field('left sides of the tails, stepped from the left edge, mm', of: 'number')] public array $fromLeftMm,
        #[Field('right sides of the tails, stepped from the right half pin, mm from the left edge', of: 'number')]
        public array $fromRightMm,
        #[Field('gauge setting for the tail board\'s baseline, mm')] public float $tailGaugeMm,
        #[Field('gauge setting for the pin board\'s baseline, mm')] public float $pinGaugeMm,
        #[Field('what to look out for', of: 'string')] public array $warnings,
        #[Field('widest chisel that passes between two tails, mm; null: none does; where chisels are given')]
        public ?OrNull $betweenTailsChiselMm = null,
        #[Field('widest chisel that passes between two pins, mm; null: none does; where chisels are given')]
        public ?OrNull $betweenPinsChiselMm = null,
    ) {
    }

    /** Half pin at the end of the tail board, mm. */
    public function halfPinMm(): float
    {
        return $this->fromLeftMm[0] ?? 0.0;
    }
}
