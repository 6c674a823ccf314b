<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Print;

use JackRest\Desk\Print\BenchCard;
use JackRest\Desk\Print\CardLine;
use JackRest\Desk\Print\CardList;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;
use PHPUnit\Framework\TestCase;

final class BenchCardTest extends TestCase
{
    /** @return list<CardLine> */
    private static function lines(int $count): array
    {
        return array_map(
            static fn (int $number): CardLine => new CardLine("line number $number", "$number min"),
            range(1, $count),
        );
    }

    /** @return list<string> */
    private static function words(Sheet $sheet): array
    {
        return array_values(
            array_map(
                static fn (Text $text): string => $text->says,
                array_filter($sheet->marks, static fn ($mark): bool => $mark instanceof Text),
            ),
        );
    }

    public function test_every_line_has_a_box_and_its_minutes(): void
    {
        $sheet = BenchCard::sheet('Before the hive bodies', '25 November', [new CardList('To do', self::lines(2))]);
        self::assertSame(
            [
                'Before the hive bodies',
                'Bench card, 25 November',
                'To do',
                'line number 1',
                '1 min',
                'line number 2',
                '2 min',
            ],
            self::words($sheet),
        );
        // Two rules, and four sides to each box.
        self::assertCount(2 + 2 * 4, array_filter($sheet->marks, static fn ($mark): bool => $mark instanceof Line));
    }

    public function test_an_empty_list_is_left_out(): void
    {
        self::assertNotContains(
            'References',
            self::words(
                BenchCard::sheet('x', 'y', [new CardList('References', []), new CardList('Edges', self::lines(1))]),
            ),
        );
    }

    /** Nothing is dropped in silence: what does not fit is counted, and every list gets its place. */
    public function test_what_does_not_fit_is_counted(): void
    {
        $sheet = BenchCard::sheet('x', 'y', [
            new CardList('First', self::lines(80)),
            new CardList('Second', self::lines(80)),
            new CardList('Third', self::lines(3)),
        ]);
        $words = self::words($sheet);
        self::assertContains('Third', $words);
        $left = array_map(
            static fn (string $says): int => preg_match('/^and (\d+) more/', $says, $count) === 1 ? (int) $count[1] : 0,
            $words,
        );
        $shown = count(array_filter($words, static fn (string $says): bool => str_starts_with($says, 'line number')));
        self::assertSame(163, $shown + array_sum($left));
    }

    public function test_all_of_it_lies_on_the_page_and_long_words_are_broken(): void
    {
        $long = implode(' ', array_fill(0, 60, 'shavings'));
        $sheet = BenchCard::sheet('x', 'y', [
            new CardList('First', [new CardLine($long), ...self::lines(40)]),
            new CardList('Second', self::lines(40)),
        ]);
        foreach ($sheet->marks as $mark) {
            if ($mark instanceof Text) {
                self::assertLessThanOrEqual(Sheet::HEIGHT_MM - 10, $mark->y);
                self::assertLessThanOrEqual(
                    Sheet::WIDTH_MM,
                    $mark->x + mb_strlen($mark->says) * $mark->heightMm * 0.5,
                    $mark->says,
                );
            }
        }
    }
}
