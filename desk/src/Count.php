<?php

declare(strict_types=1);

namespace JackRest\Desk;

/** A number with what it counts: 1 stroke, 2 strokes. */
final class Count
{
    public static function of(int $count, string $one, ?string $many = null): string
    {
        return "$count ".($count === 1 ? $one : $many ?? "{$one}s");
    }
}
