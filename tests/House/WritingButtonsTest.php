<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;

/** A button that records something says so ("writes"), so that whoever may only look at a bench does not see it. */
final class WritingButtonsTest extends TestCase
{
    private const SOURCE = __DIR__.'/../../web/src';

    /** What concerns the person or another bench, not the records of this one. */
    private const OF_ONESELF = '~places/door/|people/Account|(enter|pair|through|end|bring|ask)\.mutate'
        .'|takeBack\.mutate\(bench\)~';

    public function test_every_button_that_changes_something_says_that_it_writes(): void
    {
        $silent = [];
        $all = 0;
        foreach (self::files() as $name => $text) {
            foreach (self::buttons($text) as $button) {
                if (! str_contains($button, '.mutate(') || preg_match(self::OF_ONESELF, $name.$button) === 1) {
                    continue;
                }
                $all++;
                if (preg_match('/\swrites\b/', $button) === 0) {
                    $silent[] = "$name: $button";
                }
            }
        }
        self::assertSame([], $silent);
        self::assertGreaterThan(60, $all);
    }

    /** @return iterable<string, string> */
    private static function files(): iterable
    {
        $folder = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::SOURCE));
        foreach ($folder as $file) {
            if ($file instanceof \SplFileInfo && str_ends_with($file->getFilename(), '.tsx')) {
                $path = $file->getPathname();
                yield substr($path, strlen(self::SOURCE)) => (string) file_get_contents($path);
            }
        }
    }

    /** @return list<string> opening tags: to the first > that is neither in braces nor of an arrow */
    private static function buttons(string $text): array
    {
        $tags = [];
        preg_match_all('/<Button\b/', $text, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [, $begin]) {
            $end = $begin;
            for ($depth = 0; $text[$end] !== '>' || $depth > 0; $end++) {
                $depth += ['{' => 1, '}' => -1][$text[$end]] ?? 0;
            }
            $tags[] = (string) preg_replace('/\s+/', ' ', substr($text, $begin, $end - $begin + 1));
        }

        return $tags;
    }
}
