<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Conditions;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Relation;
use JackRest\Core\Work\Shortfall;

/** A dimension of the tool against a fixed length: a chisel of 3 mm pares no shoulder. */
final readonly class ToolMeasures implements Condition
{
    public function __construct(
        private string $kind,
        public string $dimension,
        public Relation $relation,
        public float $mm,
    ) {
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function holds(array $sizes, Facts $facts): bool
    {
        $has = $sizes[$this->dimension] ?? null;

        return $has === null || $this->relation->holds($has, $this->mm);
    }

    public function says(LengthFormatter $format): string
    {
        return "{$this->label()} {$this->relation->value} {$format->dimension($this->mm)}";
    }

    public function shortfall(array $sizes, Facts $facts): Shortfall
    {
        return new Shortfall($this->label(), $this->relation->value, $this->mm, $sizes[$this->dimension] ?? null);
    }

    private function label(): string
    {
        return ToolKinds::named($this->kind)->dimension($this->dimension)->label ?? $this->dimension;
    }
}
