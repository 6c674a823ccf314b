<?php

declare(strict_types=1);

namespace App\Entry;

use Closure;
use Illuminate\Http\Request;
use JackRest\Core\Calculation\InvalidInput;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses numbers that are none: `1e999` is read as infinite, and rules that compare or cast it break.
 *
 * Calculations are read by the core, which refuses them itself.
 */
final class FiniteNumbers
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isJson() && ! $request->is('api/calc/*')) {
            self::refuse($request->json()->all(), '');
        }

        return $next($request);
    }

    /**
     * @param  array<mixed>  $sent
     *
     * @throws InvalidInput
     */
    private static function refuse(array $sent, string $under): void
    {
        foreach ($sent as $name => $value) {
            $field = $under === '' ? (string) $name : "$under.$name";
            if (is_array($value)) {
                self::refuse($value, $field);
            } elseif (is_float($value) && ! is_finite($value)) {
                throw InvalidInput::because($field, 'That number is too large to work with.');
            }
        }
    }
}
