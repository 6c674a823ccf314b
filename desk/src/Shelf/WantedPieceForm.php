<?php

declare(strict_types=1);

namespace JackRest\Desk\Shelf;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\Purpose;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Desk\Measure\Figure;

/** The piece that is wanted, as far as its sizes were typed; the usual ones for the rest. */
final readonly class WantedPieceForm
{
    /** @var array<string, Figure> length, width, thickness */
    public array $figures;

    public WantedPiece $wanted;

    /** @param  array<string, string>  $typed */
    public function __construct(public Purpose $purpose, array $typed, LengthFormatter $format)
    {
        $figure = static fn (string $name, float $least, float $most): Figure => Figure::of($typed[$name] ?? '', DimensionUnit::Length, $format)->within($least, $most, 'Between '.$format->dimension($least).' and '.$format->dimension($most).'.');
        $this->figures = ['length' => $figure('length', 20, 5000), 'width' => $figure('width', 5, 600), 'thickness' => $figure('thickness', 2, 200)];
        $usual = $purpose->usual();
        $this->wanted = new WantedPiece($this->figures['length']->value ?? $usual->lengthMm, $this->figures['width']->value ?? $usual->widthMm, $this->figures['thickness']->value ?? $usual->thicknessMm);
    }
}
