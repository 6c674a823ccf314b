<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;

/** A reference's test as it was typed, whatever is tested. */
final readonly class TypedTest
{
    /**
     * @param  array<string, string>  $figures  by the fields' names
     * @param  array<string, list<string>>  $lists  by the lists' ids: gaps at the tip, places and gaps, the
     *     gaps of a line
     * @param  array<string, string>  $choices  by the choices' names
     */
    public function __construct(
        public array $figures,
        public array $lists = [],
        public array $choices = [],
        public Instrument $instrument = Instrument::Feeler,
    ) {
    }

    public function resolutionMm(LengthFormatter $format): float
    {
        return $this->instrument->resolutionMm($format->paperMm, $format->eyeMm);
    }

    /**
     * @return array{figures: array<string, string>, lists: array<string, list<string>>, choices: array<string, string>,
     * instrument: string}
     */
    public function toArray(): array
    {
        return [
            'figures' => $this->figures,
            'lists' => $this->lists,
            'choices' => $this->choices,
            'instrument' => $this->instrument->value,
        ];
    }
}
