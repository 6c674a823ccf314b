<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Print;

use JackRest\Core\Outline\Path;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Mark;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\Print\Tiling;
use JackRest\Desk\Print\Trace;
use JackRest\Desk\Print\Window;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A drawing over several sheets: nothing is lost, doubled or moved. */
final class TilingTest extends TestCase
{
    /**
     * Width of the drawn line by which a test's own lines are known among frames and diamonds.
     */
    private const OWN = 0.77;

    /** @return list<Line> */
    private static function own(Sheet $sheet): array
    {
        return array_values(
            array_filter(
                $sheet->marks,
                static fn (Mark $mark): bool => $mark instanceof Line && $mark->widthMm === self::OWN,
            ),
        );
    }

    /**
     * A line from (−10, 50) to (110, 50) in a window of 100 × 100 keeps its middle 100 mm.
     *
     * @param  list<float>  $line
     * @param  list<float>|null  $kept
     */
    #[TestWith([[-10, 50, 110, 50], [0, 50, 100, 50]])]
    #[TestWith([[50, -10, 50, 40], [50, 0, 50, 40]])]
    #[TestWith([[-50, 0, 50, 100], [0, 50, 50, 100]])]
    #[TestWith([[20, 30, 40, 60], [20, 30, 40, 60]])]
    #[TestWith([[-50, 20, -10, 90], null])]
    #[TestWith([[-50, 60, 60, 170], null])]
    #[TestWith([[-5, 0, -5, 100], null])]
    public function test_a_line_is_cut_at_the_window(array $line, ?array $kept): void
    {
        $clipped = (new Window(0, 0, 100, 100))->clip(new Line(...$line));
        self::assertEquals(
            $kept,
            $clipped === null ? null : [$clipped->fromX, $clipped->fromY, $clipped->toX, $clipped->toY],
        );
    }

    public function test_sheets_lie_edge_to_edge_and_cover_the_drawing(): void
    {
        $width = 2 * Tiling::WIDTH_MM + 1;
        $tiles = Tiling::tiles('A board', $width, 100, [new Line(0, 50, $width, 50)]);
        self::assertSame(['A1', 'A2', 'A3'], array_map(static fn (Tile $tile): string => $tile->name, $tiles));
        self::assertSame(
            [0.0, 186.0, 372.0],
            array_map(static fn (Tile $tile): float => $tile->window->left, $tiles),
        );
    }

    /** Put together again, the parts on all sheets are as long as the lines were, and lie where they lay. */
    public function test_what_is_drawn_is_on_the_sheets_once_and_in_its_place(): void
    {
        $chance = new Randomizer(new Mt19937(3));
        $within = static fn (int $most): float => $chance->getInt(0, $most * 10) / 10;
        $line = static fn (): Line => new Line(
            $within(900),
            $within(700),
            $within(900),
            $within(700),
            self::OWN,
        );
        $lines = array_map($line, range(1, 80));
        $printed = 0.0;
        foreach (Tiling::tiles('A board', 900, 700, $lines) as $tile) {
            foreach (self::own($tile->sheet) as $part) {
                $printed += hypot($part->toX - $part->fromX, $part->toY - $part->fromY);
                foreach ([[$part->fromX, $part->fromY], [$part->toX, $part->toY]] as [$x, $y]) {
                    self::assertTrue(
                        $x >= Sheet::MARGIN_MM - 1e-6 && $x <= Sheet::WIDTH_MM - Sheet::MARGIN_MM + 1e-6,
                    );
                    [$x, $y] = [
                        $x - Sheet::MARGIN_MM + $tile->window->left,
                        $y - Sheet::MARGIN_MM + $tile->window->top,
                    ];
                    self::assertLessThan(
                        1e-6,
                        min(array_map(static fn (Line $line): float => self::distance($line, $x, $y), $lines)),
                    );
                }
            }
        }
        self::assertEqualsWithDelta(
            array_sum(
                array_map(
                    static fn (Line $line): float => hypot($line->toX - $line->fromX, $line->toY - $line->fromY),
                    $lines,
                ),
            ),
            $printed,
            1e-6,
        );
    }

    private static function distance(Line $line, float $x, float $y): float
    {
        [$dx, $dy] = [$line->toX - $line->fromX, $line->toY - $line->fromY];

        return abs($dx * ($y - $line->fromY) - $dy * ($x - $line->fromX)) / max(1e-9, hypot($dx, $dy));
    }

    public function test_a_sheet_with_nothing_on_it_is_left_out(): void
    {
        $names = array_map(
            static fn (Tile $tile): string => $tile->name,
            Tiling::tiles('A board', 500, 500, [new Line(10, 10, 20, 20), new Line(400, 400, 420, 420)]),
        );
        self::assertSame(['A1', 'B3'], $names);
    }

    public function test_every_sheet_has_its_name_its_neighbours_and_the_line_to_check_it_by(): void
    {
        foreach (Tiling::tiles('A board', 300, 400, [new Trace(Path::box(1, 1, 298, 398), 'box')]) as $tile) {
            $words = array_map(
                static fn (Mark $mark): string => $mark instanceof Text ? $mark->says : '',
                $tile->sheet->marks,
            );
            self::assertContains(
                "A board, sheet {$tile->name} of A1 to B2. Cut along the frame; the diamonds meet.",
                $words,
            );
            self::assertCount(2, array_intersect($words, ['A1', 'A2', 'B1', 'B2']));
            self::assertNotSame(
                [],
                array_filter(
                    $tile->sheet->marks,
                    static fn (Mark $mark): bool => $mark instanceof Line &&
                        abs($mark->toX - $mark->fromX - Sheet::CHECK_MM) < 1e-9 &&
                        $mark->fromY === $mark->toY,
                ),
            );
        }
    }

    /** Half of a diamond on either sheet: at the same height beside the same edge of the drawing. */
    public function test_diamonds_meet(): void
    {
        [$left, $right] = Tiling::tiles('A board', 300, 100, [new Line(0, 50, 300, 50)]);
        $diamonds = static fn (Tile $tile): array => array_map(
            static fn (Mark $mark): array => $mark instanceof Line
                ? [round($mark->fromX - Sheet::MARGIN_MM + $tile->window->left, 6), round($mark->fromY, 6)]
                : [],
            array_values(
                array_filter(
                    $tile->sheet->marks,
                    static fn (Mark $mark): bool => $mark instanceof Line && $mark->widthMm === 0.3,
                ),
            ),
        );
        self::assertCount(4, $diamonds($left));
        self::assertEquals($diamonds($left), $diamonds($right));
    }

    #[TestWith([0, 0, 'A1'])]
    #[TestWith([25, 6, 'Z7'])]
    #[TestWith([26, 0, 'AA1'])]
    public function test_sheets_are_named_by_row_and_column(int $row, int $column, string $name): void
    {
        self::assertSame($name, Tile::nameAt($row, $column));
    }

    public function test_a_trace_is_closed_and_keeps_its_holes(): void
    {
        $box = Path::box(0, 0, 10, 10);
        self::assertCount(8, (new Trace($box->without(Path::box(2, 2, 3, 3)), 'x'))->lines());
        self::assertCount(1, (new Trace(Path::open([0, 0], [1, 1]), 'x'))->lines());
    }
}
