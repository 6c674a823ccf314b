<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Kit\CoverageWords;
use JackRest\Desk\Measure\Figure;

/** A reading that a fit asks for. */
final readonly class FitField
{
    public function __construct(
        public string $name,
        public string $label,
        public float $usual,
        public float $least,
        public float $most,
        public DimensionUnit $unit = DimensionUnit::Length,
        public bool $optional = false,
    ) {
    }

    public function read(string $typed, LengthFormatter $format): Figure
    {
        $words = new CoverageWords($format);

        return Figure::of($typed, $this->unit, $format, $this->usual)->within($this->least, $this->most, ucfirst("$this->label: ").$words->amount($this->least, $this->unit).' to '.$words->amount($this->most, $this->unit).'.');
    }
}
