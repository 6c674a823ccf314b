<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Judged;
use JackRest\Core\Shelf\Knots;
use JackRest\Core\Shelf\Ranking;
use JackRest\Core\Shelf\RestReading;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Core\Tests\Shelf\SampleBlank;
use JackRest\Desk\Shelf\JudgedWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class JudgedWordsTest extends TestCase
{
    /** @param  array<string, mixed>  $but */
    private static function judged(array $but = []): Judged
    {
        return Ranking::of([SampleBlank::named('it', $but)], new WantedPiece(200, 45, 12), new RestLog([]))->judged[0];
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function reasons(): iterable
    {
        yield 'too short' => [
            ['length' => 210],
            'Too short: it has 210 mm, and with what is planed off 220 mm are wanted.',
        ];
        yield 'too narrow' => [
            ['width' => 49],
            'Too narrow: it has 49 mm, and with what is planed off 50 mm are wanted.',
        ];
        yield 'too thin' => [
            ['thickness' => 14],
            'Too thin: it has 14 mm, and with what is planed off 15 mm are wanted.',
        ];
        yield 'knots in the way' => [
            ['knots' => Knots::InTheWay],
            'Knots would lie in the piece: the grain runs round them.',
        ];
        yield 'knots to cut clear of' => [
            ['knots' => Knots::Clear],
            'Cut it clear of its knots, and of the grain that runs round them.',
        ];
        yield 'wild' => [
            ['figure' => Figured::Wild],
            'Wild figure: every part of it moves its own way.',
        ];
        yield 'slight figure' => [
            ['figure' => Figured::Slight],
            'Some figure: it may move unevenly.',
        ];
        yield 'flatsawn' => [
            ['ring' => 20],
            'Rings at 20°: nearer flatsawn, so it moves more in width and cups.',
        ];
        yield 'not measured' => [
            ['runout' => null],
            'Its run-out was not measured, and is taken as 4°.',
        ];
        yield 'steep' => [
            ['runout' => 8.0],
            'Grain running out by 8°: it turns with the season, and tears when it is planed.',
        ];
        yield 'not rested' => [
            ['rest' => new RestTest([], 1)],
            'Not rested yet: prepare it, measure it, leave it a week.',
        ];
        yield 'moved' => [
            ['rest' => new RestTest([new RestReading(0, 0, 0, 0), new RestReading(7, 0.5, 0, 0)], 8)],
            'It moved by 0.50 mm of bow in 7 days: use another piece.',
        ];
    }

    /** @param  array<string, mixed>  $but */
    #[DataProvider('reasons')]
    public function test_what_decides_is_told(array $but, string $says): void
    {
        $words = new JudgedWords(self::judged($but), new LengthFormatter(LengthUnit::Millimetre));

        self::assertSame($says, $words->first());
    }

    public function test_what_the_year_does_to_it_is_told(): void
    {
        $words = new JudgedWords(self::judged(), new LengthFormatter(LengthUnit::Millimetre));

        self::assertMatchesRegularExpression(
            '/^From [\d.]+ to [\d.]+ % its edge turns by [\d.]+ mm over 200 mm, its width by [\d.]+ mm\.$/',
            $words->moves(),
        );
    }
}
