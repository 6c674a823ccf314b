<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;

/** Names a tool by what it is: “dovetail saw, 250 mm, 15 teeth per inch”. */
final readonly class ToolNamer
{
    private LengthFormatter $format;

    public function __construct(?LengthFormatter $format = null)
    {
        $this->format = $format ?? new LengthFormatter(LengthUnit::Millimetre);
    }

    /**
     * By the sizes that are asked for of its kind.
     *
     * @param  array<string, float>  $sizes
     */
    public function name(ToolKind $kind, array $sizes): string
    {
        $parts = [$kind->name];
        foreach ($kind->asked() as $dimension) {
            $value = $sizes[$dimension->name] ?? $dimension->usual;
            $part = $this->part($dimension, $value, count($kind->asked()) > 1);
            if ($part !== null) {
                $parts[] = $part;
            }
        }

        return implode(', ', $parts);
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
        $plainly = in_array($dimension->name, ['length', 'width', 'blade'], true);

        return match ($dimension->unit) {
            DimensionUnit::Length => $this->format->dimension($value).($labelled && ! $plainly ? " {$dimension->label}" : ''),
            DimensionUnit::Thickness => null,
            DimensionUnit::TeethPerInch => LengthFormatter::decimal($value, 1).' teeth per inch',
            DimensionUnit::Degrees => LengthFormatter::decimal($value, 1).'°',
            DimensionUnit::YesNo => $value >= 1 ? null : 'no '.str_replace('has a ', '', $dimension->label),
        };
    }
}
