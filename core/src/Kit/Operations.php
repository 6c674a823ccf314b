<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use OutOfBoundsException;

/** The operations known so far and the ways to do them; common practice throughout, grades from memory. */
final class Operations
{
    /** @return array<string, Operation> by id */
    public static function all(): array
    {
        static $operations = null;

        return $operations ??= array_column([...self::preparing(), ...self::marking(), ...self::joining()], null, 'id');
    }

    /** @throws OutOfBoundsException */
    public static function named(string $id): Operation
    {
        return self::all()[$id] ?? throw new OutOfBoundsException("There is no operation called \"$id\".");
    }

    /** @return list<Operation> */
    private static function preparing(): array
    {
        return [
            new Operation('crosscut', 'crosscut to length', [
                new Way(['carcase-saw', 'bench-hook'], 4, 'held against the hook, sawn to the knife line'),
                new Way(['crosscut-handsaw'], 3, 'quick on long boards, ends want shooting'),
            ]),
            new Operation('flatten', 'flatten a face', [
                new Way(['jack-plane'], 4, 'across, then along, until it takes a full shaving'),
                new Way(['smoothing-plane'], 2, 'the short sole follows hollows'),
            ]),
            new Operation('shoot-end', 'shoot an end', [
                new Way(['jack-plane', 'shooting-board'], 5, 'the board keeps it square'),
                new Way(['jack-plane', 'try-square', 'clamps'], 3, 'freehand against a clamped block, tested often'),
            ]),
            new Operation('smooth', 'smooth a surface', [
                new Way(['smoothing-plane'], 5, 'the last surface straight from the iron'),
                new Way(['jack-plane'], 3, 'set fine; leaves faint tracks'),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function marking(): array
    {
        return [
            new Operation('mark-square', 'mark a line square', [
                new Way(['try-square', 'marking-knife'], 5, 'a knifed line the saw can drop into'),
            ]),
            new Operation('mark-parallel', 'mark parallel to an edge', [
                new Way(['marking-gauge'], 5, 'set once, scored all round'),
            ]),
            new Operation('mark-slope', 'mark a slope', [
                new Way(['dovetail-template', 'marking-knife'], 5, 'the same slope every time'),
                new Way(['sliding-bevel', 'marking-knife'], 4, 'any slope, set from a drawing'),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function joining(): array
    {
        return [
            new Operation('saw-dovetail', 'saw dovetails to the line', [
                new Way(['dovetail-saw'], 5, 'fine rip teeth leave the line'),
                new Way(['carcase-saw'], 2, 'crosscut teeth wander along the grain'),
            ]),
            new Operation('clear-waste', 'clear waste between saw cuts', [
                new Way(['coping-saw', 'bench-chisel'], 4, 'sawn out, then chopped to the line'),
                new Way(['bench-chisel', 'mallet'], 3, 'chopped from both faces; slower'),
            ]),
            new Operation('pare', 'pare to the line', [
                new Way(['bench-chisel'], 4, 'by hand, in thin slices'),
            ]),
            new Operation('rebate-along', 'rebate along the grain', [
                new Way(['moving-fillister'], 5, 'fence and stop: the same rebate on every board'),
                new Way(['rebate-plane'], 4, 'against a clamped batten, down to a gauged line'),
                new Way(['shoulder-plane', 'bench-chisel', 'marking-knife'], 3, 'knifed wall, chopped out, trimmed with the shoulder plane'),
                new Way(['bench-chisel', 'marking-knife', 'mallet'], 1, 'chisel alone: the floor follows the grain'),
            ]),
            new Operation('assemble', 'clamp and assemble', [
                new Way(['clamps', 'mallet'], 4, 'tapped home over a block, clamped while the glue sets'),
            ]),
        ];
    }
}
