<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** What the edges of one kind of tool usually are; common practice, thicknesses and curves from memory. */
final readonly class EdgePattern
{
    /**
     * @param  list<string>  $each  what tells several edges of one tool apart; one unnamed edge otherwise
     * @param  float  $widthMm  where the tool's own sizes do not say
     */
    public function __construct(
        public EdgeKind $form,
        public EdgeDuty $duty,
        public float $primaryDeg = 25.0,
        public float $secondaryDeg = 30.0,
        public float $thicknessMm = 3.0,
        public ?float $bedDeg = null,
        public bool $bevelUp = false,
        public float $skewDeg = 0.0,
        public ?float $radiusMm = null,
        public float $widthMm = 12.0,
        public array $each = [''],
    ) {
    }

    /** @param  array<string, float>  $sizes  of the tool, mm and degrees by name */
    public function edge(string $name, array $sizes, ?float $widthMm = null): NewEdge
    {
        return new NewEdge(
            $name,
            $this->form,
            $widthMm ?? $this->form->edgeMm($sizes, $this->widthMm),
            $sizes['thickness'] ?? $this->thicknessMm,
            $this->primaryDeg,
            $this->secondaryDeg,
            $this->duty,
            $this->form->hasBed() ? $sizes['bed'] ?? $this->bedDeg ?? 45.0 : null,
            ($sizes['bevelUp'] ?? ($this->bevelUp ? 1.0 : 0.0)) > 0.5,
            $this->skewDeg,
            $this->radiusMm,
        );
    }
}
