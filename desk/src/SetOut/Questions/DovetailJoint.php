<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\MarkingOut\DovetailLayout;
use JackRest\Core\MarkingOut\DovetailLayoutInput;
use JackRest\Core\MarkingOut\DovetailLayoutResult;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\Typed;

/** What was typed of a dovetailed corner, with the saw and the chisels at hand, as the core is asked. */
final class DovetailJoint
{
    private const CHISELS = ['bench-chisel', 'paring-chisel'];

    public const SAWS = ['dovetail-saw', 'fine-pull-saw', 'carcase-saw', 'backed-pull-saw'];

    /** What of the pin board the tails go into: all of it, or all but the lap. */
    public static function tailLong(Typed $typed): float
    {
        $lap = $typed->choice('kind') === 'half-blind' ? $typed->get('lap') : 0.0;
        if ($lap >= $typed->get('pinBoard')) {
            throw InvalidInput::because('lap', 'must be less than the front is thick');
        }

        return $typed->get('pinBoard') - $lap;
    }

    /**
     * By the number of tails, or by the width that is wanted of one.
     *
     * @param  int|null  $tails  another number than was asked for
     *
     * @throws InvalidInput
     */
    public static function layout(Typed $typed, Hands $hands, ?int $tails = null): DovetailLayoutResult
    {
        $isByWidth = $tails === null && $typed->choice('by') === 'width';
        $saw = $hands->of(...self::SAWS)[0] ?? null;

        return (new DovetailLayout())(new DovetailLayoutInput(
            $typed->get('width'),
            $typed->get('tailBoard'),
            self::tailLong($typed),
            $typed->get('slope'),
            $typed->get('halfPin'),
            $typed->find('pin'),
            $isByWidth ? null : $tails ?? $typed->whole('tails'),
            $isByWidth ? $typed->get('tail') : null,
            $typed->get('rebate'),
            $typed->get('proud'),
            $saw === null ? null : $saw->sizes()['plate'] + 2 * $saw->sizes()['set'],
            $hands->chisels(...self::CHISELS),
        ));
    }
}
