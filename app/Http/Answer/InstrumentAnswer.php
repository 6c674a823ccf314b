<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;

/** What a gap can be read with. */
final readonly class InstrumentAnswer extends Answer
{
    public function __construct(
        #[Field('its value')] public string $value,
        #[Field('what is read beside it')] public string $label,
        #[Field('the smallest gap it tells, mm')] public float $resolutionMm,
        #[Field('the same, ready to be read')] public string $resolution,
        #[Field('whether that is what the user\'s own eye was found to see')] public bool $isOwn,
    ) {
    }

    /** @return list<self> */
    public static function all(LengthFormatter $format): array
    {
        return array_map(
            static fn (Instrument $instrument): self => new self(
                $instrument->value,
                $instrument->label(),
                $instrument->resolutionMm($format->paperMm, $format->eyeMm),
                $format->small($instrument->resolutionMm($format->paperMm, $format->eyeMm)),
                isset($format->eyeMm[$instrument->value]),
            ),
            Instrument::cases(),
        );
    }
}
