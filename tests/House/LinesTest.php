<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;

/** A line can be read without scrolling sideways. */
final class LinesTest extends TestCase
{
    private const COLUMNS = 120;

    /** In TypeScript a literal alone may be longer: class names and sentences of JSX are not broken in the middle. */
    private const LITERAL = '/"[^"]*"|\'[^\']*\'|`.*`/';

    public function test_no_line_is_wider_than_the_page(): void
    {
        $root = dirname(__DIR__, 2);
        exec('git -C '.escapeshellarg($root)." ls-files '*.php' '*.ts' '*.tsx'", $files);
        self::assertNotSame([], $files);
        $wide = [];
        foreach (array_filter($files, static fn (string $file): bool => ! str_contains($file, '.gen.')) as $file) {
            foreach ((array) @file("$root/$file", FILE_IGNORE_NEW_LINES) as $number => $line) {
                $literal = str_ends_with($file, '.php') ? '/^$/' : self::LITERAL;
                if (mb_strlen((string) preg_replace($literal, '', (string) $line)) > self::COLUMNS) {
                    $wide[] = $file.':'.($number + 1);
                }
            }
        }
        self::assertSame([], $wide);
    }
}
