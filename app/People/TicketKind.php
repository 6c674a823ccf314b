<?php

declare(strict_types=1);

namespace App\People;

/** What a ticket opens, once. */
enum TicketKind: string
{
    /** The account of the shop's first owner. */
    case Owner = 'owner';
    /** An account of one's own, and a place at a bench. */
    case Invitation = 'invitation';
    /** A phone, at the one bench that a screen which is signed in shows. */
    case Pairing = 'pairing';
    /** A new password, for who forgot the old one. */
    case Recovery = 'recovery';

    /** For how long it can be taken. */
    public function minutes(): int
    {
        return match ($this) {
            self::Owner => 60,
            self::Invitation => 3 * 24 * 60,
            self::Pairing => 2,
            self::Recovery => 60,
        };
    }

    /** Where whoever has it goes. */
    public function path(): string
    {
        return match ($this) {
            self::Owner, self::Invitation => '/join',
            self::Pairing => '/pair',
            self::Recovery => '/recover',
        };
    }
}
