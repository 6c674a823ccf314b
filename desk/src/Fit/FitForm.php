<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit;

use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Form;

/** A fit as far as it has been typed: readings, the tools side by side, and which to take. */
final readonly class FitForm
{
    /**
     * @param  list<FitRow>  $rows  the best first
     * @param  list<Explanation>  $how
     */
    public function __construct(public Form $form, public array $rows, public Advice $next, public array $how)
    {
    }
}
