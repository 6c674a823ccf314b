<?php

declare(strict_types=1);

namespace App\Http;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;

/** The shapes that several screens share. */
final class Shared
{
    /** @return array{says: string, why: string} */
    public static function advice(Advice $advice): array
    {
        return ['says' => $advice->says, 'why' => $advice->why];
    }

    /** @return array{says: string, why: string, takeOff: bool} */
    public static function stroke(Advice $advice): array
    {
        return [...self::advice($advice), 'takeOff' => $advice->takeOff];
    }

    /** @return array{says: string, typed: string}|null what the last shavings really took */
    public static function learnt(?float $mm, LengthFormatter $format): ?array
    {
        return $mm === null
            ? null
            : [
                'says' => 'Your last shavings were '.$format->small($mm).' thick, by what they took.',
                'typed' => $format->typed(round($mm, 3)),
            ];
    }

    /**
     * @return list<array{value: string, label: string, resolutionMm: float, resolution: string}> what a gap can be read
     * with
     */
    public static function instruments(LengthFormatter $format): array
    {
        return array_map(
            static fn (Instrument $instrument): array => [
                'value' => $instrument->value,
                'label' => $instrument->label(),
                'resolutionMm' => $instrument->resolutionMm($format->paperMm),
                'resolution' => $format->small($instrument->resolutionMm($format->paperMm)),
            ],
            Instrument::cases(),
        );
    }

    /**
     * @param  list<Explanation>  $explained
     * @return list<array{asks: string, formula: string, numbers: string, basis: string, source: string}>
     */
    public static function how(array $explained): array
    {
        return array_map(
            static fn (Explanation $how): array => [
                'asks' => $how->asks,
                'formula' => $how->formula,
                'numbers' => $how->numbers,
                'basis' => $how->basis->value,
                'source' => $how->source,
            ],
            $explained,
        );
    }
}
