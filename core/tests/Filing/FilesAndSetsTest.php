<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Filing;

use JackRest\Core\Filing\AugerCheckInput;
use JackRest\Core\Filing\AugerSet;
use JackRest\Core\Filing\SawUse;
use JackRest\Core\Filing\TriangularFile;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Sets of bits in sixteenths of an inch, files by the points, set by the plate. Common practice, no source. */
final class FilesAndSetsTest extends TestCase
{
    /** A set of thirteen goes from a quarter of an inch to a whole one, by sixteenths. */
    public function test_a_set_of_thirteen_bits(): void
    {
        $sizes = AugerSet::sizes(6.35, 25.4);
        self::assertCount(13, $sizes);
        self::assertEqualsWithDelta([6.35, 7.9375], array_slice($sizes, 0, 2), 1e-9);
        self::assertEqualsWithDelta(25.4, $sizes[12], 1e-9);
    }

    public function test_sizes_go_to_the_nearest_sixteenth_and_never_below_one(): void
    {
        self::assertEqualsWithDelta([6.35], AugerSet::sizes(6.0, 6.5), 1e-9);
        self::assertEqualsWithDelta([1.5875], AugerSet::sizes(0.1, 0.2), 1e-9);
        self::assertEqualsWithDelta([9.525], AugerSet::sizes(10.0, 6.0), 1e-9);
        self::assertCount(32, AugerSet::sizes(1.6, 500.0));
    }

    /** A hole may be 0.8 mm larger or smaller than the bit. */
    public function test_holes_that_the_set_leaves_out(): void
    {
        $hole = static fn (float $mm): array => ['diameterMm' => $mm, 'work' => "hole of $mm"];
        $holes = [$hole(9.2), $hole(9.3), $hole(10.8), $hole(10.81), $hole(12.0), $hole(25.0)];
        self::assertSame([$hole(9.2 - 0.1), $hole(10.81 + 0.1), $hole(25.0)], AugerSet::gaps(
            [10.0, 12.0],
            [$hole(9.1), ...array_slice($holes, 0, 3), $hole(10.91), $hole(12.8), $hole(25.0)],
        ));
    }

    #[TestWith([3.9, null])]
    #[TestWith([4.0, '250 mm regular'])]
    #[TestWith([5.0, '200 mm regular'])]
    #[TestWith([6.0, '175 mm regular'])]
    #[TestWith([7.0, '175 mm slim'])]
    #[TestWith([8.0, '150 mm slim'])]
    #[TestWith([9.9, '150 mm slim'])]
    #[TestWith([10.0, '125 mm slim'])]
    #[TestWith([11.0, '150 mm double extra slim'])]
    #[TestWith([13.0, '125 mm double extra slim'])]
    #[TestWith([15.0, '100 mm double extra slim'])]
    #[TestWith([17.0, '100 mm double extra slim'])]
    #[TestWith([17.1, 'needle file, triangular'])]
    public function test_the_file_of_the_table(float $points, ?string $file): void
    {
        self::assertSame($file, TriangularFile::byTable($points)?->id);
    }

    public function test_files_by_their_face_and_name(): void
    {
        self::assertSame('needle file, triangular', TriangularFile::atLeast(3.0)?->id);
        self::assertSame('100 mm double extra slim', TriangularFile::atLeast(3.1)?->id);
        self::assertNull(TriangularFile::atLeast(15.6));
        self::assertSame(5.6, TriangularFile::named('150 mm double extra slim')->faceMm);
        $this->expectException(OutOfBoundsException::class);
        TriangularFile::named('a round file');
    }

    /** A thin plate is set by a twentieth of a millimetre at least. */
    public function test_set_goes_by_the_plate(): void
    {
        self::assertSame(0.15, SawUse::Rip->setMm(1.0));
        self::assertSame(0.18, SawUse::Cross->setMm(1.0));
        self::assertSame(0.05, SawUse::Joinery->setMm(0.4));
        self::assertSame(0.06, SawUse::Joinery->setMm(0.6));
        self::assertSame(0.24, SawUse::Wet->setMm(0.8));
    }

    public function test_a_bored_hole_tells_the_feed_and_else_it_is_the_one_told(): void
    {
        self::assertSame(1.5, (new AugerCheckInput(12, 12))->feed());
        self::assertSame(2.0, (new AugerCheckInput(12, 12, feedMm: 2.0))->feed());
        self::assertSame(1.25, (new AugerCheckInput(12, 12, holeDepthMm: 25, turns: 20, feedMm: 2.0))->feed());
    }
}
