<?php

declare(strict_types=1);

namespace JackRest\Core\Tool\Kinds;

use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\ShopMade;
use JackRest\Core\Tool\ToolKind;

/** What strikes and what holds. Common practice; prices invented. */
final class HoldingKinds
{
    /** @return list<ToolKind> */
    public static function list(): array
    {
        return [...self::striking(), ...self::stops(), ...self::clamping()];
    }

    /** @return list<ToolKind> */
    private static function striking(): array
    {
        return [
            new ToolKind(
                'mallet',
                'wooden mallet',
                'Drives chisels; the first thing to make.',
                'Chopping, and joints tapped home over a block.',
                'A loose head flies: check the wedge. Don’t strike with a cracked one.',
                'mallet',
                Group::Holding,
                25,
                [
                    Dimension::length('length', 'length', 310, 200, 450),
                    Dimension::length('head', 'head length', 150, 80, 250)->asked(),
                    Dimension::length('width', 'head height', 85, 50, 130),
                ],
                making: new ShopMade(4, 229, ['crosscut', 'flatten', 'pare'], least: ShopMade::ROUGH),
            ),
            new ToolKind(
                'soft-hammer',
                'soft-face hammer',
                'Faces of nylon or hide.',
                'Assembly without bruises; its side strikes a chisel.',
                'Worn faces hide a steel edge.',
                'hammer',
                Group::Holding,
                28,
                [
                    Dimension::length('length', 'length', 300, 200, 400),
                    Dimension::length('head', 'head length', 110, 60, 160),
                ],
            ),
            new ToolKind(
                'dead-blow',
                'dead-blow hammer',
                'Shot in the head: no rebound.',
                'Drive large assemblies home.',
                'Use a block: it still bruises.',
                'hammer',
                Group::Holding,
                30,
                [
                    Dimension::length('length', 'length', 320, 200, 450),
                    Dimension::length('head', 'head length', 120, 60, 200),
                ],
            ),
            new ToolKind(
                'pin-hammer',
                'light hammer',
                'A small steel head.',
                'Set plane irons, pins and small nails.',
                'A mushroomed face chips: don’t strike with it.',
                'hammer',
                Group::Holding,
                18,
                [
                    Dimension::length('length', 'length', 280, 200, 350),
                    Dimension::length('head', 'head length', 90, 50, 140),
                ],
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function stops(): array
    {
        return [
            new ToolKind(
                'planing-stop',
                'planing stop',
                'A batten or block at the bench’s end.',
                'Plane against it: the force of the cut holds the work.',
                'Across the grain the work slides: add a batten.',
                'block',
                Group::Holding,
                10,
                [Dimension::length('length', 'length', 200, 40, 500), Dimension::length('width', 'width', 40, 20, 120)],
                making: new ShopMade(2, 20, ['crosscut'], least: ShopMade::ROUGH),
            ),
            new ToolKind(
                'bench-hook',
                'bench hook',
                'Holds small work against the saw.',
                'Crosscutting at the bench.',
                'Sawn through and out of square it misleads: make a new one.',
                'bench-hook',
                Group::Holding,
                15,
                [
                    Dimension::length('length', 'length', 260, 150, 400)->asked(),
                    Dimension::length('width', 'width', 150, 80, 300),
                ],
                making: new ShopMade(3, 98, ['crosscut', 'mark-square'], least: ShopMade::ROUGH),
            ),
            new ToolKind(
                'shooting-board',
                'shooting board',
                'Guides a plane square across an end.',
                'Ends and mitres to a hair.',
                'A fence out of square makes every end so.',
                'shooting-board',
                Group::Holding,
                45,
                [
                    Dimension::length('length', 'length', 480, 250, 900),
                    Dimension::length('width', 'longest end it holds', 240, 80, 500)->asked(),
                ],
                making: new ShopMade(8, 356, ['crosscut', 'flatten', 'joint-edge', 'mark-square']),
            ),
            new ToolKind(
                'mitre-donkey',
                'mitre shooting block',
                'A fence at 45° for the shooting board.',
                'Mitres that close.',
                'Test it with four offcuts.',
                'block',
                Group::Holding,
                30,
                [
                    Dimension::length('length', 'length', 200, 80, 400),
                    Dimension::length('width', 'width', 100, 40, 250),
                ],
                needs: ['shooting-board'],
                making: new ShopMade(3, 60, ['crosscut', 'mark-slope', 'pare']),
            ),
            new ToolKind(
                'mitre-box',
                'mitre box',
                'Slots that guide a back saw at 45° and 90°.',
                'Saw mouldings and small mitres.',
                'Worn slots wander.',
                'block',
                Group::Holding,
                14,
                [
                    Dimension::length('length', 'length', 300, 150, 600),
                    Dimension::length('width', 'width', 100, 40, 250)->asked(),
                ],
                making: new ShopMade(3, 60, ['crosscut', 'mark-slope']),
            ),
            new ToolKind(
                'saw-bench',
                'saw bench',
                'Knee-high trestle.',
                'Rip and crosscut with a handsaw and a knee.',
                'Too high, the arm has no weight.',
                'trestle',
                Group::Holding,
                60,
                [
                    Dimension::length('length', 'length', 800, 400, 1300),
                    Dimension::length('height', 'height', 500, 350, 650),
                ],
                making: new ShopMade(15, 240, ['rip', 'crosscut', 'bore'], least: ShopMade::ROUGH),
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function clamping(): array
    {
        return [
            new ToolKind(
                'bench-vice',
                'vice',
                'Jaws at the bench’s front.',
                'Hold for sawing, jointing and shaping.',
                'Racked jaws let the work drop: put a block on the other side.',
                'vice',
                Group::Holding,
                120,
                [
                    Dimension::length('width', 'jaw width', 200, 80, 600)->asked(),
                    Dimension::length('depth', 'opening', 220, 60, 400)->asked(),
                ],
            ),
            new ToolKind(
                'holdfasts',
                'pair of holdfasts',
                'Iron hooks in bench holes, set with a blow.',
                'Hold anything flat, anywhere on the bench.',
                'In a bench under 50 mm thick they let go.',
                'holdfast',
                Group::Holding,
                70,
                [
                    Dimension::length('depth', 'reach', 150, 80, 250),
                    Dimension::length('length', 'shank', 200, 120, 350),
                ],
                ['mallet'],
            ),
            new ToolKind(
                'hand-screws',
                'pair of hand screws',
                'Two wooden jaws on two screws.',
                'Hold odd shapes without bruises.',
                'Jaws not parallel: the work slips.',
                'hand-screw',
                Group::Holding,
                50,
                [Dimension::length('length', 'jaw length', 250, 100, 400)->asked()],
            ),
            new ToolKind(
                'clamps',
                'pair of bar clamps',
                'Hold a batten, or an assembly while the glue sets.',
                'Glue-ups, and fences for planes.',
                'Too tight they bend the work and squeeze the joint dry.',
                'clamp',
                Group::Holding,
                60,
                [
                    Dimension::length('length', 'opening', 600, 150, 2000)->asked(),
                    Dimension::length('width', 'width', 110, 60, 200),
                ],
                series: [['length' => 600], ['length' => 1000]],
            ),
            new ToolKind(
                'band-clamp',
                'band clamp',
                'A strap with a ratchet.',
                'Frames, mitres and round things.',
                'It pulls a frame out of square: test before the glue sets.',
                'clamp',
                Group::Holding,
                22,
                [
                    Dimension::length('length', 'height', 150, 80, 300),
                    Dimension::length('width', 'width', 120, 60, 300),
                ],
            ),
        ];
    }
}
