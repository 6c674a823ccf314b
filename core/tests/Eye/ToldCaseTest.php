<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Eye;

use JackRest\Core\Eye\Exercise;
use JackRest\Core\Eye\ToldCase;
use LogicException;
use PHPUnit\Framework\TestCase;

/** What is right is worked out again, by hand. */
final class ToldCaseTest extends TestCase
{
    private const CASES = 200;

    public function test_shavings_are_what_is_too_much_over_what_one_takes(): void
    {
        foreach ($this->cases(Exercise::Shavings) as $case) {
            self::assertEqualsWithDelta($case->facts['off'] / ($case->facts['pack'] / 10), $case->right, 0.5 + 1e-9);
        }
    }

    public function test_turns_are_the_depth_over_the_lead(): void
    {
        foreach ($this->cases(Exercise::Turns) as $case) {
            self::assertEqualsWithDelta($case->facts['depth'] / $case->facts['lead'], $case->right, 0.5 + 1e-9);
        }
    }

    /** Common practice, no source: more to come off, a coarser stone; never a finer one. */
    public function test_more_to_come_off_asks_for_no_finer_stone(): void
    {
        $first = [];
        foreach ($this->cases(Exercise::Stone) as $case) {
            $first["{$case->facts['width']} {$case->facts['land']}"][(int) $case->facts['off']] = $case->right;
        }
        $seen = [];
        foreach ($first as $stones) {
            ksort($stones);
            $coarser = $stones;
            sort($coarser);
            self::assertSame($coarser, array_values($stones));
            $seen = [...$seen, ...$stones];
        }
        self::assertCount(3, array_unique($seen), 'each of them is right somewhere');
    }

    public function test_wrong_answers_are_two_others_and_far_enough_away(): void
    {
        foreach ([Exercise::Shavings, Exercise::Turns, Exercise::Stone] as $exercise) {
            foreach ($this->cases($exercise) as $case) {
                self::assertCount(3, array_unique([$case->right, ...$case->wrong]));
                foreach ($case->wrong as $wrong) {
                    self::assertGreaterThan(0.0, $wrong);
                    self::assertGreaterThanOrEqual(min(2.0, $case->right / 3), abs($wrong - $case->right));
                }
            }
        }
    }

    public function test_what_is_seen_is_not_judged(): void
    {
        self::assertSame(
            ['shavings', 'turns', 'stone'],
            array_values(array_map(
                static fn (Exercise $one): string => $one->value,
                array_filter(Exercise::cases(), static fn (Exercise $one): bool => $one->isJudged()),
            )),
        );
        $this->expectException(LogicException::class);
        ToldCase::of(Exercise::Rule, 1, 1);
    }

    /** @return iterable<ToldCase> */
    private function cases(Exercise $exercise): iterable
    {
        for ($number = 0; $number < self::CASES; $number++) {
            self::assertEquals(ToldCase::of($exercise, 9, $number), ToldCase::of($exercise, 9, $number));
            yield ToldCase::of($exercise, 9, $number);
        }
    }
}
