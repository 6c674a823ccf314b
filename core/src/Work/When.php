<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Timber\Grain;
use JackRest\Core\Work\Conditions\Compares;
use JackRest\Core\Work\Conditions\Cuts;
use JackRest\Core\Work\Conditions\Has;
use JackRest\Core\Work\Conditions\SoleReaches;
use JackRest\Core\Work\Conditions\SweepTurns;
use JackRest\Core\Work\Conditions\TeethSuit;
use JackRest\Core\Work\Conditions\ToolMeasures;
use JackRest\Core\Work\Conditions\WorkWithin;

/** The conditions as they are written in the lists of ways: When::atLeast('tenon-saw', 'depth', Fact::Depth). */
final class When
{
    public static function atLeast(string $kind, string $dimension, Fact $fact, float $factor = 1.0): Condition
    {
        return new Compares($kind, $dimension, Relation::AtLeast, $fact, $factor);
    }

    public static function atMost(string $kind, string $dimension, Fact $fact, float $factor = 1.0): Condition
    {
        return new Compares($kind, $dimension, Relation::AtMost, $fact, $factor);
    }

    public static function same(string $kind, string $dimension, Fact $fact): Condition
    {
        return new Compares($kind, $dimension, Relation::Same, $fact);
    }

    public static function cuts(string $kind, Grain $grain): Condition
    {
        return new Cuts($kind, $grain);
    }

    public static function toolAtLeast(string $kind, string $dimension, float $mm): Condition
    {
        return new ToolMeasures($kind, $dimension, Relation::AtLeast, $mm);
    }

    public static function hasNicker(string $kind): Condition
    {
        return new Has($kind, 'nicker', 'a nicker', 'across the grain the fibres must be severed first');
    }

    public static function soleReaches(string $kind): Condition
    {
        return new SoleReaches($kind);
    }

    public static function teethSuit(string $kind, float $sawAngleDeg = 90.0): Condition
    {
        return new TeethSuit($kind, $sawAngleDeg);
    }

    public static function sweepTurns(string $kind): Condition
    {
        return new SweepTurns($kind);
    }

    public static function workAtMost(Fact $fact, float $limitMm): Condition
    {
        return new WorkWithin($fact, Relation::AtMost, $limitMm);
    }

    public static function workAtLeast(Fact $fact, float $limitMm): Condition
    {
        return new WorkWithin($fact, Relation::AtLeast, $limitMm);
    }
}
