<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Season\PieceInShed;
use JackRest\Core\Season\RestLog;

/** Between which moistures a piece goes through the shop's year. */
final readonly class Swing
{
    /** An unheated shed's year where no log tells of it, per cent; from memory. */
    private const USUAL_PCT = [11.0, 18.0];

    /** A log that knows less than most of a year does not know its summer and its winter. */
    private const LEAST_DAYS = 270.0;

    private function __construct(public float $fromPct, public float $toPct, public bool $isLogged)
    {
    }

    public static function of(RestLog $log, float $thicknessMm): self
    {
        return self::isKnownBy($log) ? self::between($log->wood($thicknessMm)->swing()) : self::between(null);
    }

    /** Of a piece that was followed through this log already. */
    public static function ofPiece(RestLog $log, PieceInShed $piece): self
    {
        return self::between(self::isKnownBy($log) ? $piece->swing() : null);
    }

    private static function isKnownBy(RestLog $log): bool
    {
        return $log->lastDay() - $log->firstDay() >= self::LEAST_DAYS;
    }

    /** @param  array{float, float}|null  $swing */
    private static function between(?array $swing): self
    {
        return $swing === null
            ? new self(self::USUAL_PCT[0], self::USUAL_PCT[1], false)
            : new self($swing[0], $swing[1], true);
    }
}
