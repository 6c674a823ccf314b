<?php

declare(strict_types=1);

namespace App\SetOut\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What was set out for a work. */
final readonly class KeptSetOutAnswer extends Answer
{
    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $choices
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('which question')] public string $question,
        #[Field('what it is called')] public string $label,
        #[Field('the name it was given; empty: none')] public string $name,
        #[Field('the next stroke of it')] public string $says,
        #[Field('whether strokes, turns or shavings are counted at the bench')] public bool $counts,
        #[Field('as it was typed', of: 'string', keyed: true)] public array $typed,
        #[Field('as it was chosen', of: 'string', keyed: true)] public array $choices,
    ) {
    }
}
