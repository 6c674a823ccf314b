<?php

declare(strict_types=1);

namespace JackRest\Core\Tool\Kinds;

use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ShopMade;
use JackRest\Core\Tool\ToolKind;

/** Planes that cut joints, and what they do it by. Common practice; prices invented. */
final class JoineryPlaneKinds
{
    /** @return list<ToolKind> */
    public static function list(): array
    {
        return [...self::rebates(), ...self::grooves(), ...self::fitting()];
    }

    /** @return list<ToolKind> */
    private static function rebates(): array
    {
        return [
            new ToolKind(
                'rebate-plane',
                'rebate plane',
                'Iron as wide as the sole; a batten guides it along the edge.',
                'Rebates along the grain, and widening them.',
                'No fence and no stop: batten and gauged line do that work.',
                'wooden-plane',
                Group::JoineryPlanes,
                65,
                self::sizes(30, 10, 50, 240, 30, 150),
                [Need::Hone, 'clamps'],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'moving-fillister',
                'moving fillister',
                'Rebate plane with fence, depth stop, nicker and a skewed iron.',
                'The same rebate on every board, along and across.',
                'A dull nicker tears across the grain.',
                'fillister',
                Group::JoineryPlanes,
                160,
                [...self::sizes(38, 20, 55, 240, 62, 150), Dimension::yesNo('nicker', 'has a nicker', true)->asked()],
                [Need::Hone],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'skew-rebate-plane',
                'skewed rebate plane with fence',
                'A block-sized body, skewed iron, fence and nicker.',
                'Small rebates across the grain, raised panel edges.',
                'Left- or right-handed: against the grain it tears.',
                'fillister',
                Group::JoineryPlanes,
                210,
                [...self::sizes(38, 20, 50, 180, 50, 70), Dimension::yesNo('nicker', 'has a nicker', true)->asked()],
                [Need::Hone],
                runningPerYear: 0.5,
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function grooves(): array
    {
        return [
            new ToolKind(
                'plough-plane',
                'plough plane',
                'Fence, skate and depth stop, with an iron for each width.',
                'Grooves along the grain, as wide as its iron or in two passes.',
                'A fence not parallel to the skate binds in the groove.',
                'plough',
                Group::JoineryPlanes,
                130,
                [
                    Dimension::length('iron', 'iron width', 6, 3, 20)->asked(),
                    Dimension::length('fence', 'greatest distance to the fence', 120, 20, 250)->asked(),
                    Dimension::length('length', 'length', 250, 120, 330),
                    Dimension::length('height', 'height', 140, 60, 220),
                ],
                [Need::Hone],
                ['plough-irons'],
                [['iron' => 4], ['iron' => 6], ['iron' => 10]],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'plough-irons',
                'set of plough irons',
                'Eight widths from 3 to 14 mm.',
                'Every groove with one body.',
                'A grooved-back iron of another plough usually fits; measure first.',
                'irons',
                Group::JoineryPlanes,
                60,
                [
                    Dimension::length('iron', 'narrowest iron', 3, 2, 10)->asked(),
                    Dimension::length('widest', 'widest iron', 14, 4, 25)->asked(),
                    Dimension::length('length', 'length', 160, 80, 220),
                ],
                [Need::Hone, 'plough-plane'],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'dado-plane',
                'dado plane',
                'Two nickers before a skewed iron of one fixed width.',
                'Dados across the grain, against a batten.',
                'It makes one width and no other.',
                'wooden-plane',
                Group::JoineryPlanes,
                70,
                self::sizes(18, 5, 30, 240, 18, 150),
                [Need::Hone, 'clamps'],
                [],
                [['iron' => 12, 'width' => 12], ['iron' => 18, 'width' => 18], ['iron' => 22, 'width' => 22]],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'match-planes',
                'tongue-and-groove pair',
                'Two planes with fixed fence and depth: no measuring.',
                'Tongue-and-groove on boards of one thickness.',
                'Made for one board thickness only.',
                'wooden-plane',
                Group::JoineryPlanes,
                110,
                [
                    Dimension::length('board', 'board thickness it is made for', 20, 6, 30)->asked(),
                    Dimension::length('length', 'length', 240, 150, 300),
                    Dimension::length('width', 'width', 40, 15, 70),
                    Dimension::length('height', 'height', 150, 80, 200),
                ],
                [Need::Hone],
                [],
                [['board' => 13], ['board' => 20]],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'combination-plane',
                'combination plane',
                'One body, many irons; long to set up.',
                'Grooves, rebates, beads and tongues.',
                'Set-up time is why it stands idle.',
                'plough',
                Group::JoineryPlanes,
                150,
                [
                    Dimension::length('iron', 'iron width', 6, 3, 25)->asked(),
                    Dimension::length('fence', 'greatest distance to the fence', 120, 20, 250),
                    Dimension::length('length', 'length', 250, 120, 330),
                    Dimension::length('height', 'height', 150, 60, 220),
                ],
                [Need::Hone],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'moulding-plane',
                'moulding plane',
                'A wooden plane with one profile.',
                'A bead or hollow along an edge.',
                'The profile is honed with slips, not on flat stones.',
                'wooden-plane',
                Group::JoineryPlanes,
                35,
                self::sizes(12, 3, 40, 240, 25, 150),
                [Need::Hone],
                runningPerYear: 0.2,
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function fitting(): array
    {
        return [
            new ToolKind(
                'shoulder-plane',
                'shoulder plane',
                'Iron the full width of the body: cuts right into a corner.',
                'Trim tenon shoulders, cheeks and the floors of rebates.',
                'An iron not square to the body tilts the shoulder.',
                'shoulder-plane',
                Group::JoineryPlanes,
                110,
                self::sizes(20, 10, 38, 200, 20, 75),
                [Need::Hone],
                [],
                [['iron' => 15, 'width' => 15], ['iron' => 20, 'width' => 20], ['iron' => 30, 'width' => 30]],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'router-plane',
                'router plane',
                'A cutter held below a flat base, to a set depth.',
                'Level the bottoms of grooves, dados and hinges; tenon cheeks to thickness.',
                'Too deep a cut lets the cutter dig itself in.',
                'router',
                Group::JoineryPlanes,
                120,
                [
                    Dimension::length('iron', 'cutter width', 12, 2, 25)->asked(),
                    Dimension::length('length', 'base length', 180, 60, 260)->asked(),
                    Dimension::length('width', 'base width', 110, 30, 160),
                    Dimension::length('height', 'height', 90, 30, 140),
                ],
                [Need::Hone],
                [],
                [['iron' => 6], ['iron' => 12]],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'paring-block',
                'paring block',
                'A true block of hardwood to lay a chisel along.',
                'With a chisel: level recesses and pare square, slower than a router plane.',
                'Worn out of square it makes everything so.',
                'block',
                Group::JoineryPlanes,
                12,
                [Dimension::length('length', 'length', 120, 60, 250), Dimension::length('width', 'width', 60, 30, 120)],
                making: new ShopMade(2, 20, ['crosscut', 'flatten']),
            ),
            new ToolKind(
                'compass-plane',
                'compass plane',
                'A flexible sole set to a curve.',
                'Long even curves, hollow and round.',
                'With the grain only: downhill from both sides.',
                'compass-plane',
                Group::JoineryPlanes,
                120,
                [
                    Dimension::length('radius', 'smallest radius', 350, 100, 1500)->asked(),
                    Dimension::length('length', 'length', 260, 180, 320),
                    Dimension::length('height', 'height', 130, 80, 180),
                ],
                [Need::Hone],
                runningPerYear: 0.5,
            ),
        ];
    }

    /** @return list<Dimension> */
    private static function sizes(
        float $ironMm,
        float $leastMm,
        float $mostMm,
        float $lengthMm,
        float $widthMm,
        float $heightMm,
    ): array {
        return [
            Dimension::length('iron', 'iron width', $ironMm, $leastMm, $mostMm)->asked(),
            Dimension::length('length', 'length', $lengthMm, 80, 330)->asked(),
            Dimension::length('width', 'body width', $widthMm, 5, 90),
            Dimension::length('height', 'height', $heightMm, 30, 220),
        ];
    }
}
