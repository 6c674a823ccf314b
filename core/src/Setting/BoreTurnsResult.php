<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;

final readonly class BoreTurnsResult
{
    public function __construct(
        #[Field('turns from the screw\'s first bite')] public float $turns,
        #[Field('the same to the nearest quarter, in quarters')] public int $quarterTurns,
        #[Field('how far a quarter turn sinks it, mm')] public float $depthPerQuarterMm,
        #[Field('pulls of the brace')] public int $pulls,
        #[Field('time of all turns, seconds')] public float $seconds,
        #[Field('where the screw\'s tip is then, mm; for a depth')] public ?float $tipAtMm = null,
        #[Field('whether the tip comes out; for a depth in a board')] public ?bool $tipComesOut = null,
        #[Field('turns from the other side, once the spurs touch; through')] public ?float $secondSideTurns = null,
        #[Field('how deep the rim is when the tip shows, mm; through')] public ?float $rimAtMm = null,
    ) {
    }
}
