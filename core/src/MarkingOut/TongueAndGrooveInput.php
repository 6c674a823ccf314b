<?php

declare(strict_types=1);

namespace JackRest\Core\MarkingOut;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class TongueAndGrooveInput
{
    private const NEAR = 1e-9;

    /** @throws InvalidInput when nothing is left of a face or a wall, or the gap is as long as the tongue */
    public function __construct(
        #[Field('width of the whole panel, mm', above: 0)] public float $panelWidthMm,
        #[Field('width of a board with its tongue, mm', above: 0)] public float $boardWidthMm,
        #[Field('thickness of the boards, mm', above: 0)] public float $stockMm,
        #[Field('thickness the pair of planes is made for, mm', above: 0)] public float $pairForMm,
        #[Field('thickness of the tongue, mm', above: 0)] public float $tongueMm,
        #[Field('length of the tongue, mm', above: 0)] public float $tongueLongMm,
        #[Field('how much the boards may still swell, per cent of their width', atLeast: 0)]
        public float $swellPct = 0.0,
    ) {
        if ($this->tongueFromFaceMm() <= self::NEAR) {
            throw InvalidInput::because('tongueMm', "must be less than the pair is made for ($pairForMm mm)");
        }
        if ($this->wallBehindMm() <= self::NEAR) {
            $needed = round($this->tongueFromFaceMm() + $tongueMm, 2);
            throw InvalidInput::because(
                'stockMm',
                "nothing is left behind the groove: more than $needed mm, or a pair made for thinner wood",
            );
        }
        if ($this->faceMm() <= self::NEAR) {
            throw InvalidInput::because('tongueLongMm', "must be less than a board is wide ($boardWidthMm mm)");
        }
        if ($this->gapMm() >= $tongueLongMm - self::NEAR) {
            throw InvalidInput::because(
                'swellPct',
                'the gap would be as long as the tongue: narrower boards, or a longer tongue',
            );
        }
    }

    public function faceMm(): float
    {
        return $this->boardWidthMm - $this->tongueLongMm;
    }

    public function gapMm(): float
    {
        return $this->faceMm() * $this->swellPct / 100;
    }

    public function tongueFromFaceMm(): float
    {
        return ($this->pairForMm - $this->tongueMm) / 2;
    }

    public function wallBehindMm(): float
    {
        return $this->stockMm - $this->tongueFromFaceMm() - $this->tongueMm;
    }
}
