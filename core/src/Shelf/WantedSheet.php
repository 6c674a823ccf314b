<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\Figure;
use JackRest\Core\Measure\LengthFormatter;

/** The piece that is wanted, as far as its sizes were typed; the usual ones for the rest. */
final readonly class WantedSheet
{
    /** @var array<string, Figure> length, width, thickness */
    public array $figures;

    public Wanted $wanted;

    /** @param  array<string, string>  $typed */
    public function __construct(public Purpose $purpose, array $typed, LengthFormatter $format)
    {
        $figure = static fn (string $name, float $least, float $most): Figure => Figure::of($typed[$name] ?? '', DimensionUnit::Length, $format)->within($least, $most, 'Between '.$format->dimension($least).' and '.$format->dimension($most).'.');
        $this->figures = ['length' => $figure('length', 20, 5000), 'width' => $figure('width', 5, 600), 'thickness' => $figure('thickness', 2, 200)];
        $usual = $purpose->usual();
        $this->wanted = new Wanted($this->figures['length']->value ?? $usual->lengthMm, $this->figures['width']->value ?? $usual->widthMm, $this->figures['thickness']->value ?? $usual->thicknessMm);
    }
}
