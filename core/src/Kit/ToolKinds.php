<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Kit\Kinds\BenchPlaneKinds;
use JackRest\Core\Kit\Kinds\BoringKinds;
use JackRest\Core\Kit\Kinds\ChiselKinds;
use JackRest\Core\Kit\Kinds\HoldingKinds;
use JackRest\Core\Kit\Kinds\JoineryPlaneKinds;
use JackRest\Core\Kit\Kinds\LayoutKinds;
use JackRest\Core\Kit\Kinds\SawKinds;
use JackRest\Core\Kit\Kinds\ShapingKinds;
use JackRest\Core\Kit\Kinds\SharpeningKinds;
use OutOfBoundsException;

/** Every kind of tool known here. A new kind is one entry in the list of its group. */
final class ToolKinds
{
    /** @return array<string, ToolKind> by id, in the order they hang on the board */
    public static function all(): array
    {
        /** @var array<string, ToolKind>|null $kinds */
        static $kinds = null;

        return $kinds ??= array_column(
            [
                ...SharpeningKinds::list(),
                ...ChiselKinds::list(),
                ...BenchPlaneKinds::list(),
                ...JoineryPlaneKinds::list(),
                ...SawKinds::list(),
                ...LayoutKinds::list(),
                ...HoldingKinds::list(),
                ...BoringKinds::list(),
                ...ShapingKinds::list(),
            ],
            null,
            'id',
        );
    }

    /** @throws OutOfBoundsException */
    public static function named(string $id): ToolKind
    {
        return self::all()[$id] ?? throw new OutOfBoundsException("There is no kind of tool called \"$id\".");
    }
}
