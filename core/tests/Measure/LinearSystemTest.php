<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Measure;

use JackRest\Core\Measure\LinearSystem;
use PHPUnit\Framework\TestCase;

final class LinearSystemTest extends TestCase
{
    /** 2x + y = 5 and x − y = 1: x = 2, y = 1. */
    public function test_two_equations_by_hand(): void
    {
        self::assertEqualsWithDelta([2.0, 1.0], LinearSystem::solve([[2.0, 1.0], [1.0, -1.0]], [5.0, 1.0]), 1e-12);
    }

    public function test_a_nought_on_the_diagonal_is_no_hindrance(): void
    {
        self::assertEqualsWithDelta([3.0, 2.0], LinearSystem::solve([[0.0, 1.0], [1.0, 0.0]], [2.0, 3.0]), 1e-12);
    }

    public function test_what_does_not_determine_its_unknowns_has_no_answer(): void
    {
        self::assertNull(LinearSystem::solve([[1.0, 2.0], [2.0, 4.0]], [3.0, 6.0], 1e-12));
        self::assertNull(LinearSystem::inverse([[1.0, 2.0], [2.0, 4.0]], 1e-12));
    }

    /** [[2, 1], [1, 1]] has the inverse [[1, −1], [−1, 2]]. */
    public function test_an_inverse_by_hand(): void
    {
        self::assertEqualsWithDelta(
            [[1.0, -1.0], [-1.0, 2.0]],
            LinearSystem::inverse([[2.0, 1.0], [1.0, 1.0]], 1e-12),
            1e-12,
        );
    }

    /** Any system of which the answer is known before: it comes back, and the inverse times the matrix is one. */
    public function test_random_systems_give_back_their_unknowns(): void
    {
        mt_srand(7);
        $any = static fn (): float => mt_rand(-900, 900) / 100;
        for ($n = 1; $n < 8; $n++) {
            $matrix = array_map(static fn (): array => array_map($any, range(1, $n)), range(1, $n));
            $unknown = array_map($any, range(1, $n));
            $times = static fn (array $row): float => array_sum(
                array_map(static fn (float $a, float $x): float => $a * $x, $row, $unknown),
            );
            self::assertEqualsWithDelta($unknown, LinearSystem::solve($matrix, array_map($times, $matrix)), 1e-8);
            $inverse = LinearSystem::inverse($matrix, 1e-9);
            self::assertNotNull($inverse);
            self::assertEqualsWithDelta($unknown, array_map(
                static fn (array $row): float => array_sum(
                    array_map(static fn (float $a, float $b): float => $a * $b, $row, array_map($times, $matrix)),
                ),
                $inverse,
            ), 1e-8);
        }
    }

    /** A pivot as small as the least counts as nought, on either side of it. */
    public function test_the_least_pivot(): void
    {
        foreach ([1e-9, -1e-9] as $tiny) {
            self::assertNull(LinearSystem::solve([[$tiny, 0.0], [0.0, 1.0]], [1.0, 1.0], 1e-9));
            self::assertNotNull(LinearSystem::solve([[2 * $tiny, 0.0], [0.0, 1.0]], [1.0, 1.0], 1e-9));
            self::assertNull(LinearSystem::inverse([[1.0, 0.0], [0.0, $tiny]], 1e-9));
            self::assertNotNull(LinearSystem::inverse([[1.0, 0.0], [0.0, 2 * $tiny]], 1e-9));
        }
        self::assertEqualsWithDelta([-0.5], LinearSystem::solve([[-2.0]], [1.0]), 1e-12);
    }
}
