<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\ShadowBoard;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\ShadowBoard\Arrangement;
use JackRest\Core\ShadowBoard\Arranger;
use JackRest\Core\ShadowBoard\BoardTool;
use JackRest\Core\ShadowBoard\Panel;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Mark;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\Print\Trace;
use JackRest\Desk\ShadowBoard\ShadowBoardPrint;
use PHPUnit\Framework\TestCase;

/** A shadow board on paper. */
final class ShadowBoardPrintTest extends TestCase
{
    private static function panel(): Panel
    {
        return new Panel(600, 400, 25);
    }

    private static function arranged(string ...$names): Arrangement
    {
        return Arranger::arrange(
            self::panel(),
            array_values(
                array_map(
                    static fn (string $name, int|string $id): BoardTool => BoardTool::of(
                        new ToolAtHand((string) $id, 'jack-plane', $name),
                    ),
                    $names,
                    array_keys($names),
                ),
            ),
        );
    }

    /** @return list<string> */
    private static function words(Sheet $sheet): array
    {
        return array_values(
            array_filter(
                array_map(static fn (Mark $mark): string => $mark instanceof Text ? $mark->says : '', $sheet->marks),
                static fn (string $says): bool => $says !== '',
            ),
        );
    }

    /** A jack of 355 mm, half the hand's room from both edges of the panel: from 12.5 to 367.5. */
    public function test_the_whole_board_is_drawn_in_its_own_size(): void
    {
        $sheet = ShadowBoardPrint::whole('wall', self::panel(), self::arranged('jack plane'));
        self::assertSame([600.0, 400.0], [$sheet->width, $sheet->height]);
        $across = [];
        foreach ($sheet->marks as $mark) {
            if ($mark instanceof Trace) {
                self::assertSame('tool-0', $mark->of);
                array_push($across, ...array_column($mark->path->points, 0));
            }
        }
        self::assertEqualsWithDelta([12.5, 367.5], [min([INF, ...$across]), max([0.0, ...$across])], 1e-9);
    }

    public function test_each_tool_has_its_name_in_two_lines_at_most(): void
    {
        self::assertSame(
            ['jack plane'],
            self::words(ShadowBoardPrint::whole('wall', self::panel(), self::arranged('jack plane'))),
        );
        $long = self::words(
            ShadowBoardPrint::whole(
                'wall',
                self::panel(),
                self::arranged(str_repeat('plane with a very long name ', 40)),
            ),
        );
        self::assertCount(2, $long);
        self::assertStringEndsWith('…', $long[1]);
    }

    /**
     * 600 mm take four columns of 186, but only what reaches into a sheet is printed, and only down to the lowest tool.
     */
    public function test_sheets_end_where_the_tools_do(): void
    {
        $names = array_map(
            static fn (Tile $tile): string => $tile->name,
            ShadowBoardPrint::tiles('wall', self::panel(), self::arranged('jack plane')),
        );
        self::assertSame(['A1', 'A2'], $names);
    }

    /** All of it lies on the page, with every sheet's name. */
    public function test_the_small_page_shows_how_the_sheets_lie(): void
    {
        $arrangement = self::arranged('one jack', 'another jack');
        $tiles = ShadowBoardPrint::tiles('wall', self::panel(), $arrangement);
        $sheet = ShadowBoardPrint::overview('wall', self::panel(), $arrangement, $tiles);
        foreach ($tiles as $tile) {
            self::assertContains($tile->name, self::words($sheet));
        }
        foreach ($sheet->marks as $mark) {
            if ($mark instanceof Line) {
                self::assertTrue(
                    min($mark->fromX, $mark->toX) >= Sheet::MARGIN_MM - 1e-6 &&
                        max($mark->fromX, $mark->toX) <= Sheet::WIDTH_MM - Sheet::MARGIN_MM + 1e-6 &&
                        max($mark->fromY, $mark->toY) <= Sheet::HEIGHT_MM - Sheet::MARGIN_MM + 1e-6,
                );
            }
        }
    }
}
