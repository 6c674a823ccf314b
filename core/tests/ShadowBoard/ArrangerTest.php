<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\ShadowBoard;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\Path;
use JackRest\Core\ShadowBoard\Arrangement;
use JackRest\Core\ShadowBoard\Arranger;
use JackRest\Core\ShadowBoard\BoardTool;
use JackRest\Core\ShadowBoard\Crate;
use JackRest\Core\ShadowBoard\Hung;
use JackRest\Core\ShadowBoard\LeftOut;
use JackRest\Core\ShadowBoard\Order;
use JackRest\Core\ShadowBoard\Panel;
use JackRest\Core\ShadowBoard\Shelf;
use JackRest\Core\ShadowBoard\ShelfPacking;
use JackRest\Core\ShadowBoard\SkylinePacking;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Tools on a panel, by kind, with room for the hand. */
final class ArrangerTest extends TestCase
{
    private static function box(string $id, float $width, float $height, Group $group = Group::Chisels): BoardTool
    {
        return new BoardTool($id, "tool $id", $group, new Outline($width, $height, [Path::box(0, 0, $width, $height)]));
    }

    /** @return list<string> where each hangs: id, x, y */
    private static function places(Arrangement $arrangement): array
    {
        return array_map(
            static fn (Hung $hung): string => "{$hung->tool->id} at {$hung->x}, {$hung->y}",
            $arrangement->hung,
        );
    }

    /** Half the hand's room, 10 mm, at the panel's edge; the whole of it, 20 mm, between two tools. */
    public function test_tools_hang_side_by_side_with_room_for_the_hand(): void
    {
        $arrangement = Arranger::arrange(new Panel(300, 200, 20), [
            self::box('a', 30, 100),
            self::box('b', 40, 90),
            self::box('c', 50, 80),
        ]);
        self::assertSame(['a at 10, 10', 'b at 60, 10', 'c at 120, 10'], self::places($arrangement));
        self::assertSame(
            [[], Order::RowsOfTheirOwn, 120.0, 120.0],
            [$arrangement->left, $arrangement->order, $arrangement->usedMm, $arrangement->neededMm],
        );
    }

    /** Two kinds in rows of their own take 120 + 70 = 190 mm; one after another they take a single row of 120. */
    public function test_the_tidiest_order_that_hangs_all_is_taken(): void
    {
        $tools = [self::box('a', 30, 100), self::box('b', 40, 50, Group::Saws)];
        self::assertSame(Order::RowsOfTheirOwn, Arranger::arrange(new Panel(300, 190, 20), $tools)->order);
        $low = Arranger::arrange(new Panel(300, 189, 20), $tools);
        self::assertSame([Order::OneAfterAnother, [], 120.0], [$low->order, $low->left, $low->usedMm]);
    }

    /**
     * In a width of 200: kinds one after another in rows need 120 + 120 + 70 mm, the saws under the chisels 120 + 120.
     */
    public function test_a_kind_may_hang_below_the_one_before(): void
    {
        $tools = [
            self::box('a', 110, 100),
            self::box('b', 110, 100),
            self::box('c', 40, 50, Group::Saws),
            self::box('d', 40, 50, Group::Saws),
        ];
        $arrangement = Arranger::arrange(new Panel(200, 240, 20), $tools);
        self::assertSame([[], Order::SideBySide], [$arrangement->left, $arrangement->order]);
    }

    /** The three low chisels are in the tall saw's way, 310 mm; below both tall tools they need 270. */
    public function test_kinds_are_mixed_only_where_nothing_else_hangs_all(): void
    {
        $tools = [
            self::box('a', 80, 180),
            self::box('b', 80, 20),
            self::box('c', 80, 20),
            self::box('d', 80, 20),
            self::box('e', 80, 170, Group::Saws),
        ];
        $arrangement = Arranger::arrange(new Panel(200, 270, 20), $tools);
        self::assertSame([[], Order::Mixed, 270.0], [$arrangement->left, $arrangement->order, $arrangement->usedMm]);
        self::assertSame(Order::SideBySide, Arranger::arrange(new Panel(200, 310, 20), $tools)->order);
    }

    public function test_what_is_wider_than_the_panel_hangs_turned(): void
    {
        $arrangement = Arranger::arrange(new Panel(200, 1000, 20), [self::box('rule', 900, 30)]);
        self::assertTrue($arrangement->hung[0]->isTurned);
        self::assertSame(
            [30.0, 900.0],
            [$arrangement->hung[0]->outline->width, $arrangement->hung[0]->outline->height],
        );
    }

    public function test_what_does_not_fit_is_named_with_its_reason(): void
    {
        $arrangement = Arranger::arrange(new Panel(200, 130, 20), [
            self::box('large', 400, 300),
            self::box('a', 150, 100),
            self::box('b', 150, 100),
        ]);
        self::assertSame(['a'], array_map(static fn (Hung $hung): string => $hung->tool->id, $arrangement->hung));
        self::assertSame(
            ['large' => true, 'b' => false],
            array_combine(
                array_map(static fn (LeftOut $left): string => $left->tool->id, $arrangement->left),
                array_map(static fn (LeftOut $left): bool => $left->isTooLarge, $arrangement->left),
            ),
        );
        // Two rows of 100 + 20 mm would hang both.
        self::assertSame(240.0, $arrangement->neededMm);
    }

    /** One row of one large tool, or two rows of three small ones each: the height takes either, the six hang. */
    public function test_of_rows_that_do_not_all_fit_those_with_the_most_tools_hang(): void
    {
        $small = array_map(static fn (int $n): BoardTool => self::box("s$n", 40, 80), range(1, 6));
        $arrangement = Arranger::arrange(new Panel(200, 200, 20), [self::box('large', 170, 180), ...$small]);
        self::assertCount(6, $arrangement->hung);
        self::assertSame('large', $arrangement->left[0]->tool->id);
    }

    /** Whoever begins with the smallest, by area, and lays each as far up and left as it goes, hangs no more. */
    public function test_a_board_that_does_not_hold_all_hangs_as_many_as_the_smallest_first(): void
    {
        foreach (self::randomTools(80) as $tools) {
            $panel = new Panel(900, 600, 25);
            usort(
                $tools,
                static fn (BoardTool $one, BoardTool $other): int => self::area([$one]) <=> self::area([$other]),
            );
            $crates = array_values(array_filter(
                array_map(static fn (BoardTool $tool): ?Crate => Crate::fitting($tool, $panel), $tools),
                static fn (?Crate $crate): bool => $crate !== null,
            ));
            $arrangement = Arranger::arrange($panel, $tools);
            self::assertGreaterThanOrEqual(
                count(SkylinePacking::hang($crates, $panel)),
                count($arrangement->hung),
            );
            self::assertApart($arrangement, $panel);
        }
    }

    /** At any size that their kinds allow: what overlaps is not seen when a tool reaches beyond its box. */
    public function test_tools_of_unusual_sizes_hang_apart(): void
    {
        $chance = new Randomizer(new Mt19937(12));
        foreach (ToolKinds::all() as $kind) {
            $sizes = [];
            foreach ($kind->dimensions as $dimension) {
                $any = [$dimension->least, $dimension->most, $dimension->usual];
                $sizes[$dimension->name] = $any[$chance->getInt(0, 2)];
            }
            $tool = BoardTool::of(new ToolAtHand('1', $kind->id, $kind->name, $sizes));
            foreach ([$tool->outline, $tool->outline->turned()] as $outline) {
                $paths = [...$outline->bodies, ...$outline->edges];
                $points = array_merge(...array_map(static fn (Path $path): array => $path->points, $paths));
                [$across, $down] = [array_column($points, 0), array_column($points, 1)];
                self::assertGreaterThanOrEqual(-1e-9, min(...$across, ...$down), $kind->id);
                self::assertLessThanOrEqual($outline->width + 1e-9, max(0, ...$across), $kind->id);
                self::assertLessThanOrEqual($outline->height + 1e-9, max(0, ...$down), $kind->id);
            }
        }
    }

    /** The boxes' area over the width bounds the height from below; nothing overlaps or sticks out. */
    public function test_random_boards_hang_apart(): void
    {
        foreach (self::randomTools(60) as $tools) {
            $panel = new Panel(1000, 100000, 25);
            $arrangement = Arranger::arrange($panel, $tools);
            self::assertSame([], $arrangement->left);
            self::assertGreaterThanOrEqual(self::area($tools) / 1000 - 1e-6, $arrangement->neededMm);
            self::assertApart($arrangement, $panel);
            $low = new Panel(1000, 700, 25);
            self::assertApart(Arranger::arrange($low, $tools), $low);
            // What is said of the height is true: on a panel so high all hang.
            self::assertSame([], Arranger::arrange(new Panel(1000, $arrangement->neededMm, 25), $tools)->left);
        }
    }

    /**
     * Boxes ordered by height on shelves take at most twice their area over the width, and one box more (Coffman,
     * Garey, Johnson and Tarjan 1980, theorem 1).
     */
    public function test_shelves_keep_the_bound_of_their_method(): void
    {
        foreach (self::randomTools(60) as $tools) {
            $panel = new Panel(1000, 100000, 25);
            $crates = ShelfPacking::tallestFirst(
                array_values(
                    array_filter(
                        array_map(static fn (BoardTool $tool): ?Crate => Crate::fitting($tool, $panel), $tools),
                        static fn (?Crate $crate): bool => $crate !== null,
                    ),
                ),
            );
            self::assertCount(count($tools), $crates);
            foreach ([ShelfPacking::firstFit($crates, 1000), ShelfPacking::nextFit($crates, 1000)] as $shelves) {
                $height = array_sum(array_map(static fn (Shelf $shelf): float => $shelf->height(), $shelves));
                self::assertLessThanOrEqual((2 * self::area($tools)) / 1000 + $crates[0]->height, $height);
                self::assertLessThanOrEqual(
                    1000.0,
                    max([0.0, ...array_map(static fn (Shelf $shelf): float => $shelf->width(), $shelves)]),
                );
            }
        }
    }

    /** @return iterable<list<BoardTool>> */
    private static function randomTools(int $trials): iterable
    {
        $chance = new Randomizer(new Mt19937(7));
        for ($trial = 0; $trial < $trials; $trial++) {
            yield array_map(
                static fn (int $n): BoardTool => self::box(
                    (string) $n,
                    $chance->getInt(10, 400),
                    $chance->getInt(10, 400),
                    Group::cases()[$chance->getInt(0, 8)],
                ),
                range(1, $chance->getInt(1, 60)),
            );
        }
    }

    /** @param  list<BoardTool>  $tools */
    private static function area(array $tools): float
    {
        return array_sum(
            array_map(
                static fn (BoardTool $tool): float => ($tool->outline->width + 25) * ($tool->outline->height + 25),
                $tools,
            ),
        );
    }

    private static function assertApart(Arrangement $arrangement, Panel $panel): void
    {
        foreach ($arrangement->hung as $index => $one) {
            self::assertTrue(
                $one->x >= 12.5 - 1e-6 &&
                    $one->x + $one->outline->width <= $panel->width - 12.5 + 1e-6 &&
                    $one->y >= 12.5 - 1e-6 &&
                    $one->y + $one->outline->height <= $panel->height - 12.5 + 1e-6,
            );
            foreach (array_slice($arrangement->hung, $index + 1) as $other) {
                $across =
                    max($one->x, $other->x) - min($one->x + $one->outline->width, $other->x + $other->outline->width);
                $down =
                    max($one->y, $other->y) - min($one->y + $one->outline->height, $other->y + $other->outline->height);
                self::assertGreaterThanOrEqual(
                    25 - 1e-6,
                    max($across, $down),
                    "{$one->tool->id} and {$other->tool->id}",
                );
            }
        }
    }

    public function test_every_kind_of_tool_can_hang_somewhere(): void
    {
        $tools = array_values(
            array_map(
                static fn (ToolKind $kind): BoardTool => BoardTool::of(
                    new ToolAtHand($kind->id, $kind->id, $kind->name),
                ),
                ToolKinds::all(),
            ),
        );
        self::assertSame([], Arranger::arrange(new Panel(2400, 5000, 25), $tools)->left);
        self::assertTrue(BoardTool::hangs('jack-plane'));
        self::assertFalse(BoardTool::hangs('bench-vice'));
    }
}
