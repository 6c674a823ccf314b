<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Conditions;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Shortfall;

/** The tool has something the work cannot do without: spurs, where the fibres must be severed first. */
final readonly class Has implements Condition
{
    public function __construct(
        private string $kind,
        public string $dimension,
        private string $what,
        private string $because,
    ) {
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function holds(array $sizes, Facts $facts): bool
    {
        return ($sizes[$this->dimension] ?? 1.0) >= 1.0;
    }

    public function says(LengthFormatter $format): string
    {
        return "{$this->what}: {$this->because}";
    }

    public function shortfall(array $sizes, Facts $facts): Shortfall
    {
        return new Shortfall($this->what, 'without', null, null, DimensionUnit::YesNo);
    }
}
