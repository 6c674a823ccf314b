<?php

declare(strict_types=1);

namespace JackRest\Desk\Eye;

use JackRest\Core\Eye\Exercise;
use JackRest\Core\Eye\Sight;
use JackRest\Core\Measure\LengthFormatter;

/** What is asked in an exercise, and what it says of an eye. */
final class EyeWords
{
    /** How far from the eye work is looked at, mm; common practice. */
    public const HAND_MM = 350.0;

    public static function asks(Exercise $exercise): string
    {
        return match ($exercise) {
            Exercise::Rule => 'Which mark is the line nearer to?',
            Exercise::Light => 'Where does light show?',
            Exercise::Twist => 'Which end of the far stick is high?',
            Exercise::Lines => 'At which end are the lines farther apart?',
            Exercise::Proud => 'Where do you plane it?',
            Exercise::Glint => 'Which edge is blunt?',
        };
    }

    public static function says(Exercise $exercise): string
    {
        return match ($exercise) {
            Exercise::Rule => 'How finely you read between the marks of a rule.',
            Exercise::Light => 'How small a gap you see against the light.',
            Exercise::Twist => 'How little twist you see over the sticks.',
            Exercise::Lines => 'How little the two lines of a turned square may part until you see it.',
            Exercise::Proud => 'How small a hump in an edge you see without a straightedge.',
            Exercise::Glint => 'How narrow a bright line you see along an edge held to the light.',
        };
    }

    public static function choice(string $choice): string
    {
        return ucfirst($choice);
    }

    /**
     * Angles as what they come to at the bench: 0.12 mm at 350 mm from the eye; probably between 0.09 mm and 0.16 mm.
     *
     * @param  float  $size  arc minutes, as the limits within which it lies with a chance of 80 %
     */
    public static function seen(float $size, float $low, float $high, LengthFormatter $format): string
    {
        $mm = static fn (float $minutes): string => $format->small(Sight::atHand($minutes, self::HAND_MM));

        return "{$mm($size)} at ".$format->dimension(self::HAND_MM).
            " from the eye; probably between {$mm($low)} and {$mm($high)}";
    }

    public static function counts(Exercise $exercise): string
    {
        return match ($exercise) {
            Exercise::Rule => 'Readings off a steel rule count as no finer than this.',
            Exercise::Light => 'Light under a straightedge counts as no finer than this.',
            Exercise::Glint => 'An edge whose line is narrower feels sharp to you: try it on end grain as well.',
            default => 'A smaller error asks for a longer stick, or for a feeler.',
        };
    }
}
