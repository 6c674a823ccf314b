<?php

declare(strict_types=1);

namespace App\Auger\Answer;

use App\Http\Answer;
use App\Saw\Answer\FilingAnswer;
use App\Saw\Answer\FilingStepAnswer;
use JackRest\Core\Calculation\Field;

/** A set of auger bits. */
final readonly class AugerPageAnswer extends Answer
{
    /**
     * @param  list<AugerBitAnswer>  $bits
     * @param  list<string>  $gaps
     * @param  list<FilingStepAnswer>  $steps
     * @param  list<FilingAnswer>  $filings
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('bit by bit', of: AugerBitAnswer::class)] public array $bits,
        #[Field('sizes that are missing between', of: 'string')] public array $gaps,
        #[Field('step by step', of: FilingStepAnswer::class)] public array $steps,
        #[Field('the session that is open on it; null: none')] public ?int $running,
        #[Field('when it was filed, the newest first', of: FilingAnswer::class)] public array $filings,
        #[Field('ready to be read')] public string $says,
        #[Field('what to beware of')] public string $caution,
    ) {
    }
}
