<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\EdgeHistory;

use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\TestFound;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\EdgeHistory\EdgeEntryWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EdgeEntryWordsTest extends TestCase
{
    private const AT = '2026-01-01';

    /** @return iterable<string, array{EdgeEntry, string}> */
    public static function entries(): iterable
    {
        yield 'used' => [
            new EdgeEntry(EdgeEntryKind::Used, self::AT, minutes: 25, wood: Hardness::Soft),
            'Used it for 25 minutes in soft wood.',
        ];
        yield 'honed' => [
            new EdgeEntry(EdgeEntryKind::Honed, self::AT, stone: '8000 stone'),
            'Honed it, to the 8000 stone.',
        ];
        yield 'measured' => [
            new EdgeEntry(EdgeEntryKind::Measured, self::AT, deg: 30.5, note: 'after the strop'),
            'Measured it: 30.5°. after the strop',
        ];
        yield 'stropped' => [
            new EdgeEntry(EdgeEntryKind::Stropped, self::AT, strokes: 10),
            'Stropped it, 10 strokes a side.',
        ];
        yield 'touched up' => [
            new EdgeEntry(EdgeEntryKind::TouchedUp, self::AT, stone: '4000 stone'),
            'Touched up it on the 4000 stone.',
        ];
        yield 'tested' => [
            new EdgeEntry(EdgeEntryKind::Tested, self::AT, found: TestFound::cases()[0]),
            'Tested it: '.TestFound::cases()[0]->label().'.',
        ];
        yield 'ground' => [new EdgeEntry(EdgeEntryKind::Ground, self::AT), 'Ground it anew.'];
    }

    #[DataProvider('entries')]
    public function test_entries_read_as_sentences(EdgeEntry $entry, string $says): void
    {
        self::assertSame($says, EdgeEntryWords::sentence($entry, 'it'));
    }
}
