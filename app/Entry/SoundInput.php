<?php

declare(strict_types=1);

namespace App\Entry;

use App\Http\HiddenCharacters;
use Closure;
use Illuminate\Http\Request;
use JackRest\Core\Calculation\InvalidInput;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses numbers that are none and texts that nobody typed: `1e999` is read as infinite, and rules that compare or
 * cast it break; a character that nobody sees breaks what is printed and exported, or makes two names look alike.
 *
 * Calculations are read by the core, which refuses such numbers itself; files may hold what they like.
 */
final class SoundInput
{
    /** Longer lists and deeper trees nobody sends from a page; rules for each of their entries would take long. */
    private const LONGEST = 2000;

    private const DEEPEST = 12;

    /** Of all lists together. */
    private const MOST_VALUES = 20_000;

    private int $values = 0;

    /** The text of a file to be imported. */
    private const FILE = 'text';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isJson() && ! $request->is('api/calc/*')) {
            $this->refuse(self::read($request), '', 0);
        }

        return $next($request);
    }

    /**
     * What was sent, no deeper than anything that a page sends.
     *
     * @return array<string, mixed>
     *
     * @throws InvalidInput
     */
    private static function read(Request $request): array
    {
        $decoded = json_decode($request->getContent(), true, self::DEEPEST + 2);
        if (json_last_error() === JSON_ERROR_DEPTH) {
            throw self::tooMuch('');
        }
        $sent = [];
        foreach ((array) $decoded as $name => $value) {
            $sent[(string) $name] = $value;
        }
        $request->setJson(new InputBag($sent));

        return $sent;
    }

    private static function tooMuch(string $field): InvalidInput
    {
        return InvalidInput::because($field, 'That is more than can be taken at once.');
    }

    /**
     * @param  array<mixed>  $sent
     *
     * @throws InvalidInput
     */
    private function refuse(array $sent, string $under, int $depth): void
    {
        $this->values += count($sent);
        if (count($sent) > self::LONGEST || $this->values > self::MOST_VALUES || $depth > self::DEEPEST) {
            throw self::tooMuch($under);
        }
        foreach ($sent as $name => $value) {
            $field = $under === '' ? (string) $name : "$under.$name";
            if (is_array($value)) {
                $this->refuse($value, $field, $depth + 1);
            } elseif (is_float($value) && ! is_finite($value)) {
                throw InvalidInput::because($field, 'That number is too large to work with.');
            } elseif (is_string($value) && $field !== self::FILE && HiddenCharacters::areIn($value)) {
                throw InvalidInput::because($field, 'It holds a character that cannot be printed. Type it again.');
            }
        }
    }
}
