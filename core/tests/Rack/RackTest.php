<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Rack;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Rack\Costs;
use JackRest\Core\Rack\OwnCut;
use JackRest\Core\Rack\RackStone;
use JackRest\Core\Rack\StonesOfKind;
use JackRest\Core\Rack\StrokesCounted;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The rack: what it holds twice, where it jumps, how a stone really cuts, what an edge costs. */
final class RackTest extends TestCase
{
    private static function piece(
        string $name,
        float $um,
        Medium $medium = Medium::Waterstone,
        ?float $price = null,
        ?int $lasts = null,
        int $sinceFlat = 0,
    ): RackStone {
        return new RackStone(
            new HoningStone($name, $name, GritScale::Micron, (string) $um, 1, 20, $medium),
            $price,
            $lasts,
            0,
            $sinceFlat,
        );
    }

    /** By hand: 20 counted for 10, 10 for 20: ½ and 2, so 1 in the mean, with a spread of exp(√(2·ln²2)) = 2.665. */
    public function test_a_stones_own_factor_is_the_geometric_mean_with_its_spread(): void
    {
        $own = OwnCut::from([new StrokesCounted(10, 20), new StrokesCounted(20, 10)]);
        self::assertNotNull($own);
        self::assertEqualsWithDelta([1.0, exp(sqrt(2) * log(2))], [$own->factor, $own->spread], 1e-12);
        self::assertFalse($own->isUsed());
    }

    public function test_three_sessions_take_the_place_of_the_default(): void
    {
        $thrice = array_fill(0, 3, new StrokesCounted(13, 10));
        $piece = new RackStone(
            new HoningStone('1', '1000 stone', GritScale::Jis, '1000', 1, 20),
            own: OwnCut::from($thrice),
        );
        self::assertEqualsWithDelta(1.3, $piece->forPlan()->cutFactor, 1e-12);
        $twice = new RackStone($piece->stone, own: OwnCut::from(array_slice($thrice, 1)));
        self::assertSame(1.0, $twice->forPlan()->cutFactor);
    }

    public function test_sessions_without_strokes_teach_nothing(): void
    {
        self::assertNull(OwnCut::from([new StrokesCounted(12, 0), new StrokesCounted(0, 8)]));
    }

    /** Planted: strokes drawn about a factor of 1.4 with a spread of 1.2; sixty sessions find both again. */
    public function test_it_finds_a_planted_factor_again(): void
    {
        mt_srand(7);
        $counts = [];
        for ($session = 0; $session < 60; $session++) {
            $deviate =
                sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
            $counts[] = new StrokesCounted(4000, (int) round(4000 / (1.4 * 1.2 ** $deviate)));
        }
        $own = OwnCut::from($counts);
        self::assertNotNull($own);
        self::assertEqualsWithDelta(1.4, $own->factor, 0.1);
        self::assertEqualsWithDelta(1.2, $own->spread, 0.05);
    }

    /** By hand: two papers of € 1 lasting 5 edges cost € 0.40 an edge; 100 edges a year take 20 of each. */
    public function test_cheap_and_dear_are_compared_over_the_years(): void
    {
        $rack = [
            self::piece('paper 1', 50, Medium::Paper, 1.0, 5),
            self::piece('paper 2', 10, Medium::Paper, 1.0, 5),
            self::piece('stone', 10, price: 60.0, lasts: 1200),
            self::piece('gift', 20),
        ];
        [$stone, $paper] = Costs::byMedium($rack);
        self::assertSame([Medium::Waterstone, Medium::Paper], [$stone->medium, $paper->medium]);
        self::assertEqualsWithDelta([0.05, 0.4], [$stone->perEdge(), $paper->perEdge()], 1e-12);
        self::assertEqualsWithDelta([60.0, 40.0], [$stone->after(1, 100), $paper->after(1, 100)], 1e-12);
        self::assertEqualsWithDelta([60.0, 400.0], [$stone->after(10, 100), $paper->after(10, 100)], 1e-12);
        self::assertEqualsWithDelta(
            120.0,
            $stone->after(13, 100),
            1e-12,
            'worn out in the thirteenth year it is bought again',
        );
    }

    #[TestWith(['waterstones', 3])]
    #[TestWith(['oilstones', 2])]
    #[TestWith(['diamond-plates', 3])]
    #[TestWith(['paper-on-glass', 4])]
    #[TestWith(['strop', 1])]
    #[TestWith(['grinding-wheel', 1])]
    #[TestWith(['mallet', 0])]
    public function test_a_sharpening_tool_brings_its_pieces(string $kind, int $count): void
    {
        $stones = StonesOfKind::of($kind);
        self::assertCount($count, $stones);
        foreach ($stones as $stone) {
            self::assertGreaterThan(0, $stone->scale->particleUm($stone->designation));
        }
    }

    public function test_each_medium_says_how_it_behaves(): void
    {
        foreach (Medium::cases() as $medium) {
            self::assertNotSame('', $medium->label());
            self::assertGreaterThan(0, $medium->usualLifeEdges());
            self::assertGreaterThan(0, $medium->changeSeconds());
            self::assertSame(! in_array($medium, [Medium::Strop, Medium::Wheel, Medium::File], true), $medium->hones());
        }
        self::assertSame(
            ['water', 'oil', null],
            [Medium::Waterstone->lubricant(), Medium::Oilstone->lubricant(), Medium::Paper->lubricant()],
        );
        self::assertSame(GritScale::FepaP, Medium::Paper->usualScale());
    }
}
