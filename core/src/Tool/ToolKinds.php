<?php

declare(strict_types=1);

namespace JackRest\Core\Tool;

use JackRest\Core\Tool\Kinds\BenchPlaneKinds;
use JackRest\Core\Tool\Kinds\BoringKinds;
use JackRest\Core\Tool\Kinds\ChiselKinds;
use JackRest\Core\Tool\Kinds\HoldingKinds;
use JackRest\Core\Tool\Kinds\JoineryPlaneKinds;
use JackRest\Core\Tool\Kinds\LayoutKinds;
use JackRest\Core\Tool\Kinds\SawKinds;
use JackRest\Core\Tool\Kinds\ShapingKinds;
use JackRest\Core\Tool\Kinds\SharpeningKinds;
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
