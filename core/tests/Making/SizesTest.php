<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Making;

use JackRest\Core\Making\BenchHookSizes;
use JackRest\Core\Making\BridleJoint;
use JackRest\Core\Making\MalletSizes;
use JackRest\Core\Making\ShootingBoardSizes;
use JackRest\Core\Making\SlopeTemplateSizes;
use JackRest\Core\Making\SquareSizes;
use JackRest\Core\Making\StraightedgeSizes;
use JackRest\Core\Making\TwinTenons;
use JackRest\Core\Making\WindingSticksSizes;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds of shop-made tools whatever size they have: plane geometry, and the usual proportions. */
final class SizesTest extends TestCase
{
    private const TRIES = 200;

    private static function random(): Randomizer
    {
        return new Randomizer(new Mt19937(17));
    }

    private static function between(Randomizer $random, float $least, float $most): float
    {
        return $least + (($most - $least) * $random->getInt(0, 1_000_000)) / 1e6;
    }

    /** A blade of 200 × 40 gives a stock of 140 × 40 × 20 and a slot of 6.5 mm: a third, to half a millimetre. */
    public function test_a_square_by_its_usual_proportions(): void
    {
        self::assertSame(40.0, SquareSizes::usualBladeWidthMm(200.0));
        self::assertSame(140.0, SquareSizes::usualStockMm(200.0));
        self::assertSame(20.0, SquareSizes::usualStockThicknessMm(40.0));
        self::assertSame(6.5, SquareSizes::usualBladeThicknessMm(20.0));
        $square = new SquareSizes(200.0, 40.0, 6.5, 140.0, 40.0, 20.0);
        self::assertSame(6.75, $square->wallMm());
        self::assertFalse($square->isWallTooThin());
        self::assertFalse($square->isLarge());
        self::assertSame(240.0, (new BridleJoint($square))->bladeLengthMm());
    }

    public function test_walls_and_blade_are_the_stock(): void
    {
        $random = self::random();
        for ($try = 0; $try < self::TRIES; $try++) {
            $stock = self::between($random, 12.0, 40.0);
            $blade = self::between($random, 3.0, $stock);
            $square = new SquareSizes(200.0, 40.0, $blade, 140.0, 40.0, $stock);
            self::assertEqualsWithDelta($stock, 2 * $square->wallMm() + $blade, 1e-9);
            self::assertSame($square->wallMm() < 4.0, $square->isWallTooThin());
        }
    }

    public function test_pins_and_tenons_stay_inside_their_joint(): void
    {
        $random = self::random();
        for ($try = 0; $try < self::TRIES; $try++) {
            $width = self::between($random, 12.0, 90.0);
            $across = self::between($random, 15.0, 90.0);
            $square = new SquareSizes(300.0, $width, 6.0, 300.0, $across, self::between($random, 9.0, 60.0));
            $bridle = new BridleJoint($square);
            foreach ($bridle->pins() as [$x, $y]) {
                self::assertGreaterThan(0.0, $x - $bridle->pinMm() / 2);
                self::assertLessThan($across, $x + $bridle->pinMm() / 2);
                self::assertGreaterThan(0.0, $y - $bridle->pinMm() / 2);
                self::assertLessThan($width, $y + $bridle->pinMm() / 2);
            }
            [[$first, $wide], [$second]] = (new TwinTenons($square))->tenons();
            self::assertEqualsWithDelta($width, 2 * ($first + $wide) + ($second - $first - $wide), 1e-9);
            self::assertEqualsWithDelta($wide, $second - $first - $wide, 1e-9, 'the gap is as wide as a tenon');
        }
    }

    /** Both faces lie on rays that meet at the elbow: the head is narrower below by its height times twice the lean. */
    public function test_the_faces_of_a_mallet_meet_at_the_elbow(): void
    {
        $random = self::random();
        for ($try = 0; $try < self::TRIES; $try++) {
            $mallet = new MalletSizes(
                self::between($random, 80.0, 250.0),
                self::between($random, 50.0, 130.0),
                self::between($random, 30.0, 120.0),
                self::between($random, 200.0, 600.0),
                self::between($random, 20.0, 60.0),
            );
            self::assertEqualsWithDelta(
                $mallet->headMm / 2,
                $mallet->reachMm * tan(deg2rad($mallet->faceDeg())),
                1e-9,
            );
            self::assertGreaterThan($mallet->handleWidthMm, $mallet->mortiseTopMm(), 'it is wider above');
        }
        self::assertSame(87.0, MalletSizes::usualHeightMm(150.0));
    }

    public function test_a_slope_template_leans_by_its_slope(): void
    {
        self::assertEqualsWithDelta(1 / 7, tan(deg2rad(SlopeTemplateSizes::usualSlopeDeg())), 1e-12);
        $random = self::random();
        for ($try = 0; $try < self::TRIES; $try++) {
            [$slope, $height] = [self::between($random, 3.0, 30.0), self::between($random, 15.0, 200.0)];
            $usual = SlopeTemplateSizes::usualWidthMm($height, $slope);
            $template = new SlopeTemplateSizes($slope, $height, $usual, 18.0);
            self::assertEqualsWithDelta($usual, $template->endMm() + 2 * $template->leanMm(), 1e-9);
            self::assertSame($usual < $template->leastWidthMm(), $template->isEndTooNarrow());
        }
    }

    /** A batten as thick as it may be holds; half a millimetre more breaks, or it was never in danger. */
    public function test_a_batten_holds_up_to_its_thickest(): void
    {
        $random = self::random();
        for ($try = 0; $try < self::TRIES; $try++) {
            $length = self::between($random, 200.0, 2000.0);
            $width = StraightedgeSizes::usualWidthMm($length);
            $end = StraightedgeSizes::usualEndWidthMm($width);
            $most = (new StraightedgeSizes($length, $width, $end, 4.0, 15.0))->mostBattenThicknessMm();
            self::assertFalse((new StraightedgeSizes($length, $width, $end, max(0.1, $most), 15.0))->breaksBatten());
            self::assertTrue((new StraightedgeSizes($length, $width, $end, $most + 0.5, 15.0))->breaksBatten());
        }
    }

    public function test_a_circle_never_lies_inside_the_battens_arc(): void
    {
        foreach ([300.0, 900.0, 2000.0] as $length) {
            $straight = new StraightedgeSizes($length, 50.0, 30.0, 3.0, 15.0);
            self::assertGreaterThanOrEqual(0.0, $straight->fromCircleMm());
            self::assertEqualsWithDelta($length, $straight->spanMm() + 2 * $straight->roundMm(), 1e-9);
        }
    }

    public function test_the_others_leave_what_they_need(): void
    {
        $hook = new BenchHookSizes(260.0, 150.0, 40.0, 30.0);
        self::assertSame([120.0, 75.0], [$hook->stopLengthMm(), $hook->mostSawRoomMm()]);
        self::assertEqualsWithDelta(260.0, 3 * $hook->mostStopWidthMm(), 1e-9);
        $board = new ShootingBoardSizes(240.0, 65.0, 12.0, 40.0);
        self::assertSame([310.0, 26.5, 220.0, 32.5], [
            $board->wholeWidthMm(), $board->fenceHeightMm(), $board->leastLengthMm(), $board->mostBedMm(),
        ]);
        $sticks = new WindingSticksSizes(250.0, WindingSticksSizes::usualLengthMm(250.0), 45.0, 14.0, 6.0);
        self::assertSame([450.0, 15.0, 87.0], [$sticks->lengthMm, $sticks->mostStripMm(), $sticks->pairWidthMm()]);
        self::assertEqualsWithDelta(5.6, $sticks->topMm(), 1e-9);
    }
}
