<?php

declare(strict_types=1);

namespace App\Upgrade;

use RuntimeException;

/** Files that are there for a moment, and stay when the program is killed in it; the next start takes them away. */
final class LeftOver
{
    /** What the name of a database ends in that is being filled beside the one there is. */
    public const BROUGHT = '.brought';

    private const PASSING = 'framework/passing-';

    /** An empty file for what is sent and then deleted. */
    public static function passing(): string
    {
        $path = @tempnam(storage_path('framework'), basename(self::PASSING));

        return $path === false ? throw new RuntimeException('No file can be made beside the database.') : $path;
    }

    /** Takes them away, unless somebody else is using the database at this moment. */
    public static function sweep(): void
    {
        try {
            UseOfDatabase::ofApplication()->alone(self::remove(...), 0.0);
        } catch (RuntimeException) {
            return;
        }
    }

    private static function remove(): void
    {
        $database = DatabaseFile::ofApplication()->path;
        foreach ([$database.self::BROUGHT.'*', storage_path(self::PASSING.'*'), storage_path('*/*.half')] as $pattern) {
            array_map(unlink(...), array_filter((array) glob($pattern), is_string(...)));
        }
    }
}
