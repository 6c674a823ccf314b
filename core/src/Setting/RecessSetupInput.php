<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\Rounding;

final readonly class RecessSetupInput
{
    private const NEAR = 1e-9;

    /** Nobody makes more passes, or begins more strokes; each is in the answer. */
    private const MOST = 1000;

    /** The iron that cuts it, mm. */
    public float $ironMm;

    /**
     * @param  non-empty-list<float>  $ironsMm
     *
     * @throws InvalidInput when it goes through the stock, or no iron fits
     */
    public function __construct(
        #[Field('width of the recess, mm', above: 0)] public float $widthMm,
        #[Field('depth of the recess, mm', above: 0)] public float $depthMm,
        #[Field('from the edge to the recess, mm; 0: at the edge', atLeast: 0)] public float $fromEdgeMm,
        #[Field('which way it runs')] public RecessGrain $grain,
        #[Field('thickness of the wood, mm', above: 0)] public float $stockThicknessMm,
        #[Field('length of the recess, mm', above: 0)] public float $lengthMm,
        #[Field('widths of the plane\'s irons, mm', of: 'number', above: 0, minItems: 1, maxItems: 1000)]
        public array $ironsMm,
        #[Field('thickness of a shaving, mm', above: 0)] public float $shavingMm,
        #[Field('how far its fence reaches, mm; left out: it has none', atLeast: 0)] public ?float $fenceMaxMm = null,
        #[Field('whether it has a depth stop')] public bool $depthStop = true,
        #[Field('whether it has nickers that sever the fibres ahead of the iron')] public bool $nickers = false,
        #[Field('whether its iron is skewed')] public bool $skewed = false,
        #[Field('whether its fence may lie under the sole, so that the iron overhangs the edge')]
        public bool $fenceUnderSole = false,
        #[Field('how much further back each stroke begins, mm', above: 0)] public float $startStepMm = 120.0,
    ) {
        if ($depthMm >= $stockThicknessMm - self::NEAR) {
            throw InvalidInput::because('depthMm', "must be less than the wood is thick ($stockThicknessMm mm)");
        }
        $this->ironMm = $this->chosen();
        $this->checkCounts();
    }

    public function isAtEdge(): bool
    {
        return $this->fromEdgeMm <= self::NEAR;
    }

    public function overhangs(): bool
    {
        return $this->ironMm > $this->widthMm + self::NEAR;
    }

    /** How many starts a pass has at most: a step further back each, and no more than it has shavings. */
    public function starts(): int
    {
        return max(1, min(
            Rounding::up($this->lengthMm / $this->startStepMm),
            Rounding::up($this->depthMm / $this->shavingMm),
        ));
    }

    /** @throws InvalidInput */
    private function checkCounts(): void
    {
        $passes = Rounding::up($this->widthMm / $this->ironMm);
        if ($passes > self::MOST) {
            throw InvalidInput::because('ironsMm', "that would be $passes passes: a wider iron");
        }
        if ($this->starts() > self::MOST) {
            throw InvalidInput::because('startStepMm', "that would be {$this->starts()} starts: a longer step");
        }
    }

    /** @throws InvalidInput */
    private function chosen(): float
    {
        $wider = $narrower = [];
        foreach ($this->ironsMm as $iron) {
            if (abs($iron - $this->widthMm) <= self::NEAR) {
                return $iron;
            }
            $iron > $this->widthMm ? ($wider[] = $iron) : ($narrower[] = $iron);
        }
        $mayOverhang = $this->isAtEdge() && ($this->fenceUnderSole || $this->fenceMaxMm === null);

        return match (true) {
            $mayOverhang && $wider !== [] => min($wider),
            $narrower !== [] => max($narrower),
            default => throw InvalidInput::because(
                'ironsMm',
                "none fits: one as wide as the recess ($this->widthMm mm) or narrower".
                    ($this->isAtEdge() ? ', or a fence under the sole' : ''),
            ),
        };
    }
}
