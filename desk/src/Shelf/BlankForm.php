<?php

declare(strict_types=1);

namespace JackRest\Desk\Shelf;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Measure\Figure;

/** A blank as far as it has been measured. */
final readonly class BlankForm
{
    /** @var array<string, Figure> length, width, thickness, ring, runout */
    public array $figures;

    /** @param  array<string, string>  $typed */
    public function __construct(array $typed, LengthFormatter $format)
    {
        $length = static fn (string $name, float $least, float $most): Figure => Figure::of($typed[$name] ?? '', DimensionUnit::Length, $format)->within($least, $most, 'Between '.$format->dimension($least).' and '.$format->dimension($most).'.');
        $degrees = static fn (string $name, float $most, string $complaint): Figure => Figure::of($typed[$name] ?? '', DimensionUnit::Degrees, $format)->within(0, $most, $complaint);
        $this->figures = [
            'length' => $length('length', 20, 6000),
            'width' => $length('width', 5, 1000),
            'thickness' => $length('thickness', 2, 300),
            'ring' => $degrees('ring', 90, 'Rings lie between 0° (flatsawn) and 90° (quartersawn).'),
            'runout' => $degrees('runout', 45, 'Grain that runs out by more than 45° is end grain.'),
        ];
    }

    /** @return array<string, string> what is still missing, by field */
    public function missing(): array
    {
        $missing = [];
        foreach (['length', 'width', 'thickness', 'ring'] as $name) {
            if ($this->figures[$name]->value === null && $this->figures[$name]->error === null) {
                $missing[$name] = $name === 'ring' ? 'Look at its end: at which angle do the rings meet the face?' : 'Measure this first.';
            }
        }

        return $missing;
    }
}
