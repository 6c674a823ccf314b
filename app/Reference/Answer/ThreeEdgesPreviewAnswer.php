<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\ReferenceNextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** Three edges as far as they have been typed. */
final readonly class ThreeEdgesPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $readings
     * @param  list<ThreeEdgesRowReadAnswer>  $rows
     * @param  list<float>  $stationsMm
     * @param  list<FoundEdgeAnswer>  $edges
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[
            Field('what was typed and how it was understood, by field', of: Reading::class, keyed: true),
        ]
        public array $readings,
        #[Field('line by line', of: ThreeEdgesRowReadAnswer::class)] public array $rows,
        #[Field('the places along it, mm', of: 'number')] public array $stationsMm,
        #[Field('edge by edge', of: FoundEdgeAnswer::class)] public array $edges,
        #[Field('how far the readings disagree; null: not told')] public ?string $inconsistency,
        #[Field('what to do next')] public ReferenceNextAnswer $next,
        #[Field('whether it can be written down')] public bool $canRecord,
        #[Field('how strokes are made in bench mode; null: there are none', among: ['plane'])] public ?string $work,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
