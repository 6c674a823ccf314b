<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Flat;

use JackRest\Core\Calculation\Rounding;
use JackRest\Core\Truing\Flat\Grid;
use JackRest\Core\Truing\Flat\Surface;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Reference\ReferenceKind;

/** What to do next with a flat thing: the next line to read, or where it comes down. */
final class FlatAdvice
{
    /** Places named in one sentence. */
    private const NAMED = 2;

    /** A place counts as high from this share of the largest removal on. */
    private const HIGH = 0.75;

    public static function of(FlatForm $form): Advice
    {
        if (! $form->isSound() || $form->grid === null) {
            return Advice::correct();
        }
        $next = $form->nextLine();
        $line = $next === null ? null : (new GridWords($form->grid))->line($next);
        if ($form->surface === null) {
            return new Advice(
                "Lay the straightedge $line. Type the gap at each place, 0 where no light shows.",
                'Diagonals first: a twist shows along no side.',
            );
        }

        return match ($form->verdict()) {
            Verdict::Within => new Advice('Leave it alone: it is flat enough for this work.', self::why($form->kind)),
            Verdict::Outside => self::takeOff($form),
            Verdict::CannotTell => $line === null
                ? new Advice(
                    'Too near your tolerance to tell. Read it with something finer, or allow a little more.',
                    'It is known to ± '.
                        $form->format->small($form->uncertaintyMm()).
                        ', and your tolerance lies inside that.',
                )
                : new Advice(
                    "Can’t tell yet. Lay the straightedge $line too.",
                    'Every line more makes the heights surer.',
                ),
            null => new Advice('Type your tolerance.', 'Then you can see whether anything comes off.'),
        };
    }

    private static function takeOff(FlatForm $form): Advice
    {
        assert($form->surface !== null && $form->grid !== null);
        $most = $form->format->small($form->surface->mostMm());
        $where = self::where($form->surface, $form->grid);
        $shaving = $form->form->value('shaving');
        $why = self::why($form->kind);

        return match ($form->kind) {
            ReferenceKind::Stone => new Advice(
                "Flatten it: $most comes off $where. Pencil a grid on it, rub until none is left, test again.",
                $why,
                takeOff: true,
                off: "$most off $where",
            ),
            ReferenceKind::Sole => new Advice(
                "Take $most off $where: pull it one way over abrasive paper on a flat, iron in and backed off. Test "
                    .'again.',
                $why,
                takeOff: true,
                off: "$most off $where",
            ),
            default => $shaving === null
                ? new Advice("Plane $most off $where. Then test again.", $why, takeOff: true, off: "$most off $where")
                : self::shavings(Rounding::up($form->surface->mostMm() / $shaving), $where, $why),
        };
    }

    private static function shavings(int $count, string $where, string $why): Advice
    {
        $off = ($count === 1 ? '1 shaving' : "$count shavings")." off $where";

        return new Advice("Take $off, fewer the lower it stands. Then test again.", $why, takeOff: true, off: $off);
    }

    private static function where(Surface $surface, Grid $grid): string
    {
        $most = $surface->mostMm();
        $high = array_values(
            array_filter(
                $surface->highest(),
                static fn (int $node): bool => $surface->removeMm[(int) array_search($node, $surface->nodes, true)] >
                    self::HIGH * $most,
            ),
        );
        $names = array_values(array_unique(array_map((new GridWords($grid))->place(...), $high)));

        return match (true) {
            count($names) <= self::NAMED => implode(' and ', $names),
            $surface->crownMm() < 0 => 'its rim all round, nothing off the middle',
            default => 'the high places drawn',
        };
    }

    private static function why(ReferenceKind $kind): string
    {
        return match ($kind) {
            ReferenceKind::Sole => 'Toe, both sides of the mouth and heel guide the cut; a hollow between them does '
                .'no harm. Rubbing to and fro rounds it.',
            ReferenceKind::Stone => 'A hollow stone rounds every edge that is honed on it.',
            default => 'The drawing shows what stands above the plane that loses least.',
        };
    }
}
