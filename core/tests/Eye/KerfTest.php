<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Eye;

use JackRest\Core\Eye\Kerf;
use PHPUnit\Framework\TestCase;

final class KerfTest extends TestCase
{
    private const SAWS = 200;

    public function test_the_same_strokes_saw_the_same_kerf(): void
    {
        $ways = ['left', 'straight', 'right', 'right'];
        self::assertEquals(Kerf::of(4, $ways), Kerf::of(4, $ways));
        self::assertSame([0.0], Kerf::of(4, [])->xMm);
        self::assertSame(array_slice(Kerf::of(4, $ways)->xMm, 0, 3), Kerf::of(4, array_slice($ways, 0, 2))->xMm);
    }

    public function test_steering_left_goes_left_and_less_so_the_deeper_it_is(): void
    {
        $straight = array_fill(0, 12, 'straight');
        for ($seed = 0; $seed < self::SAWS; $seed++) {
            $bare = Kerf::of($seed, $straight)->xMm;
            $early = Kerf::of($seed, ['left', ...array_slice($straight, 1)])->xMm;
            $late = Kerf::of($seed, [...array_slice($straight, 0, 6), 'left', ...array_slice($straight, 7)])->xMm;
            self::assertLessThan($bare[1], $early[1]);
            self::assertLessThan($bare[12], $late[12]);
            // One stroke after it was steered: the same turn, less of it in a deep kerf.
            self::assertGreaterThan($bare[7] - $late[7], $bare[1] - $early[1]);
        }
    }

    /** Whoever looks and steers against what is seen saws better than whoever lets it run; common practice. */
    public function test_who_steers_by_what_is_seen_stays_nearer_to_the_line(): void
    {
        $steered = $let = 0.0;
        for ($seed = 0; $seed < self::SAWS; $seed++) {
            $ways = [];
            for ($stroke = 0; $stroke < Kerf::STROKES; $stroke++) {
                $x = Kerf::of($seed, $ways)->xMm;
                $ahead = $x[$stroke] + 3 * ($x[$stroke] - ($x[$stroke - 1] ?? 0.0));
                $ways[] = $ahead > 0.04 ? 'left' : ($ahead < -0.04 ? 'right' : 'straight');
            }
            $steered += Kerf::of($seed, $ways)->worstMm();
            $let += Kerf::of($seed, array_fill(0, Kerf::STROKES, 'straight'))->worstMm();
        }
        self::assertLessThan(0.6 * $let, $steered);
        self::assertGreaterThan(0.2, $let / self::SAWS, 'left alone it leaves the line');
    }
}
