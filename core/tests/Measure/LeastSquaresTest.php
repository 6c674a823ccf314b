<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Measure;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LeastSquares;
use PHPUnit\Framework\TestCase;

/** The line of least squares, by hand and against gnuplot (Debian package gnuplot-nox). */
final class LeastSquaresTest extends TestCase
{
    /** By hand: (0,1), (1,3), (2,2): slope ½ about the middle (1,2). */
    public function test_three_points_by_hand(): void
    {
        $line = LeastSquares::line([[0.0, 1.0], [1.0, 3.0], [2.0, 2.0]]);
        self::assertEqualsWithDelta([0.5, 1.5, 3.0], [$line->slope, $line->intercept, $line->at(3.0)], 1e-12);
    }

    public function test_points_over_one_another_have_no_line(): void
    {
        $this->expectException(InvalidInput::class);
        LeastSquares::line([[1.0, 1.0], [1.0, 2.0]]);
    }

    public function test_random_points_give_the_line_that_gnuplot_gives(): void
    {
        mt_srand(20261125);
        for ($round = 0; $round < 5; $round++) {
            $points = array_map(
                static fn (): array => [mt_rand(0, 90000) / 100, 25 + mt_rand(0, 900) / 100],
                range(1, 20),
            );
            $file = (string) tempnam(sys_get_temp_dir(), 'jackrest-line');
            file_put_contents(
                $file,
                implode("\n", array_map(static fn (array $point): string => "$point[0] $point[1]", $points))."\n",
            );
            exec(
                'gnuplot -e '.
                    escapeshellarg(
                        "stats '$file' using 1:2 nooutput; set print '-'; print sprintf('%.12f %.12f', STATS_slope, "
                            .'STATS_intercept)',
                    ).
                    ' 2>/dev/null',
                $said,
            );
            unlink($file);
            [$slope, $intercept] = array_map(floatval(...), explode(' ', array_pop($said) ?? '0 0'));
            $line = LeastSquares::line($points);
            self::assertEqualsWithDelta([$slope, $intercept], [$line->slope, $line->intercept], 1e-8);
        }
    }
}
