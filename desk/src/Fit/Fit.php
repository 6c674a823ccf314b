<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Form\FormField;

/** A question of fit that a screen asks: its fields, and its answer for the tools at hand. */
interface Fit
{
    /** @return list<FormField> */
    public function fields(): array;

    /**
     * @param  array<string, float>  $values  by field; optional ones may be missing
     * @param  list<ToolAtHand>  $tools  every tool owned
     */
    public function answer(array $values, Hardness $hardness, array $tools, LengthFormatter $format): FitResult;
}
