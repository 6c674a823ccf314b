<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Making;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Knots;
use JackRest\Core\Shelf\RestReading;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\Swings;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Core\Shelf\WoodBlank;
use JackRest\Core\Timber\Species;
use JackRest\Desk\Making\Assigned;
use JackRest\Desk\Making\CutList;
use JackRest\Desk\Making\Part;
use PHPUnit\Framework\TestCase;

final class CutListTest extends TestCase
{
    private static function blank(
        string $id,
        float $length,
        float $width = 60,
        float $thickness = 25,
        ?float $runout = 1.0,
    ): WoodBlank {
        $rest = new RestTest([new RestReading(0, 0, 0, 0), new RestReading(7, 0, 0, 0)], 8);

        return new WoodBlank(
            $id,
            $id,
            Species::named('black cherry') ?? self::fail(),
            $length,
            $width,
            $thickness,
            85,
            $runout,
            Figured::Straight,
            Knots::None,
            $rest,
        );
    }

    private static function part(
        string $key,
        float $length,
        float $width = 40,
        float $thickness = 8,
        int $count = 1,
    ): Part {
        return new Part($key, $key, new WantedPiece($length, $width, $thickness), 'hard', $count);
    }

    /**
     * @param  non-empty-list<Part>  $parts
     * @param  list<WoodBlank>  $blanks
     * @param  array<string, string>  $chosen
     */
    private static function list(array $parts, array $blanks, array $chosen = []): CutList
    {
        $thicknesses = array_map(static fn (Part $part): float => $part->wanted->thicknessMm, $parts);
        $swings = Swings::of(new RestLog([]), $thicknesses);

        return CutList::of($parts, $blanks, $chosen, $swings, new LengthFormatter(LengthUnit::Millimetre));
    }

    /** @return array<string, string|null> */
    private static function from(CutList $list): array
    {
        return array_column(
            array_map(
                static fn (Assigned $row): array => ['part' => $row->part->key, 'from' => $row->from?->blank->id],
                $list->rows,
            ),
            'from',
            'part',
        );
    }

    /**
     * A blade of 240 and a stock of 140 with 20 mm on each: 260 + 5 + 160 = 425 mm: one blank of 430 has both, one of
     * 420 not.
     */
    public function test_pieces_follow_each_other_along_a_blank(): void
    {
        $parts = [self::part('stock', 140, 40, 20), self::part('blade', 240)];
        $whole = self::list($parts, [self::blank('one', 430)]);
        self::assertSame(['stock' => 'one', 'blade' => 'one'], self::from($whole));
        self::assertTrue($whole->isWhole());
        self::assertSame(['one' => 430.0], $whole->taken());
        $short = self::list($parts, [self::blank('one', 420)]);
        self::assertSame(['stock' => null, 'blade' => 'one'], self::from($short));
        self::assertFalse($short->isWhole());
    }

    public function test_each_part_gets_the_stillest_blank_that_has_the_length(): void
    {
        $blanks = [self::blank('run out', 900, runout: 5.0), self::blank('still', 280, runout: 0.5)];
        self::assertSame(
            ['stock' => 'run out', 'blade' => 'still'],
            self::from(self::list([self::part('stock', 140, 40, 20), self::part('blade', 240)], $blanks)),
        );
    }

    /** Two stops of 121 mm want 2 · (141 + 5) − 5 = 287 mm. */
    public function test_all_pieces_of_a_part_come_out_of_one_blank(): void
    {
        $stops = self::part('stops', 121, 40, 20, 2);
        self::assertSame(
            ['stops' => 'enough'],
            self::from(self::list([$stops], [self::blank('short', 286), self::blank('enough', 287)])),
        );
        self::assertSame(292.0, CutList::lengthOf($stops));
    }

    /** A blade longer than the blank the user wants it from. */
    public function test_a_chosen_blank_that_will_not_do_says_why(): void
    {
        $parts = [self::part('blade', 240), self::part('stock', 140, 40, 20)];
        $blanks = [self::blank('short', 200), self::blank('long', 900), self::blank('middling', 350)];
        $row = self::list($parts, $blanks, ['blade' => 'short'])->rows[0];
        self::assertTrue($row->isChosen);
        self::assertSame('Too short: it has 200 mm, and with what is planed off 260 mm are wanted.', $row->wrong);
        $both = self::list($parts, $blanks, ['blade' => 'middling', 'stock' => 'middling']);
        self::assertNull($both->rows[0]->wrong);
        self::assertSame('The middling has only 85 mm left; 160 mm are wanted.', $both->rows[1]->wrong);
        self::assertFalse($both->isWhole());
        self::assertSame(
            ['blade' => 'long', 'stock' => 'middling'],
            self::from(self::list($parts, $blanks, ['blade' => 'long', 'stock' => 'middling'])),
        );
    }
}
