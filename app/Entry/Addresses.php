<?php

declare(strict_types=1);

namespace App\Entry;

/** The addresses that the front end has a page for, as its build wrote them down. */
final readonly class Addresses
{
    private const BUILT = 'build/addresses.json';

    /** Such as /edges/:id and /edges/saws/:id?; all of them where the list is missing. */
    public function has(string $address): bool
    {
        $file = public_path(self::BUILT);
        if (! is_file($file)) {
            return true;
        }
        /** @var list<string> $known */
        $known = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
        foreach ($known as $pattern) {
            if (preg_match(self::regex($pattern), rtrim($address, '/') === '' ? '/' : rtrim($address, '/')) === 1) {
                return true;
            }
        }

        return false;
    }

    private static function regex(string $pattern): string
    {
        $regex = '';
        foreach (explode('/', trim($pattern, '/')) as $part) {
            $regex .= match (true) {
                ! str_starts_with($part, ':') => '/'.preg_quote($part, '#'),
                str_ends_with($part, '?') => '(?:/[^/]+)?',
                default => '/[^/]+',
            };
        }

        return "#^$regex$#";
    }
}
