<?php

declare(strict_types=1);

namespace JackRest\Core\Rack;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;

/** What a sharpening tool usually puts into the rack; common practice, sizes of oilstones and plates from memory. */
final class StonesOfKind
{
    /** The kind of tool that stones of a medium are on the board; null: none. */
    public static function kindOf(Medium $medium): ?string
    {
        return match ($medium) {
            Medium::Waterstone => 'waterstones',
            Medium::Oilstone => 'oilstones',
            Medium::DiamondPlate => 'diamond-plates',
            Medium::Paper, Medium::Film => 'paper-on-glass',
            Medium::Strop => 'strop',
            Medium::Wheel => 'grinding-wheel',
            Medium::File => null,
        };
    }

    /** Whether a kind of tool is nothing but the stones in the rack. */
    public static function isStock(string $kind): bool
    {
        return self::of($kind) !== [];
    }

    /** @return list<NewStone> none for a tool that is no abrasive */
    public static function of(string $kind): array
    {
        return match ($kind) {
            'waterstones' => [self::jis('1000'), self::jis('4000'), self::jis('8000')],
            'oilstones' => [
                new NewStone('coarse oilstone', Medium::Oilstone, GritScale::Micron, '45'),
                new NewStone('fine oilstone', Medium::Oilstone, GritScale::Micron, '10'),
            ],
            'diamond-plates' => [
                new NewStone('coarse diamond plate', Medium::DiamondPlate, GritScale::Micron, '45'),
                new NewStone('fine diamond plate', Medium::DiamondPlate, GritScale::Micron, '25'),
                new NewStone('finest diamond plate', Medium::DiamondPlate, GritScale::Micron, '9'),
            ],
            'paper-on-glass' => [self::paper('240'), self::paper('400'), self::paper('1000'), self::paper('2500')],
            'strop' => [new NewStone('strop', Medium::Strop, GritScale::Micron, '0.5')],
            'grinding-wheel' => [new NewStone('grinding wheel', Medium::Wheel, GritScale::FepaF, '80')],
            default => [],
        };
    }

    private static function jis(string $designation): NewStone
    {
        return new NewStone("$designation stone", Medium::Waterstone, GritScale::Jis, $designation);
    }

    private static function paper(string $designation): NewStone
    {
        return new NewStone("P$designation paper", Medium::Paper, GritScale::FepaP, $designation);
    }
}
