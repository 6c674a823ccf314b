<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Stall;

use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Checks;
use JackRest\Core\Stall\Finding;
use JackRest\Core\Stall\Offering;
use JackRest\Core\Stall\Outcome;
use JackRest\Core\Stall\PriceTable;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a phone takes along to the stall is what the bench would say. */
final class PriceTableTest extends TestCase
{
    /**
     * Dividers have one check, mended in 20 minutes for 3: at 12 an hour 7. Not made: half of that is taken off 40;
     * sound: nothing; to mend: all of it. Prices are whole, rounded down.
     */
    public function test_one_check_by_hand(): void
    {
        $table = PriceTable::of(ToolKinds::named('dividers'), 40.0, 12.0);
        self::assertSame([3], $table->standings);
        self::assertSame([36, 40, 33], $table->most);
    }

    /** A try square: out of true it is mended in 25 minutes, a loose joint not at all: not made, that is a quarter. */
    public function test_the_first_check_counts_ones(): void
    {
        $table = PriceTable::of(ToolKinds::named('try-square'), 40.0, 12.0);
        self::assertSame([2, 3], $table->standings);
        self::assertSame([27, 37, 30, 40, 25, 35], $table->most);
    }

    /**
     * Every kind, some of its places, against the sum written out: the good one's price, less the mending found, less
     * half the mending of what was not looked at, a quarter of the price where that cannot be mended.
     */
    public function test_each_place_is_the_sum_of_what_stands_there(): void
    {
        mt_srand(7);
        $kinds = array_filter(ToolKinds::all(), static fn (ToolKind $kind): bool => Checks::of($kind) !== []);
        foreach ($kinds as $kind) {
            $good = (float) mt_rand(5, 200);
            $perHour = (float) mt_rand(0, 30);
            $table = PriceTable::of($kind, $good, $perHour);
            self::assertCount((int) array_product($table->standings), $table->most);
            for ($time = 0; $time < 12; $time++) {
                $place = 0;
                $counts = 1;
                $most = $good;
                foreach ($table->checks as $at => $check) {
                    $standing = mt_rand(0, $table->standings[$at] - 1);
                    $most -= self::off($check, $standing, $good, $perHour);
                    $place += $counts * $standing;
                    $counts *= $table->standings[$at];
                }
                self::assertEqualsWithDelta(max(0.0, $most), $table->most[$place] + 0.5, 0.5001, $kind->id);
            }
        }
    }

    private static function off(Check $check, int $standing, float $good, float $perHour): float
    {
        $mending = $check->mending === null
            ? $good / 2
            : $check->mending->cost + $perHour * $check->mending->minutes / 60;

        return match ($standing) {
            0 => $mending / 2,
            1 => 0.0,
            default => $mending,
        };
    }

    /** Against the same sum in whole cents: never a unit low for what floats leave of it. */
    public function test_whole_prices_against_a_sum_in_cents(): void
    {
        $dice = new Randomizer(new Mt19937(493));
        $kinds = ToolKinds::all();
        $asked = 0;
        foreach ($kinds as $kind) {
            $checks = Checks::of($kind);
            for ($trial = 0; $trial < 20; $trial++) {
                $findings = array_map(static fn (Check $check): Finding => Finding::byEye(
                    $check,
                    $check->mending !== null && $dice->getInt(0, 1) === 1 ? Outcome::Mend : Outcome::Sound,
                ), $checks);
                // An hour of 11.40 is nineteen cents a minute: a mending takes whole cents, and a whole price is left.
                $left = $dice->getInt(0, 200);
                $cents = 100 * $left + array_sum(array_map(
                    static fn (Finding $one): int => (int) round(100 * ($one->mending?->price(11.4) ?? 0.0)),
                    $findings,
                ));
                $offering = Offering::of($cents / 100, 11.4, $findings);
                self::assertSame([$left, $left], [$offering->wholeFair(), $offering->wholeMost()]);
                $asked++;
            }
        }
        self::assertGreaterThan(1000, $asked);
    }
}
