<?php

declare(strict_types=1);

namespace App\People;

/** A key that nobody can guess: 256 bits, of which the database keeps a hash alone. */
final readonly class Secret
{
    private const BYTES = 32;

    public string $hash;

    public function __construct(public string $key)
    {
        $this->hash = hash('sha256', $key);
    }

    public static function make(): self
    {
        return new self(rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '='));
    }
}
