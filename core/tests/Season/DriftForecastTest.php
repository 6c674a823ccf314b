<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Season;

use JackRest\Core\Season\DriftForecast;
use JackRest\Core\Season\ForecastScore;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Season\PredictedError;
use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Season\TestedWood;
use JackRest\Core\Timber\Species;
use JackRest\Core\Timber\WoodMovement;
use JackRest\Core\Timber\WoodMovementInput;
use JackRest\Core\Timber\WoodState;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class DriftForecastTest extends TestCase
{
    private static function tested(
        float $day,
        float $error,
        float $moisture,
        bool $corrected = false,
        float $uncertainty = 0.04,
        ?Verdict $verdict = null,
    ): TestedWood {
        return new TestedWood(
            new Tested(
                $day,
                $error,
                $uncertainty,
                $verdict ?? (abs($error) > 0.1 ? Verdict::Outside : Verdict::Within),
                $corrected,
            ),
            $moisture,
        );
    }

    private static function beech(): ReferenceWood
    {
        return new ReferenceWood(self::species('American beech'), 90, 2, 12);
    }

    private static function species(string $name): Species
    {
        return Species::named($name) ?? self::fail($name);
    }

    /** Beech, quartersawn: C = 0.00190 for each per cent; · sin 2° cos 2° = 0.0349 · 2 · 200 mm = 0.0266 mm. */
    public function test_what_a_square_owes_to_its_wood(): void
    {
        self::assertEqualsWithDelta(0.0266, MoistureResponse::Square->mmPerPct(self::beech(), 200), 2e-4);
        // The same by the calculation, which has it in degrees.
        $moved = (new WoodMovement())(
            new WoodMovementInput(90, 40, new WoodState(9.0), new WoodState(10.0), 'American beech', grainRunoutDeg: 2),
        );
        self::assertEqualsWithDelta(
            deg2rad($moved->squareChangeDeg) * 200,
            MoistureResponse::Square->mmPerPct(self::beech(), 200),
            1e-12,
        );
        self::assertEqualsWithDelta((0.0133 * 450) / 200, MoistureResponse::Sticks->mmPerPct(self::beech(), 450), 3e-4);
    }

    /** An arc that turns by θ over its length L sags by L·θ/8. */
    public function test_a_straightedge_bows_as_an_arc(): void
    {
        $turn = self::beech()->turnPerPct();
        $radius = 900 / $turn;
        self::assertEqualsWithDelta(
            $radius * (1 - cos($turn / 2)),
            MoistureResponse::Straight->mmPerPct(self::beech(), 900),
            1e-9,
        );
    }

    public function test_one_test_tells_its_size_but_not_its_side(): void
    {
        $predicted = (new DriftForecast(0.03, 0.1))->on([self::tested(1, 0.02, 11)], 15);
        self::assertNotNull($predicted);
        self::assertEqualsWithDelta(0.02, $predicted->errorMm, 1e-12);
        self::assertEqualsWithDelta(sqrt((0.04 / 1.96) ** 2 + (4 * 0.03) ** 2), $predicted->deviationMm, 1e-6);
        self::assertFalse($predicted->isLearnt);
    }

    public function test_its_own_tests_teach_it_the_side(): void
    {
        $tests = array_map(
            static fn (int $step): TestedWood => self::tested($step, 0.05 - 0.03 * ($step - 2), 10 + $step),
            range(0, 4),
        );
        $predicted = (new DriftForecast(0.03, 0.1))->on($tests, 18);
        self::assertNotNull($predicted);
        self::assertTrue($predicted->isLearnt && $predicted->isClaim());
        self::assertEqualsWithDelta(-0.03, $predicted->mmPerPct, 0.003);
        self::assertLessThan(-0.1, $predicted->errorMm);
        self::assertGreaterThan(0.0, $predicted->beyondMm());
    }

    public function test_after_a_correction_it_is_silent_until_it_is_tested_and_keeps_what_it_learnt(): void
    {
        $tests = [self::tested(0, 0.02, 10), self::tested(1, 0.11, 13), self::tested(2, 0.14, 14, corrected: true)];
        self::assertNull((new DriftForecast(0.03, 0.1))->on($tests, 14));
        $predicted = (new DriftForecast(0.03, 0.1))->on([...$tests, self::tested(2.1, 0.0, 14)], 10);
        self::assertNotNull($predicted);
        self::assertEqualsWithDelta(-0.12, $predicted->errorMm, 0.02);
    }

    /** The same by adding up the posterior on a grid of slope and height, by no formula of the class. */
    public function test_it_agrees_with_adding_up_every_possibility(): void
    {
        $tests = [
            self::tested(0, 0.02, 10.0),
            self::tested(1, 0.06, 11.5, uncertainty: 0.06),
            self::tested(2, 0.05, 12.1),
        ];
        $predicted = (new DriftForecast(0.03, 0.1))->on($tests, 13.4);
        [$sum, $first, $second] = [0.0, 0.0, 0.0];
        for ($slope = -0.2; $slope <= 0.2; $slope += 0.001) {
            for ($height = -0.4; $height <= 0.4; $height += 0.002) {
                $log = -($slope / 0.03) ** 2 / 2;
                foreach ($tests as $tested) {
                    $log -=
                        (($tested->test->errorMm - $height - $slope * ($tested->mcPct - 11)) /
                            ($tested->test->uncertaintyMm / 1.96)) **
                            2 /
                        2;
                }
                $error = $height + $slope * (13.4 - 11);
                $sum += exp($log);
                $first += exp($log) * $error;
                $second += exp($log) * $error ** 2;
            }
        }
        self::assertNotNull($predicted);
        self::assertEqualsWithDelta($first / $sum, $predicted->errorMm, 1e-4);
        self::assertEqualsWithDelta(sqrt($second / $sum - ($first / $sum) ** 2), $predicted->deviationMm, 1e-4);
    }

    /** Made-up references whose truth is known: of those of which a chance is told, so many have moved. */
    public function test_its_chances_come_true_as_often_as_they_say(): void
    {
        $chance = new Randomizer(new Mt19937(26));
        $float = static fn (float $from, float $to): float => $from +
            (($to - $from) * $chance->getInt(1, 1_000_000_000)) / 1e9;
        $normal = static fn (): float => sqrt(-2 * log($float(0, 1))) * cos(2 * M_PI * $float(0, 1));
        $told = [];
        for ($reference = 0; $reference < 3000; $reference++) {
            [$slope, $height] = [0.03 * $normal(), $float(-0.6, 0.6)];
            $error = static fn (float $moisture): float => $height + $slope * ($moisture - 12);
            $tests = [];
            for ($test = 0; $test < $chance->getInt(1, 5); $test++) {
                $moisture = $float(9, 16);
                $tests[] = self::tested($test, $error($moisture) + 0.02 * $normal(), $moisture);
            }
            $now = $float(9, 16);
            $predicted = (new DriftForecast(0.03, 0.1))->on($tests, $now);
            $told[(int) floor(5 * min(0.999, $predicted?->chance() ?? 0.0))][] = [
                $predicted?->chance() ?? 0.0,
                abs($error($now)) > 0.1 ? 1.0 : 0.0,
            ];
        }
        self::assertCount(5, $told);
        foreach ($told as $group) {
            $mean = static fn (int $column): float => array_sum(array_column($group, $column)) / count($group);
            self::assertEqualsWithDelta(
                $mean(0),
                $mean(1),
                3.5 * sqrt(0.25 / count($group)),
                count($group).' told about '.$mean(0),
            );
        }
    }

    public function test_what_lies_beyond_is_the_mean_of_what_may_be_beyond(): void
    {
        $predicted = new PredictedError(
            new Tested(0, 0, 0.04, Verdict::Within),
            10,
            14,
            0.05,
            0.1,
            0.0,
            0.03,
            false,
            0.1,
        );
        [$sum, $weight] = [0.0, 0.0];
        for ($error = 0.1; $error < 0.9; $error += 0.0005) {
            $density = exp(-(($error - 0.05) / 0.1) ** 2 / 2);
            $sum += $density * $error;
            $weight += $density;
        }
        self::assertEqualsWithDelta($sum / $weight, $predicted->sizeMm(), 5e-4);
    }

    public function test_the_score_asks_it_before_each_test_and_counts_what_was_so(): void
    {
        $tests = [
            self::tested(0, 0.0, 12),
            self::tested(1, 0.06, 10),
            self::tested(2, 0.09, 9),
            self::tested(3, -0.12, 16),
            self::tested(4, 0.01, 12),
            self::tested(5, 0.3, 12.1),
            self::tested(6, 0.1, 12, verdict: Verdict::CannotTell),
        ];
        $score = ForecastScore::of(new DriftForecast(0.03, 0.1), $tests);
        self::assertSame(
            [1, 0, 3, 1],
            [$score->saidAndWas, $score->saidAndWasNot, $score->silentAndWasNot, $score->silentAndWas],
        );
        self::assertSame(5, $score->count());
        self::assertNull(ForecastScore::none()->brier());
    }

    public function test_a_seer_scores_nought_and_a_coin_a_quarter(): void
    {
        // Nothing moves, nothing is predicted: nearly a seer.
        $still = ForecastScore::of(new DriftForecast(1e-9, 1.0), [
            self::tested(0, 0, 12),
            self::tested(1, 0, 12),
            self::tested(2, 0, 12),
        ]);
        self::assertEqualsWithDelta(0.0, (float) $still->brier(), 1e-9);
        // Told 1/2 of a thing at the edge of its tolerance, and silent.
        $edge = ForecastScore::of(new DriftForecast(1e-9, 0.1), [
            self::tested(0, 0.1, 12, uncertainty: 0.02),
            self::tested(1, 0.2, 12),
        ]);
        self::assertEqualsWithDelta(0.25, (float) $edge->brier(), 1e-6);
    }

    /** By hand: of a chance of one in four that came true and one of one in ten that did not, (0.5625 + 0.01)/2. */
    public function test_the_score_of_a_forecast_is_the_mean_of_its_squares(): void
    {
        $score = (new ForecastScore(1, 0, 0, 0, 0.5625))->and(new ForecastScore(0, 0, 1, 0, 0.01));
        self::assertEqualsWithDelta(0.28625, $score->brier(), 1e-12);
        self::assertSame(2, $score->count());
        self::assertNull(ForecastScore::none()->brier());
        self::assertEqualsWithDelta(0.1, (new ForecastScore(1, 2, 3, 4, 1.0))->brier(), 1e-12);
    }
}
