<?php

declare(strict_types=1);

namespace App\Blank\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** A blank as far as it has been typed. */
final readonly class BlankPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  array<string, string>  $missing
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('what is not there yet', of: 'string', keyed: true)] public array $missing,
        #[Field('whether it can be recorded as it is')] public bool $sound,
    ) {
    }
}
