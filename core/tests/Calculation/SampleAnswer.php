<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Calculation;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Timber\Hardness;

/** Of every sort that an answer can hold and a calculation does not. */
final readonly class SampleAnswer
{
    /**
     * @param  list<self>  $parts
     * @param  array<string, float>  $sizes
     * @param  list<list<float>>  $rows
     */
    public function __construct(
        #[Field('what it belongs to')] public ?SampleAnswer $whole,
        #[Field('its parts', of: self::class)] public array $parts,
        #[Field('how hard')] public ?Hardness $hardness,
        #[Field('how it stands', among: ['open', 'left'])] public string $state,
        #[Field('by name, mm', of: 'number', keyed: true)] public array $sizes,
        #[Field('row by row', of: 'numbers')] public array $rows,
    ) {
    }
}
