<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Filing;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\TestCase;

/** Where the tips of teeth stand. */
final class SawTemplateTest extends TestCase
{
    use Computes;

    public function test_an_even_pitch_by_hand(): void
    {
        $template = self::compute('saw-template', ['lengthMm' => 10, 'pitchMm' => 3]);
        self::assertEquals([0, 3, 6, 9], $template['tipsMm']);
        self::assertEqualsWithDelta(
            [4, 3, 3, 1],
            [$template['teeth'], $template['finestMm'], $template['coarsestMm'], $template['overMm']],
            1e-9,
        );
    }

    /** A hundred pitches of ten to the inch are ten inches: no error adds up. */
    public function test_a_hundred_pitches_are_a_hundred_times_one(): void
    {
        self::assertEqualsWithDelta(
            254.0,
            self::compute('saw-template', ['lengthMm' => 300, 'teethPerInch' => 10])['tipsMm'][100],
            1e-9,
        );
    }

    public function test_finer_teeth_at_the_toe(): void
    {
        self::assertEquals(
            [0, 1, 2, 3, 5, 7, 9],
            self::compute('saw-template', ['lengthMm' => 10, 'pitchMm' => 2, 'toePitchMm' => 1, 'toeLengthMm' => 3])[
                'tipsMm'
            ],
        );
    }

    /** Stepped numerically in small steps, dn = dx/p(x), the graded tips fall on whole numbers. */
    public function test_a_graded_pitch_against_small_steps(): void
    {
        foreach ([[1.5, 3.0], [3.0, 1.5]] as [$toe, $pitch]) {
            $tips = self::compute('saw-template', [
                'lengthMm' => 100,
                'pitchMm' => $pitch,
                'toePitchMm' => $toe,
                'graded' => true,
            ])['tipsMm'];
            [$teeth, $x, $step] = [0.0, 0.0, 1e-4];
            foreach (array_slice($tips, 1) as $number => $tip) {
                for (; $x < $tip; $x += $step) {
                    $teeth += $step / ($toe + (($pitch - $toe) * ($x + $step / 2)) / 100);
                }
                self::assertEqualsWithDelta($number + 1, $teeth, 2e-3);
            }
            self::assertGreaterThan(40, count($tips));
        }
    }

    public function test_what_cannot_be_drawn_is_refused(): void
    {
        $this->assertRefused('saw-template', ['lengthMm' => 300], 'pitchMm', 'one of the two');
        $this->assertRefused(
            'saw-template',
            ['lengthMm' => 300, 'pitchMm' => 2, 'graded' => true],
            'toePitchMm',
            'pitch at the toe',
        );
        $this->assertRefused(
            'saw-template',
            ['lengthMm' => 300, 'pitchMm' => 2, 'toePitchMm' => 1],
            'toeLengthMm',
            'how far from the toe',
        );
        $this->assertRefused(
            'saw-template',
            ['lengthMm' => 300, 'pitchMm' => 2, 'toePitchMm' => 1, 'toeLengthMm' => 301],
            'toeLengthMm',
            'at most',
        );
        $this->assertRefused('saw-template', ['lengthMm' => 3000, 'pitchMm' => 0.5], 'lengthMm', '5000 teeth');
    }

    /** However the toe is graded, no two tips stand closer or farther than the two pitches, and none is out of line. */
    public function test_no_step_lies_outside_the_two_pitches(): void
    {
        mt_srand(18);
        for ($round = 0; $round < 300; $round++) {
            [$pitch, $toe] = [mt_rand(8, 60) / 10, mt_rand(8, 60) / 10];
            $length = mt_rand(60, 400);
            $toeLength = mt_rand(5, $length);
            $tips = self::compute('saw-template', [
                'lengthMm' => $length,
                'pitchMm' => $pitch,
                'toePitchMm' => $toe,
                'toeLengthMm' => $toeLength,
                'graded' => true,
            ])['tipsMm'];
            foreach (array_slice($tips, 1) as $index => $tip) {
                $step = $tip - $tips[$index];
                self::assertGreaterThanOrEqual(min($pitch, $toe) - 1e-9, $step, "$toe to $pitch over $toeLength");
                self::assertLessThanOrEqual(max($pitch, $toe) + 1e-9, $step, "$toe to $pitch over $toeLength");
            }
        }
    }

    /** By hand: 3 mm at the toe down to 1.5 over 20 mm is reached by 9.24 teeth; the tenth stands 0.76 · 1.5 mm on. */
    public function test_the_change_falls_between_two_tips(): void
    {
        $tips = self::compute('saw-template', [
            'lengthMm' => 40,
            'pitchMm' => 1.5,
            'toePitchMm' => 3,
            'toeLengthMm' => 20,
            'graded' => true,
        ])['tipsMm'];
        $reached = log(0.5) / (-1.5 / 20);
        self::assertEqualsWithDelta(9.2420, $reached, 1e-4);
        self::assertEqualsWithDelta(20 + (10 - $reached) * 1.5, $tips[10], 1e-9);
        self::assertEqualsWithDelta(1.5, $tips[11] - $tips[10], 1e-9);
    }
}
