<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/**
 * What an edge is for, and so how fine it is finished: the less force drives the tool, and the more its cut is the
 * final surface, the finer. Common practice; the micrometres are from memory, until the user's own trials say better.
 */
enum EdgeDuty: string
{
    case Smooth = 'smooth';
    case Pare = 'pare';
    case Fit = 'fit';
    case General = 'general';
    case Coarse = 'coarse';
    case Chop = 'chop';
    case Rough = 'rough';

    public function label(): string
    {
        return match ($this) {
            self::Smooth => 'leaves the last surface',
            self::Pare => 'paring, pushed by hand',
            self::Fit => 'fitting joints',
            self::General => 'a bit of everything',
            self::Coarse => 'bringing boards down',
            self::Chop => 'chopping, driven by a mallet',
            self::Rough => 'scrub, glue and rough work',
        };
    }

    /** The work in a word or two, as in “good enough for …”. */
    public function work(): string
    {
        return match ($this) {
            self::Smooth => 'the last surface',
            self::Pare => 'paring',
            self::Fit => 'fitting joints',
            self::General => 'bench work',
            self::Coarse => 'bringing boards down',
            self::Chop => 'chopping',
            self::Rough => 'rough work',
        };
    }

    public function because(): string
    {
        return match ($this) {
            self::Smooth => 'Nothing comes after it: its scratches stay on the wood.',
            self::Pare => 'Only the hand drives it: a fine edge asks for the least force.',
            self::Fit => 'The hand drives it, and the cut is hidden in the joint.',
            self::General => 'Sometimes pushed, sometimes struck.',
            self::Coarse => 'Weight drives it, and another plane comes after.',
            self::Chop => 'The mallet drives it: a finer edge is gone after three blows.',
            self::Rough => 'Force is at hand and the surface is not the last.',
        };
    }

    /** Particle size at which the edge is fine enough, µm. */
    public function finishUm(): float
    {
        return match ($this) {
            self::Smooth, self::Pare => 1.2,
            self::Fit, self::General => 2.0,
            self::Coarse, self::Chop => 4.0,
            self::Rough => 15.0,
        };
    }

    /** The finest duty that an edge finished so coarse is good for; null: not even rough work. */
    public static function goodFor(float $finishUm): ?self
    {
        foreach ([self::Smooth, self::Fit, self::Chop, self::Rough] as $duty) {
            if ($finishUm <= $duty->finishUm() + 1e-9) {
                return $duty;
            }
        }

        return null;
    }
}
