<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\WindingSticks;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Verdict;
use JackRest\Core\Truing\WindingCorner;
use JackRest\Desk\Advice;

/** A board under winding sticks in words: what to sight next, or which corners to take down. */
final class WindingAdvice
{
    /** More twist than this over a board is sawn out, not planed; from memory. */
    private const DOUBTFUL_DEG = 5.0;

    public static function of(WindingForm $form): Advice
    {
        if ($form->sticks === null || $form->map === null) {
            return $form->hasWrongFigure() || $form->objection !== null
                ? Advice::correct($form->objection)
                : new Advice(
                    'Lay one stick across each end, sight over the near one, and type how much higher the far '.
                        'stick’s right end stands.',
                    'Use minus if its left end is higher. Bow does not show, only twist.',
                );
        }
        $most = max([
            0.0,
            ...array_map(static fn (WindingCorner $corner): float => $corner->removeMm, $form->map->corners),
        ]);

        return match (true) {
            $form->verdict() === Verdict::Within => new Advice(
                'Leave it: its twist is within your tolerance.',
                'Twist of '.
                    $form->format->small($form->map->totalTwistMm).
                    ' over its width, '.
                    LengthFormatter::decimal($form->sticks->magnification, 1).
                    ' times as large on the sticks.',
            ),
            $form->verdict() === Verdict::CannotTell => new Advice(
                $form->sticks->stickErrorMm === null
                    ? 'Can’t tell yet: turn the far stick end for end, and type it again.'
                    : 'Can’t tell yet: sight over longer sticks.',
                'Twist of '.
                    $form->format->small($form->map->totalTwistMm).
                    ' ± '.
                    $form->format->small($form->budget()->expandedMm()).
                    ', and your tolerance lies inside that.',
            ),
            abs($form->sticks->twistDeg) > self::DOUBTFUL_DEG => new Advice(
                'Saw a twist like that out, or take another board.',
                LengthFormatter::decimal(abs($form->sticks->twistDeg), 1).
                    '° of twist would take '.
                    $form->format->small($most).
                    ' off two corners.',
            ),
            default => new Advice(
                self::corners($form, $most),
                'Twist of '.
                    $form->format->small($form->map->totalTwistMm).
                    ' over its width; each high corner is down by half of it.',
                takeOff: true,
            ),
        };
    }

    private static function corners(WindingForm $form, float $mostMm): string
    {
        $high = $form->high();
        $names = array_map($form->name(...), $high);
        $shavings = $high[0]->shavings ?? null;
        $each = $shavings === null ? $form->format->small($mostMm) : WindingForm::shavings($shavings);

        return "Take $each off the ".
            implode(' and the ', $names).
            ', running out to nothing along the diagonal. Then sight again.';
    }
}
