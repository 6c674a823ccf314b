<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

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

    /** Blades from here on are a large square's. */
    private const LARGE_MM = 400.0;

    private const LEAST_WALL_MM = 4.0;

    /** What the stock must reach beyond the joint, mm; from memory. */
    private const BEYOND_MM = 25.0;

    /** @return non-empty-list<PlanField> */
    public static function list(): array
    {
        return [
            PlanField::length('blade', 'Blade, beyond the stock', 200.0, 60.0, 900.0, 'what it can mark across', 10),
            PlanField::length(
                'bladeWidth',
                'Width of the blade',
                static fn (PlanSizes $s): float => PlanSizes::round(0.2 * $s->get('blade'), 25.0, 60.0),
                12.0,
                90.0,
            ),
            PlanField::length(
                'stock',
                'Length of the stock',
                static fn (PlanSizes $s): float => PlanSizes::round(0.7 * $s->get('blade'), 60.0, 500.0),
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
                static fn (PlanSizes $s): float => PlanSizes::round(0.5 * $s->get('bladeWidth'), 15.0, 30.0),
                9.0,
                60.0,
                '',
                0.5,
            ),
            PlanField::length(
                'bladeThickness',
                'Thickness of the blade',
                static fn (PlanSizes $s): float => PlanSizes::round($s->get('stockThickness') / 3, 3.0, 20.0),
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
        $least = $sizes->get('bladeWidth') + self::BEYOND_MM;

        return $sizes->get('stock') < $least
            ? [
                'stock' => "Too short to lie along an edge: {$format->dimension($least)} at least, for a blade that "
                    .'wide.',
            ]
            : [];
    }

    public static function made(PlanSizes $sizes): Made
    {
        return new Made($sizes->get('blade') >= self::LARGE_MM ? 'large-square' : 'try-square', [
            'blade' => $sizes->get('blade'),
            'stock' => $sizes->get('stock'),
            'bladeWidth' => $sizes->get('bladeWidth'),
            'stockWidth' => $sizes->get('stockWidth'),
        ]);
    }

    /** What is left of the stock on each side of the blade, mm. */
    public static function wall(PlanSizes $sizes): float
    {
        return ($sizes->get('stockThickness') - $sizes->get('bladeThickness')) / 2;
    }

    /** @return array<string, string> */
    public static function wallWrong(PlanSizes $sizes, string $beside, LengthFormatter $format): array
    {
        $wall = self::wall($sizes);

        return $wall < self::LEAST_WALL_MM
            ? [
                'bladeThickness' => "The walls beside $beside would be {$format->dimension($wall)}: leave "
                    ."{$format->dimension(self::LEAST_WALL_MM)} at least.",
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
