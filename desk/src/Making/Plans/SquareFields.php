<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

use JackRest\Core\Making\SquareSizes;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Making\Made;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Making\Part;
use JackRest\Desk\Making\PlanField;
use JackRest\Desk\Making\PlanSizes;

/** What both builds of a try square have in common. Proportions: common practice, no source. */
final class SquareFields
{
    public const WOOD = Hardness::Hard;

    /** @return non-empty-list<PlanField> */
    public static function list(): array
    {
        return [
            PlanField::length('blade', 'Blade, beyond the stock', 200.0, 60.0, 900.0, 'what it can mark across', 10),
            PlanField::length(
                'bladeWidth',
                'Width of the blade',
                static fn (PlanSizes $s): float => SquareSizes::usualBladeWidthMm($s->get('blade')),
                12.0,
                90.0,
            ),
            PlanField::length(
                'stock',
                'Length of the stock',
                static fn (PlanSizes $s): float => SquareSizes::usualStockMm($s->get('blade')),
                40.0,
                600.0,
                '',
                10,
            ),
            PlanField::length(
                'stockWidth',
                'Width of the stock',
                static fn (PlanSizes $s): float => $s->get('bladeWidth'),
                15.0,
                90.0,
            ),
            PlanField::length(
                'stockThickness',
                'Thickness of the stock',
                static fn (PlanSizes $s): float => SquareSizes::usualStockThicknessMm($s->get('bladeWidth')),
                9.0,
                60.0,
                '',
                0.5,
            ),
            PlanField::length(
                'bladeThickness',
                'Thickness of the blade',
                static fn (PlanSizes $s): float => SquareSizes::usualBladeThicknessMm($s->get('stockThickness')),
                2.0,
                30.0,
                'a third of the stock',
                0.5,
            ),
        ];
    }

    /** @return array<string, string> */
    public static function wrong(PlanSizes $sizes, LengthFormatter $format): array
    {
        $least = self::square($sizes)->leastStockMm();

        return $sizes->get('stock') < $least
            ? [
                'stock' => "Too short to lie along an edge: {$format->dimension($least)} at least, for a blade that "
                    .'wide.',
            ]
            : [];
    }

    public static function made(PlanSizes $sizes): Made
    {
        return new Made(self::square($sizes)->isLarge() ? 'large-square' : 'try-square', [
            'blade' => $sizes->get('blade'),
            'stock' => $sizes->get('stock'),
            'bladeWidth' => $sizes->get('bladeWidth'),
            'stockWidth' => $sizes->get('stockWidth'),
        ]);
    }

    public static function square(PlanSizes $sizes): SquareSizes
    {
        return new SquareSizes(
            $sizes->get('blade'),
            $sizes->get('bladeWidth'),
            $sizes->get('bladeThickness'),
            $sizes->get('stock'),
            $sizes->get('stockWidth'),
            $sizes->get('stockThickness'),
        );
    }

    /** @return array<string, string> */
    public static function wallWrong(PlanSizes $sizes, string $beside, LengthFormatter $format): array
    {
        $square = self::square($sizes);

        return $square->isWallTooThin()
            ? [
                'bladeThickness' => "The walls beside $beside would be {$format->dimension($square->wallMm())}: leave "
                    ."{$format->dimension(SquareSizes::LEAST_WALL_MM)} at least.",
            ]
            : [];
    }

    /** @return array{Part, Part} */
    public static function parts(PlanSizes $sizes, WantedPiece $blade): array
    {
        return [
            new Part('blade', 'blade', $blade, 'hard, straight-grained, quartersawn'),
            new Part(
                'stock',
                'stock',
                new WantedPiece($sizes->get('stock'), $sizes->get('stockWidth'), $sizes->get('stockThickness')),
                'hard, straight-grained',
            ),
        ];
    }

    public static function test(): MakingStep
    {
        return new MakingStep(
            'Test it',
            'Knife a line along it, turn it over, knife again from the same foot. The lines part by twice its error; '
                .'plane the outer edge until they don’t.',
            'The first test is written down.',
            15,
            'straight edge, knife, plane',
        );
    }
}
