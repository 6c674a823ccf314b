<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class WindingMapInput
{
    /**
     * @param  non-empty-list<WindingStation>  $stations
     *
     * @throws InvalidInput when stations do not ascend, the first does not read nought, or a reading is too large
     */
    public function __construct(
        #[Field('width of the board, mm', above: 0)] public float $boardWidthMm,
        #[Field('length of the sticks, mm', above: 0)] public float $stickLengthMm,
        #[
            Field(
                'places along the board with what the far stick showed there, ascending; the first reads 0',
                of: WindingStation::class,
                minItems: 2,
                maxItems: 200,
            ),
        ]
        public array $stations,
        #[Field('thickness of one shaving, mm', above: 0)] public ?float $shavingMm = null,
    ) {
        Stations::ascend(
            array_map(static fn (WindingStation $station): float => $station->atMm, $stations),
            'stations',
        );
        if ($stations[0]->readingMm !== 0.0) {
            throw InvalidInput::because(
                'stations[0].readingMm',
                'must be 0: every other station is read against the first',
            );
        }
        foreach ($stations as $index => $station) {
            if (abs($station->readingMm) >= $stickLengthMm) {
                throw InvalidInput::because(
                    "stations[$index].readingMm",
                    "must be smaller than the sticks are long ($stickLengthMm mm)",
                );
            }
        }
    }
}
