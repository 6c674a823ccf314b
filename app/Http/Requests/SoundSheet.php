<?php

declare(strict_types=1);

namespace App\Http\Requests;

use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\Figure;

/** Refuses to write down what cannot be read. */
final class SoundSheet
{
    /**
     * @param  array<string, Figure>  $figures
     *
     * @throws InvalidInput naming every figure that is wrong
     */
    public static function orRefuse(string $under, array $figures): void
    {
        $errors = [];
        foreach ($figures as $name => $figure) {
            if ($figure->error !== null) {
                $errors[] = new FieldError(ltrim("$under.$name", '.'), $figure->error);
            }
        }
        if ($errors !== []) {
            throw new InvalidInput($errors);
        }
    }
}
