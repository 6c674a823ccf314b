<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Kit\CoverProblem;
use JackRest\Core\Kit\SearchLimit;
use PHPUnit\Framework\TestCase;

/** Three operations of weights 1, 2, 3; tools 0 to 3 of values 10, 20, 30, 5. */
final class CoverProblemTest extends TestCase
{
    private static function problem(): CoverProblem
    {
        return new CoverProblem([10, 20, 30, 5], [1, 2, 3], [[[0]], [[0, 1], [2]], [[2, 3]]]);
    }

    public function test_weight_and_value_by_hand(): void
    {
        $gained = [0 => true, 1 => true];
        self::assertSame([3, 30], [self::problem()->weightServed($gained), self::problem()->valueOf($gained)]);
    }

    /** By hand: 1/10 for tool 0 beats 3/35 for 2 and 3; then tool 1 brings 2 for 20, and 35 no longer fit below 46. */
    public function test_filling_takes_the_most_weight_for_its_value(): void
    {
        self::assertSame([0 => true, 1 => true], self::problem()->filled([], 46, new SearchLimit(9)));
        $all = [0 => true, 1 => true, 2 => true, 3 => true];
        self::assertSame($all, self::problem()->filled([], 66, new SearchLimit(9)));
        self::assertSame([0 => true], self::problem()->filled([], 29, new SearchLimit(9)));
        self::assertSame([], self::problem()->filled([], 10, new SearchLimit(9)));
    }

    public function test_pruning_leaves_out_the_dearest_that_is_not_needed(): void
    {
        $pruned = self::problem()->pruned([0 => true, 1 => true, 2 => true], 3);
        ksort($pruned);
        self::assertSame([0 => true, 1 => true], $pruned);
    }

    public function test_pruning_keeps_what_is_served(): void
    {
        $all = array_fill(0, 4, true);
        self::assertSame(6, self::problem()->weightServed(self::problem()->pruned($all, 6)));
    }
}
