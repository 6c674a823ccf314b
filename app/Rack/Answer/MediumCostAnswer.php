<?php

declare(strict_types=1);

namespace App\Rack\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a kind of stone costs to use. */
final readonly class MediumCostAnswer extends Answer
{
    /**
     * @param  list<string>  $after
     */
    public function __construct(
        #[Field('the kind of stone')] public string $medium,
        #[Field('what it costs for one edge, ready to be read')] public string $perEdge,
        #[Field('what that is after so many years', of: 'string')] public array $after,
    ) {
    }
}
