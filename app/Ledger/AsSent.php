<?php

declare(strict_types=1);

namespace App\Ledger;

/** What a request to write brings beside its figures: the entry that it corrects, and itself, to be kept as typed. */
final readonly class AsSent
{
    public const HEADER = 'X-Corrects';

    /** Longer requests bring files, bytes: nobody typed them. */
    private const LONG = 8192;

    /**
     * @param  int|null  $corrects  number of the entry that is kept, struck through, and written anew
     * @param  array{unit: string, body: array<string, mixed>}|null  $typed  in which unit of length, and what
     */
    public function __construct(public ?int $corrects = null, public ?array $typed = null)
    {
    }

    /**
     * @param  array<string, mixed>  $body
     */
    public static function of(?string $corrects, string $unit, array $body): self
    {
        unset($body['version']);
        $isShort = $body !== [] && strlen((string) json_encode($body)) <= self::LONG;

        return new self(
            $corrects === null || ! ctype_digit($corrects) ? null : (int) $corrects,
            $isShort ? ['unit' => $unit, 'body' => $body] : null,
        );
    }
}
