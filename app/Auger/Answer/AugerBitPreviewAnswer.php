<?php

declare(strict_types=1);

namespace App\Auger\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Filing\AugerVerdict;
use JackRest\Desk\Form\Reading;

/** An auger bit as far as it has been typed. */
final readonly class AugerBitPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<string>  $lines
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('what it comes to')] public ?AugerVerdict $verdict,
        #[Field('line by line, ready to be read', of: 'string')] public array $lines,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('whether it can be recorded as it is')] public bool $sound,
    ) {
    }
}
