<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Eye;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Eye\Exercise;
use JackRest\Core\Eye\SeenError;
use JackRest\Core\Eye\ShownCase;
use JackRest\Core\Eye\Sight;
use JackRest\Core\Eye\Staircase;
use JackRest\Core\Eye\Trial;
use JackRest\Core\Truing\Instrument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ExerciseTest extends TestCase
{
    /** @return iterable<string, array{Exercise}> those that an eye decides */
    public static function exercises(): iterable
    {
        foreach (array_filter(Exercise::cases(), static fn (Exercise $one): bool => $one->isSeen()) as $exercise) {
            yield $exercise->value => [$exercise];
        }
    }

    /** An arc minute is 0.145 mm at half a metre, and 0.291 mm at a metre (geometry). */
    public function test_angles_are_lengths_on_the_screen(): void
    {
        self::assertEqualsWithDelta(0.14544, (new Sight(500, 4))->mm(1.0), 1e-5);
        self::assertEqualsWithDelta(0.29089, Sight::atHand(1.0, 1000), 1e-5);
        $sight = new Sight(500, 4);
        self::assertEqualsWithDelta(0.2, $sight->mm($sight->finest()) * 4, 1e-9, 'a fifth of a pixel');
        self::assertLessThan($sight->finest(), (new Sight(1000, 4))->finest());
    }

    public function test_a_screen_that_cannot_be_is_refused(): void
    {
        foreach ([[100.0, 4.0], [NAN, 4.0], [500.0, 0.5], [500.0, INF]] as [$distance, $px]) {
            try {
                new Sight($distance, $px);
                self::fail('it was taken');
            } catch (InvalidInput) {
                $this->addToAssertionCount(1);
            }
        }
    }

    #[DataProvider('exercises')]
    public function test_the_same_case_comes_again_and_every_answer_is_right_as_often(Exercise $exercise): void
    {
        $truths = [];
        $shifts = [];
        for ($number = 0; $number < 900; $number++) {
            $case = ShownCase::of($exercise, 77, $number, 1.0);
            self::assertEquals($case, ShownCase::of($exercise, 77, $number, 1.0));
            self::assertContains($case->truth, $exercise->choices());
            $truths[$case->truth] = ($truths[$case->truth] ?? 0) + 1;
            $shifts[] = $case->shift;
            self::assertLessThanOrEqual(1.0, abs($case->shift));
        }
        foreach ($exercise->choices() as $choice) {
            self::assertEqualsWithDelta($exercise->guessed(), ($truths[$choice] ?? 0) / 900, 0.06);
        }
        self::assertEqualsWithDelta(0.0, array_sum($shifts) / 900, 0.08);
        self::assertLessThan(Staircase::SEEN, $exercise->guessed());
    }

    /** Made-up people look at the cases themselves: what is found holds what they see, as often as it says. */
    #[DataProvider('exercises')]
    public function test_whole_runs_find_what_is_seen(Exercise $exercise): void
    {
        $dice = new Randomizer(new Mt19937(31));
        $held = 0;
        for ($person = 0; $person < 150; $person++) {
            $sees = 0.3 * 8 ** ($dice->getInt(0, 1000) / 1000);
            $sight = new Sight(500, 8);
            $stairs = new Staircase($exercise->start(), $sight->finest(), $exercise->coarsest());
            $trials = [];
            for ($number = 0; $number < 72; $number++) {
                $case = ShownCase::of($exercise, $person, $number, $stairs->next($trials));
                // Seen with a chance that is 79.4 % at what they see reliably.
                $clear = 1 / (1 + ($sees / $case->size) ** 3.5 * self::odds($exercise->guessed()));
                $chance = $exercise->guessed() + (0.98 - $exercise->guessed()) * $clear;
                $isRight = $dice->getInt(0, 999_999) / 1e6 < $chance;
                $trials[] = new Trial($case->size, $isRight);
            }
            $seen = SeenError::of($trials, $exercise->guessed()) ?? self::fail('found');
            $held += $seen->low <= $sees && $sees <= $seen->high ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(0.68, $held / 150);
        self::assertLessThanOrEqual(0.92, $held / 150);
    }

    public function test_an_instrument_is_read_no_finer_than_by_that_eye(): void
    {
        self::assertSame(Instrument::Rule, Exercise::Rule->instrument());
        self::assertNull(Exercise::Twist->instrument());
        self::assertSame(0.25, Instrument::Rule->resolutionMm());
        self::assertSame(0.12, Instrument::Rule->resolutionMm(null, ['rule' => 0.12]));
        self::assertSame(0.01, Instrument::Dial->resolutionMm(null, ['rule' => 0.12]));
    }

    /** What the chance of seeing must be against not seeing where 79.4 % of the answers are right. */
    private static function odds(float $guessed): float
    {
        $clear = (Staircase::SEEN - $guessed) / (0.98 - $guessed);

        return (1 - $clear) / $clear;
    }
}
