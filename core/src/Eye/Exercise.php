<?php

declare(strict_types=1);

namespace JackRest\Core\Eye;

use JackRest\Core\Labelled;
use JackRest\Core\Truing\Instrument;

/**
 * What is looked at until the smallest error is found that is seen reliably: sizes are angles seen, arc minutes. And
 * what is judged, where a calculation knows what is right.
 */
enum Exercise: string implements Labelled
{
    /** A line between two marks of a rule: which is nearer? Read off a rule by eye, a reading is no finer. */
    case Rule = 'rule';
    /** Light under a straightedge: at which of three places? */
    case Light = 'light';
    /** Two winding sticks sighted: which end of the far one is high? */
    case Twist = 'twist';
    /** Two knifed lines, as the turned square leaves them: do they part away from the foot or towards it? */
    case Lines = 'lines';
    /** An edge that should be straight: at which of three places does it stand proud, and is planed? */
    case Proud = 'proud';
    /** Two edges looked along against a light: which shows a bright line, and is blunt? */
    case Glint = 'glint';
    /** How many shavings that is. */
    case Shavings = 'shavings';
    /** How many turns of the brace. */
    case Turns = 'turns';
    /** Which stone an edge begins on. */
    case Stone = 'stone';
    /** A saw steered to its line, stroke by stroke. */
    case Kerf = 'kerf';

    public function label(): string
    {
        return match ($this) {
            self::Rule => 'read between two marks',
            self::Light => 'light under a straightedge',
            self::Twist => 'twist over the winding sticks',
            self::Lines => 'two lines that should be parallel',
            self::Proud => 'where an edge stands proud',
            self::Glint => 'the bright line of a blunt edge',
            self::Shavings => 'how many shavings that is',
            self::Turns => 'how many turns that is',
            self::Stone => 'which stone comes first',
            self::Kerf => 'sawing to a line',
        };
    }

    /** @return non-empty-list<string> what can be answered */
    public function choices(): array
    {
        return match ($this) {
            self::Rule, self::Twist, self::Glint => ['left', 'right'],
            self::Light, self::Proud => ['left', 'middle', 'right'],
            self::Lines => ['top', 'bottom'],
            self::Kerf => ['left', 'straight', 'right'],
            default => ['first', 'second', 'third'],
        };
    }

    /** Whether a calculation decides, and no eye. */
    public function isJudged(): bool
    {
        return in_array($this, [self::Shavings, self::Turns, self::Stone], true);
    }

    /** Whether an eye decides, on a drawing at true size. */
    public function isSeen(): bool
    {
        return ! $this->isJudged() && $this !== self::Kerf;
    }

    /** Share of right answers by mere guessing. */
    public function guessed(): float
    {
        return 1 / count($this->choices());
    }

    /** Shown first, arc minutes: nobody misses it. From memory. */
    public function start(): float
    {
        return match ($this) {
            self::Light, self::Glint => 4.0,
            default => 12.0,
        };
    }

    public function coarsest(): float
    {
        return 4 * $this->start();
    }

    /** The instrument whose readings are no finer than this eye. */
    public function instrument(): ?Instrument
    {
        return match ($this) {
            self::Rule => Instrument::Rule,
            self::Light => Instrument::Light,
            default => null,
        };
    }
}
