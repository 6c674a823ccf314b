<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use OutOfBoundsException;

/**
 * The kinds of tool known so far; common practice throughout.
 *
 * An edge tool needs stones: without a way to sharpen it is not a working tool.
 */
final class ToolKinds
{
    private const STONES = ['sharpening-stones'];

    /** @return array<string, ToolKind> by id, in the order they hang on the board */
    public static function all(): array
    {
        static $kinds = null;

        return $kinds ??= array_column(self::list(), null, 'id');
    }

    /** @throws OutOfBoundsException */
    public static function named(string $id): ToolKind
    {
        return self::all()[$id] ?? throw new OutOfBoundsException("There is no kind of tool called \"$id\".");
    }

    /** @return list<ToolKind> */
    private static function list(): array
    {
        return [...self::planes(), ...self::saws(), ...self::chisels(), ...self::layout(), ...self::holding(), ...self::sharpening()];
    }

    /** @return list<ToolKind> */
    private static function planes(): array
    {
        return [
            new ToolKind('jack-plane', 'jack plane', 'Sole about 350 mm: the one plane to own first.', 'plane', 'Planes', self::STONES),
            new ToolKind('smoothing-plane', 'smoothing plane', 'Short sole, fine mouth: leaves the last surface.', 'plane', 'Planes', self::STONES),
            new ToolKind('rebate-plane', 'rebate plane', 'Iron as wide as the sole; a batten guides it along the edge.', 'wooden-plane', 'Planes', [...self::STONES, 'clamps']),
            new ToolKind('moving-fillister', 'moving fillister', 'Rebate plane with fence, depth stop and nicker.', 'fillister', 'Planes', self::STONES),
            new ToolKind('shoulder-plane', 'shoulder plane', 'Iron the full width of the body: cuts right into a corner.', 'shoulder-plane', 'Planes', self::STONES),
        ];
    }

    /** @return list<ToolKind> */
    private static function saws(): array
    {
        return [
            new ToolKind('dovetail-saw', 'dovetail saw', 'Small back saw with fine rip teeth.', 'back-saw', 'Saws'),
            new ToolKind('carcase-saw', 'carcase saw', 'Back saw with crosscut teeth, for shoulders and ends.', 'back-saw', 'Saws'),
            new ToolKind('coping-saw', 'coping saw', 'Thin blade in a frame: clears waste round corners.', 'coping-saw', 'Saws'),
            new ToolKind('crosscut-handsaw', 'crosscut handsaw', 'Long plate without a back: breaks boards down.', 'handsaw', 'Saws'),
        ];
    }

    /** @return list<ToolKind> */
    private static function chisels(): array
    {
        return [
            new ToolKind('bench-chisel', 'bevel-edge chisel', 'Thin side lands reach into dovetail corners.', 'chisel', 'Chisels', self::STONES),
        ];
    }

    /** @return list<ToolKind> */
    private static function layout(): array
    {
        return [
            new ToolKind('marking-knife', 'marking knife', 'The first layout tool: a line that can be felt.', 'knife', 'Layout', self::STONES),
            new ToolKind('marking-gauge', 'marking gauge', 'Scores a line parallel to an edge.', 'gauge', 'Layout'),
            new ToolKind('try-square', 'try square', 'Marks and tests a right angle.', 'square', 'Layout'),
            new ToolKind('dovetail-template', 'dovetail template', 'Marks the slope of tails, both ways round.', 'template', 'Layout'),
            new ToolKind('sliding-bevel', 'sliding bevel', 'Carries any angle from one piece to another.', 'bevel', 'Layout'),
        ];
    }

    /** @return list<ToolKind> */
    private static function holding(): array
    {
        return [
            new ToolKind('mallet', 'wooden mallet', 'Drives chisels; the first thing to make.', 'mallet', 'Striking and holding'),
            new ToolKind('bench-hook', 'bench hook', 'Holds small work against the saw.', 'bench-hook', 'Striking and holding'),
            new ToolKind('shooting-board', 'shooting board', 'Guides a plane square across an end.', 'shooting-board', 'Striking and holding'),
            new ToolKind('clamps', 'pair of bar clamps', 'Hold a batten, or an assembly while the glue sets.', 'clamp', 'Striking and holding'),
        ];
    }

    /** @return list<ToolKind> */
    private static function sharpening(): array
    {
        return [
            new ToolKind('sharpening-stones', 'sharpening stones', 'Without them no edge tool is a working tool.', 'stone', 'Sharpening'),
            new ToolKind('honing-guide', 'honing guide', 'Holds a blade at one angle on the stone.', 'guide', 'Sharpening'),
        ];
    }
}
