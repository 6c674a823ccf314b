<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Filing;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AugerAndScraperTest extends TestCase
{
    use Computes;

    /**
     * Thirty millimetres in twenty turns: 1.5 a turn; spurs of 2.5 reach a millimetre deeper, ten filings of a tenth.
     */
    public function test_an_auger_by_hand(): void
    {
        $bit = self::compute('auger-check', [
            'spursMm' => 12.2,
            'twistMm' => 12,
            'spurHeightMm' => 2.5,
            'holeDepthMm' => 30,
            'turns' => 20,
        ]);
        self::assertEqualsWithDelta([0.2, 1.5, 1.0], [$bit['clearanceMm'], $bit['feedMm'], $bit['reachMm']], 1e-9);
        self::assertSame([10, 'file'], [$bit['filingsLeft'], $bit['verdict']]);
    }

    /**
     * @param  array<string, mixed>  $bit
     */
    #[TestWith([['spursMm' => 11.9], 'set-aside', 'jams in its own hole'])]
    #[TestWith([['spurHeightMm' => 1.5], 'set-aside', 'tear the rim'])]
    #[TestWith([['spurHeightMm' => 1.55], 'set-aside', 'too short'])]
    #[TestWith([['spurHeightMm' => 1.55, 'sharp' => true], 'keep', 'cuts clean'])]
    #[TestWith([[], 'file', 'inside of the spurs'])]
    public function test_keep_file_or_set_aside(array $bit, string $verdict, string $reason): void
    {
        $found = self::compute('auger-check', $bit + ['spursMm' => 12, 'twistMm' => 12]);
        self::assertSame($verdict, $found['verdict']);
        self::assertStringContainsString($reason, $found['reason']);
    }

    public function test_half_a_test_hole_is_none(): void
    {
        $this->assertRefused(
            'auger-check',
            ['spursMm' => 12, 'twistMm' => 12, 'turns' => 20],
            'holeDepthMm',
            'both or neither',
        );
        $this->assertRefused(
            'auger-check',
            ['spursMm' => 12, 'twistMm' => 12, 'holeDepthMm' => 20],
            'turns',
            'both or neither',
        );
    }

    /**
     * Burnished at 10°, held with 5° free: leaned 15°, the face at 75°; four passes of 7.5 µm turn 30; 0.8 mm drops
     * 0.4·tan 10° = 0.0705.
     */
    public function test_a_scraper_by_hand(): void
    {
        $burr = self::compute('scraper-burr', ['burnisherDeg' => 10]);
        self::assertEqualsWithDelta([10, 10, 15, 75, 4, 0.0705], array_values($burr), 1e-4);
        $this->assertRefused(
            'scraper-burr',
            ['burnisherDeg' => 45, 'clearanceDeg' => 30] + ['thicknessMm' => 0],
            'thicknessMm',
            'more than 0',
        );
    }

    /** Turned further, it must be leaned further (common practice, no source). */
    public function test_a_steeper_burr_is_leaned_more(): void
    {
        self::assertGreaterThan(
            self::compute('scraper-burr', ['burnisherDeg' => 5])['leanDeg'],
            self::compute('scraper-burr', ['burnisherDeg' => 12])['leanDeg'],
        );
    }

    /**
     * A relief of 0.1 mm on a 45° bed is a sag of 0.1414; on five strips of 10 mm the outer ones, 20 mm from the
     * middle,
     * stand back by nearly 0.1414·(20/25)² = 0.0905, half of that square to a bevel of 30°: 45 µm. On a 15 µm stone and
     * 1 mm of bevel a stroke there takes 1000·0.0033·15/10 = 4.95 µm: ten strokes; the inner ones 11.3 µm: three.
     */
    public function test_camber_strokes_by_hand(): void
    {
        $curve = self::compute('camber-strokes', [
            'ironWidthMm' => 50,
            'bedDeg' => 45,
            'honedDeg' => 30,
            'contactLengthMm' => 1,
            'particleUm' => 15,
            'reliefMm' => 0.1,
        ]);
        self::assertSame(
            [[-20, 10], [-10, 3], [0, 0], [10, 3], [20, 10]],
            array_map(
                static fn (array $place): array => [(int) round($place['atMm']), $place['strokes']],
                $curve['places'],
            ),
        );
        self::assertSame(26, $curve['strokes']);
        self::assertEqualsWithDelta(
            [0.14142, 0.0905, 45.2],
            [$curve['sagMm'], $curve['places'][0]['backMm'], $curve['places'][0]['removeUm']],
            0.06,
        );
        $this->assertRefused(
            'camber-strokes',
            [
                'ironWidthMm' => 50,
                'bedDeg' => 45,
                'honedDeg' => 30,
                'contactLengthMm' => 1,
                'particleUm' => 15,
                'reliefMm' => 0.1,
                'places' => 4,
            ],
            'places',
            'odd',
        );
    }

    /**
     * The section that comes off is what two micro-bevels differ by (`micro-bevel`): the one there was, 1 mm wide, and
     * the one with the edge as much further back; a large curve takes more than twice the strokes of a narrow contact.
     */
    public function test_what_lies_on_the_stone_grows(): void
    {
        $iron = ['ironWidthMm' => 50, 'bedDeg' => 45, 'honedDeg' => 30, 'contactLengthMm' => 1, 'particleUm' => 15];
        $times = 1.0;
        foreach ([0.01, 0.1, 0.7, 2.0] as $relief) {
            $asked = [...$iron, 'reliefMm' => $relief];
            $grows = self::compute('camber-strokes', [...$asked, 'primaryDeg' => 25])['places'][0];
            $stays = self::compute('camber-strokes', $asked)['places'][0];
            $micro = static fn (float $recession): array => self::compute(
                'micro-bevel',
                ['primaryDeg' => 25, 'secondaryDeg' => 30, 'recessionMm' => $recession],
            );
            $begins = self::compute('micro-bevel', ['primaryDeg' => 25, 'secondaryDeg' => 30, 'widthMm' => 1]);
            $taken = $micro($begins['recessionMm'] + $grows['backMm'])['crossSectionMm2'] - $begins['crossSectionMm2'];
            self::assertSame((int) ceil($taken * 10 / (0.0033 * 15) - 1e-9), $grows['strokes']);
            self::assertGreaterThanOrEqual($times, $times = $grows['strokes'] / $stays['strokes']);
        }
        self::assertGreaterThan(2.0, $times);
        $this->assertRefused(
            'camber-strokes',
            [...$iron, 'reliefMm' => 0.1, 'primaryDeg' => 30],
            'primaryDeg',
            'less than the honed angle',
        );
    }

    /**
     * A bevel-up iron on a bed of 12° needs sin 45°/sin 12° = 3.4 times the curve of one at 45° for the same relief.
     */
    public function test_bevel_up_needs_more_strokes(): void
    {
        $iron = ['ironWidthMm' => 50, 'honedDeg' => 30, 'contactLengthMm' => 1, 'particleUm' => 15, 'reliefMm' => 0.1];
        self::assertEqualsWithDelta(
            3.401,
            self::compute('camber-strokes', ['bedDeg' => 12] + $iron)['places'][0]['removeUm'] /
                self::compute('camber-strokes', ['bedDeg' => 45] + $iron)['places'][0]['removeUm'],
            0.001,
        );
    }
}
