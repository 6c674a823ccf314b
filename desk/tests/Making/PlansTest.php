<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Making;

use JackRest\Core\Making\BentBatten;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Outline\Path;
use JackRest\Desk\Making\MakingPlan;
use JackRest\Desk\Making\Part;
use JackRest\Desk\Making\PlanForm;
use JackRest\Desk\Making\PlanKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each plan against numbers a reader can check by hand. */
final class PlansTest extends TestCase
{
    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    /** @param  array<string, string>  $typed */
    private static function plan(PlanKind $kind, array $typed = []): MakingPlan
    {
        return PlanForm::of($kind, $typed, self::format())->making;
    }

    /** @return array<string, array{float, float, float}> finished sizes by part */
    private static function cut(MakingPlan $plan): array
    {
        return array_column(
            array_map(
                static fn (Part $part): array => [
                    'key' => $part->key,
                    'sizes' => [$part->wanted->lengthMm, $part->wanted->widthMm, $part->wanted->thicknessMm],
                ],
                $plan->parts(),
            ),
            'sizes',
            'key',
        );
    }

    /** @return array{float, float} from where to where a path runs along an axis */
    private static function span(Path $path, int $axis): array
    {
        $along = array_map(static fn (array $point): float => (float) $point[$axis], $path->points);

        return [min(INF, ...$along), max(-INF, ...$along)];
    }

    /**
     * A blade of 240 × 48 in a stock of 170 × 48 × 24: thirds of 8; pins of 24/4 = 6 mm, a quarter of 48 = 12 mm in
     * from the
     * joint's sides, two and one. The blade goes through the stock: 240 + 48 = 288 mm.
     */
    public function test_the_bridle_square(): void
    {
        $plan = self::plan(PlanKind::BridleSquare, ['blade' => '240', 'bladeWidth' => '48', 'stock' => '170']);
        self::assertSame(['blade' => [288.0, 48.0, 8.0], 'stock' => [170.0, 48.0, 24.0]], self::cut($plan));
        self::assertSame(
            [
                'The blade is 288 mm long in all: it goes through the stock.',
                'Thirds of the stock: wall 8 mm, slot 8 mm, wall 8 mm; the slot is 48 mm deep.',
                'Three pins of 6 mm, from the stock’s outer edge and its end: 12 mm / 12 mm, 12 mm / 36 mm, 36 mm / '
                    .'24 mm.',
            ],
            $plan->lines(self::format()),
        );
        self::assertSame('try-square', $plan->made()->kind);
        self::assertSame('large-square', self::plan(PlanKind::BridleSquare, ['blade' => '450'])->made()->kind);
    }

    /** Each pin keeps at least its own diameter of wood about it, whatever the size. */
    public function test_pins_keep_their_distance(): void
    {
        foreach ([60, 100, 200, 400, 900] as $blade) {
            $view = self::plan(PlanKind::BridleSquare, ['blade' => (string) $blade])->views(self::format())[0];
            $pins = array_slice($view->seen, 2, 3);
            self::assertCount(3, $pins);
            foreach ($pins as $index => $pin) {
                [[$left, $right], [$top]] = [self::span($pin, 0), self::span($pin, 1)];
                self::assertGreaterThanOrEqual($right - $left - 1e-6, $left, "$blade, pin $index");
                self::assertGreaterThanOrEqual($right - $left - 1e-6, $top, "$blade, pin $index");
            }
        }
    }

    /** 40 mm wide: 5, 10, 10, 10, 5; through a stock of 40 and 2 proud of it: 200 + 42. The horn is a quarter, 10. */
    public function test_the_tenon_square(): void
    {
        $plan = self::plan(PlanKind::TenonSquare);
        self::assertSame([242.0, 40.0, 6.5], self::cut($plan)['blade']);
        self::assertSame(
            [
                'The blade is 242 mm long in all, 2 mm of it to be trimmed.',
                'Across the blade: shoulder 5 mm, tenon 10 mm, gap 10 mm, tenon 10 mm, shoulder 5 mm.',
                'Mortises 6.5 mm wide between walls of 6.8 mm; the stock runs on by 10 mm beyond the blade.',
            ],
            $plan->lines(self::format()),
        );
        // In the drawing the tenons of the blade are as high as the mortises of the stock, from the same edge.
        [$face, $edge] = $plan->views(self::format());
        $heights = static fn (array $paths): array => array_map(
            static fn (Path $path): array => self::span($path, 1),
            $paths,
        );
        self::assertSame($heights($face->hidden), $heights(array_slice($edge->seen, 1)));
    }

    /**
     * Width 50, ends 30: round ends of 15, so the batten bends over 900 − 30 = 870 mm by 20 mm; at a quarter 13.75 mm.
     */
    public function test_the_straightedge_takes_the_batten_s_arc(): void
    {
        $plan = self::plan(PlanKind::Straightedge);
        self::assertSame(
            'Width of the back from one end to the middle, and the same from the other: 15 mm: 30 mm; 123.8 mm: 37.3 '
                .'mm; 232.5 mm: 43.8 mm; 341.3 mm: 48.3 mm; 450 mm: 50 mm.',
            $plan->lines(self::format())[0],
        );
        $view = $plan->views(self::format())[0];
        $back = array_filter(
            $view->seen[0]->points,
            static fn (array $point): bool => $point[0] > 16 && $point[0] < 884,
        );
        self::assertGreaterThan(40, count($back));
        foreach ($back as [$x, $y]) {
            self::assertEqualsWithDelta(20 - BentBatten::offset(870, 20, $x - 15), $y, 1e-9);
        }
        self::assertSame(
            [[0.0, 50.0], [900.0, 50.0]],
            array_values(array_filter($view->seen[0]->points, static fn (array $point): bool => $point[1] > 49.999)),
            'the true edge is straight',
        );
    }

    /**
     * 450 on a board of 250 shows 1.8 times as much. Two sticks of 45 with one strip of 6 on: 2·45 − 6 + 3 = 87 mm
     * wide.
     */
    public function test_the_winding_sticks(): void
    {
        $plan = self::plan(PlanKind::WindingSticks);
        self::assertSame([450.0, 87.0, 14.0], self::cut($plan)['pair']);
        self::assertSame(
            'On a board 250 mm wide they show its twist 1.8 times as large.',
            $plan->lines(self::format())[0],
        );
    }

    /** 1 in 6 over 60 mm leans by 10 mm; 9.46°. */
    public function test_the_slope_template(): void
    {
        foreach (['1:6', '9.4623'] as $slope) {
            $plan = self::plan(PlanKind::SlopeTemplate, ['slope' => $slope, 'height' => '60', 'width' => '60']);
            self::assertSame('1 in 6, 9.46°: the line leans by 10.00 mm over 60 mm.', $plan->lines(self::format())[0]);
            $plate = $plan->views(self::format())[0]->seen[0]->points;
            self::assertEqualsWithDelta(
                [[10, 0], [50, 0], [60, 60], [0, 60]],
                array_map(static fn (array $point): array => array_map(floatval(...), $point), $plate),
                1e-3,
            );
        }
    }

    /** Both faces, drawn on, meet at the elbow: 75 mm out at a reach of 400 mm. */
    public function test_the_mallet_s_faces_meet_at_the_elbow(): void
    {
        $plan = self::plan(PlanKind::Mallet);
        [[$topX, $topY], , , [$footX, $footY]] = $plan->views(self::format())[0]->seen[0]->points;
        $perMm = ($footX - $topX) / ($footY - $topY);
        self::assertEqualsWithDelta(75.0, 400 * $perMm, 1e-9);
        self::assertSame(
            'Each face leans by 10.6°: they meet at the elbow, and strike flat.',
            $plan->lines(self::format())[1],
        );
        // A third of 64.5 is 21.5; 34 below and 34 + 2·87/25 = 40.96 above.
        self::assertSame(
            'The mortise is 21.5 mm wide, a third of the head, 34 mm long below and 41 mm above: 1 in 25 on each side.',
            $plan->lines(self::format())[0],
        );
    }

    /** 240 for the work and 65 + 5 for the plane: 310 mm. The bench hook's stops: 151 − 30 = 121 mm. */
    public function test_shooting_board_and_bench_hook(): void
    {
        self::assertSame([480.0, 310.0, 18.0], self::cut(self::plan(PlanKind::ShootingBoard))['base']);
        self::assertSame(121.0, self::cut(self::plan(PlanKind::BenchHook))['stops'][0]);
    }

    /** @return iterable<string, array{PlanKind, array<string, string>, string, string}> */
    public static function impossible(): iterable
    {
        yield 'walls too thin' => [
            PlanKind::BridleSquare,
            ['stockThickness' => '14', 'bladeThickness' => '8'],
            'bladeThickness',
            'The walls beside it would be 3 mm: leave 4 mm at least.',
        ];
        yield 'a stock that hardly leaves its joint' => [
            PlanKind::BridleSquare,
            ['stock' => '50'],
            'stock',
            'Too short to lie along an edge: 65 mm at least, for a blade that wide.',
        ];
        yield 'no horn' => [
            PlanKind::TenonSquare,
            ['bladeWidth' => '80', 'stock' => '110'],
            'stock',
            'Too short: the blade and a horn of 20 mm on each side of it want 120 mm.',
        ];
        yield 'two edges alike' => [
            PlanKind::Straightedge,
            ['width' => '40', 'endWidth' => '40'],
            'endWidth',
            'Narrower than the middle, or it looks like two true edges.',
        ];
        yield 'a batten that breaks' => [
            PlanKind::Straightedge,
            ['battenThickness' => '15', 'length' => '600', 'width' => '60', 'endWidth' => '30'],
            'battenThickness',
            'So thick it would break: at most 5.4 mm for that arc.',
        ];
        yield 'too steep an arc' => [
            PlanKind::Straightedge,
            ['length' => '300', 'width' => '80', 'endWidth' => '30'],
            'endWidth',
            'An arc that rises by 50 mm is more than a batten takes over that length: 53 mm at least.',
        ];
        yield 'sticks shorter than the board' => [
            PlanKind::WindingSticks,
            ['boardWidth' => '500', 'length' => '450'],
            'length',
            'Longer than the board is wide, 500 mm, or they enlarge nothing.',
        ];
        yield 'a plate that ends in nothing' => [
            PlanKind::SlopeTemplate,
            ['slope' => '1:4', 'height' => '100', 'width' => '60'],
            'width',
            'The far end would be 10 mm wide: take 65 mm at the fence, or a shorter line.',
        ];
        yield 'a plane that falls off' => [
            PlanKind::ShootingBoard,
            ['length' => '200', 'width' => '240'],
            'length',
            'The plane would fall off before it cuts: 220 mm at least.',
        ];
        yield 'a saw with more room than the work' => [
            PlanKind::BenchHook,
            ['saw' => '60', 'width' => '100'],
            'saw',
            'The stop would be too short to hold anything: at most 50 mm.',
        ];
        yield 'a head that splits' => [
            PlanKind::Mallet,
            ['head' => '80', 'handleWidth' => '50'],
            'handleWidth',
            'The head would keep only 10.5 mm before and behind the mortise: leave 15 mm at least.',
        ];
    }

    /** @param  array<string, string>  $typed */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_made_is_told_beside_its_field(
        PlanKind $kind,
        array $typed,
        string $field,
        string $says,
    ): void {
        $form = PlanForm::of($kind, $typed, self::format());
        self::assertFalse($form->isSound());
        self::assertSame($says, $form->form->readings[$field]->error);
    }
}
