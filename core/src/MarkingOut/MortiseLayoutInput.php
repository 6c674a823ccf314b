<?php

declare(strict_types=1);

namespace JackRest\Core\MarkingOut;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class MortiseLayoutInput
{
    private const NEAR = 1e-9;

    public float $railThickMm;

    /** The chisel that the mortise is as wide as, mm. */
    public float $chiselMm;

    /**
     * @param  non-empty-list<float>  $chiselsMm
     * @param  list<float>  $shouldersMm
     *
     * @throws InvalidInput when no chisel is narrow enough, a point lies off the wood, or nothing is left of the tenon
     */
    public function __construct(
        #[Field('thickness of the stile, mm', above: 0)] public float $stockMm,
        #[Field('width of the rail, mm', above: 0)] public float $railWidthMm,
        #[Field('widths of the chisels at hand, mm', of: 'number', above: 0, minItems: 1, maxItems: 1000)]
        public array $chiselsMm,
        #[Field('how deep the tenon goes, mm', above: 0)] public float $depthMm,
        #[Field('thickness of the rail, mm; that of the stile where it is not told', above: 0)]
        public ?float $railMm = null,
        #[Field('how far the mortise lies from the middle, away from the face side, mm')]
        public float $offsetMm = 0.0,
        #[Field('shoulders above and below, mm', of: 'number', atLeast: 0, minItems: 2, maxItems: 2)]
        public array $shouldersMm = [0.0, 0.0],
        #[Field('whether it goes through')] public bool $through = false,
        #[Field('how much deeper the mortise is than the tenon is long, mm', atLeast: 0)] public float $bottomMm = 2.0,
    ) {
        $this->railThickMm = $railMm ?? $stockMm;
        if ($this->tenonWidthMm() <= self::NEAR) {
            throw InvalidInput::because(
                'shouldersMm',
                "nothing is left of the tenon: together they must be less than the rail is wide ($railWidthMm mm)",
            );
        }
        $this->chiselMm = $this->chosen();
        $this->checkPoints();
    }

    public function tenonWidthMm(): float
    {
        return $this->railWidthMm - array_sum($this->shouldersMm);
    }

    /** The gauge's nearer point from the face side, mm. */
    public function nearMm(): float
    {
        return ($this->stockMm - $this->chiselMm) / 2 + $this->offsetMm;
    }

    public function farMm(): float
    {
        return $this->nearMm() + $this->chiselMm;
    }

    /** @throws InvalidInput */
    private function chosen(): float
    {
        $thin = min($this->stockMm, $this->railThickMm);
        $chosen = null;
        foreach ($this->chiselsMm as $chisel) {
            $off = abs($chisel - $thin / 3) - ($chosen === null ? INF : abs($chosen - $thin / 3));
            $isNearer = $off < -self::NEAR || ($off <= self::NEAR && $chisel > $chosen);
            $chosen = $chisel <= $thin / 2 + self::NEAR && $isNearer ? $chisel : $chosen;
        }

        return $chosen ?? throw InvalidInput::because(
            'chiselsMm',
            'none is narrow enough: half the thinner wood at most ('.$thin / 2 .' mm)',
        );
    }

    /** @throws InvalidInput */
    private function checkPoints(): void
    {
        if ($this->nearMm() <= self::NEAR || $this->farMm() >= $this->stockMm - self::NEAR) {
            throw InvalidInput::because('offsetMm', 'the mortise would run out at the stile’s face: move it less');
        }
        if ($this->farMm() >= $this->railThickMm - self::NEAR) {
            throw InvalidInput::because(
                $this->railMm === null ? 'offsetMm' : 'railMm',
                'the gauge’s far point lies off the rail ('.$this->farMm().' mm from the face side)',
            );
        }
    }
}
