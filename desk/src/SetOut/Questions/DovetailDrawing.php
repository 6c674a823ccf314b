<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\MarkingOut\DovetailLayoutResult;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\View;
use JackRest\Desk\SetOut\Typed;

/** The tail board's face and the pin board's end, with every line, and the dividers stepping from both sides. */
final class DovetailDrawing
{
    /** How much of the face is drawn below the baseline, as a share of the tails' length. */
    private const BELOW = 0.8;

    /** @return list<View> */
    public static function views(DovetailLayoutResult $layout, Typed $typed, LengthFormatter $format): array
    {
        [$width, $long] = [$typed->get('width'), $layout->tailGaugeMm];
        $slant = ($layout->tailMm - $layout->tailAtBaselineMm) / 2;
        $deep = $long * (1 + self::BELOW);
        // The pin board is thinner than the tails are long by what stands proud: so far down their slopes it begins.
        $thick = $long - $typed->get('proud');
        $outside = $slant * $typed->get('proud') / $long;
        $half = $layout->halfPinMm() + $outside;
        $pins = [Path::closed([0, 0], [$half, 0], [$layout->halfPinAtBaselineMm, $thick], [0, $thick])];
        foreach ($layout->fromLeftMm as $left) {
            $right = $left + $layout->tailMm;
            $next = $right === $width ? $width : min($width, $right + $layout->pinMm);
            $isLast = $right + $layout->pinMm > $width - $layout->halfPinMm() + 1e-6;
            [$at, $in] = [$right - $outside, $right - $slant];
            $pins[] = $isLast
                ? Path::closed([$at, 0], [$width, 0], [$width, $thick], [$in, $thick])
                : Path::closed([$at, 0], [$next + $outside, 0], [$next + $slant, $thick], [$in, $thick]);
        }
        $first = $layout->fromLeftMm[0];

        return [
            new View(
                'Tail board, its face',
                $width,
                $deep,
                [Path::closed(...self::outline(self::sides($layout), $slant, $width, $long, $deep))],
                [Path::open([0, $long], [$width, $long]), ...self::stepping($layout, $typed)],
                [
                    Dim::across($first, $first + $layout->tailMm, 0, $format->dimension($layout->tailMm), 'above'),
                    Dim::down(0, $long, $width, $format->dimension($long), 'right'),
                    ...$layout->tails > 1
                        ? [Dim::across($first, $layout->fromLeftMm[1], $deep, $format->small($layout->dividerMm),
                            'below')]
                        : [],
                ],
            ),
            new View(
                'Pin board, its end',
                $width,
                $thick,
                $pins,
                [Path::box(0, 0, $width, $thick)],
                [
                    Dim::across(0, $half, 0, $format->dimension($half), 'above'),
                    Dim::across(0, $layout->halfPinAtBaselineMm, $thick,
                        $format->dimension($layout->halfPinAtBaselineMm),
                        'below'),
                ],
            ),
        ];
    }

    /** @return list<array{float, float}> of each tail at its end, mm from the left edge */
    public static function sides(DovetailLayoutResult $layout): array
    {
        return array_map(
            static fn (float $left): array => [$left, $left + $layout->tailMm],
            $layout->fromLeftMm,
        );
    }

    /**
     * The tail board's face down to some way below the baseline.
     *
     * @param  list<array{float, float}>  $sides  of each tail at its end, mm from the left edge
     * @param  float  $slant  how much a tail's side comes in as far as the baseline, mm
     * @return list<array{float, float}>
     */
    public static function outline(array $sides, float $slant, float $width, float $long, float $deep): array
    {
        $outline = [[0.0, $long]];
        foreach ($sides as [$left, $right]) {
            array_push($outline, [$left + $slant, $long], [$left, 0.0], [$right, 0.0], [$right - $slant, $long]);
        }

        return [...$outline, [$width, $long], [$width, $deep], [0.0, $deep]];
    }

    /**
     * The dividers' steps from the left and from the right, below the baseline; the one beyond the other line, too.
     *
     * @return list<Path>
     */
    private static function stepping(DovetailLayoutResult $layout, Typed $typed): array
    {
        [$width, $long, $step] = [$typed->get('width'), $layout->tailGaugeMm, $layout->dividerMm];
        $arcs = [];
        foreach ([[$layout->fromLeftMm, $step, 1.35], [$layout->fromRightMm, -$step, 1.7]] as [$places, $by, $down]) {
            foreach ($places as $place) {
                $to = max(0.0, min($width, $place + $by));
                $y = $long * $down;
                $arcs[] = Path::open(...Path::bend([$place, $y], [($place + $to) / 2, $y - $long / 2], [$to, $y]));
            }
        }

        return $arcs;
    }
}
