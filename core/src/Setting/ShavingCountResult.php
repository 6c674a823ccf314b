<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;

final readonly class ShavingCountResult
{
    /** @param  list<int>  $perFace */
    public function __construct(
        #[Field('to be taken off, mm')] public float $removeMm,
        #[Field('thickness of a shaving, mm')] public float $shavingMm,
        #[Field('full-width shavings')] public int $shavings,
        #[Field('the same for each face', of: 'integer')] public array $perFace,
        #[Field('size they bring it to, mm')] public float $reachesMm,
        #[Field('expanded uncertainty of that size (k = 2), mm')] public float $expandedUncertaintyMm,
        #[Field('shavings after which to measure again; where a tolerance is given')] public ?int $measureAfter = null,
        #[Field('how far the edge is tilted by shavings narrower than it, degrees; where both widths are given')]
        public ?float $tiltDeg = null,
    ) {
    }
}
