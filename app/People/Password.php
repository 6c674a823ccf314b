<?php

declare(strict_types=1);

namespace App\People;

/**
 * A password as OWASP's Application Security Verification Standard 4.0.3 asks (2.1): at least 12 characters, any of
 * them, none of the common ones; kept as argon2id.
 */
final class Password
{
    public const LEAST = 12;

    public const MOST = 128;

    /** Fewer different characters than that are no password. */
    private const DIFFERENT = 5;

    /** What is wrong with one; null: nothing is. */
    public static function fault(string $password, string $name): ?string
    {
        $plain = mb_strtolower($password);

        return match (true) {
            mb_strlen($password) < self::LEAST => 'At least '.self::LEAST.' characters: three or four words do.',
            mb_strlen($password) > self::MOST => 'At most '.self::MOST.' characters.',
            count(array_unique(mb_str_split($plain))) < self::DIFFERENT => 'Not a few characters over and over.',
            $name !== '' && str_contains($plain, mb_strtolower($name)) => 'Not with your own name in it.',
            self::isCommon($plain) => 'Too many people use that one. Take three or four words that nobody else would.',
            default => null,
        };
    }

    public static function hash(string $password): string
    {
        return password_hash($password, PASSWORD_ARGON2ID);
    }

    /** Takes as long for a name that nobody has. */
    public static function fits(string $password, ?string $hash): bool
    {
        // Of a password that is thrown away.
        $nobody = '$argon2id$v=19$m=65536,t=4,p=1$bm9ib2R5bm9ib2R5bm8$kqVqGmkYBCrYSDmUL0CHbPgJDEmy2GRzwuMT1XtlN1A';

        return password_verify($password, $hash ?? $nobody) && $hash !== null;
    }

    /** Itself, without what is often put behind it, or the half of it that is written twice. */
    private static function isCommon(string $plain): bool
    {
        $bare = rtrim($plain, '0..9!?.');
        $half = mb_substr($plain, 0, intdiv(mb_strlen($plain), 2));
        $tried = [$plain, $bare, ...$plain === $half.$half ? [$half] : []];
        $list = (string) file_get_contents(__DIR__.'/common-passwords.txt');

        return array_filter($tried, static fn (string $one): bool => str_contains($list, self::sign($one))) !== [];
    }

    /** As the list has it, of 17,950 of eight characters and more out of @zxcvbn-ts/language-common 4.1.3 (MIT). */
    private static function sign(string $plain): string
    {
        return substr(hash('sha256', $plain), 0, 8)."\n";
    }
}
