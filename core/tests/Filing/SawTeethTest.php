<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Filing;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The shape of teeth, against triangles by hand and against a file turned step by step in space. */
final class SawTeethTest extends TestCase
{
    use Computes;

    /**
     * Ten teeth to the inch without rake: p = 2.54, h = p/tan 60° = 1.4665, back p/sin 60° = 2.9329, gullet ½·p·h =
     * 1.8624.
     */
    public function test_rip_teeth_by_hand(): void
    {
        $teeth = self::compute('saw-teeth', ['teethPerInch' => 10]);
        foreach (
            [
                'pitchMm' => 2.54,
                'pointsPerInch' => 11,
                'heightMm' => 1.46647,
                'frontMm' => 1.46647,
                'backMm' => 2.93294,
                'backDeg' => 60,
                'tipDeg' => 60,
                'flankMm' => 2.93294,
                'gulletAreaMm2' => 1.86242,
            ] as $field => $value
        ) {
            self::assertEqualsWithDelta($value, $teeth[$field], 1e-4, $field);
        }
        self::assertArrayNotHasKey('kerfMm', $teeth);
    }

    /** At 30° of rake front and back lean alike: an equilateral triangle, h = p·cos 30°. */
    public function test_thirty_degrees_of_rake_make_an_equilateral_tooth(): void
    {
        $teeth = self::compute('saw-teeth', [
            'pitchMm' => 2,
            'rakeDeg' => 30,
            'plateMm' => 0.6,
            'setPerSideMm' => 0.08,
        ]);
        self::assertEqualsWithDelta(
            [sqrt(3), 2.0, 2.0, 30.0, 0.76],
            [$teeth['heightMm'], $teeth['frontMm'], $teeth['backMm'], $teeth['backDeg'], $teeth['kerfMm']],
            1e-9,
        );
    }

    /** The gullet that `saw-fit` reckons with is that of teeth without rake: ½·p²·tan 30°. */
    public function test_it_agrees_with_the_gullet_of_saw_fit(): void
    {
        self::assertEqualsWithDelta(
            0.5 * 1.7 ** 2 * tan(M_PI / 6),
            self::compute('saw-teeth', ['pitchMm' => 1.7])['gulletAreaMm2'],
            1e-12,
        );
    }

    /**
     * With fleam alone, what is seen from the side is stretched by 1/cos φ: tan b = tan(60° − atan(tan r·cos φ))/cos φ.
     */
    public function test_fleam_stretches_the_profile(): void
    {
        $expected = rad2deg(atan(tan(deg2rad(60) - atan(tan(deg2rad(12)) * cos(deg2rad(20)))) / cos(deg2rad(20))));
        self::assertEqualsWithDelta(
            $expected,
            self::compute('saw-teeth', ['pitchMm' => 2, 'rakeDeg' => 12, 'fleamDeg' => 20])['backDeg'],
            1e-9,
        );
    }

    /**
     * An independent construction: a prism of 60° is fleamed and sloped by rotation matrices, rolled about itself until
     * its first face shows the rake in the plate, and its second face is then cut with the plate.
     */
    #[TestWith([0, 0, 0])]
    #[TestWith([8, 0, 0])]
    #[TestWith([15, 20, 0])]
    #[TestWith([15, 20, 10])]
    #[TestWith([-5, 10, 5])]
    #[TestWith([25, 30, 20])]
    public function test_a_file_turned_in_space_leaves_the_same_tooth(float $rake, float $fleam, float $slope): void
    {
        [$low, $high] = [-80.0, 80.0];
        for ($step = 0; $step < 80; $step++) {
            $roll = ($low + $high) / 2;
            [$low, $high] = self::lean(self::face($roll, $fleam, $slope), -1) > $rake ? [$low, $roll] : [$roll, $high];
        }
        $back = self::lean(self::face($low - 60, $fleam, $slope), 1);
        $teeth = self::compute('saw-teeth', [
            'pitchMm' => 2,
            'rakeDeg' => $rake,
            'fleamDeg' => $fleam,
            'slopeDeg' => $slope,
        ]);
        self::assertEqualsWithDelta($back, $teeth['backDeg'], 1e-6);
        self::assertEqualsWithDelta(2.0, $teeth['heightMm'] * (tan(deg2rad($rake)) + tan(deg2rad($back))), 1e-6);
    }

    /**
     * The normal of a face of the file that leans to the left of upright by so much before it is fleamed and sloped.
     *
     * @return array{float, float, float}
     */
    private static function face(float $roll, float $fleam, float $slope): array
    {
        // A face through the file's axis (y) along (−sin roll, 0, cos roll) has this normal.
        [$x, $y, $z] = [cos(deg2rad($roll)), 0.0, sin(deg2rad($roll))];
        // About x: the far end goes down.
        [$y, $z] = [
            $y * cos(deg2rad($slope)) + $z * sin(deg2rad($slope)),
            -$y * sin(deg2rad($slope)) + $z * cos(deg2rad($slope)),
        ];

        // About z: the far end goes to the right.
        return [
            $x * cos(deg2rad($fleam)) + $y * sin(deg2rad($fleam)),
            -$x * sin(deg2rad($fleam)) + $y * cos(deg2rad($fleam)),
            $z,
        ];
    }

    /**
     * How far the line in which a face meets the plate's side leans from upright, to the left or to the right.
     *
     * @param  array{float, float, float}  $normal
     */
    private static function lean(array $normal, int $side): float
    {
        // In the plate y is nought: n_x·x + n_z·z = 0.
        return rad2deg(atan2(($side * -$normal[2]) / $normal[0], 1.0));
    }

    public function test_what_cannot_be_filed_is_refused(): void
    {
        $this->assertRefused('saw-file', [], 'pitchMm', 'one of the two');
        $this->assertRefused('saw-teeth', [], 'pitchMm', 'one of the two');
        $this->assertRefused('saw-teeth', ['pitchMm' => 2, 'teethPerInch' => 10], 'pitchMm', 'one of the two');
        $this->assertRefused(
            'saw-teeth',
            ['pitchMm' => 2, 'plateMm' => 0.5, 'setPerSideMm' => 0.3],
            'setPerSideMm',
            'at most half',
        );
        $this->assertRefused('saw-teeth', ['pitchMm' => 2, 'rakeDeg' => 50, 'fileDeg' => 45], 'rakeDeg', 'no back');
    }

    /**
     * 10 tpi, no rake: flank 2.93 mm, so a face of 5.87; 150 mm extra slim (6.6) is the first that has it. Tables give
     * 150 mm double extra slim for 11 points.
     */
    public function test_the_file_by_geometry_and_by_table(): void
    {
        $file = self::compute('saw-file', ['teethPerInch' => 10]);
        self::assertEqualsWithDelta(5.8659, $file['neededFaceMm'], 1e-4);
        self::assertSame(
            ['150 mm extra slim', '150 mm double extra slim'],
            [$file['byGeometry']['id'], $file['byTable']['id']],
        );
        self::assertEqualsWithDelta(5.6 - 5.8659, $file['differenceMm'], 1e-4);
    }

    public function test_beyond_the_largest_file_none_is_named(): void
    {
        $file = self::compute('saw-file', ['teethPerInch' => 2]);
        self::assertSame([null, null, null], [$file['byGeometry'], $file['byTable'], $file['differenceMm']]);
    }

    /**
     * Tables and geometry tell of the same thing: they never lie further apart than a third of the face (tables: common
     * practice, no source).
     */
    public function test_tables_and_geometry_agree_roughly(): void
    {
        foreach (range(4, 16) as $tpi) {
            $file = self::compute('saw-file', ['teethPerInch' => $tpi]);
            self::assertLessThan(0.34, abs($file['differenceMm']) / $file['neededFaceMm'], "$tpi");
        }
    }

    /** Above 17 points tables name a needle file, whose corner alone is sharp enough. Common practice, no source. */
    #[TestWith([16.0, '100 mm double extra slim'])]
    #[TestWith([16.1, 'needle file, triangular'])]
    #[TestWith([24.0, 'needle file, triangular'])]
    public function test_fine_teeth_want_a_needle_file(float $tpi, string $file): void
    {
        self::assertSame($file, self::compute('saw-file', ['teethPerInch' => $tpi])['byTable']['id']);
    }

    /** A file's corner of 11° with the front leaned by 59.99°: what is left between is no tooth. */
    public function test_a_front_and_back_of_one_line_leave_no_tooth(): void
    {
        foreach (range(-20, 59) as $rake) {
            foreach ([10.5, 30, 60, 89, 110] as $file) {
                try {
                    $teeth = self::compute('saw-teeth', ['pitchMm' => 2, 'rakeDeg' => $rake, 'fileDeg' => $file]);
                } catch (InvalidInput) {
                    continue;
                }
                self::assertGreaterThanOrEqual(0.02, $teeth['heightMm'], "$rake, $file");
            }
        }
        $this->assertRefused('saw-teeth', ['pitchMm' => 2, 'rakeDeg' => 0, 'fileDeg' => 89.9], 'rakeDeg', 'no back');
    }
}
