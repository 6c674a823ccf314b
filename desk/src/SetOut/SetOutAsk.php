<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\FormField;

/** One question of marking out, setting or cutting to a number. */
interface SetOutAsk
{
    /** @return list<FormField> */
    public function fields(Hands $hands): array;

    /** @return list<SetOutChoice> */
    public function choices(Hands $hands): array;

    /** @return array<string, string> which field a complaint of the core stands beside, by the core's own name */
    public function named(): array;

    /** @throws InvalidInput when it cannot be done with these numbers */
    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer;
}
