<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Kit;

use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\TaskCoverage;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\School\Overrule;
use JackRest\Core\School\School;
use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Task;
use JackRest\Desk\Kit\CoverageWords;
use PHPUnit\Framework\TestCase;

final class CoverageTest extends TestCase
{
    /** @param  array<string, array<string, float>>  $sizes  by kind */
    private static function at(Task $task, array $sizes, ?School $school = null): TaskCoverage
    {
        $tools = array_map(
            static fn (string $kind, array $size): ToolAtHand => new ToolAtHand($kind, $kind, "own $kind", $size),
            array_keys($sizes),
            array_values($sizes),
        );

        return (new Coverage(new ToolsAtHand($tools), $school ?? new School()))->of($task);
    }

    private static function says(TaskCoverage $covered, LengthUnit $unit = LengthUnit::Millimetre): string
    {
        return (new CoverageWords(new LengthFormatter($unit)))->says($covered);
    }

    public function test_an_edge_tool_without_sharpening_does_not_count(): void
    {
        $blunt = self::at(Ask::for('pare'), ['bench-chisel' => []]);
        self::assertNull($blunt->best);
        self::assertSame('The bevel-edge chisel does not count yet: it needs a way to sharpen.', self::says($blunt));
        self::assertTrue(self::at(Ask::for('pare'), ['bench-chisel' => [], 'oilstones' => []])->isEnough());
    }

    /** Right down: irons need a plough, a plough needs stones. */
    public function test_needs_are_followed_right_down(): void
    {
        $tools = new ToolsAtHand([
            new ToolAtHand('1', 'plough-irons', 'irons'),
            new ToolAtHand('2', 'plough-plane', 'plough'),
        ]);
        self::assertSame([], $tools->of('plough-irons'));
        self::assertCount(1, $tools->owned('plough-irons'));
    }

    /** A dovetail saw too shallow for this tenon does not count. */
    public function test_the_users_own_dimensions_decide(): void
    {
        $tenon = Ask::for('saw-tenon-cheek', Facts::of(thickness: 30, depth: 50));
        $shallow = self::at($tenon, ['tenon-saw' => ['depth' => 45.0], 'bench-vice' => []]);

        self::assertFalse($shallow->isEnough());
        self::assertSame(
            'Your own tenon-saw has depth under the back 45 mm, this takes at least 50 mm.',
            self::says($shallow),
        );
        self::assertStringContainsString(
            '1 49/64 in, this takes at least 1 31/32 in',
            self::says($shallow, LengthUnit::Inch),
        );
        self::assertTrue(self::at($tenon, ['tenon-saw' => ['depth' => 50.0], 'bench-vice' => []])->isEnough());
    }

    public function test_the_best_way_is_the_best_graded_then_the_quickest(): void
    {
        $covered = self::at(Ask::for('smooth'), [
            'smoothing-plane' => [],
            'jack-plane' => [],
            'waterstones' => [],
            'planing-stop' => [],
        ]);
        self::assertSame(['own smoothing-plane'], $covered->best?->names());
    }

    public function test_a_school_prefers_among_ways_of_one_grade(): void
    {
        $tools = ['jack-plane' => [], 'fore-plane' => [], 'waterstones' => [], 'planing-stop' => []];
        self::assertSame(
            ['own fore-plane'],
            self::at(Ask::for('flatten'), $tools, new School(['bench-plane' => 'wide-jack']))->best?->names(),
        );
        self::assertSame(['own jack-plane'], self::at(Ask::for('flatten'), $tools)->best?->names());
    }

    /** Two saw walls and a chisel; a plough would take a tenth of the time. */
    public function test_a_slow_way_says_what_would_be_quicker(): void
    {
        $groove = Ask::for('groove', Facts::of(width: 6));
        $slow = self::at($groove, [
            'dovetail-saw' => [],
            'bench-chisel' => ['width' => 6.0],
            'router-plane' => ['iron' => 6.0],
            'waterstones' => [],
        ]);

        self::assertTrue($slow->isEnough());
        self::assertSame(
            'two saw walls and a chisel, floor levelled. Slow: a plough plane would take a tenth of the time',
            self::says($slow),
        );
    }

    public function test_what_a_school_leaves_out_is_not_praised(): void
    {
        $groove = Ask::for('groove', Facts::of(width: 6));
        $tools = [
            'dovetail-saw' => [],
            'bench-chisel' => ['width' => 6.0],
            'router-plane' => ['iron' => 6.0],
            'waterstones' => [],
        ];
        $covered = self::at(
            $groove,
            $tools,
            new School(
                [],
                [
                    'plough-plane' => Overrule::LeaveOut,
                    'plough-irons' => Overrule::LeaveOut,
                    'match-planes' => Overrule::LeaveOut,
                ],
            ),
        );
        self::assertStringContainsString('a combination plane would take', self::says($covered));
    }

    public function test_a_way_not_good_enough_is_told_with_what_it_takes(): void
    {
        $covered = self::at(Ask::for('rebate-along', Facts::of(width: 11)), [
            'bench-chisel' => [],
            'marking-knife' => [],
            'mallet' => [],
            'waterstones' => [],
            'clamps' => [],
        ]);
        self::assertFalse($covered->isEnough());
        self::assertSame(
            'chisel alone: the floor follows the grain; not good enough. It takes a rebate plane.',
            self::says($covered),
        );
    }

    public function test_across_the_grain_a_nicker_is_asked_for(): void
    {
        $covered = self::at(
            Ask::for('rebate-across', Facts::of(width: 11), 4),
            ['moving-fillister' => ['nicker' => 0.0], 'waterstones' => []],
            new School([], ['skew-rebate-plane' => Overrule::LeaveOut]),
        );
        self::assertSame('Your own moving-fillister is without a nicker.', self::says($covered));
    }

    public function test_machines_take_the_rough_work_of_a_hybrid_shop(): void
    {
        $covered = self::at(Ask::for('rip'), [], new School(['purity' => 'hybrid']));
        self::assertTrue($covered->isEnough());
        self::assertSame('left to the machine', self::says($covered));
        self::assertFalse(self::at(Ask::for('rip'), [])->isEnough());
    }

    public function test_amounts_are_written_as_they_are_read(): void
    {
        $words = new CoverageWords(new LengthFormatter(LengthUnit::Millimetre));
        self::assertSame(
            ['45 mm', '0.50 mm', '15 teeth per inch', '12°', 'yes', '3', 'rip'],
            array_map(
                $words->amount(...),
                [45, 0.5, 15, 12, 1, 3, 1],
                [
                    DimensionUnit::Length,
                    DimensionUnit::Thickness,
                    DimensionUnit::TeethPerInch,
                    DimensionUnit::Degrees,
                    DimensionUnit::YesNo,
                    DimensionUnit::Count,
                    DimensionUnit::Teeth,
                ],
            ),
        );
    }
}
