<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Grain;

/** What a field is read as, and how an amount of it is written. */
enum Quantity: string
{
    case Length = 'length';
    /** Plates, sets and blades: written to a hundredth of a millimetre, or in thou. */
    case Thickness = 'thickness';
    case TeethPerInch = 'teeth-per-inch';
    case Degrees = 'degrees';
    /** One in so many, or a bevel in degrees. */
    case Slope = 'slope';
    case YesNo = 'yes-no';
    case Count = 'count';
    /** How a saw's teeth are shaped: rip, cross or both. */
    case Teeth = 'teeth';
    /** °C. */
    case Temperature = 'temperature';
    case Percent = 'percent';
    /** In the bench's own currency. */
    case Money = 'money';

    public static function of(DimensionUnit $unit): self
    {
        return self::from($unit->value);
    }

    public function read(string $typed, LengthFormatter $format): Reading
    {
        if (trim($typed) === '') {
            return Reading::none($typed);
        }

        return match ($this) {
            self::Length, self::Thickness => TypedLength::read($typed, $format),
            self::YesNo => TypedCount::yesNo($typed),
            self::Teeth => TypedTeeth::shape($typed),
            default => $this->number(SpokenNumber::written($typed))->as($typed),
        };
    }

    private function number(string $written): Reading
    {
        return match ($this) {
            self::TeethPerInch => TypedTeeth::perInch($written),
            self::Degrees => TypedAngle::degrees($written),
            self::Slope => TypedAngle::slope($written),
            self::Temperature => TypedAir::celsius($written),
            self::Percent => TypedAir::percent($written),
            self::Money => TypedMoney::euros($written),
            default => TypedCount::whole($written),
        };
    }

    /** 16 mm, 15 teeth per inch, 8.1° */
    public function amount(float $value, LengthFormatter $format): string
    {
        return match ($this) {
            self::Length => $format->dimension($value),
            self::Thickness => $format->small($value),
            self::TeethPerInch => LengthFormatter::decimal($value, 1).' teeth per inch',
            self::Degrees => LengthFormatter::decimal($value, 1).'°',
            self::Slope => '1:'.LengthFormatter::decimal($value, 1),
            self::YesNo => $value >= 1 ? 'yes' : 'no',
            self::Count => LengthFormatter::decimal($value, 0),
            self::Teeth => Grain::named($value),
            self::Temperature => LengthFormatter::decimal($value, 0).' °C',
            self::Percent => LengthFormatter::decimal($value, 0).' %',
            self::Money => '€ '.LengthFormatter::decimal($value, 2),
        };
    }

    /** A value as it would be typed into a field. */
    public function typed(float $value, LengthFormatter $format): string
    {
        return $this->isLength() ? $format->typed($value) : LengthFormatter::decimal($value, 3);
    }

    public function isLength(): bool
    {
        return $this === self::Length || $this === self::Thickness;
    }
}
