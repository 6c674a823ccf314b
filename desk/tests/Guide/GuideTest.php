<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Guide;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Guide\BoardLane;
use JackRest\Desk\Guide\GuideForm;
use JackRest\Desk\Guide\ProjectionBoard;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Mark;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A honing guide from its measured settings, and its printed board. */
final class GuideTest extends TestCase
{
    /**
     * @param  list<array{string, string}>  $settings
     * @param  list<string>  $stops
     */
    private static function sheet(array $settings, array $stops = [], string $roller = '12.7'): GuideForm
    {
        return GuideForm::of(
            $roller,
            array_map(static fn (array $one): array => ['projection' => $one[0], 'angle' => $one[1]], $settings),
            $stops,
            self::format(),
        );
    }

    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    /** Side-clamping guides: 40/30 mm for chisels, 50/38 mm for irons at 25/30° (common practice, no source). */
    public function test_both_seats_of_a_side_clamping_guide_agree(): void
    {
        $chisel = self::sheet([['40', '25'], ['30', '30']])->axle;
        $iron = self::sheet([['50', '25'], ['38', '30']])->axle;
        self::assertNotNull($chisel);
        self::assertNotNull($iron);
        self::assertEqualsWithDelta($chisel->axleSetbackMm, $iron->axleSetbackMm, 0.5);
        self::assertGreaterThan($chisel->axleDropMm, $iron->axleDropMm, 'the seat for irons lies higher');
    }

    public function test_the_settings_come_back_as_stops(): void
    {
        $sheet = self::sheet([['40', '25'], ['30', '30']], ['25', '30']);
        self::assertTrue($sheet->isSound());
        self::assertEqualsWithDelta(
            [40.0, 30.0],
            [$sheet->stops[0]->projectionMm, $sheet->stops[1]->projectionMm],
            1e-9,
        );
        self::assertSame('Set 25° at 40 mm, 30° at 30 mm.', $sheet->next()->says);
    }

    public function test_settings_that_disagree_are_asked_about(): void
    {
        self::assertStringStartsWith(
            'Measure again: the settings disagree by',
            self::sheet([['40', '25'], ['30', '30'], ['35', '33']])->next()->says,
        );
    }

    public function test_too_little_says_what_is_wanted(): void
    {
        $sheet = self::sheet([['40', '25']], ['30']);
        self::assertFalse($sheet->isSound());
        self::assertSame('Hone a blade at two settings, and measure each.', $sheet->next()->says);
    }

    /** @param  list<array{string, string}>  $settings */
    #[TestWith([[['40', '25'], ['40', '95']], 'angle1'])]
    #[TestWith([[['400', '25'], ['30', '30']], 'projection0'])]
    #[TestWith([[['long', '25'], ['30', '30']], 'projection0'])]
    public function test_bad_figures_are_said_beside_their_field(array $settings, string $field): void
    {
        self::assertNotNull(self::sheet($settings)->form->readings[$field]->error);
    }

    public function test_the_same_angle_twice_cannot_calibrate(): void
    {
        $sheet = self::sheet([['40', '25'], ['30', '25']]);
        self::assertFalse($sheet->isSound());
        self::assertNotNull($sheet->objection);
    }

    public function test_a_stop_too_steep_for_the_guide_is_refused(): void
    {
        self::assertFalse(self::sheet([['15', '25'], ['9', '30']], ['50'])->isSound());
    }

    /** gnuplot's fit of (P + x)·sin β − y·cos β = r to five settings with reading errors: the same axle. */
    public function test_the_least_squares_axle_is_the_one_gnuplot_fits(): void
    {
        $settings = [['40.2', '25'], ['34.5', '27.5'], ['29.9', '30'], ['25.7', '33'], ['22.9', '35']];
        $axle = self::sheet($settings)->axle;
        self::assertNotNull($axle);
        $data = implode("\n", array_map(static fn (array $one): string => "$one[1] $one[0]", $settings));
        [$x, $y] = self::gnuplot(
            "set angles degrees\nx=10\ny=5\nf(b,p)=(p+x)*sin(b)-y*cos(b)\nfit f(x,y) 'DATA' using 1:2:(6.35) via x,y",
            $data,
        );
        self::assertEqualsWithDelta([$x, $y], [$axle->axleSetbackMm, $axle->axleDropMm], 2e-4);
    }

    /** @return array{float, float} */
    private static function gnuplot(string $script, string $data): array
    {
        $folder = sys_get_temp_dir().'/jackrest-fit-'.bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents("$folder/data", "$data\n");
        // gnuplot calls the columns x and y too: the axle's own names are set and back.
        $script = strtr($script, [
            "'DATA'" => "'$folder/data'",
            'x=10' => 'sx=10',
            'y=5' => 'sy=5',
            '(p+x)' => '(p+sx)',
            '-y*' => '-sy*',
            'via x,y' => 'via sx,sy',
        ]);
        file_put_contents(
            "$folder/fit.gp",
            "set fit quiet nolog\nFIT_LIMIT=1e-14\n$script\nset print '-'\nprint sprintf('%.9f %.9f', sx, sy)\n",
        );
        exec("gnuplot $folder/fit.gp 2>/dev/null", $said, $status);
        array_map(unlink(...), ["$folder/data", "$folder/fit.gp"]);
        rmdir($folder);
        self::assertSame(0, $status, 'gnuplot (Debian package gnuplot-nox) must be there');

        [$x, $y] = explode(' ', $said[0] ?? '0 0') + ['0', '0'];

        return [(float) $x, (float) $y];
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<Line>
     */
    private static function lines(array $marks): array
    {
        return array_values(array_filter($marks, static fn (Mark $mark): bool => $mark instanceof Line));
    }

    public function test_the_board_is_drawn_to_the_tenth(): void
    {
        $sheet = ProjectionBoard::sheet(
            'guide',
            [new BoardLane(25, 40.0, 'chisels'), new BoardLane(30, 30.0, 'chisels')],
            self::format(),
        );
        $lines = self::lines($sheet->marks);
        $across = array_values(
            array_filter($lines, static fn (Line $line): bool => $line->fromY === $line->toY),
        );
        $edge =
            array_values(array_filter($across, static fn (Line $line): bool => $line->widthMm === 0.6))[0]
                ->fromY ?? 0.0;
        $stops = array_map(
            static fn (Line $line): float => $line->fromY - $edge,
            array_values(array_filter($across, static fn (Line $line): bool => $line->widthMm === 0.4)),
        );
        self::assertEqualsWithDelta([40.0, 30.0], $stops, 1e-9);
        $check = array_values(
            array_filter($across, static fn (Line $line): bool => abs($line->toX - $line->fromX - 100.0) < 1e-9),
        );
        self::assertNotSame([], $check, 'there is a line of 100 mm to measure');
        $words = implode(
            ' ',
            array_map(static fn (Mark $mark): string => $mark instanceof Text ? $mark->says : '', $sheet->marks),
        );
        self::assertStringContainsString('25°', $words);
        self::assertStringContainsString('100 mm. Measure it', $words);
    }

    public function test_nothing_leaves_the_sheet(): void
    {
        $lanes = array_map(
            static fn (int $deg): BoardLane => new BoardLane($deg, 70.0 - $deg, 'plane irons'),
            range(20, 31),
        );
        foreach (self::lines(ProjectionBoard::sheet('guide', $lanes, self::format())->marks) as $line) {
            self::assertTrue(
                min($line->fromX, $line->toX) >= Sheet::MARGIN_MM - 1e-9 &&
                    max($line->fromX, $line->toX) <= Sheet::WIDTH_MM - Sheet::MARGIN_MM / 2,
            );
            self::assertLessThanOrEqual(Sheet::HEIGHT_MM - Sheet::MARGIN_MM, max($line->fromY, $line->toY));
        }
    }

    public function test_too_long_a_board_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('do not all fit on one sheet');
        ProjectionBoard::sheet('guide', [new BoardLane(10, 260.0, 'chisels')], self::format());
    }
}
