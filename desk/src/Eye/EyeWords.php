<?php

declare(strict_types=1);

namespace JackRest\Desk\Eye;

use JackRest\Core\Eye\Exercise;
use JackRest\Core\Eye\Kerf;
use JackRest\Core\Eye\ShownCase;
use JackRest\Core\Eye\Sight;
use JackRest\Core\Eye\ToldCase;
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
            Exercise::Shavings => 'How many shavings come off?',
            Exercise::Turns => 'How many turns of the brace?',
            Exercise::Stone => 'Which stone do you begin on?',
            Exercise::Kerf => 'Where do you turn the saw?',
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
            Exercise::Shavings => 'From what is too much and what ten shavings measure, in the head.',
            Exercise::Turns => 'From the depth and what the screw pulls at a turn, in the head.',
            Exercise::Stone => 'How coarse to begin, by what must come off.',
            Exercise::Kerf => 'Steered stroke by stroke: the deeper the kerf, the less it can be turned.',
        };
    }

    public static function choice(string $choice): string
    {
        return ucfirst($choice);
    }

    /** What a judgement goes by. */
    public static function told(Exercise $exercise, ToldCase $case, LengthFormatter $format): string
    {
        $fact = static fn (string $name): float => $case->facts[$name] ?? 0.0;

        return match ($exercise) {
            Exercise::Shavings => "It is {$format->small($fact('off'))} too thick. Ten shavings, pressed flat, ".
                "measure {$format->small($fact('pack'))}.",
            Exercise::Turns => "A hole {$format->dimension($fact('depth'))} deep; the bit sinks by ".
                "{$format->small($fact('lead'))} at a turn.",
            default => "An edge of {$format->dimension($fact('width'))}, its land ".
                "{$format->dimension($fact('land'))} wide: ".LengthFormatter::decimal($fact('off'), 0).
                ' µm must come off, and it ends on the finest.',
        };
    }

    /**
     * The answers to a judgement, the right one at its place.
     *
     * @return array<string, string> by choice
     */
    public static function answers(ShownCase $shown, ToldCase $case): array
    {
        $wrong = $case->wrong;
        $answers = [];
        foreach ($shown->exercise->choices() as $choice) {
            $value = $choice === $shown->truth ? $case->right : (float) array_shift($wrong);
            $answers[$choice] = match ($shown->exercise) {
                Exercise::Stone => 'the stone of '.LengthFormatter::decimal($value, 0).' µm',
                default => LengthFormatter::decimal($value, 0),
            };
        }

        return $answers;
    }

    /** After a stroke: 0.12 mm right of the line. */
    public static function off(Kerf $kerf, LengthFormatter $format): string
    {
        $x = $kerf->xMm[count($kerf->xMm) - 1] ?? 0.0;

        $side = $x < 0 ? 'left' : 'right';

        return abs($x) < 0.005 ? 'On the line.' : "{$format->small(abs($x))} $side of the line.";
    }

    /** @param  Kerf  $let  the same saw, left to itself */
    public static function sawn(Kerf $kerf, Kerf $let, LengthFormatter $format): string
    {
        return "You left the line by {$format->small($kerf->worstMm())} at most; let run, the saw leaves it by ".
            "{$format->small($let->worstMm())}.";
    }

    /** 21 of 24 right */
    public static function right(int $right, int $of): string
    {
        return "You had $right of $of right.";
    }

    /**
     * Angles as what they come to at the bench: You see 0.12 mm at 350 mm from the eye; probably between …
     *
     * @param  float  $size  arc minutes, as the limits within which it lies with a chance of 80 %
     */
    public static function seen(float $size, float $low, float $high, LengthFormatter $format): string
    {
        $mm = static fn (float $minutes): string => $format->small(Sight::atHand($minutes, self::HAND_MM));

        return "You see {$mm($size)} at ".$format->dimension(self::HAND_MM).
            " from the eye; probably between {$mm($low)} and {$mm($high)}.";
    }

    public static function counts(Exercise $exercise): string
    {
        return match ($exercise) {
            Exercise::Rule => 'Readings off a steel rule count as no finer than this.',
            Exercise::Light => 'Light under a straightedge counts as no finer than this.',
            Exercise::Glint => 'An edge whose line is narrower feels sharp to you: try it on end grain as well.',
            Exercise::Kerf => 'Look at the line in the first strokes; later it is too late.',
            Exercise::Shavings, Exercise::Turns, Exercise::Stone => 'Within a third of it is near enough to begin.',
            default => 'A smaller error asks for a longer stick, or for a feeler.',
        };
    }
}
