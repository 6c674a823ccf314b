<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Fit;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SawFitTest extends TestCase
{
    use Computes;

    private const CUT = [
        'teethPerInch' => 10,
        'strokeLengthMm' => 254,
        'stockThicknessMm' => 25.4,
        'cutDepthMm' => 10,
        'hardness' => 'hard',
    ];

    /**
     * By hand: pitch 2.54, ten teeth in the kerf; force gives 0.12·2.54/25.4 = 0.012 mm a tooth, the gullet
     * ½·(½·2.54²·0.57735)/25.4 = 0.036662; a stroke brings 0.012·254/2.54 = 1.2 mm, so 10 mm take 9 strokes.
     */
    public function test_a_cut_by_hand(): void
    {
        $fit = self::compute('saw-fit', self::CUT);

        self::assertEqualsWithDelta(
            [2.54, 25.4, 10.0, 0.012, 1.2],
            [$fit['pitchMm'], $fit['kerfLengthMm'], $fit['teethInCut'], $fit['bitePerToothMm'], $fit['mmPerStroke']],
            1e-12,
        );
        self::assertSame(['force', 9, 'good'], [$fit['limit'], $fit['strokes'], $fit['verdict']]);
        self::assertArrayNotHasKey('kerfMm', $fit);
    }

    /** By hand, 20 teeth in 60 mm: the gullet holds ½·(½·1.27²·tan 30°)/60 mm, less than force and hand would give. */
    public function test_soft_wood_may_be_limited_by_the_gullet(): void
    {
        $fit = self::compute(
            'saw-fit',
            ['teethPerInch' => 20, 'hardness' => 'soft', 'stockThicknessMm' => 60] + self::CUT,
        );
        self::assertSame('gullet', $fit['limit']);
        self::assertEqualsWithDelta((0.5 * 0.5 * 1.27 ** 2 * tan(deg2rad(30))) / 60, $fit['bitePerToothMm'], 1e-12);
    }

    /** By hand: 0.55 % of a stroke of 200 mm is 1.1 mm at a pitch of 1.7 mm; coarser teeth sink deeper by the root. */
    #[TestWith([1.7, 'soft', 1.4])]
    #[TestWith([1.7, 'medium', 1.1])]
    #[TestWith([1.7, 'hard', 0.8])]
    #[TestWith([3.4, 'medium', 1.5556349186])]
    public function test_in_thin_stock_a_hand_sinks_no_deeper(float $pitch, string $hardness, float $mm): void
    {
        $fit = self::compute('saw-fit', [
            'teethPerInch' => 25.4 / $pitch,
            'strokeLengthMm' => 200,
            'stockThicknessMm' => 3.01 * $pitch,
            'cutDepthMm' => 10,
            'hardness' => $hardness,
        ]);
        self::assertSame('hand', $fit['limit']);
        self::assertEqualsWithDelta($mm, $fit['mmPerStroke'], 1e-9);
    }

    /**
     * What a practised hand would say. Common practice, no source: 12 mm of pine at 15 teeth to the inch take 8 to 12
     * strokes, thin stock is not done in two, and a carcase saw crosses a shoulder of 100 mm without clogging.
     */
    public function test_it_says_what_a_practised_hand_would(): void
    {
        $dovetail = ['teethPerInch' => 15, 'strokeLengthMm' => 200, 'hardness' => 'soft'];
        $pine = self::compute('saw-fit', $dovetail + ['stockThicknessMm' => 12, 'cutDepthMm' => 12]);
        self::assertGreaterThanOrEqual(8, $pine['strokes']);
        self::assertLessThanOrEqual(12, $pine['strokes']);
        $thin = self::compute('saw-fit', $dovetail + ['stockThicknessMm' => 6, 'cutDepthMm' => 6]);
        self::assertGreaterThanOrEqual(4, $thin['strokes']);
        $shoulder = self::compute('saw-fit', [
            'teethPerInch' => 13,
            'strokeLengthMm' => 220,
            'stockThicknessMm' => 100,
            'cutDepthMm' => 8,
            'hardness' => 'medium',
        ]);
        self::assertSame('good', $shoulder['verdict']);
    }

    public function test_a_stroke_is_the_least_there_is(): void
    {
        self::assertSame(1, self::compute('saw-fit', ['cutDepthMm' => 1e-12] + self::CUT)['strokes']);
    }

    /** A handsaw at 60° runs in 1/sin 60° of the thickness. */
    public function test_a_lower_angle_lengthens_the_kerf(): void
    {
        self::assertEqualsWithDelta(
            25.4 / sin(deg2rad(60)),
            self::compute('saw-fit', ['sawAngleDeg' => 60] + self::CUT)['kerfLengthMm'],
            1e-9,
        );
    }

    public function test_the_kerf_is_the_plate_and_the_set_on_both_sides(): void
    {
        self::assertEqualsWithDelta(
            0.66,
            self::compute('saw-fit', self::CUT + ['plateMm' => 0.5, 'setPerSideMm' => 0.08])['kerfMm'],
            1e-12,
        );
        self::assertEqualsWithDelta(0.5, self::compute('saw-fit', self::CUT + ['plateMm' => 0.5])['kerfMm'], 1e-12);
    }

    /** @param  array<string, float|string>  $change */
    #[TestWith([['depthUnderBackMm' => 9.9], 'too-shallow'])]
    #[TestWith([['depthUnderBackMm' => 10], 'good'])]
    #[TestWith([['stockThicknessMm' => 7.6], 'catches'])]
    #[TestWith([['stockThicknessMm' => 7.62], 'good'])]
    #[TestWith([['stockThicknessMm' => 76.2], 'good'])]
    #[TestWith([['stockThicknessMm' => 76.3], 'good'])]
    #[TestWith([['teethPerInch' => 25, 'hardness' => 'soft'], 'good'])]
    #[TestWith([['teethPerInch' => 25, 'hardness' => 'soft', 'stockThicknessMm' => 54], 'good'])]
    #[TestWith([['teethPerInch' => 25, 'hardness' => 'soft', 'stockThicknessMm' => 55], 'clogs'])]
    #[TestWith([['teethPerInch' => 24, 'hardness' => 'soft', 'stockThicknessMm' => 90], 'good'])]
    #[TestWith([['cutDepthMm' => 72], 'good'])]
    #[TestWith([['cutDepthMm' => 72.1], 'slow'])]
    #[TestWith([['cutDepthMm' => 72.1, 'biteFactor' => 1.1], 'good'])]
    #[TestWith([['cutDepthMm' => 100, 'strokeLengthMm' => 318], 'good'])]
    #[TestWith([['cutDepthMm' => 100, 'strokeLengthMm' => 317], 'slow'])]
    #[TestWith([['depthUnderBackMm' => 5, 'stockThicknessMm' => 7], 'too-shallow'])]
    public function test_the_first_verdict_that_applies(array $change, string $verdict): void
    {
        $fit = self::compute('saw-fit', $change + self::CUT);
        self::assertSame($verdict, $fit['verdict']);
        self::assertNotSame('', $fit['reason']);
    }

    public function test_the_users_own_factor_multiplies_the_bite(): void
    {
        $fit = self::compute('saw-fit', ['biteFactor' => 2] + self::CUT);
        self::assertEqualsWithDelta([0.024, 5], [$fit['bitePerToothMm'], $fit['strokes']], 1e-12);
    }

    /** Strokes that come out whole stay so: 12 mm at 1.2 mm a stroke are ten, not eleven. */
    public function test_a_whole_number_of_strokes_is_not_rounded_up(): void
    {
        self::assertSame(10, self::compute('saw-fit', ['cutDepthMm' => 12] + self::CUT)['strokes']);
    }

    #[TestWith(['teethPerInch', 0, 'must be more than 0'])]
    #[TestWith(['sawAngleDeg', 91, 'must be 90 or less'])]
    #[TestWith(['hardness', 'granite', 'must be one of: soft, medium, hard'])]
    public function test_what_cannot_be_is_refused(string $field, float|string $value, string $message): void
    {
        $this->assertRefused('saw-fit', [$field => $value] + self::CUT, $field, $message);
    }
}
