<?php

declare(strict_types=1);

namespace JackRest\Core\Tool\Kinds;

use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKind;

/** Chisels, gouges and knives for wood. Common practice; prices invented. */
final class ChiselKinds
{
    /** @return list<ToolKind> */
    public static function list(): array
    {
        return [
            new ToolKind(
                'bench-chisel',
                'bevel-edge chisel',
                'Thin side lands reach into dovetail corners.',
                'Chop waste, pare to a line, fit joints.',
                'Thick side lands bruise narrow sockets; a back that is not flat cannot pare.',
                'chisel',
                Group::Chisels,
                22,
                self::blade(12, 2, 50),
                [Need::Hone],
                ['mallet'],
                [
                    ['width' => 12, 'length' => 265],
                    ['width' => 6, 'length' => 250],
                    ['width' => 25, 'length' => 280],
                    ['width' => 18, 'length' => 270],
                    ['width' => 3, 'length' => 235],
                ],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'mortise-chisel',
                'mortise chisel',
                'Square, deep section: it does not twist in the cut.',
                'Chop mortises as wide as itself, levering the chips out.',
                'Driven along the grain it splits the end of a piece.',
                'chisel',
                Group::Chisels,
                38,
                self::blade(10, 4, 20, 10),
                [Need::Hone, 'mallet'],
                [],
                [['width' => 6, 'length' => 300], ['width' => 10, 'length' => 310], ['width' => 12, 'length' => 315]],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'paring-chisel',
                'paring chisel',
                'Long and thin, pushed by hand only.',
                'Long slices to a line, and across housings.',
                'Never struck: the thin blade bends.',
                'chisel',
                Group::Chisels,
                45,
                [...self::blade(20, 6, 50), Dimension::length('blade', 'blade length', 220, 120, 320)],
                [Need::Hone],
            ),
            new ToolKind(
                'firmer-chisel',
                'firmer chisel',
                'Stout, with square sides.',
                'Heavy chopping where no corner is narrow.',
                'Its thick sides do not reach into a dovetail’s corner.',
                'chisel',
                Group::Chisels,
                20,
                self::blade(25, 6, 50),
                [Need::Hone],
                ['mallet'],
            ),
            new ToolKind(
                'skew-chisels',
                'pair of skewed chisels',
                'Left and right, ground to a slanting edge.',
                'Clean out half-blind corners.',
                'The long point breaks when levered.',
                'chisel',
                Group::Chisels,
                48,
                self::blade(12, 4, 25),
                [Need::Hone],
            ),
            new ToolKind(
                'rough-chisel',
                'rough chisel',
                'Any old chisel kept for glue, paint and nails.',
                'Spares the good ones.',
                'Old paint may hold lead: scrape wet, wear a mask.',
                'chisel',
                Group::Chisels,
                5,
                self::blade(20, 10, 40),
                [Need::Hone],
            ),
            new ToolKind(
                'bench-gouge',
                'gouge',
                'A blade rolled to a sweep.',
                'Hollows, coves and curved ends.',
                'A corner dug in tears the grain.',
                'chisel',
                Group::Chisels,
                30,
                [...self::blade(18, 3, 50), Dimension::length('radius', 'radius of the sweep', 15, 2, 200)->asked()],
                [Need::Hone],
                ['mallet'],
            ),
            new ToolKind(
                'carving-knife',
                'whittling knife',
                'Short fixed blade in a round handle.',
                'Pegs, wedges, rounded ends.',
                'Never cut toward the hand that holds the work.',
                'knife',
                Group::Chisels,
                20,
                [
                    Dimension::length('length', 'length', 180, 100, 250),
                    Dimension::length('width', 'blade width', 18, 5, 30),
                ],
                [Need::Hone],
            ),
        ];
    }

    /** @return list<Dimension> */
    private static function blade(float $widthMm, float $leastMm, float $mostMm, float $thicknessMm = 3.5): array
    {
        return [
            Dimension::length('width', 'blade width', $widthMm, $leastMm, $mostMm)->asked(),
            Dimension::length('length', 'length over all', 270, 100, 500),
            Dimension::length('thickness', 'thickness of the blade', $thicknessMm, 1, 20),
        ];
    }
}
