<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Rooms lie above each other: whoever reads one need not read those that build on it. */
final class CirclesTest extends TestCase
{
    #[TestWith(['core/src', 'JackRest\Core'])]
    #[TestWith(['desk/src', 'JackRest\Desk'])]
    #[TestWith(['app', 'App'])]
    public function test_no_room_imports_one_that_imports_it(string $folder, string $namespace): void
    {
        $imports = self::imports(dirname(__DIR__, 2)."/$folder", $namespace);
        self::assertGreaterThan(10, count($imports));
        // Taken away one by one, those that import none of the rest: what stays stands in a circle.
        while (($free = array_filter($imports, static fn (array $rooms): bool => $rooms === [])) !== []) {
            $imports = array_map(
                static fn (array $rooms): array => array_diff_key($rooms, $free),
                array_diff_key($imports, $free),
            );
        }
        self::assertSame([], array_map(array_keys(...), $imports));
    }

    /** @return array<string, array<string, true>> the rooms that a room imports, by room */
    private static function imports(string $folder, string $namespace): array
    {
        $rooms = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder)) as $file) {
            $path = explode('/', substr($file->getPathname(), strlen($folder) + 1));
            if ($file->getExtension() !== 'php' || count($path) < 2) {
                continue;
            }
            $room = $path[0];
            $rooms[$room] ??= [];
            $pattern = '/^use '.preg_quote($namespace, '/').'\\\\(\w+)\\\\/m';
            preg_match_all($pattern, (string) file_get_contents($file->getPathname()), $used);
            foreach (array_diff($used[1], [$room]) as $other) {
                $rooms[$room][$other] = true;
            }
        }

        return $rooms;
    }
}
