<?php

declare(strict_types=1);

namespace JackRest\Desk\Measure;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;

/** One dimension of a tool as it was typed: a length, teeth or points per inch, an angle, a yes or no. */
final readonly class Figure
{
    private function __construct(
        public string $typed,
        public ?float $value,
        public ?string $understood = null,
        public ?string $error = null,
        public ?string $doubt = null,
        public ?string $instead = null,
    ) {
    }

    public static function of(string $typed, DimensionUnit $unit, LengthFormatter $format, ?float $usual = null): self
    {
        if (trim($typed) === '') {
            return new self($typed, null);
        }

        return match ($unit) {
            DimensionUnit::Length, DimensionUnit::Thickness => self::length($typed, $format, $usual),
            DimensionUnit::TeethPerInch => self::teeth($typed),
            DimensionUnit::Degrees => self::degrees($typed),
            DimensionUnit::YesNo => self::yesNo($typed),
            DimensionUnit::Count => self::count($typed),
            DimensionUnit::Teeth => self::shape($typed),
        };
    }

    /** A whole number of things. */
    public static function count(string $typed): self
    {
        return match (true) {
            trim($typed) === '' => new self($typed, null),
            preg_match('/^\s*\d{1,4}\s*$/', $typed) === 1 => new self($typed, (float) $typed),
            default => new self($typed, null, error: 'Type a whole number, such as 5.'),
        };
    }

    /** A figure read by somebody who knows its scale. */
    public static function read(string $typed, float $value): self
    {
        return new self($typed, $value);
    }

    /** Nothing was typed. */
    public static function none(string $typed = ''): self
    {
        return new self($typed, null);
    }

    public static function unread(string $typed, string $error): self
    {
        return new self($typed, null, error: $error);
    }

    /** Complains when it lies outside what is possible. */
    public function within(float $least, float $most, string $complaint): self
    {
        return $this->value === null || ($this->value >= $least && $this->value <= $most)
            ? $this
            : new self($this->typed, null, $this->understood, $this->doubt ?? $complaint, null, $this->instead);
    }

    public function refused(string $complaint): self
    {
        return new self($this->typed, null, $this->understood, $complaint);
    }

    /** Understood, but asked about; what to type instead, where that is known. */
    public function doubted(string $doubt, ?string $instead): self
    {
        return new self($this->typed, $this->value, $this->understood, $this->error, $doubt, $instead);
    }

    private static function length(string $typed, LengthFormatter $format, ?float $usual): self
    {
        $reading = Reading::of($typed, $format);
        $reading = $usual === null ? $reading : $reading->beside($usual, $format);

        return new self($typed, $reading->mm, $reading->understood, $reading->error, $reading->doubt, $reading->instead);
    }

    /** Points per inch = teeth per inch + 1: both ends of the inch are counted. */
    private static function teeth(string $typed): self
    {
        if (preg_match('/^\s*(\d+(?:[.,]\d+)?)\s*(tpi|teeth|ppi|points?|pts?)?(?:\s*per inch)?\s*$/i', $typed, $match) !== 1) {
            return new self($typed, null, error: 'Type teeth per inch, such as 15, or points: 16 ppi.');
        }
        $number = (float) str_replace(',', '.', $match[1]);
        $points = str_starts_with(strtolower($match[2] ?? ''), 'p');
        $teeth = $points ? $number - 1 : $number;

        return new self($typed, $teeth, LengthFormatter::decimal($teeth, 1).' teeth, '.LengthFormatter::decimal($teeth + 1, 1).' points per inch');
    }

    private static function degrees(string $typed): self
    {
        if (preg_match('/^\s*1\s*:\s*(\d+(?:[.,]\d+)?)\s*$/', $typed, $match) === 1 && (float) $match[1] > 0) {
            $deg = rad2deg(atan(1 / (float) str_replace(',', '.', $match[1])));

            return new self($typed, $deg, LengthFormatter::decimal($deg, 2).'°');
        }

        return preg_match('/^\s*(\d+(?:[.,]\d+)?)\s*(°|deg|degrees)?\s*$/i', $typed, $match) === 1
            ? new self($typed, (float) str_replace(',', '.', $match[1]))
            : new self($typed, null, error: 'Type degrees, such as 12, or a slope: 1:7.');
    }

    /** Rip = 1, cross = 2, both = 3; a cut that runs along the grain wants rip teeth, one across it crosscut teeth. */
    private static function shape(string $typed): self
    {
        return match (strtolower(trim($typed))) {
            'rip', 'along' => new self($typed, 1.0),
            'cross', 'crosscut', 'across' => new self($typed, 2.0),
            'both' => new self($typed, 3.0),
            default => new self($typed, null, error: 'Type rip, cross or both.'),
        };
    }

    private static function yesNo(string $typed): self
    {
        return match (strtolower(trim($typed))) {
            'yes', 'y', '1', 'true' => new self($typed, 1.0),
            'no', 'n', '0', 'false' => new self($typed, 0.0),
            default => new self($typed, null, error: 'Type yes or no.'),
        };
    }
}
