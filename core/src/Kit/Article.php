<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** Puts “a” or “an” before a tool's name where it takes one. */
final class Article
{
    private const WITHOUT = [
        'waterstones',
        'oilstones',
        'diamond plates',
        'abrasive paper on glass',
        'feeler gauges',
        'dividers',
        'triangular saw files',
        'screwdriver bits for the brace',
        'strop and compound',
    ];

    public static function with(string $name): string
    {
        return match (true) {
            in_array($name, self::WITHOUT, true) => $name,
            preg_match('/^[aeiou]/', $name) === 1 => "an $name",
            default => "a $name",
        };
    }
}
