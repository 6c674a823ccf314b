<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Care;

use JackRest\Core\Care\CareJob;
use JackRest\Core\Care\CareRound;
use JackRest\Core\Care\Consumable;
use JackRest\Core\Care\Damp;
use JackRest\Core\Care\Stock;
use JackRest\Core\Kit\ToolAtHand;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CareTest extends TestCase
{
    /** @return list<ToolAtHand> */
    private static function kit(): array
    {
        return [
            new ToolAtHand('1', 'jack-plane', 'jack plane'),
            new ToolAtHand('2', 'smoothing-plane', 'smoothing plane'),
            new ToolAtHand('3', 'mallet', 'mallet'),
        ];
    }

    /**
     * @param  array<string, int>  $since
     * @return list<string>
     */
    private static function due(array $since, Damp $damp = Damp::Ordinary, int $here = 300): array
    {
        return array_map(
            static fn (CareRound $round): string => $round->job->value,
            array_values(
                array_filter(
                    CareRound::all(self::kit(), $since, $damp, $here),
                    static fn (CareRound $round): bool => $round->isDue($here),
                ),
            ),
        );
    }

    public function test_each_job_is_for_the_tools_it_is_for(): void
    {
        self::assertCount(2, CareJob::Wax->for(self::kit()));
        self::assertCount(1, CareJob::Handles->for(self::kit()));
        self::assertSame('Wax the soles and plates of 2 tools.', CareJob::Wax->says(2));
    }

    /** Every 14 days in ordinary air, every 7 in a damp shed, every 28 in a dry one. */
    #[TestWith([Damp::Ordinary, 13, false])]
    #[TestWith([Damp::Ordinary, 14, true])]
    #[TestWith([Damp::Damp, 7, true])]
    #[TestWith([Damp::Dry, 27, false])]
    public function test_damp_brings_the_rag_forward(Damp $damp, int $since, bool $due): void
    {
        self::assertSame($due, in_array('wipe', self::due(['wipe' => $since], $damp), true));
    }

    public function test_files_and_rasps_are_brushed_whatever_the_damp(): void
    {
        self::assertCount(
            2,
            CareJob::Brush->for([
                new ToolAtHand('1', 'mill-file', 'mill file'),
                new ToolAtHand('2', 'coarse-rasp', 'coarse rasp'),
                new ToolAtHand('3', 'mallet', 'mallet'),
            ]),
        );
        self::assertSame(
            ['Brush 2 files and rasps clean, along the teeth.', 90.0],
            [CareJob::Brush->says(2), CareJob::Brush->days(Damp::Damp)],
        );
    }

    /** Handles do not rust. */
    public function test_only_rust_goes_by_the_damp(): void
    {
        self::assertSame(CareJob::Handles->days(Damp::Dry), CareJob::Handles->days(Damp::Damp));
    }

    public function test_the_longest_overdue_comes_first_and_a_new_shop_owes_nothing(): void
    {
        self::assertSame('wax', self::due(['wipe' => 20, 'wax' => 400])[0]);
        self::assertSame([], self::due([], here: 3));
        self::assertSame([], CareRound::all([], [], Damp::Ordinary, 300));
    }

    /** Twelve blades, six days each: after 60 days two are left, which is low; after 48 four, which is not. */
    #[TestWith([60, 2.0, true])]
    #[TestWith([48, 4.0, false])]
    #[TestWith([90, 0.0, true])]
    public function test_what_is_left_of_a_dozen_blades(int $used, float $left, bool $low): void
    {
        $stock = new Stock(Consumable::Blades, 12, $used);
        self::assertSame([$left, $low], [$stock->left(), $stock->isLow()]);
    }

    public function test_one_tool_takes_two_minutes_to_wipe(): void
    {
        self::assertSame(2, CareJob::Wipe->minutes(1));
    }

    /** By hand: 0.3 minutes a tool to wipe, at least two; 0.7 to wax; a file takes a minute. */
    public function test_minutes_grow_with_the_tools(): void
    {
        self::assertSame([2, 3, 12], [
            CareJob::Wipe->minutes(6), CareJob::Wipe->minutes(10), CareJob::Wipe->minutes(40),
        ]);
        self::assertSame([28, 20, 12, 2, 40], [
            CareJob::Wax->minutes(40), CareJob::Oil->minutes(40), CareJob::Handles->minutes(40),
            CareJob::Damp->minutes(40), CareJob::Brush->minutes(40),
        ]);
    }

    public function test_a_round_is_for_the_tools_there_are_and_takes_their_minutes(): void
    {
        $rounds = array_column(
            array_map(
                static fn (CareRound $round): array => [$round->job->value, [count($round->tools), $round->minutes()]],
                CareRound::all([...array_fill(0, 9, new ToolAtHand('1', 'jack-plane', 'jack plane'))], [],
                    Damp::Ordinary, 300),
            ),
            1,
            0,
        );
        self::assertSame(['wax', 'wipe', 'oil', 'screws', 'damp'], array_values(array_intersect(
            ['wax', 'wipe', 'oil', 'screws', 'damp', 'brush', 'handles'],
            array_keys($rounds),
        )));
        self::assertSame([9, 7], $rounds['wax']);
        self::assertSame([0, 2], $rounds['damp'], 'the damp is looked for in the shop, whatever hangs there');
        self::assertArrayNotHasKey('brush', $rounds);
    }

    public function test_a_single_tool_that_a_job_is_for_brings_its_round(): void
    {
        $jobs = array_map(
            static fn (CareRound $round): string => $round->job->value,
            CareRound::all([new ToolAtHand('1', 'mill-file', 'mill file')], [], Damp::Ordinary, 300),
        );
        self::assertContains('brush', $jobs);
        self::assertNotContains('wax', $jobs);
    }

    /** By hand: a single tin with a fifth left is low; of ten, two. */
    #[TestWith([1.0, 19, false])]
    #[TestWith([1.0, 20, true])]
    #[TestWith([10.0, 190, false])]
    #[TestWith([10.0, 192, true])]
    #[TestWith([0.5, 6, false])]
    #[TestWith([0.5, 8, true])]
    public function test_a_fifth_is_low(float $bought, int $rounds, bool $low): void
    {
        self::assertSame($low, (new Stock(Consumable::Wax, $bought, $rounds))->isLow());
    }

    /** Common practice, no source: below 50 % dry, up to 65 % ordinary. */
    #[TestWith([49.9, Damp::Dry])]
    #[TestWith([50.0, Damp::Ordinary])]
    #[TestWith([65.0, Damp::Ordinary])]
    #[TestWith([65.1, Damp::Damp])]
    public function test_what_air_is_called(float $pct, Damp $damp): void
    {
        self::assertSame($damp, Damp::of($pct));
    }
}
