<?php

declare(strict_types=1);

namespace JackRest\Desk\Season;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Timber\Species;
use JackRest\Desk\Measure\Figure;

/** The wood of a reference as far as it has been typed. */
final readonly class ReferenceWoodForm
{
    /** Rings that nobody looked at are taken to stand upright, as a reference is made. Common practice, no source. */
    private const USUAL_RING_DEG = 90.0;

    /** @param  array<string, Figure>  $figures  ring, runout, thickness */
    private function __construct(public array $figures, public ?ReferenceWood $wood)
    {
    }

    /** @param  array<string, string>  $typed */
    public static function of(Species $species, array $typed, LengthFormatter $format): self
    {
        $figure = static fn (string $name, DimensionUnit $unit): Figure => Figure::of($typed[$name] ?? '', $unit, $format);
        $figures = [
            'ring' => $figure('ring', DimensionUnit::Degrees)->within(0, 90, 'Rings lie between 0° (flatsawn) and 90° (quartersawn).'),
            'runout' => $figure('runout', DimensionUnit::Degrees)->within(0, 45, 'Grain that runs out by more than 45° is end grain.'),
            'thickness' => $figure('thickness', DimensionUnit::Length)->within(1, 200, 'Between '.$format->dimension(1).' and '.$format->dimension(200).'.'),
        ];
        $isSound = array_filter($figures, static fn (Figure $one): bool => $one->error !== null) === [];
        $thickness = $figures['thickness']->value;

        return new self($figures, ! $isSound || $thickness === null ? null : new ReferenceWood($species, $figures['ring']->value ?? self::USUAL_RING_DEG, $figures['runout']->value ?? ReferenceWood::USUAL_RUNOUT_DEG, $thickness));
    }
}
