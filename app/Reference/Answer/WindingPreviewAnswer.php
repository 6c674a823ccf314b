<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\ReferenceNextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** A board's wind as far as it has been typed. */
final readonly class WindingPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $readings
     * @param  list<WindingRowReadAnswer>  $rows
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[
            Field('what was typed and how it was understood, by field', of: Reading::class, keyed: true),
        ]
        public array $readings,
        #[Field('line by line', of: WindingRowReadAnswer::class)] public array $rows,
        #[Field('why it cannot be computed; null: it can')] public ?string $objection,
        #[Field('what the readings come to; null: not yet')] public ?WindingResultAnswer $result,
        #[Field('what to do next')] public ReferenceNextAnswer $next,
        #[Field('whether it can be written down')] public bool $canRecord,
        #[Field('how strokes are made in bench mode; null: there are none', among: ['plane'])] public ?string $work,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
