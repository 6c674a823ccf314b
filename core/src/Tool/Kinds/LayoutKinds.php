<?php

declare(strict_types=1);

namespace JackRest\Core\Tool\Kinds;

use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ShopMade;
use JackRest\Core\Tool\ToolKind;

/** What marks, measures and tests. Common practice; prices invented. */
final class LayoutKinds
{
    private const PLANED = ['crosscut', 'flatten', 'joint-edge', 'mark-square'];

    /** @return list<ToolKind> */
    public static function list(): array
    {
        return [...self::lines(), ...self::angles(), ...self::lengths(), ...self::tests()];
    }

    /** @return list<ToolKind> */
    private static function lines(): array
    {
        return [
            new ToolKind(
                'marking-knife',
                'marking knife',
                'The first layout tool: a line that can be felt.',
                'Knife lines across the grain, and from part to part.',
                'The bevel goes to the waste side, the flat to the square.',
                'knife',
                Group::Layout,
                18,
                [
                    Dimension::length('length', 'length', 170, 80, 250),
                    Dimension::length('width', 'blade width', 15, 3, 30)->asked(),
                ],
                [Need::Hone],
            ),
            new ToolKind(
                'pencil',
                'hard pencil',
                'A sharp line 0.3 to 0.5 mm wide.',
                'Rough lines, and lines to be planed away.',
                'Blunt, its line is wider than the fit.',
                'knife',
                Group::Layout,
                2,
                [Dimension::length('length', 'length', 175, 60, 200), Dimension::length('width', 'width', 7, 4, 15)],
                runningPerYear: 2,
            ),
            new ToolKind(
                'marking-gauge',
                'marking gauge, pin',
                'A pin scores a line parallel to an edge.',
                'Thickness, baselines and rebates along the grain.',
                'Across the grain a pin scratches: file it to a knife.',
                'gauge',
                Group::Layout,
                22,
                self::gauge(220, 180),
                making: new ShopMade(4, 150, ['bore', 'chop-mortise', 'crosscut']),
            ),
            new ToolKind(
                'cutting-gauge',
                'cutting gauge, blade',
                'A small knife instead of a pin; the longer fence runs steadier.',
                'Clean lines across the grain, and thin strips.',
                'The blade follows the grain unless its bevel faces the fence.',
                'gauge',
                Group::Layout,
                35,
                self::gauge(220, 180),
            ),
            new ToolKind(
                'wheel-gauge',
                'wheel gauge',
                'A bevelled wheel on a rod.',
                'Fine lines along and across; quick to set.',
                'A nicked wheel leaves two lines.',
                'gauge',
                Group::Layout,
                40,
                self::gauge(200, 160),
            ),
            new ToolKind(
                'mortise-gauge',
                'mortise gauge',
                'Two points, set straight from the chisel.',
                'Both lines of a mortise and its tenon at one setting.',
                'A rod that slips makes the tenon loose.',
                'gauge',
                Group::Layout,
                45,
                self::gauge(220, 180),
            ),
            new ToolKind(
                'panel-gauge',
                'panel gauge',
                'A long-reaching gauge with a deep fence.',
                'Width lines on boards and panels.',
                'A fence that rocks draws a curve.',
                'panel-gauge',
                Group::Layout,
                40,
                [
                    Dimension::length('reach', 'reach', 450, 200, 900)->asked(),
                    Dimension::length('length', 'length', 520, 250, 1000),
                ],
                making: new ShopMade(6, 180, self::PLANED),
            ),
            new ToolKind(
                'dividers',
                'dividers',
                'Two points that keep a distance.',
                'Step off tails, spaces and circles without numbers.',
                'Loose at the joint they creep from step to step.',
                'dividers',
                Group::Layout,
                16,
                [Dimension::length('length', 'leg length', 150, 60, 300)->asked()],
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function angles(): array
    {
        return [
            new ToolKind(
                'try-square',
                'try square',
                'Marks and tests a right angle.',
                'Lines across faces and edges; tests corners and edges.',
                'A drop moves it: test it again by turning it over.',
                'square',
                Group::Layout,
                30,
                [
                    Dimension::length('blade', 'blade length', 200, 60, 400)->asked(),
                    Dimension::length('stock', 'stock length', 150, 40, 300)->asked(),
                    Dimension::length('bladeWidth', 'blade width', 42, 10, 80),
                    Dimension::length('stockWidth', 'stock width', 42, 10, 80),
                ],
                series: [
                    ['blade' => 250, 'stock' => 170],
                    ['blade' => 100, 'stock' => 70, 'bladeWidth' => 25, 'stockWidth' => 25],
                ],
                making: new ShopMade(5, 153, [...self::PLANED, 'saw-tenon-cheek', 'pare']),
            ),
            new ToolKind(
                'large-square',
                'large square',
                'Blade of 400 mm or more.',
                'Panels, carcases, long shoulders.',
                'The longer the blade the more a small error shows.',
                'square',
                Group::Layout,
                40,
                [
                    Dimension::length('blade', 'blade length', 450, 300, 900)->asked(),
                    Dimension::length('stock', 'stock length', 280, 100, 600)->asked(),
                    Dimension::length('bladeWidth', 'blade width', 50, 20, 90),
                    Dimension::length('stockWidth', 'stock width', 45, 10, 80),
                ],
                making: new ShopMade(9, 153, [...self::PLANED, 'saw-tenon-cheek', 'pare']),
            ),
            new ToolKind(
                'sliding-bevel',
                'sliding bevel',
                'Carries any angle from one piece to another.',
                'Slopes, splayed legs, dovetails set from a drawing.',
                'A worn nut lets the angle slip.',
                'bevel',
                Group::Layout,
                28,
                [
                    Dimension::length('length', 'blade length', 190, 80, 350)->asked(),
                    Dimension::length('width', 'stock length', 130, 60, 250),
                ],
            ),
            new ToolKind(
                'dovetail-template',
                'dovetail template',
                'Marks the slope of tails, both ways round.',
                'The same slope on every joint.',
                'Small errors stack from joint to joint.',
                'template',
                Group::Layout,
                20,
                [
                    Dimension::degrees('slope', 'slope', 8.1, 4, 16)->asked(),
                    Dimension::length('length', 'length', 75, 30, 200),
                    Dimension::length('width', 'width', 45, 20, 120),
                ],
                making: new ShopMade(2, 106, ['crosscut', 'pare', 'mark-square']),
            ),
            new ToolKind(
                'mitre-square',
                'mitre square',
                'A fixed 45°.',
                'Mark and test mitres.',
                'Half a degree opens a frame’s corner.',
                'bevel',
                Group::Layout,
                35,
                [
                    Dimension::length('length', 'blade length', 200, 80, 350)->asked(),
                    Dimension::length('width', 'stock length', 150, 60, 250),
                ],
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function lengths(): array
    {
        return [
            new ToolKind(
                'steel-rule',
                'steel rule',
                'A graduated rule, 300 mm.',
                'Sizes to half a millimetre, and setting gauges.',
                'Read it on edge: its thickness shifts the line.',
                'rule',
                Group::Layout,
                14,
                [
                    Dimension::length('length', 'length', 300, 100, 1000)->asked(),
                    Dimension::length('width', 'width', 25, 10, 40),
                ],
            ),
            new ToolKind(
                'hook-rule',
                'hook rule',
                'A rule whose hook registers the end itself.',
                'Measure from an edge without seeing it.',
                'A bent hook shifts every reading.',
                'rule',
                Group::Layout,
                20,
                [
                    Dimension::length('length', 'length', 150, 100, 600)->asked(),
                    Dimension::length('width', 'width', 20, 10, 40),
                ],
            ),
            new ToolKind(
                'stop-rule',
                'rule with a sliding stop',
                'Carries one setting to many parts.',
                'The same distance again and again.',
                'A stop not tightened creeps.',
                'rule',
                Group::Layout,
                24,
                [
                    Dimension::length('length', 'length', 300, 100, 600)->asked(),
                    Dimension::length('width', 'width', 25, 10, 40),
                ],
            ),
            new ToolKind(
                'folding-rule',
                'folding rule or tape',
                'Two metres in the pocket.',
                'Break boards down, measure openings.',
                'Worn joints and hooks lose half a millimetre.',
                'rule',
                Group::Layout,
                12,
                [Dimension::length('length', 'length', 240, 150, 300), Dimension::length('width', 'width', 35, 10, 60)],
            ),
            new ToolKind(
                'story-stick',
                'story stick',
                'A strip with every size of the work knifed on it.',
                'Repeat lengths without numbers.',
                'One wrong knife line is wrong everywhere.',
                'rule',
                Group::Layout,
                2,
                [
                    Dimension::length('length', 'length', 600, 200, 2500),
                    Dimension::length('width', 'width', 25, 10, 60),
                ],
                making: new ShopMade(1, 15, ['crosscut'], least: ShopMade::ROUGH),
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function tests(): array
    {
        return [
            new ToolKind(
                'straightedge',
                'straightedge',
                'One true edge, the other shaped so nobody mistakes it.',
                'Test faces and edges, extend a small square.',
                'Season moves it: turn it over and look.',
                'straightedge',
                Group::Layout,
                35,
                [
                    Dimension::length('length', 'length', 900, 300, 2000)->asked(),
                    Dimension::length('width', 'width', 50, 20, 100),
                ],
                making: new ShopMade(6, 143, ['crosscut', 'flatten', 'joint-edge']),
            ),
            new ToolKind(
                'winding-sticks',
                'pair of winding sticks',
                'Two parallel straight sticks, one with a contrasting top.',
                'Show twist, enlarged by their length.',
                'Turn one end for end: half of what changes is its own error.',
                'sticks',
                Group::Layout,
                30,
                [
                    Dimension::length('length', 'length', 450, 200, 900)->asked(),
                    Dimension::length('width', 'height', 45, 20, 80),
                ],
                making: new ShopMade(6, 157, ['crosscut', 'flatten', 'joint-edge', 'rip']),
            ),
            new ToolKind(
                'feelers',
                'feeler gauges',
                'Leaves of known thickness.',
                'Read a gap under an edge to a few hundredths.',
                'Oily leaves stick together and read thick.',
                'rule',
                Group::Layout,
                10,
                [Dimension::length('length', 'length', 100, 50, 200), Dimension::length('width', 'width', 14, 8, 20)],
            ),
        ];
    }

    /** @return list<Dimension> */
    private static function gauge(float $lengthMm, float $reachMm): array
    {
        return [
            Dimension::length('reach', 'reach', $reachMm, 50, 300)->asked(),
            Dimension::length('length', 'length', $lengthMm, 100, 350),
            Dimension::length('width', 'fence', 65, 30, 100),
        ];
    }
}
