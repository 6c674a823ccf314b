<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Conditions;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Relation;
use JackRest\Core\Work\Shortfall;

/** A dimension of the tool against a number of the work: depth under the back at least the depth of the cut. */
final readonly class Compares implements Condition
{
    /** @param  float  $factor  the number of the work is taken this many times */
    public function __construct(
        private string $kind,
        public string $dimension,
        public Relation $relation,
        public Fact $fact,
        public float $factor = 1.0,
    ) {
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function holds(array $sizes, Facts $facts): bool
    {
        $takes = $facts->get($this->fact);
        $has = $sizes[$this->dimension] ?? null;

        return $takes === null || $has === null || $this->relation->holds($has, $takes * $this->factor);
    }

    public function says(LengthFormatter $format): string
    {
        $times = match ($this->factor) {
            1.0 => '',
            0.5 => 'half ',
            2.0 => 'twice ',
            default => rtrim(rtrim(number_format($this->factor, 2, '.', ''), '0'), '.').' times ',
        };

        return "{$this->label()} {$this->relation->value} $times{$this->fact->label()}";
    }

    public function shortfall(array $sizes, Facts $facts): Shortfall
    {
        return new Shortfall(
            $this->label(),
            $this->relation->value,
            ($facts->get($this->fact) ?? 0.0) * $this->factor,
            $sizes[$this->dimension] ?? null,
        );
    }

    private function label(): string
    {
        return ToolKinds::named($this->kind)->dimension($this->dimension)->label ?? $this->dimension;
    }
}
