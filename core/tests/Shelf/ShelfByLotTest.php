<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Knots;
use JackRest\Core\Shelf\Purpose;
use JackRest\Core\Shelf\Ranking;
use JackRest\Core\Shelf\RestReading;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\WoodBlank;
use JackRest\Core\Timber\Species;
use JackRest\Core\Timber\WoodMovement;
use JackRest\Core\Timber\WoodMovementInput;
use JackRest\Core\Timber\WoodState;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Shelves drawn by lot: what holds for each order, whatever lies there. */
final class ShelfByLotTest extends TestCase
{
    /** @return list<WoodBlank> */
    private static function shelf(int $seed, int $count): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $species = Species::all();
        $blanks = [];
        for ($number = 0; $number < $count; $number++) {
            $visits = array_slice(
                [new RestReading(0, 0, 0, 0), new RestReading(7, $chance->getInt(0, 4) / 10, 0, 0)],
                0,
                $chance->getInt(0, 2),
            );
            $blanks[] = new WoodBlank(
                (string) $number,
                "blank $number",
                $species[$chance->getInt(0, count($species) - 1)],
                $chance->getInt(100, 1200),
                $chance->getInt(30, 120),
                $chance->getInt(8, 40),
                $chance->getInt(0, 90),
                $chance->getInt(0, 4) === 0 ? null : $chance->getInt(0, 100) / 10,
                Figured::cases()[$chance->getInt(0, 2)],
                Knots::cases()[$chance->getInt(0, 2)],
                new RestTest($visits, 10),
            );
        }

        return $blanks;
    }

    public function test_better_ones_never_stand_behind_worse_ones(): void
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        foreach (range(1, 30) as $seed) {
            $blanks = self::shelf($seed, 40);
            foreach (Purpose::cases() as $purpose) {
                $judged = Ranking::of($blanks, $purpose->usual(), new RestLog([]))->judged;
                self::assertCount(40, $judged);
                foreach (array_slice($judged, 1) as $index => $one) {
                    $before = $judged[$index];
                    self::assertLessThanOrEqual($one->fitness->rank(), $before->fitness->rank());
                    if ($one->fitness === $before->fitness) {
                        self::assertLessThanOrEqual($one->edgeMm + 1.01e-4, $before->edgeMm);
                    }
                }
            }
        }
    }

    /** One reason that rules a blank out is enough, and without one it is not ruled out. */
    public function test_its_fitness_is_that_of_its_worst_reason(): void
    {
        foreach (range(1, 10) as $seed) {
            foreach (
                Ranking::of(
                    self::shelf($seed, 30),
                    Purpose::Stock->usual(),
                    new RestLog([]),
                )->judged as $one
            ) {
                self::assertSame(
                    max(0, ...array_map(static fn ($reason): int => $reason->fitness->rank(), $one->reasons)),
                    $one->fitness->rank(),
                );
            }
        }
    }

    /** What is told of its movement is what the calculation says of the same piece between the same moistures. */
    public function test_its_movement_is_the_calculation_s(): void
    {
        $wanted = Purpose::Straightedge->usual();
        foreach (
            Ranking::of(self::shelf(5, 30), $wanted, new RestLog([]))
                ->judged as $one
        ) {
            $moved = (new WoodMovement())(
                new WoodMovementInput(
                    $one->blank->ringDeg,
                    $wanted->widthMm,
                    new WoodState(11.0),
                    new WoodState(18.0),
                    $one->blank->species->name,
                    grainRunoutDeg: $one->blank->runoutDeg ?? 4.0,
                    lengthMm: $wanted->lengthMm,
                ),
            );
            self::assertEqualsWithDelta(
                [abs($moved->changeMm), abs($moved->edgeErrorMm ?? 0.0)],
                [$one->widthMm, $one->edgeMm],
                1e-12,
            );
        }
    }
}
