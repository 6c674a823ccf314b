<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Measure;

use JackRest\Core\Measure\UncertaintyBudget;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** JCGM 100: uncorrelated contributions add as squares (5.1.2), and few repeats count for less (G.4). */
final class UncertaintyBudgetTest extends TestCase
{
    /** By hand: 0.3 and 0.4 make 0.5, and 1.96 times that is the expanded uncertainty. */
    public function test_contributions_add_as_squares(): void
    {
        $budget = new UncertaintyBudget(['line' => 0.09, 'reading' => 0.16]);
        self::assertEqualsWithDelta(0.5, $budget->standardMm(), 1e-15);
        self::assertEqualsWithDelta(0.98, $budget->expandedMm(), 1e-4);
        self::assertEqualsWithDelta(
            [0.3, 0.4, 0.0],
            [$budget->partMm('line'), $budget->partMm('reading'), $budget->partMm('hand')],
            1e-15,
        );
    }

    public function test_nothing_known_is_no_uncertainty(): void
    {
        self::assertSame(0.0, (new UncertaintyBudget([]))->expandedMm());
        self::assertSame(0.0, (new UncertaintyBudget(['repeats' => 0.0], ['repeats' => 2]))->expandedMm());
    }

    /** JCGM 100, H.1.6: the calibration of an end gauge, 25, 9.7, 2.9 and 16.6 nm with their degrees of freedom. */
    public function test_the_end_gauge_of_the_guide(): void
    {
        $budget = new UncertaintyBudget(
            [
                'standard' => 25 ** 2,
                'difference' => 9.7 ** 2,
                'expansion' => 2.9 ** 2,
                'temperature' => 16.6 ** 2,
            ],
            ['standard' => 18, 'difference' => 25.6, 'expansion' => 50, 'temperature' => 2],
        );
        self::assertEqualsWithDelta(32, $budget->standardMm(), 0.5);
        self::assertEqualsWithDelta(16.7, $budget->effectiveFreedom(), 0.5);
    }

    /** Alone, n repeats have n − 1 degrees of freedom and the t of table G.2 of JCGM 100. */
    #[TestWith([1, 12.71])]
    #[TestWith([2, 4.30])]
    #[TestWith([4, 2.78])]
    #[TestWith([19, 2.09])]
    public function test_repeats_alone_have_the_t_of_the_table(int $freedom, float $t): void
    {
        $budget = new UncertaintyBudget(['repeats' => 4.0, 'line' => 0.0], ['repeats' => $freedom]);
        self::assertEqualsWithDelta((float) $freedom, $budget->effectiveFreedom(), 1e-12);
        self::assertEqualsWithDelta($t, $budget->coverageFactor(), 0.006);
    }

    /** Whatever it is made of: between the fewest degrees of freedom and infinitely many, in any unit. */
    public function test_the_freedom_lies_between_its_contributions(): void
    {
        $chance = new Randomizer(new Mt19937(16));
        for ($trial = 0; $trial < 200; $trial++) {
            $variances = ['a' => $chance->getInt(1, 400) / 1e4, 'b' => $chance->getInt(1, 400) / 1e4];
            $freedoms = ['a' => $chance->getInt(1, 9), 'b' => $chance->getInt(1, 9)];
            $freedom = (new UncertaintyBudget($variances, $freedoms))->effectiveFreedom();
            self::assertGreaterThanOrEqual(min($freedoms) - 1e-9, $freedom);
            self::assertLessThanOrEqual(array_sum($freedoms) + 1e-9, $freedom);
            $small = array_map(static fn (float $square): float => $square * 1e-200, $variances);
            self::assertEqualsWithDelta(
                $freedom,
                (new UncertaintyBudget($small, $freedoms))->effectiveFreedom(),
                1e-9,
            );
        }
    }

    public function test_one_contribution_is_changed_and_the_others_stay(): void
    {
        $budget = (new UncertaintyBudget(['line' => 0.09], []))->with('repeats', 0.16, 3);
        self::assertSame(['line' => 0.09, 'repeats' => 0.16], $budget->variancesMm2);
        self::assertSame(['repeats' => 3], $budget->freedoms);
        self::assertSame([], $budget->with('repeats', 0.2)->freedoms);
    }

    public function test_what_is_known_from_elsewhere_comes_out_as_it_went_in(): void
    {
        $budget = new UncertaintyBudget(['known square' => UncertaintyBudget::varianceOfExpanded(0.03)]);
        self::assertEqualsWithDelta(0.03, $budget->expandedMm(), 1e-12);
    }
}
