<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Kit\Kinds\BenchPlanes;
use JackRest\Core\Kit\Kinds\Boring;
use JackRest\Core\Kit\Kinds\Chisels;
use JackRest\Core\Kit\Kinds\Holding;
use JackRest\Core\Kit\Kinds\JoineryPlanes;
use JackRest\Core\Kit\Kinds\Layout;
use JackRest\Core\Kit\Kinds\Saws;
use JackRest\Core\Kit\Kinds\Shaping;
use JackRest\Core\Kit\Kinds\Sharpening;
use OutOfBoundsException;

/** Every kind of tool known here. A new kind is one entry in the list of its group. */
final class ToolKinds
{
    /** @return array<string, ToolKind> by id, in the order they hang on the board */
    public static function all(): array
    {
        /** @var array<string, ToolKind>|null $kinds */
        static $kinds = null;

        return $kinds ??= array_column([
            ...Sharpening::list(), ...Chisels::list(), ...BenchPlanes::list(), ...JoineryPlanes::list(), ...Saws::list(),
            ...Layout::list(), ...Holding::list(), ...Boring::list(), ...Shaping::list(),
        ], null, 'id');
    }

    /** @throws OutOfBoundsException */
    public static function named(string $id): ToolKind
    {
        return self::all()[$id] ?? throw new OutOfBoundsException("There is no kind of tool called \"$id\".");
    }
}
