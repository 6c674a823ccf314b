<?php

declare(strict_types=1);

namespace App\Http\Requests;

use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Desk\Measure\Figure;

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

    /**
     * Refuses also what is missing.
     *
     * @param  array<string, Figure>  $figures
     * @param  array<string, string>  $missing  what is said beside each that is wanted and was not given
     *
     * @throws InvalidInput naming every figure that is wrong, or else every one that is missing
     */
    public static function wholeOrRefuse(string $under, array $figures, array $missing): void
    {
        self::orRefuse($under, $figures);
        $errors = [];
        foreach ($missing as $name => $says) {
            $errors[] = new FieldError("$under.$name", $says);
        }
        if ($errors !== []) {
            throw new InvalidInput($errors);
        }
    }
}
