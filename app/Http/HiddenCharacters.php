<?php

declare(strict_types=1);

namespace App\Http;

/**
 * Characters that nobody types and nobody sees: control characters but tab and the ends of lines, what XML does not
 * allow (XML 1.0, 2.2), and marks without width or that turn the direction of writing (Unicode, UAX 9 and UTS 39), by
 * which two names can look alike.
 */
final class HiddenCharacters
{
    private const ANY = '/[\x{00}-\x{08}\x{0B}\x{0C}\x{0E}-\x{1F}\x{7F}-\x{9F}\x{AD}\x{061C}\x{180E}\x{200B}-\x{200F}'.
        '\x{2028}-\x{202E}\x{2060}-\x{206F}\x{FEFF}\x{FFF9}-\x{FFFB}\x{FFFE}\x{FFFF}]/u';

    public static function areIn(string $text): bool
    {
        // What is no UTF-8 at all is none of these, and no better.
        return preg_match(self::ANY, $text) !== 0;
    }

    public static function without(string $text): string
    {
        return (string) preg_replace(self::ANY, '', mb_scrub($text));
    }
}
