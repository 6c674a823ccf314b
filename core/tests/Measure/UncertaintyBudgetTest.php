<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Measure;

use JackRest\Core\Measure\UncertaintyBudget;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** JCGM 100, 5.1.2: uncorrelated contributions add as squares. */
final class UncertaintyBudgetTest extends TestCase
{
    /** By hand: 0.3 and 0.4 make 0.5. */
    public function test_contributions_add_as_squares(): void
    {
        $budget = new UncertaintyBudget(['line' => 0.09, 'reading' => 0.16]);
        self::assertEqualsWithDelta(0.5, $budget->expandedMm(), 1e-15);
        self::assertEqualsWithDelta(
            [0.3, 0.4, 0.0],
            [$budget->partMm('line'), $budget->partMm('reading'), $budget->partMm('hand')],
            1e-15,
        );
        self::assertSame('reading', $budget->largest());
    }

    public function test_nothing_known_is_no_uncertainty(): void
    {
        self::assertSame(
            [0.0, null],
            [(new UncertaintyBudget([]))->expandedMm(), (new UncertaintyBudget(['line' => 0.0]))->largest()],
        );
    }

    /** What a contribution may grow to, put in its place, makes the whole just that much. */
    public function test_the_room_for_a_contribution_fills_the_budget(): void
    {
        $chance = new Randomizer(new Mt19937(16));
        for ($trial = 0; $trial < 200; $trial++) {
            $parts = [
                'line' => $chance->getInt(0, 400) / 1e4,
                'reading' => $chance->getInt(0, 400) / 1e4,
                'repeats' => $chance->getInt(0, 400) / 1e4,
            ];
            $budget = new UncertaintyBudget($parts);
            $allowed = $chance->getInt(1, 600) / 1000;
            $room = $budget->roomFor('line', $allowed);
            if ($room < 0.0) {
                self::assertGreaterThan($allowed, $budget->without('line')->expandedMm());

                continue;
            }
            self::assertEqualsWithDelta(
                $allowed,
                (new UncertaintyBudget([...$parts, 'line' => $room]))->expandedMm(),
                1e-12,
            );
        }
    }
}
