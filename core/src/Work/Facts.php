<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Timber\Hardness;

/** The work's own numbers for one operation; what is not known decides nothing. */
final readonly class Facts
{
    /** @param  array<string, float>  $mm  by {@see Fact} */
    public function __construct(public array $mm = [], public Hardness $hardness = Hardness::Medium)
    {
    }

    public static function of(
        ?float $thickness = null,
        ?float $width = null,
        ?float $depth = null,
        ?float $length = null,
        ?float $gap = null,
        ?float $diameter = null,
        ?float $radius = null,
        ?float $tolerance = null,
        Hardness $hardness = Hardness::Medium,
    ): self {
        $mm = [
            'thickness' => $thickness,
            'width' => $width,
            'depth' => $depth,
            'length' => $length,
            'gap' => $gap,
            'diameter' => $diameter,
            'radius' => $radius,
            'tolerance' => $tolerance,
        ];

        return new self(array_filter($mm, static fn (?float $value): bool => $value !== null), $hardness);
    }

    public function get(Fact $fact): ?float
    {
        return $this->mm[$fact->value] ?? null;
    }

    /** Tells two sets of facts apart. */
    public function key(): string
    {
        $mm = $this->mm;
        ksort($mm);

        return $this->hardness->value.json_encode($mm, JSON_THROW_ON_ERROR);
    }
}
