<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use DomainException;

/** One reading as an instrument streams it: time, instrument, place, reading, unit (docs/instruments.md). */
final readonly class InstrumentLine
{
    private const FORMAT = '/^(\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z) ([a-z-]+) (-?\d+(?:\.\d+)?) (-?\d+(?:\.\d+)?) '
        .'(\S+)$/u';

    private function __construct(
        public string $time,
        public string $instrument,
        public float $place,
        public float $value,
        public string $unit,
    ) {
    }

    /** @throws DomainException when the line does not keep to the format */
    public static function parse(string $line): self
    {
        if (preg_match(self::FORMAT, trim($line), $part) !== 1) {
            throw new DomainException('What answers there is no reading.');
        }

        return new self($part[1], $part[2], (float) $part[3], (float) $part[4], $part[5]);
    }

    /**
     * The reading as somebody would type it into a field for a gap.
     *
     * @throws DomainException when it is no length
     */
    public function typed(): string
    {
        if ($this->unit !== 'mm') {
            throw new DomainException("That instrument reads {$this->unit}, and a gap is read in mm.");
        }

        return rtrim(rtrim(number_format($this->value, 3, '.', ''), '0'), '.').' mm';
    }

    /**
     * A figure of the air as somebody would type it.
     *
     * @throws DomainException when it is of something else
     */
    public function ofAir(string $unit): string
    {
        if ($this->unit !== $unit) {
            throw new DomainException("That instrument reads {$this->unit}, and the air is read in °C and %.");
        }

        return rtrim(rtrim(number_format($this->value, 1, '.', ''), '0'), '.');
    }
}
