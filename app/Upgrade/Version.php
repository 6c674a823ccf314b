<?php

declare(strict_types=1);

namespace App\Upgrade;

use RuntimeException;

/**
 * A version of the program (semantic versioning 2.0.0). The database carries the one that last opened it as its
 * `user_version`, which is one number: 1.2.3 is 1,002,003; 0 is a database from before versions were counted.
 */
final readonly class Version
{
    private const MAJOR = 1_000_000;

    private const MINOR = 1_000;

    private function __construct(public int $number)
    {
    }

    /** The program's own, from the file VERSION. */
    public static function ofProgram(): self
    {
        return self::of(trim((string) file_get_contents(base_path('VERSION'))));
    }

    /** @throws RuntimeException when it is not three numbers below a thousand with points between */
    public static function of(string $version): self
    {
        if (preg_match('/^(0|[1-9]\d{0,2})\.(0|[1-9]\d{0,2})\.(0|[1-9]\d{0,2})$/D', $version, $part) !== 1) {
            throw new RuntimeException("\"$version\" is not a version such as 1.2.3.");
        }

        return new self((int) $part[1] * self::MAJOR + (int) $part[2] * self::MINOR + (int) $part[3]);
    }

    public static function numbered(int $number): self
    {
        return new self($number);
    }

    public function __toString(): string
    {
        $minor = intdiv($this->number % self::MAJOR, self::MINOR);

        return intdiv($this->number, self::MAJOR).".$minor.".$this->number % self::MINOR;
    }
}
