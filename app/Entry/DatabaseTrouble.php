<?php

declare(strict_types=1);

namespace App\Entry;

use App\Http\NoRoom;
use App\Ledger\DiaryEntry;
use Illuminate\Support\Carbon;
use PDOException;
use Throwable;

/** What the disk or another program keeps the database from, in one sentence. */
final readonly class DatabaseTrouble
{
    // SQLite's own result codes (sqlite.org/rescode.html).
    private const ERROR = 1;

    private const BUSY = 5;

    private const READ_ONLY = 8;

    private const IO = 10;

    private const CORRUPT = 11;

    private const FULL = 13;

    private const CANNOT_OPEN = 14;

    private const NO_DATABASE = 26;

    private const STATUS_FULL = 507;

    private const STATUS_UNAVAILABLE = 503;

    private function __construct(public string $says, public int $status)
    {
    }

    /** Null: it is another kind of problem. */
    public static function of(Throwable $problem): ?self
    {
        if ($problem instanceof NoRoom) {
            return self::full();
        }
        $code = $problem instanceof PDOException ? $problem->errorInfo[1] ?? null : null;

        return match ($code) {
            self::ERROR => self::ofLayout($problem),
            self::FULL => self::full(),
            self::IO => new self(
                'The disk refuses to write: '.self::since().' It may be full, at a limit, or failing.',
                self::STATUS_FULL,
            ),
            self::READ_ONLY => new self(
                'Nothing can be written where the bench is kept: '.self::since()
                    .' Give Jack Rest the right to write there.',
                self::STATUS_UNAVAILABLE,
            ),
            self::BUSY => new self(
                'Another program has locked the database: nothing was recorded. Try again in a moment.',
                self::STATUS_UNAVAILABLE,
            ),
            self::CORRUPT, self::NO_DATABASE, self::CANNOT_OPEN => new self(
                'The database cannot be read. Stop Jack Rest and start it again: it will say what can be done.',
                self::STATUS_UNAVAILABLE,
            ),
            default => null,
        };
    }

    private static function full(): self
    {
        return new self(
            'The disk is full: '.self::since().' Free some space, then try again.',
            self::STATUS_FULL,
        );
    }

    /** The database was replaced by one of another layout, or by none, while the program goes on. */
    private static function ofLayout(Throwable $problem): ?self
    {
        return preg_match('/no such (table|column)/', $problem->getMessage()) === 1
            ? new self(
                'The records here are those of another version now: nothing was recorded. '
                    .'Stop Jack Rest and start it again.',
                self::STATUS_UNAVAILABLE,
            )
            : null;
    }

    /** When something was recorded last: reading goes on when writing does not. */
    private static function since(): string
    {
        try {
            $last = DiaryEntry::query()->latest('id')->first(['written_at'])?->written_at;
        } catch (Throwable) {
            $last = null;
        }

        return $last === null
            ? 'nothing was recorded.'
            : 'nothing was recorded since '.Carbon::parse($last)->format('j F, H:i').' UTC.';
    }
}
