<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;

final readonly class FenceCheckResult
{
    public function __construct(
        #[Field('how far the fence is turned, degrees; positive: wider in front')] public float $yawDeg,
        #[Field('mean distance, mm')] public float $meanMm,
        #[Field('front less rear, mm')] public float $differenceMm,
        #[Field('how it stands')] public FenceVerdict $verdict,
        #[Field('what the turned skate leaves in its own groove, mm; where the skate is given')]
        public ?float $clearanceMm = null,
        #[Field('how far the front must move, mm; negative: inward; where a target is given')]
        public ?float $moveFrontMm = null,
        #[Field('how far the rear must move, mm; negative: inward; where a target is given')]
        public ?float $moveRearMm = null,
    ) {
    }
}
