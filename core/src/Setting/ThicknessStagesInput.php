<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;

final readonly class ThicknessStagesInput
{
    /** From memory: a board 12 mm thick takes a fortnight, and the time goes with the thickness squared. */
    private const DAYS = 14.0;

    private const DAYS_THICKNESS_MM = 12.0;

    public float $timeConstant;

    public function __construct(
        #[Field('thickness it has, mm', above: 0)] public float $fromMm,
        #[Field('thickness wanted, mm', above: 0)] public float $toMm,
        #[Field('width of the board, mm', above: 0)] public float $widthMm,
        #[Field('in how many stages', atLeast: 1, atMost: 100)] public int $stages,
        #[Field('shrinkage along the radius, green to ovendry, per cent', above: 0, atMost: 25)]
        public float $radialPct,
        #[Field('shrinkage along the rings, green to ovendry, per cent', above: 0, atMost: 25)]
        public float $tangentialPct,
        #[Field('moisture it has, per cent', atLeast: 0, atMost: 100)] public float $startMcPct,
        #[Field('moisture it comes to rest at, per cent', atLeast: 0, atMost: 100)] public float $restMcPct,
        #[Field('days of rest after each stage but the last', atLeast: 0)] public float $restDays,
        #[Field('from the middle of the board to the pith, on the end grain, mm', above: 0)]
        public float $ringRadiusMm,
        #[Field('thickness of a shaving, mm', above: 0)] public float $shavingMm,
        #[Field('what flattening takes off a face after a rest, mm', atLeast: 0)] public float $skimMm = 0.3,
        #[Field('time constant of the wood\'s moisture, days; from its thickness where it is not told', above: 0)]
        public ?float $timeConstantDays = null,
    ) {
        $this->timeConstant = $timeConstantDays ?? self::DAYS * ($fromMm / self::DAYS_THICKNESS_MM) ** 2;
    }

    /** Moisture after so many rests, per cent. */
    public function moistureAfter(int $rests): float
    {
        return $this->restMcPct
            + ($this->startMcPct - $this->restMcPct) * exp(-$rests * $this->restDays / $this->timeConstant);
    }
}
