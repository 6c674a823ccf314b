<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Http\Answer\ToolOutlineAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** A tool as far as it has been typed. */
final readonly class ToolPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     */
    public function __construct(
        #[Field('which kind it is')] public string $kind,
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('its outline')] public ToolOutlineAnswer $outline,
        #[Field('what it is called')] public string $name,
        #[Field('whether it can be recorded as it is')] public bool $sound,
    ) {
    }
}
