<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Making;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Making\BentBatten;
use JackRest\Core\Making\BentBattenInput;
use JackRest\Core\Making\BentBattenResult;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BentBattenTest extends TestCase
{
    /** @param  list<float>  $stations */
    private static function bent(
        float $length,
        float $rise,
        float $thickness,
        float $width,
        array $stations = [],
        float $gpa = 11.0,
    ): BentBattenResult {
        return (new BentBatten())(new BentBattenInput($length, $rise, $thickness, $width, $stations, $gpa));
    }

    /** By hand: at a quarter x = L/4, y = f · ¼ · (3 − 4/16) = 0.6875 f = 13.75 mm of 20. */
    public function test_a_number_to_check_by_hand(): void
    {
        self::assertEqualsWithDelta(
            [0.0, 13.75, 20.0, 13.75, 0.0],
            self::bent(800, 20, 4, 15, [0, 200, 400, 600, 800])->offsetsMm,
            1e-9,
        );
    }

    /**
     * I = 15·4³/12 = 80 mm⁴; F = 48 · 11,000 · 80 · 20 / 800³ = 1.65 N; strain = 6·4·20/800² = 0.075 %; R = 800²/240 =
     * 2667 mm.
     */
    public function test_force_strain_and_radius(): void
    {
        $bent = self::bent(800, 20, 4, 15);
        self::assertEqualsWithDelta(1.65, $bent->forceN, 0.001);
        self::assertEqualsWithDelta(0.075, $bent->strainPct, 1e-9);
        self::assertEqualsWithDelta(2666.67, $bent->radiusMm, 0.01);
        self::assertEqualsWithDelta(rad2deg(atan(0.075)), $bent->endSlopeDeg, 1e-9);
    }

    /** @return iterable<string, array{float, float, float, float, float}> */
    public static function battens(): iterable
    {
        yield 'a straightedge’s' => [870, 20, 4, 15, 11];
        yield 'a stiff one' => [1500, 60, 9, 20, 14];
        yield 'a thin strip' => [300, 12, 1.5, 10, 9];
        yield 'steep' => [400, 40, 3, 12, 12];
    }

    /**
     * The same from the beam equation E·I·y″ = −M alone, integrated twice in small steps from a load in the middle, by
     * nothing of the class: neither its cubic nor its force.
     */
    #[DataProvider('battens')]
    public function test_it_agrees_with_integrating_the_beam_equation(
        float $length,
        float $rise,
        float $thickness,
        float $width,
        float $gpa,
    ): void {
        $stations = array_map(static fn (int $part): float => ($length * $part) / 16, range(0, 16));
        $bent = self::bent($length, $rise, $thickness, $width, $stations, $gpa);
        $stiffness = ($gpa * 1000 * $width * $thickness ** 3) / 12;
        $steps = 16000;
        $dx = $length / $steps;
        $moment = static fn (float $x): float => ($bent->forceN / 2) * min($x, $length - $x);
        // From the left end with a slope of nought; the true slope there is what brings the right end back to nought.
        [$slope, $y, $found] = [0.0, 0.0, [0.0]];
        for ($step = 1; $step <= $steps; $step++) {
            $middle = ($step - 0.5) * $dx;
            $bend = -$moment($middle) / $stiffness;
            $y += $slope * $dx + ($bend * $dx ** 2) / 2;
            $slope += $bend * $dx;
            if ($step % ($steps / 16) === 0) {
                $found[] = $y;
            }
        }
        $lift = -$found[16] / $length;
        foreach ($found as $index => $height) {
            self::assertEqualsWithDelta(
                $height + $lift * $stations[$index],
                $bent->offsetsMm[$index],
                1e-4 * $rise,
                "at {$stations[$index]}",
            );
        }
        self::assertEqualsWithDelta(
            $rise,
            $found[8] + ($lift * $length) / 2,
            1e-4 * $rise,
            'the force bends it by the rise',
        );
    }

    public function test_a_batten_of_another_stiffness_takes_the_same_arc_under_another_force(): void
    {
        [$soft, $stiff] = [self::bent(900, 20, 3, 10, [225], 8), self::bent(900, 20, 6, 10, [225], 16)];
        self::assertSame($soft->offsetsMm, $stiff->offsetsMm);
        self::assertEqualsWithDelta(16 * $soft->forceN, $stiff->forceN, 1e-9);
    }

    public function test_it_is_no_circle(): void
    {
        // A circle through the ends and the middle lies outside it at a quarter: 0.75 f against 0.6875 f, for a flat
        // arc.
        self::assertLessThan(0.75 * 20, self::bent(900, 20, 4, 15, [225])->offsetsMm[0]);
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function impossible(): iterable
    {
        yield 'steeper than small slopes' => [static fn () => self::bent(400, 41, 3, 12), 'riseMm'];
        yield 'beyond the ends' => [static fn () => self::bent(400, 20, 3, 12, [100, 401]), 'stationsMm[1]'];
    }

    /** @param  callable(): mixed  $bends */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_refused(callable $bends, string $field): void
    {
        try {
            $bends();
            self::fail('it was bent');
        } catch (InvalidInput $wrong) {
            self::assertSame($field, $wrong->errors[0]->field);
        }
    }

    /** By hand: 6 · 5 · 27 ÷ 900² = 0.1 %; clear wood breaks near 1 % (Wood Handbook, chapter 5). */
    public function test_what_would_break_is_warned_of(): void
    {
        self::assertNull(self::bent(900, 27, 5, 12)->warning);
        self::assertNull(self::bent(600, 30, 19.99, 12)->warning);
        self::assertStringContainsString('breaks near 1 %', (string) self::bent(600, 30, 20, 12)->warning);
        self::assertStringContainsString('strained by 2.0 %', (string) self::bent(600, 30, 40, 12)->warning);
    }
}
