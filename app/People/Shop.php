<?php

declare(strict_types=1);

namespace App\People;

/** Whether this server answers one machine, without a password, or a whole shop, where everybody signs in. */
final class Shop
{
    /** Set by `./jackrest share`; anything but empty. */
    private const SHARED = 'JACKREST_SHARED';

    /** Names and numbers it answers under, with commas between. */
    private const HOSTS = 'JACKREST_HOSTS';

    /** Set by `./jackrest share --cert`: the certificate is of an authority that devices know already. */
    private const OWN_CERTIFICATE = 'JACKREST_OWN_CERTIFICATE';

    private static ?bool $shared = null;

    public static function isShared(): bool
    {
        return self::$shared ?? self::read(self::SHARED) !== '';
    }

    public static function hasOwnCertificate(): bool
    {
        return self::read(self::OWN_CERTIFICATE) !== '';
    }

    /** @return list<string> without ports */
    public static function hosts(): array
    {
        $hosts = self::isShared() ? explode(',', self::read(self::HOSTS)) : [];

        return array_values(array_filter($hosts, static fn (string $one): bool => $one !== ''));
    }

    /** For tests, which ask one server both ways; null: what the environment says. */
    public static function suppose(?bool $shared): void
    {
        self::$shared = $shared;
    }

    private static function read(string $name): string
    {
        $value = $_SERVER[$name] ?? getenv($name);

        return is_string($value) ? $value : '';
    }
}
