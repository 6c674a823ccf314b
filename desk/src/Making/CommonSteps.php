<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\WantedPiece;

/** Steps that most plans share. Common practice, no source. */
final class CommonSteps
{
    /** A day until glue can be planed and struck; from memory, the glue's own maker knows better. */
    public const GLUE_DAYS = 1.0;

    /**
     * Sawn out and planed, still oversize: then it shows what it will do.
     *
     * @param  list<Part>  $parts
     */
    public static function prepare(array $parts, LengthFormatter $format): MakingStep
    {
        $minutes = array_sum(
            array_map(static fn (Part $part): float => Minutes::toPrepare($part->wanted, $part->count), $parts),
        );
        $over = $format->dimension(2.0);

        return new MakingStep(
            'Saw out and plane',
            'Saw the pieces out of the blanks, with what is to be planed off left on; plane face, edge, width and '
                ."thickness, each $over over.",
            'No light under a straightedge along and across, winding sticks in line, edges square to the face.',
            $minutes,
            'saw, jack plane, straightedge, winding sticks',
        );
    }

    public static function rest(): MakingStep
    {
        return new MakingStep(
            'Lay it away for a week',
            'Measure bow, wind and cup of each piece that will be a reference, write them down at its blank, and '
                .'stand it where air comes to all sides.',
            'Written down, on edge, not on a shelf.',
            5.0,
            'feeler gauge, pencil',
            RestTest::DAYS,
            'the week of rest',
        );
    }

    public static function again(WantedPiece $piece, LengthFormatter $format): MakingStep
    {
        return new MakingStep(
            'Look again, and plane true',
            'Measure again. A piece that moved is not for a reference: take another blank. One that lay still is '
                .'planed to its size.',
            "It moved by less than {$format->small(RestTest::BEARS_MM)}; straight, out of wind, to size.",
            Minutes::toTrue($piece) + 5.0,
            'feeler gauge, try plane',
        );
    }

    public static function oil(): MakingStep
    {
        return new MakingStep(
            'Ease its edges and oil it',
            'Break the corners that the hand meets, never those that touch the work. Oil, and wipe dry: a film’s '
                .'thickness would be an error. Lay the rag flat to dry outdoors or put it under water: it can take '
                .'fire by itself.',
            'Dry to the hand; the reference edges are untouched.',
            10.0,
            'block plane, oil, rag',
        );
    }
}
