<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\InstrumentAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Reference\ReferenceKind;

/** A reference on its own page. */
final readonly class ReferencePageAnswer extends Answer
{
    /**
     * @param  list<AskedAnswer>  $asks
     * @param  array<string, float>  $sizes
     * @param  list<InstrumentAnswer>  $instruments
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('which kind it is')] public ReferenceKind $kind,
        #[Field('ready to be read')] public string $says,
        #[Field('how the test is made')] public string $method,
        #[Field('whether it is no tool on the board')] public bool $isOwn,
        #[Field('what its test asks, in order', of: AskedAnswer::class)] public array $asks,
        #[Field('its sizes, by name', of: 'number', keyed: true)] public array $sizes,
        #[Field('length, mm')] public float $lengthMm,
        #[Field('what the gap is read with')] public string $instrument,
        #[Field('what a gap can be read with', of: InstrumentAnswer::class)] public array $instruments,
        #[Field('its tests so far')] public HistoryAnswer $history,
    ) {
    }
}
