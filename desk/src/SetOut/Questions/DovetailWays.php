<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\SetOutRow;
use JackRest\Desk\SetOut\SetOutSketch;
use JackRest\Desk\SetOut\Typed;

/** Other layouts of the same corner, side by side: fewer and wider tails, narrow and equal pins, graded ones. */
final class DovetailWays
{
    /** A saw cut and a socket cleared and pared, minutes; from memory. */
    private const CUT_MINUTES = 1.5;

    private const SOCKET_MINUTES = 5.0;

    /** How far down a way is drawn, as a share of the tails' length. */
    private const SKETCHED = 1.4;

    /** As a fine saw cuts; from memory. */
    private const NARROW_MM = 0.7;

    /**
     * @param  int  $now  how many tails are set out
     * @return list<SetOutRow> fewer and wider, more and narrower
     */
    public static function rows(Typed $typed, int $now, Hands $hands, LengthFormatter $format): array
    {
        $rows = [];
        foreach (range(max(1, $now - 2), $now + 2) as $tails) {
            try {
                $layout = DovetailJoint::layout($typed, $hands, $tails);
            } catch (InvalidInput) {
                continue;
            }
            $rows[] = new SetOutRow(
                $tails === 1 ? 'One tail' : "$tails tails",
                $format->dimension($layout->tailMm).' wide, '.$format->dimension($layout->tailAtBaselineMm).
                    ' at the baseline',
                self::effort($tails).' with the waste',
                $tails === $now,
                self::sketch($typed, DovetailDrawing::sides($layout)),
            );
        }

        foreach (self::pins($typed, $now, $hands) as $name => $pin) {
            try {
                $layout = DovetailJoint::layout($typed->with('pin', $pin), $hands, $now);
            } catch (InvalidInput) {
                continue;
            }
            $rows[] = new SetOutRow(
                $name,
                'pins '.$format->dimension($pin).', tails '.$format->dimension($layout->tailMm).' wide',
                self::effort($layout->tails).'; dividers '.$format->small($layout->dividerMm).', '.
                    ($layout->betweenTailsChiselMm?->value === null
                        ? 'no chisel at hand goes between'
                        : 'the '.$format->dimension($layout->betweenTailsChiselMm->value).' chisel goes between'),
                abs($pin - $layout->pinMm) < 1e-9 && abs($pin - ($typed->find('pin') ?? -1.0)) < 1e-9,
                self::sketch($typed, DovetailDrawing::sides($layout)),
            );
        }

        return [...$rows, ...self::graded($typed, $now, $format)];
    }

    /**
     * Narrow tails at the edges, where boards cup, and wide ones in the middle: no dividers step them.
     *
     * @return list<SetOutRow>
     */
    private static function graded(Typed $typed, int $tails, LengthFormatter $format): array
    {
        $pin = $typed->find('pin') ?? $typed->get('halfPin');
        $room = $typed->get('width') - 2 * $typed->get('halfPin') - ($tails - 1) * $pin;
        if ($tails < 3 || $room <= 0) {
            return [];
        }
        // One more share for each tail further in.
        $shares = array_map(static fn (int $tail): int => 2 + min($tail, $tails - 1 - $tail), range(0, $tails - 1));
        $each = $room / array_sum($shares);
        $sides = [];
        $left = $typed->get('halfPin');
        foreach ($shares as $share) {
            $sides[] = [$left, $left + $share * $each];
            $left += $share * $each + $pin;
        }

        return [new SetOutRow(
            'Graded',
            'tails '.implode(', ', array_map(
                static fn (int $share): string => $format->dimension($share * $each),
                array_slice($shares, 0, intdiv($tails + 1, 2)),
            )).' from the edge inward',
            self::effort($tails).'; pins '.$format->dimension($pin).
                '; every line is measured, or knifed from a stick',
            false,
            self::sketch($typed, $sides),
        )];
    }

    private static function effort(int $tails): string
    {
        $cuts = 4 * $tails;
        $minutes = (int) round($cuts * self::CUT_MINUTES + (2 * $tails + 1) * self::SOCKET_MINUTES);

        return "$cuts saw cuts a corner, about $minutes min";
    }

    /** @param  list<array{float, float}>  $sides  of each tail at its end, mm from the left edge */
    private static function sketch(Typed $typed, array $sides): SetOutSketch
    {
        $long = DovetailJoint::tailLong($typed) + $typed->get('proud');
        [$width, $deep] = [$typed->get('width'), $long * self::SKETCHED];

        return SetOutSketch::of(
            $width,
            $deep,
            DovetailDrawing::outline($sides, $long / $typed->get('slope'), $width, $long, $deep),
        );
    }

    /**
     * Other pins for as many tails: as narrow as the saw lets through, and as wide as the tails half way down.
     *
     * @return array<string, float>
     */
    private static function pins(Typed $typed, int $tails, Hands $hands): array
    {
        $saw = $hands->of(...DovetailJoint::SAWS)[0] ?? null;
        $narrow = $saw === null ? self::NARROW_MM : $saw->sizes()['plate'] + 2 * $saw->sizes()['set'];
        $room = $typed->get('width') - 2 * $typed->get('halfPin');
        // Half way down tail and pin are alike when tail − pin = 2 · (length ÷ slope); dividers are tail + pin.
        $slant = (DovetailJoint::tailLong($typed) + $typed->get('proud')) / $typed->get('slope');
        $equal = ($room / $tails - 2 * $slant) / (2 - 1 / $tails);

        return ['Narrowest pins' => $narrow, ...$equal > $narrow ? ['Equal half way down' => $equal] : []];
    }
}
