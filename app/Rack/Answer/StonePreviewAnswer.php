<?php

declare(strict_types=1);

namespace App\Rack\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** A stone as far as it has been typed. */
final readonly class StonePreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('what it is called')] public string $name,
        #[Field('size of the grit, µm')] public ?float $particleUm,
        #[Field('the same grit on other scales; null: none')] public ?string $elsewhere,
        #[Field('whether it can be recorded as it is')] public bool $sound,
    ) {
    }
}
