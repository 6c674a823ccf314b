<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Core\Calculation\Field;

/** What one tool is set to, for the card that hangs at the bench. */
final readonly class ToolSetting
{
    /**
     * @param  string|null  $gauge  the setting as a gauge holds it; null: no gauge holds it
     * @param  string  $step  which step of a job it is for: an operation, and which side of a joint where that matters
     */
    public function __construct(
        #[Field('which tool')] public string $tool,
        #[Field('what for')] public string $for,
        #[Field('what it is set to')] public string $to,
        #[Field('the setting as a gauge holds it; null: no gauge holds it')] public ?string $gauge = null,
        #[Field('which step of a job it is for; empty: none')] public string $step = '',
    ) {
    }
}
