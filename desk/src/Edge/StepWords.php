<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Edge\Shaping;
use JackRest\Core\Edge\ShapingKind;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\StepSign;

/** What to see and feel before leaving a stone; common practice. */
final class StepWords
{
    public static function see(SharpeningStep $step): string
    {
        $shaping = $step->shaping === null ? '' : ucfirst(self::shaping($step->shaping));

        return match ($step->sign) {
            StepSign::OnePolish => 'One even polish up to the edge; turn the burr off on the back.',
            StepSign::BurrAllAlong => 'A burr along the whole edge, and the scratches of this stone reaching it '
                .'everywhere.',
            StepSign::LastScratchGone => 'No scratch of the last stone left; the burr comes off on the back.',
            StepSign::FinerScratches => 'Finer scratches than before up to the edge; the burr is still whole, and '
                .'smaller.',
            StepSign::GroundOnWheel => "$shaping. Cool it often, and leave a hair of the old edge: the wheel never "
                .'touches the very edge.',
            StepSign::GroundOnStone => "$shaping, the whole bevel on the stone. A wheel would be quicker.",
            StepSign::Stropped => 'Ten strokes a side, pulled away from the edge; the last of the burr is gone.',
        };
    }

    private static function shaping(Shaping $shaping): string
    {
        return match ($shaping->kind) {
            ShapingKind::Nick => 'until the nick is gone',
            ShapingKind::Flatter => 'flatter, to '.round($shaping->to, 1).'°',
            ShapingKind::Steeper => 'steeper, to '.round($shaping->to, 1).'°',
            ShapingKind::Curve => 'into a curve, '.round($shaping->to, 2).' mm at the corners',
        };
    }
}
