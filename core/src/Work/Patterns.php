<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Work\Patterns\BoxPatterns;
use JackRest\Core\Work\Patterns\FramePatterns;
use JackRest\Core\Work\Patterns\PanelPatterns;
use OutOfBoundsException;

/** Every kind of work known here. A new one is one entry in the list of its subject. */
final class Patterns
{
    /** @return array<string, Pattern> by id */
    public static function all(): array
    {
        /** @var array<string, Pattern>|null $patterns */
        static $patterns = null;

        return $patterns ??= array_column(
            [...BoxPatterns::list(), ...PanelPatterns::list(), ...FramePatterns::list()],
            null,
            'id',
        );
    }

    /** @throws OutOfBoundsException */
    public static function named(string $id): Pattern
    {
        return self::all()[$id] ?? throw new OutOfBoundsException("There is no kind of work called \"$id\".");
    }
}
