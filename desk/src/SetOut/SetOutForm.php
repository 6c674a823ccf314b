<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Desk\Advice;
use JackRest\Desk\Form\Form;

/** A question as far as it was typed; what is not typed stands as it is usual, or as the work has it. */
final readonly class SetOutForm
{
    /** @param  array<string, string>  $choices  by name */
    public function __construct(
        public Form $form,
        public array $choices,
        public Advice $next,
        public ?SetOutAnswer $answer,
    ) {
    }
}
