<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Conditions;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Grain;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Shortfall;

/** The saw's teeth are shaped for the way the cut runs: rip along the grain, crosscut across it. */
final readonly class Cuts implements Condition
{
    public function __construct(private string $kind, public Grain $grain)
    {
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function holds(array $sizes, Facts $facts): bool
    {
        return ! isset($sizes['cut']) || $this->grain->suits($sizes['cut']);
    }

    public function says(LengthFormatter $format): string
    {
        return "{$this->grain->teeth()} teeth, or teeth that do both";
    }

    public function shortfall(array $sizes, Facts $facts): Shortfall
    {
        return new Shortfall("{$this->grain->teeth()} teeth", 'without', null, null, DimensionUnit::YesNo);
    }
}
