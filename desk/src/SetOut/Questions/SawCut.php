<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Timber\Grain;
use JackRest\Desk\Fit\FitRow;
use JackRest\Desk\Fit\Questions\SawQuestion;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\View;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\SetOutAnswer;
use JackRest\Desk\SetOut\SetOutAsk;
use JackRest\Desk\SetOut\SetOutChoice;
use JackRest\Desk\SetOut\SetOutRow;
use JackRest\Desk\SetOut\Typed;

/** A saw cut: which of the saws at hand, how many strokes, and on which side of the line the kerf lies. */
final readonly class SawCut implements SetOutAsk
{
    /** As wide as a kerf is drawn, mm. */
    /** How wide the cut is drawn, seen from its side, as a share of the other view. */
    private const ACROSS = 1.6;

    private const KERF_MM = 0.8;

    public function fields(Hands $hands): array
    {
        return [
            new FormField('thickness', Quantity::Length, 1, 300, 'Wood, thickness', expected: 22, begins: 22),
            new FormField('depth', Quantity::Length, 1, 1000, 'Depth of the cut', expected: 22, begins: 22),
        ];
    }

    public function choices(Hands $hands): array
    {
        return [new SetOutChoice('grain', 'The cut runs',
            ['across' => 'across the grain', 'along' => 'along the grain'])];
    }

    public function named(): array
    {
        return ['cutDepthMm' => 'depth', 'stockThicknessMm' => 'thickness'];
    }

    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer
    {
        $fit = (new SawQuestion())->answer([
            'thickness' => $typed->get('thickness'),
            'depth' => $typed->get('depth'),
            'grain' => $typed->choice('grain') === 'along' ? Grain::RIP : Grain::CROSS,
        ], $hands->hardness, $hands->tools, $format);

        return new SetOutAnswer(
            $fit->next,
            [self::view($typed, $format), self::fromBothSides($typed)],
            [],
            [
                'The kerf lies on the waste side: the line, or a knifed wall, stays whole on the piece you keep.',
                'Begin with light strokes drawn back, thumb or block against the plate; then saw half from one side, '.
                    'turn the wood round, and let the first kerf lead the second.',
                'Work held in a vice or against a hook, the other hand well behind the line. These are the usual '.
                    'cautions; '.
                    'local rules and trained teaching come first.',
            ],
            array_map(static fn (FitRow $row, int $place): SetOutRow => new SetOutRow(
                $row->name,
                $row->verdict,
                $row->says,
                $place === 0 && $row->good,
            ), $fit->rows, array_keys($fit->rows)),
            $fit->how,
        );
    }

    private static function view(Typed $typed, LengthFormatter $format): View
    {
        $depth = $typed->get('depth');
        $wide = max(30.0, $depth);
        $keep = $wide * 0.6;

        return new View(
            'From the end: the piece you keep at the left, the waste at the right',
            $wide,
            $depth * 1.25,
            [
                Path::closed(
                    [0, 0], [$keep, 0], [$keep, $depth], [$keep + self::KERF_MM, $depth], [$keep + self::KERF_MM, 0],
                    [$wide, 0], [$wide, $depth * 1.25], [0, $depth * 1.25],
                ),
            ],
            [],
            [Dim::down(0, $depth, $wide, $format->dimension($depth), 'right')],
        );
    }

    /**
     * Begun at the near corner and led down the side that is seen; turned round, that kerf leads the saw through.
     */
    private static function fromBothSides(Typed $typed): View
    {
        $depth = $typed->get('depth');
        $wide = max(30.0, $depth) * self::ACROSS;

        return new View(
            'Along the cut: begun at 1, then turned round (not to scale)',
            $wide,
            $depth * 1.25,
            [
                Path::box(0, 0, $wide, $depth * 1.25),
                Path::open([0, $depth], [$wide, 0]),
            ],
            [Path::open([0, 0], [$wide, $depth]), Path::open([0, $depth], [$wide, $depth])],
            [
                Dim::across(0, $wide / 2, 0, '1', 'above'),
                Dim::across($wide / 2, $wide, 0, '2, turned round', 'above'),
            ],
        );
    }
}
