<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Timber;

use JackRest\Core\Tests\Computes;
use JackRest\Core\Timber\EquilibriumMoisture;
use JackRest\Core\Timber\Species;
use JackRest\Core\Timber\WoodMovement;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Wood and the air: against printed values of the Wood Handbook, and a lag stepped in small steps. */
final class TimberTest extends TestCase
{
    use Computes;

    private const PIECE = [
        'species' => 'black cherry',
        'ringAngleDeg' => 0,
        'widthMm' => 100,
        'from' => ['mcPct' => 8],
        'to' => ['mcPct' => 12],
    ];

    /**
     * Equilibrium moisture contents as the Wood Handbook prints them (table of EMC by temperature and humidity; 30, 70
     * and 90 °F quoted from memory).
     */
    #[TestWith([21.1, 50, 9.2])]
    #[TestWith([20.0, 65, 12.0])]
    #[TestWith([21.1, 30, 6.2])]
    #[TestWith([21.1, 80, 16.0])]
    #[TestWith([-1.1, 50, 9.5])]
    #[TestWith([32.2, 50, 8.9])]
    public function test_equilibrium_against_printed_values(float $tempC, float $rhPct, float $printed): void
    {
        self::assertEqualsWithDelta($printed, EquilibriumMoisture::pct($tempC, $rhPct), 0.1);
    }

    public function test_it_rises_with_humidity_and_ends_at_fibre_saturation(): void
    {
        $before = -1.0;
        foreach (range(0, 100, 5) as $rh) {
            $now = EquilibriumMoisture::pct(20, $rh);
            self::assertGreaterThan($before, $now);
            $before = $now;
        }
        self::assertLessThanOrEqual(30.0, EquilibriumMoisture::pct(60, 100));
        self::assertSame(0.0, EquilibriumMoisture::pct(20, 0));
    }

    /** Dimensional change coefficients as the Wood Handbook prints them. */
    #[TestWith([7.1, 0.00248])]
    #[TestWith([3.7, 0.00126])]
    #[TestWith([9.9, 0.00353])]
    #[TestWith([4.8, 0.00165])]
    public function test_coefficients_against_printed_values(float $shrinkagePct, float $printed): void
    {
        self::assertEqualsWithDelta($printed, WoodMovement::coefficient($shrinkagePct), 0.000005);
    }

    /**
     * Flatsawn cherry, 100 mm, from 8 to 12 %: 100 · 0.002484 · 4 = 0.994 mm; quartersawn 100 · 0.001264 · 4 = 0.506;
     * between, the half of both.
     */
    public function test_a_board_by_hand(): void
    {
        self::assertEqualsWithDelta(0.9937, self::compute('wood-movement', self::PIECE)['changeMm'], 1e-4);
        self::assertEqualsWithDelta(
            0.5058,
            self::compute('wood-movement', ['ringAngleDeg' => 90] + self::PIECE)['changeMm'],
            1e-4,
        );
        self::assertEqualsWithDelta(
            (0.9937 + 0.5058) / 2,
            self::compute('wood-movement', ['ringAngleDeg' => 45] + self::PIECE)['changeMm'],
            1e-4,
        );
        self::assertEqualsWithDelta(
            -0.9937,
            self::compute('wood-movement', ['from' => ['mcPct' => 12], 'to' => ['mcPct' => 8]] + self::PIECE)[
                'changeMm'
            ],
            1e-4,
        );
    }

    /**
     * Grain that runs out by 5° over 300 mm: 0.002484·4·sin 5°·cos 5° = 0.000863 rad, 0.259 mm; a square changes by
     * 0.0989°.
     */
    public function test_runout_turns_an_edge(): void
    {
        $turned = self::compute('wood-movement', ['grainRunoutDeg' => 5, 'lengthMm' => 300] + self::PIECE);
        self::assertEqualsWithDelta(
            [0.2588, 0.04943, 0.09886],
            [$turned['edgeErrorMm'], $turned['rotationDeg'], $turned['squareChangeDeg']],
            1e-4,
        );
        self::assertArrayNotHasKey('edgeErrorMm', self::compute('wood-movement', self::PIECE));
    }

    public function test_it_warns_outside_of_what_was_fitted(): void
    {
        self::assertSame([], self::compute('wood-movement', self::PIECE)['warnings']);
        self::assertCount(1, self::compute('wood-movement', ['to' => ['mcPct' => 20]] + self::PIECE)['warnings']);
    }

    public function test_what_is_not_known_is_refused(): void
    {
        $this->assertRefused(
            'wood-movement',
            ['species' => 'black chery'] + self::PIECE,
            'species',
            'did you mean black cherry',
        );
        $this->assertRefused(
            'wood-movement',
            ['species' => 'cherri'] + self::PIECE,
            'species',
            'did you mean black cherry',
        );
        $this->assertRefused('wood-movement', ['radialPct' => 3.7] + self::PIECE, 'species', 'either');
        $this->assertRefused('wood-movement', ['ringAngleDeg' => 91] + self::PIECE, 'ringAngleDeg', '90 or less');
        $this->assertRefused('wood-movement', ['from' => ['tempC' => 20]] + self::PIECE, 'from.mcPct', 'together');
        self::assertGreaterThanOrEqual(25, count(Species::all()));
        self::assertSame('Sitka spruce', Species::named('sitka SPRUCE')?->name);
    }

    /** Tangential shrinkage exceeds radial in every wood (common knowledge of the Wood Handbook). */
    public function test_the_table_is_plausible(): void
    {
        foreach (Species::all() as $species) {
            self::assertGreaterThan($species->radialPct, $species->tangentialPct, $species->name);
            self::assertLessThan(13.0, $species->tangentialPct, $species->name);
        }
    }

    /** After one time constant 1 − 1/e of the way is made: from 8 towards 12.04, 12 mm thick, 14 days. */
    public function test_a_course_against_its_closed_form(): void
    {
        $rest = EquilibriumMoisture::pct(20, 65);
        $course = self::compute('moisture-course', [
            'thicknessMm' => 12,
            'startMcPct' => 8,
            'climate' => [['day' => 0, 'tempC' => 20, 'rhPct' => 65]],
            'untilDay' => 14,
        ])['course'];
        self::assertEqualsWithDelta([0, 8], array_values($course[0]), 1e-9);
        self::assertEqualsWithDelta($rest + (8 - $rest) / M_E, $course[1]['mcPct'], 1e-9);
    }

    /** Stepped in small steps by Euler's method, dm/dt = (e − m)/τ. */
    public function test_a_changing_course_against_small_steps(): void
    {
        $climate = [
            ['day' => 0, 'tempC' => 18, 'rhPct' => 75],
            ['day' => 20, 'tempC' => 5, 'rhPct' => 85],
            ['day' => 41, 'tempC' => 22, 'rhPct' => 40],
        ];
        $course = self::compute('moisture-course', [
            'thicknessMm' => 18,
            'startMcPct' => 9,
            'climate' => $climate,
            'untilDay' => 60,
        ])['course'];
        [$m, $step, $tau] = [9.0, 0.001, 14 * 1.5 ** 2];
        $at = [];
        for ($tick = 0; $tick < 60000; $tick++) {
            $day = $tick * $step;
            $at[$tick] = $m;
            $air = $day < 20 ? $climate[0] : ($day < 41 ? $climate[1] : $climate[2]);
            $m += ((EquilibriumMoisture::pct($air['tempC'], $air['rhPct']) - $m) / $tau) * $step;
        }
        self::assertEqualsWithDelta([9.0, $at[20000], $at[41000], $m], array_column($course, 'mcPct'), 0.001);
    }

    public function test_days_ascend(): void
    {
        $piece = ['thicknessMm' => 12, 'startMcPct' => 8, 'untilDay' => 14];
        $day = static fn (float $day): array => ['day' => $day, 'tempC' => 20, 'rhPct' => 65];
        $this->assertRefused(
            'moisture-course',
            ['climate' => [$day(3), $day(3)]] + $piece,
            'climate[1].day',
            'must come after',
        );
        $this->assertRefused('moisture-course', ['climate' => [$day(20)]] + $piece, 'untilDay', 'must not lie before');
    }
}
