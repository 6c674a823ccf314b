<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/**
 * Writes lengths as they are read at a bench.
 *
 * Dimensions: mm to a tenth, inches as fractions to 1/64. Small things (gaps, errors, shavings): mm to a
 * hundredth, below 0.02 mm to a thousandth where it needs one; in inches thou. A minus is the real minus sign.
 */
final readonly class LengthFormatter
{
    private const FINEST_FRACTION = 64;

    /**
     * @param  float|null  $paperMm  thickness of one sheet of the user's paper, as they measured it; null: they did not
     * @param  array<string, float>  $eyeMm  what the user's eye tells apart reliably, by what is read with it
     */
    public function __construct(public LengthUnit $unit, public ?float $paperMm = null, public array $eyeMm = [])
    {
    }

    /** A size of wood or of a tool: 22 mm, 9.5 mm, 7/8 in. */
    public function dimension(float $mm): string
    {
        return $this->unit === LengthUnit::Millimetre
            ? self::decimal($mm, 1).' mm'
            : self::fraction($mm / LengthUnit::MM_PER_INCH).' in';
    }

    /** An error, a gap, a shaving: 0.16 mm, 6.3 thou. */
    public function small(float $mm): string
    {
        return $this->smallNumber($mm).($this->unit === LengthUnit::Millimetre ? ' mm' : ' thou');
    }

    /** The number of {@see small} without its unit. */
    public function smallNumber(float $mm): string
    {
        return $this->unit === LengthUnit::Millimetre
            ? self::fixed($mm, self::wantsThousandths($mm) ? 3 : 2)
            : self::fixed(($mm / LengthUnit::MM_PER_INCH) * 1000, 1);
    }

    /** A hundredth too coarse for it: a fine shaving of 0.015 mm is neither 0.01 nor 0.02. */
    private static function wantsThousandths(float $mm): bool
    {
        return abs($mm) < 0.02 && abs($mm * 100 - round($mm * 100)) > 1e-9;
    }

    /** A length as it would be typed into a field of the unit: 200, 0.32, 7 7/8, 12.6 thou. */
    public function typed(float $mm): string
    {
        if ($this->unit === LengthUnit::Millimetre) {
            return str_replace('−', '-', self::decimal($mm, 3));
        }
        $inches = $mm / LengthUnit::MM_PER_INCH;
        $sixtyFourths = $inches * self::FINEST_FRACTION;
        $text = match (true) {
            abs($sixtyFourths - round($sixtyFourths)) < 0.005 => self::fraction($inches),
            abs($inches) < 0.1 => self::decimal($inches * 1000, 2).' thou',
            default => self::decimal($inches, 4),
        };

        return str_replace('−', '-', $text);
    }

    /** At most so many decimals, trailing noughts dropped. */
    public static function decimal(float $number, int $places): string
    {
        $text = self::fixed($number, $places);

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** Exactly so many decimals. */
    public static function fixed(float $number, int $places): string
    {
        $text = number_format(DecimalRounding::to(abs($number), $places), $places, '.', '');

        return ($number < 0 && (float) $text > 0 ? '−' : '').$text;
    }

    /** Inches to the nearest 1/64 in lowest terms: 7/8, 1 1/8, 2. */
    private static function fraction(float $inches): string
    {
        $parts = (int) DecimalRounding::to(abs($inches) * self::FINEST_FRACTION, 0);
        [$whole, $above, $under] = [
            intdiv($parts, self::FINEST_FRACTION),
            $parts % self::FINEST_FRACTION,
            self::FINEST_FRACTION,
        ];
        while ($above > 0 && $above % 2 === 0) {
            [$above, $under] = [intdiv($above, 2), intdiv($under, 2)];
        }
        $text = trim(($whole > 0 || $above === 0 ? (string) $whole : '').($above > 0 ? " $above/$under" : ''));

        return ($inches < 0 && $parts > 0 ? '−' : '').$text;
    }
}
