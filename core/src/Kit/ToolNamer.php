<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\ToolKind;

/** Names a tool by what it is: “dovetail saw, 250 mm, 15 teeth per inch”. */
final readonly class ToolNamer
{
    private LengthFormatter $format;

    public function __construct(?LengthFormatter $format = null)
    {
        $this->format = $format ?? new LengthFormatter(LengthUnit::Millimetre);
    }

    /**
     * By two of the sizes that are asked for of its kind, the length first.
     *
     * @param  array<string, float>  $sizes
     */
    public function name(ToolKind $kind, array $sizes): string
    {
        $asked = array_values(
            array_filter($kind->asked(), static fn (Dimension $dimension): bool => $dimension->name !== 'fence'),
        );
        usort($asked, static fn (Dimension $a, Dimension $b): int => self::place($a) <=> self::place($b));
        $parts = array_filter(
            array_map(
                fn (Dimension $dimension): ?string => $this->part(
                    $dimension,
                    $sizes[$dimension->name] ?? $dimension->usual,
                    count($asked) > 1,
                ),
                array_slice($asked, 0, 2),
            ),
            is_string(...),
        );

        return implode(', ', [$kind->name, ...$parts]);
    }

    private static function place(Dimension $dimension): int
    {
        return match (true) {
            $dimension->name === 'length' => 0,
            $dimension->unit === DimensionUnit::TeethPerInch => 1,
            default => 2,
        };
    }

    /**
     * By the one size that tells it from others of its kind.
     *
     * @param  array<string, float>  $sizes
     */
    public function plain(ToolKind $kind, array $sizes): string
    {
        $tells = $kind->series === [] ? null : $kind->dimension((string) array_key_first($kind->series[0]));

        return $tells === null ? $kind->name : "{$kind->name}, {$this->part($tells, $sizes[$tells->name], false)}";
    }

    private function part(Dimension $dimension, float $value, bool $labelled): ?string
    {
        $called = match (true) {
            ! $labelled => '',
            $dimension->label === 'sole length' => ' sole',
            $dimension->name === 'iron' => ' iron',
            in_array($dimension->name, ['length', 'width'], true) => '',
            default => " {$dimension->label}",
        };

        return match ($dimension->unit) {
            DimensionUnit::Length => $this->format->dimension($value).$called,
            DimensionUnit::Thickness, DimensionUnit::Count, DimensionUnit::Teeth => null,
            DimensionUnit::TeethPerInch => LengthFormatter::decimal($value, 1).' teeth per inch',
            DimensionUnit::Degrees => LengthFormatter::decimal($value, 1).'°',
            DimensionUnit::YesNo => $value >= 1 ? null : 'no '.str_replace('has a ', '', $dimension->label),
        };
    }
}
