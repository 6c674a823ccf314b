<?php

declare(strict_types=1);

namespace JackRest\Core\Tool;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Timber\Grain;

/**
 * A dimension that matters on a kind of tool: what is usual, and what is possible.
 *
 * Lengths in mm, teeth per inch as a number, angles in degrees, yes = 1 and no = 0. Usual values and limits are
 * common practice.
 */
final readonly class Dimension
{
    private function __construct(
        public string $name,
        public string $label,
        public DimensionUnit $unit,
        public float $usual,
        public float $least,
        public float $most,
        public bool $asked,
    ) {
    }

    public static function length(string $name, string $label, float $usualMm, float $leastMm, float $mostMm): self
    {
        return new self($name, $label, DimensionUnit::Length, $usualMm, $leastMm, $mostMm, false);
    }

    public static function thickness(string $name, string $label, float $usualMm, float $leastMm, float $mostMm): self
    {
        return new self($name, $label, DimensionUnit::Thickness, $usualMm, $leastMm, $mostMm, false);
    }

    public static function teeth(float $usual, float $least, float $most): self
    {
        return new self('tpi', 'teeth per inch', DimensionUnit::TeethPerInch, $usual, $least, $most, false);
    }

    public static function degrees(string $name, string $label, float $usual, float $least, float $most): self
    {
        return new self($name, $label, DimensionUnit::Degrees, $usual, $least, $most, false);
    }

    /** How a saw's teeth are shaped: one of {@see Grain}'s constants. */
    public static function cut(float $usual): self
    {
        return new self('cut', 'teeth shaped for', DimensionUnit::Teeth, $usual, Grain::RIP, Grain::BOTH, false);
    }

    public static function yesNo(string $name, string $label, bool $usual): self
    {
        return new self($name, $label, DimensionUnit::YesNo, $usual ? 1.0 : 0.0, 0.0, 1.0, false);
    }

    /** One of the three readings taken when a tool is added. */
    public function asked(): self
    {
        return new self($this->name, $this->label, $this->unit, $this->usual, $this->least, $this->most, true);
    }
}
