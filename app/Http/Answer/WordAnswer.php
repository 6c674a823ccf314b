<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Labelled;

/** A value and the word for it. */
final readonly class WordAnswer extends Answer
{
    public function __construct(
        #[Field('its value')] public string $value,
        #[Field('what is read beside it')] public string $label,
    ) {
    }

    /**
     * @param  array<Labelled>  $choices
     * @return list<self>
     */
    public static function each(array $choices): array
    {
        return array_map(
            static fn (Labelled $choice): self => new self((string) $choice->value, $choice->label()),
            array_values($choices),
        );
    }
}
