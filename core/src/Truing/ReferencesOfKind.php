<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Kit\ToolAtHand;

/** The references that come with a tool: what can be tested against itself. */
final class ReferencesOfKind
{
    private const SQUARES = ['try-square', 'large-square'];

    /** Stock of a square where its kind does not say, mm; common practice. */
    private const STOCK_MM = 120.0;

    private const WIDTH_MM = 40.0;

    /** Height of a wooden straightedge, mm; common practice. */
    private const STRAIGHT_HEIGHT_MM = 50.0;

    /** Degrees given to a tenth leave so much doubt of the ratio. */
    private const WHOLE = 0.04;

    /** The kind of tool that a kind of reference is; null: it hangs on no board. */
    public static function toolOf(string $reference): ?string
    {
        return match ($reference) {
            'square' => 'try-square',
            'straightedge' => 'straightedge',
            'sticks' => 'winding-sticks',
            'slope' => 'dovetail-template',
            default => null,
        };
    }

    public static function of(ToolAtHand $tool): ?NewReference
    {
        $sizes = $tool->sizes();
        $blade = $sizes['blade'] ?? null;
        if (in_array($tool->kind, self::SQUARES, true) && $blade !== null) {
            return new NewReference('square', $tool->name, [
                'blade' => $blade,
                'bladeWidth' => $sizes['bladeWidth'] ?? self::WIDTH_MM,
                'stock' => $sizes['stock'] ?? min(self::STOCK_MM, $blade),
                'stockWidth' => $sizes['stockWidth'] ?? self::WIDTH_MM,
            ]);
        }

        return match ($tool->kind) {
            'straightedge' => new NewReference('straightedge', $tool->name, [
                'length' => $sizes['length'] ?? 900.0,
                'height' => $sizes['width'] ?? self::STRAIGHT_HEIGHT_MM,
            ]),
            'winding-sticks' => new NewReference('sticks', $tool->name, ['length' => $sizes['length'] ?? 450.0]),
            'dovetail-template' => new NewReference('slope', $tool->name, [
                'nominal' => self::ratio($sizes['slope'] ?? 8.13),
            ]),
            default => null,
        };
    }

    /** A slope in degrees as 1 in so many; one that is a whole number but for its rounded degrees is that number. */
    private static function ratio(float $slopeDeg): float
    {
        $ratio = 1 / Angle::tan($slopeDeg);

        return abs($ratio - round($ratio)) < self::WHOLE ? round($ratio) : round($ratio, 2);
    }
}
