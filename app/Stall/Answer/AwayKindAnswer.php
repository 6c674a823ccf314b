<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One kind of tool to look over without connection. */
final readonly class AwayKindAnswer extends Answer
{
    /**
     * @param  list<AwayCheckAnswer>  $checks
     * @param  list<int>  $most
     */
    public function __construct(
        #[Field('which kind it is')] public string $kind,
        #[Field('what it is called')] public string $name,
        #[Field('what a good one is worth, ready to be read')] public string $good,
        #[Field('check by check', of: AwayCheckAnswer::class)] public array $checks,
        #[Field('the most to offer, euros, however the checks stand; the first check counts ones, each later one the '.
            'product of the standings before it', of: 'integer')]
        public array $most,
    ) {
    }
}
