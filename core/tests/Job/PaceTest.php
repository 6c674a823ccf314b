<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Job;

use JackRest\Core\Job\Pace;
use JackRest\Core\Measure\Normal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PaceTest extends TestCase
{
    public function test_nothing_is_learnt_before_the_third_time(): void
    {
        self::assertNull(Pace::of([[8.0, 12.0], [8.0, 12.0]]));
        $pace = Pace::of([[8.0, 12.0], [4.0, 6.0], [8.0, 12.0]]) ?? self::fail('learnt');
        self::assertEqualsWithDelta([1.5, 1.5, 1.5], [$pace->factor, $pace->low, $pace->high], 1e-9);
        self::assertNull(Pace::of([[8.0, 12.0], [0.0, 6.0], [8.0, 0.0]]), 'what was not timed teaches nothing');
    }

    /** Made-up people whose pace is known: the next time lies in the range four times of five. */
    public function test_the_range_holds_the_next_time_as_often_as_it_says(): void
    {
        $dice = new Randomizer(new Mt19937(88));
        $width = [];
        foreach ([3 => 'three', 8 => 'eight', 25 => 'often'] as $times => $name) {
            $held = 0;
            $widths = 0.0;
            for ($trial = 0; $trial < 1500; $trial++) {
                $truth = log(0.5 + 2 * self::share($dice));
                $spread = 0.1 + 0.4 * self::share($dice);
                $one = static fn (): float => exp($truth + $spread * Normal::quantile(self::share($dice)));
                $done = array_map(static fn (): array => [5.0, 5.0 * $one()], range(1, $times));
                $pace = Pace::of($done) ?? self::fail('learnt');
                $next = $one();
                $held += $next >= $pace->low && $next <= $pace->high ? 1 : 0;
                $widths += log($pace->high / $pace->low);
            }
            self::assertEqualsWithDelta(0.8, $held / 1500, 0.03, "done $name");
            $width[] = $widths;
        }
        self::assertTrue($width[0] > $width[1] && $width[1] > $width[2], 'it narrows with every time');
    }

    public function test_a_pause_is_no_work(): void
    {
        self::assertSame(90.0, Pace::worked(90.0, 60.0));
        self::assertSame(500.0, Pace::worked(500.0, 60.0), 'slow, but under ten minutes');
        self::assertSame(60.0, Pace::worked(3600.0, 60.0), 'away for lunch');
        self::assertSame(1500.0, Pace::worked(1500.0, 600.0), 'long work takes long');
        self::assertSame(0.0, Pace::worked(-5.0, 60.0), 'a clock that was set back');
    }

    private static function share(Randomizer $dice): float
    {
        return $dice->getInt(1, 999_999) / 1_000_000;
    }
}
