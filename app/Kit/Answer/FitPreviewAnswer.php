<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** A question of fit, answered as far as it has been typed. */
final readonly class FitPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<FitRowAnswer>  $rows
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('line by line', of: FitRowAnswer::class)] public array $rows,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
