<?php

declare(strict_types=1);

namespace Tests\House;

use JackRest\Core\Catalogue\Catalogue;
use PHPUnit\Framework\TestCase;

/** The page about the calculations names each of them with each of its fields. */
final class CalculationsDocTest extends TestCase
{
    public function test_every_calculation_stands_on_the_page_with_its_fields(): void
    {
        $page = (string) file_get_contents(dirname(__DIR__, 2).'/docs/calculations.md');
        foreach (Catalogue::entries() as $name => $entry) {
            self::assertSame(
                1,
                preg_match_all("/^\\*\\*`$name`\\*\\*(.*)$/m", $page, $found) > 0 ? 1 : 0,
                "$name is not on the page",
            );
            $said = implode(' ', $found[1]);
            // A ladder is described by what it has besides the plan's fields.
            $said .= $name === 'kit-ladder' ? self::lineOf('kit-plan', $page) : '';
            foreach (array_keys($entry->schema()['input']['properties']) as $field) {
                self::assertStringContainsString((string) $field, $said, "$name does not tell of $field");
            }
        }
    }

    private static function lineOf(string $name, string $page): string
    {
        preg_match("/^\\*\\*`$name`\\*\\*(.*)$/m", $page, $found);

        return $found[1] ?? '';
    }
}
