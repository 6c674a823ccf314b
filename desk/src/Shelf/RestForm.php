<?php

declare(strict_types=1);

namespace JackRest\Desk\Shelf;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\RestReading;
use JackRest\Desk\Measure\Figure;

/** One measure of a blank at rest, as it is typed: bow, wind and cup; hollow or the other way round is less than nought. */
final readonly class RestForm
{
    private const MOST_MM = 50.0;

    /** @var array<string, Figure> bow, wind, cup */
    public array $figures;

    /** @param  array<string, string>  $typed */
    public function __construct(array $typed, LengthFormatter $format)
    {
        $figure = static fn (string $name): Figure => Figure::of($typed[$name] ?? '', DimensionUnit::Length, $format)->within(-self::MOST_MM, self::MOST_MM, 'A blank that is out by more than '.$format->dimension(self::MOST_MM).' is firewood. Check the unit.');
        $this->figures = ['bow' => $figure('bow'), 'wind' => $figure('wind'), 'cup' => $figure('cup')];
    }

    /** The measure; null while one of the three is missing or wrong. */
    public function visit(float $day): ?RestReading
    {
        [$bow, $wind, $cup] = array_map(static fn (Figure $figure): ?float => $figure->error === null ? $figure->value : null, array_values($this->figures));

        return $bow === null || $wind === null || $cup === null ? null : new RestReading($day, $bow, $wind, $cup);
    }
}
