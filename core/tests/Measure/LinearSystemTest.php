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
}
