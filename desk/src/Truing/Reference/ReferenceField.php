<?php

declare(strict_types=1);

namespace JackRest\Desk\Truing\Reference;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Measure\Figure;

/** One field of a reference's test: what it is called, what is possible in it, what it begins with. */
final readonly class ReferenceField
{
    /**
     * @param  DimensionUnit|null  $unit  null: a slope of 1 in so many
     * @param  float|null  $usual  what it begins with; null: it is read anew each time, or left out
     * @param  float  $step  mm, or units of it
     * @param  bool  $isReading  read off the wood at every test
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $hint,
        public float $least,
        public float $most,
        public string $complaint,
        public ?float $usual = null,
        public float $step = 1.0,
        public bool $isReading = false,
        public ?DimensionUnit $unit = DimensionUnit::Length,
    ) {
    }

    public function read(string $typed, LengthFormatter $format): Figure
    {
        $figure = match ($this->unit) {
            null => self::ratio($typed),
            default => Figure::of($typed, $this->unit, $format),
        };

        return $figure->within($this->least, $this->most, $this->complaint);
    }

    /** A value as it would be typed into this field. */
    public function typed(float $value, LengthFormatter $format): string
    {
        return $this->isLength() ? $format->typed($value) : LengthFormatter::decimal($value, 3);
    }

    public function isLength(): bool
    {
        return $this->unit === DimensionUnit::Length;
    }

    /** Typed as 7, as 1:7, or for a bevel as 45°. */
    private static function ratio(string $typed): Figure
    {
        if (preg_match('/^\s*(\d+(?:[.,]\d+)?)\s*(?:°|deg|degrees)\s*$/u', $typed, $match) === 1) {
            $deg = (float) str_replace(',', '.', $match[1]);

            return $deg > 0 && $deg < 90 ? Figure::read($typed, 1 / tan(deg2rad($deg))) : Figure::unread($typed, 'A slope is steeper than 0° and less than 90°.');
        }
        $bare = str_replace(',', '.', (string) preg_replace('/^\s*1\s*:\s*/', '', trim($typed)));

        return match (true) {
            $bare === '' => Figure::count(''),
            is_numeric($bare) && is_finite((float) $bare) => Figure::read($typed, (float) $bare),
            default => Figure::unread($typed, 'Type a slope such as 7, 1:7 or 45°.'),
        };
    }
}
