<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Two stops compared. */
final readonly class TrialAnswer extends Answer
{
    /**
     * @param  list<TrialSideAnswer>  $sides
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('when it was tried, ISO 8601')] public string $triedAt,
        #[Field('side by side', of: TrialSideAnswer::class)] public array $sides,
        #[Field('how hard the wood was')] public string $wood,
        #[Field('ready to be read')] public string $says,
        #[Field('the stop that was kept, µm; null: none')] public ?float $keptUm,
    ) {
    }
}
