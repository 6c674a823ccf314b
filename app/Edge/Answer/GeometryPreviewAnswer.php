<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** An edge's geometry as far as it has been typed. */
final readonly class GeometryPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<GeometryLineAnswer>  $lines
     * @param  list<string>  $warnings
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('why it cannot be computed; null: it can')] public ?string $objection,
        #[Field('line by line, ready to be read', of: GeometryLineAnswer::class)] public array $lines,
        #[Field('what to beware of', of: 'string')] public array $warnings,
        #[Field('what it is drawn by')] public ?DrawnBladeAnswer $drawn,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('whether it can be recorded as it is')] public bool $sound,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
