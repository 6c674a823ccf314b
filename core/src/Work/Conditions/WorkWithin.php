<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Conditions;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Relation;
use JackRest\Core\Work\Shortfall;

/** A limit on the work alone: a method that does for thin stock only. */
final readonly class WorkWithin implements Condition
{
    public function __construct(public Fact $fact, public Relation $relation, public float $limitMm)
    {
    }

    public function kind(): null
    {
        return null;
    }

    public function holds(array $sizes, Facts $facts): bool
    {
        $has = $facts->get($this->fact);

        return $has === null || $this->relation->holds($has, $this->limitMm);
    }

    public function says(LengthFormatter $format): string
    {
        return "{$this->fact->label()} {$this->relation->value} ".$format->dimension($this->limitMm);
    }

    public function shortfall(array $sizes, Facts $facts): Shortfall
    {
        return new Shortfall($this->fact->label(), $this->relation->value, $this->limitMm, $facts->get($this->fact));
    }
}
