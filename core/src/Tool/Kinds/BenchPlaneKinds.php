<?php

declare(strict_types=1);

namespace JackRest\Core\Tool\Kinds;

use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKind;

/** Planes by the length of their sole. Common practice; prices invented. */
final class BenchPlaneKinds
{
    /** @return list<ToolKind> */
    public static function list(): array
    {
        return [
            new ToolKind(
                'smoothing-plane',
                'smoothing plane',
                'Short sole, fine mouth: leaves the last surface.',
                'Smooth faces and fit small work.',
                'The short sole follows hollows: it does not flatten.',
                'plane',
                Group::BenchPlanes,
                95,
                self::sizes(240, 150, 290, 50, 60, 135),
                self::NEEDS,
                runningPerYear: 1,
            ),
            new ToolKind(
                'jack-plane',
                'jack plane',
                'Sole about 350 mm: the one plane to own first.',
                'Bring boards down, flatten, shoot, and smooth when set fine.',
                'An iron left heavily curved will not joint an edge.',
                'plane',
                Group::BenchPlanes,
                105,
                self::sizes(355, 300, 399, 50, 62, 140),
                self::NEEDS,
                runningPerYear: 1,
            ),
            new ToolKind(
                'wide-jack',
                'wide heavy jack plane',
                'A broad, heavy jack; steady on a shooting board.',
                'Shoot ends and flatten wide boards.',
                'Heavy: tiring on rough work.',
                'plane',
                Group::BenchPlanes,
                170,
                self::sizes(375, 330, 410, 60, 74, 145),
                self::NEEDS,
                runningPerYear: 1,
            ),
            new ToolKind(
                'bevel-up-jack',
                'bevel-up jack plane',
                'A low bed and one iron, bevel up; the mouth shuts easily.',
                'End grain, shooting, and difficult grain with a steep bevel.',
                'Its iron needs far more curve for the same relief.',
                'plane',
                Group::BenchPlanes,
                190,
                [...self::sizes(360, 330, 390, 57, 68, 120, 12)],
                self::NEEDS,
                runningPerYear: 1,
            ),
            new ToolKind(
                'fore-plane',
                'fore plane',
                'Sole between jack and jointer, iron curved.',
                'Bring a rough board down and nearly flat.',
                'Its curved iron leaves scallops for the next plane.',
                'plane',
                Group::BenchPlanes,
                110,
                self::sizes(450, 400, 500, 60, 73, 145),
                self::NEEDS,
                runningPerYear: 1,
            ),
            new ToolKind(
                'try-plane',
                'jointer',
                'Long sole: rides over hollows and straightens by itself.',
                'Joint edges and flatten long boards.',
                'A sole in wind makes every edge so.',
                'plane',
                Group::BenchPlanes,
                150,
                self::sizes(600, 501, 800, 60, 74, 150),
                self::NEEDS,
                runningPerYear: 1,
            ),
            new ToolKind(
                'scrub-plane',
                'scrub plane',
                'Narrow, heavily curved iron; an old smoother opened up does it.',
                'Take wood off fast across the grain.',
                'It tears the far edge: chamfer that first.',
                'wooden-plane',
                Group::BenchPlanes,
                55,
                self::sizes(240, 180, 300, 38, 48, 130),
                self::NEEDS,
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'block-plane',
                'block plane',
                'Held in one hand; low bed about 12°, standard about 20°.',
                'End grain in small amounts, chamfers, plugs.',
                'Skewed and pushed off an end it breaks the corner out.',
                'block-plane',
                Group::BenchPlanes,
                75,
                [...self::sizes(160, 80, 200, 35, 45, 55, 12)],
                [Need::Hone],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'shooting-plane',
                'shooting plane',
                'Heavy, skewed, with a side that is square to its sole.',
                'Shoot ends on a board all day.',
                'Of no use without a shooting board.',
                'plane',
                Group::BenchPlanes,
                260,
                self::sizes(380, 300, 450, 57, 70, 140),
                [Need::Hone, 'shooting-board'],
                runningPerYear: 1,
            ),
            new ToolKind(
                'toothed-iron',
                'toothed iron for a bench plane',
                'A grooved iron that cannot tear.',
                'Level wild grain, and key a surface for veneer.',
                'It leaves furrows for the scraper.',
                'iron',
                Group::BenchPlanes,
                35,
                [
                    Dimension::length('iron', 'iron width', 50, 25, 70)->asked(),
                    Dimension::length('length', 'length', 180, 80, 220),
                ],
                [Need::Hone, 'jack-plane'],
                runningPerYear: 0.5,
            ),
        ];
    }

    private const NEEDS = [Need::Hone, Need::Hold];

    /** @return list<Dimension> */
    private static function sizes(
        float $soleMm,
        float $leastMm,
        float $mostMm,
        float $ironMm,
        float $widthMm,
        float $heightMm,
        float $bedDeg = 45,
    ): array {
        return [
            Dimension::length('length', 'sole length', $soleMm, $leastMm, $mostMm)->asked(),
            Dimension::length('iron', 'iron width', $ironMm, 20, 80)->asked(),
            Dimension::length('width', 'sole width', $widthMm, 30, 90),
            Dimension::length('height', 'height', $heightMm, 30, 200),
            Dimension::degrees('bed', 'bed angle', $bedDeg, 10, 65),
            Dimension::yesNo('bevelUp', 'bevel up', $bedDeg < 30),
        ];
    }
}
