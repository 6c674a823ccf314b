<?php

declare(strict_types=1);

namespace App\Ledger;

/** Which entries can be typed again, the old one kept: readings, which can be read wrong. */
final class Correctable
{
    /** Entries that an edge's own diary was written by: what was typed is in that. */
    private const EDGE = '/^edge-(used|tested|stropped|touched-up|honed|ground|measured)$/';

    private const READINGS = ['reference-tested', 'board-sighted', 'edges-compared', 'air-read', 'blank-at-rest'];

    /** Tests of several references by one reading: which they are can be corrected, too. */
    public const JOINT = ['board-sighted', 'edges-compared', 'squares-compared'];

    /** @param  bool  $isTyped  whether it is known what was typed */
    public static function is(string $kind, bool $isTyped): bool
    {
        return preg_match(self::EDGE, $kind) === 1 || ($isTyped && in_array($kind, self::READINGS, true));
    }

    /** Whether an entry of some kind may take the place of another. */
    public static function mayReplace(DiaryEntry $corrected, string $kind, Subject $about): bool
    {
        return $about->isOf($corrected) || ($kind === $corrected->kind && in_array($kind, self::JOINT, true));
    }
}
