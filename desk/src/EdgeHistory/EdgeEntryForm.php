<?php

declare(strict_types=1);

namespace JackRest\Desk\EdgeHistory;

use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\TestFound;
use JackRest\Core\Timber\Hardness;

/** An entry of an edge's diary as it was typed. */
final class EdgeEntryForm
{
    private const LONGEST_MINUTES = 1440.0;

    /**
     * @param  array<string, string>  $typed  kind, day, minutes, wood, strokes, found, stone, deg, note; what
     *     is missing counts as not typed
     * @param  string  $now  ISO 8601: what carries no day happened now, nothing happened later
     *
     * @throws InvalidInput naming every field that cannot be read
     */
    public static function read(array $typed, string $now): EdgeEntry
    {
        $typed = array_map(trim(...), $typed) + [
            'kind' => '',
            'day' => '',
            'minutes' => '',
            'wood' => '',
            'strokes' => '',
            'found' => '',
            'stone' => '',
            'deg' => '',
            'note' => '',
        ];
        $kind = self::kind($typed['kind']);
        $minutes = self::number($typed['minutes'], self::LONGEST_MINUTES);
        $strokes = self::whole($typed['strokes']);
        $deg = self::number($typed['deg'], 89.0);
        $errors = array_filter([
            $kind === null
                ? new FieldError(
                    'kind',
                    'is none of: '.
                        implode(
                            ', ',
                            array_map(
                                static fn (EdgeEntryKind $kind): string => $kind->label(),
                                EdgeEntryKind::cases(),
                            ),
                        ).
                        '.',
                )
                : null,
            self::dayError($typed['day'], $now),
            $minutes === false
                ? new FieldError('minutes', 'Type minutes as a number up to a day, such as 25.')
                : null,
            $kind === EdgeEntryKind::Used && $typed['minutes'] === ''
                ? new FieldError('minutes', 'How many minutes, about?')
                : null,
            $typed['wood'] !== '' && self::wood($typed['wood']) === null
                ? new FieldError('wood', 'Wood is soft, medium or hard.')
                : null,
            $strokes === false
                ? new FieldError('strokes', 'Type a whole number of strokes, such as 10.')
                : null,
            $deg === false ? new FieldError('deg', 'Type an angle in degrees, such as 31.') : null,
            $kind === EdgeEntryKind::Measured && $deg === null
                ? new FieldError('deg', 'Type the honed angle you measured.')
                : null,
            $kind === EdgeEntryKind::Tested && self::found($typed['found']) === null
                ? new FieldError('found', 'Say what the test showed.')
                : null,
        ]);
        if ($errors !== [] || $kind === null) {
            throw new InvalidInput(
                array_values($errors) === [] ? [new FieldError('kind', 'is missing')] : array_values($errors),
            );
        }

        return new EdgeEntry(
            $kind,
            self::at($typed['day'], $now),
            is_float($minutes) ? $minutes : null,
            self::wood($typed['wood']),
            is_int($strokes) ? $strokes : null,
            self::found($typed['found']),
            is_float($deg) ? $deg : null,
            stone: $typed['stone'] === '' ? null : $typed['stone'],
            note: mb_substr($typed['note'], 0, 300),
        );
    }

    private static function kind(string $typed): ?EdgeEntryKind
    {
        foreach (EdgeEntryKind::cases() as $kind) {
            if (in_array(mb_strtolower($typed), [$kind->value, $kind->label()], true)) {
                return $kind;
            }
        }

        return null;
    }

    private static function found(string $typed): ?TestFound
    {
        foreach (TestFound::cases() as $found) {
            if (in_array(mb_strtolower($typed), [$found->value, $found->label()], true)) {
                return $found;
            }
        }

        return null;
    }

    private static function wood(string $typed): ?Hardness
    {
        return Hardness::tryFrom(mb_strtolower($typed));
    }

    /** @return float|null|false null: nothing typed, false: not to be read */
    private static function number(string $typed, float $most): float|null|false
    {
        if ($typed === '') {
            return null;
        }
        $number = str_replace(',', '.', $typed);

        return preg_match('/^\d{1,6}(\.\d{1,3})?$/', $number) === 1 &&
            (float) $number > 0 &&
            (float) $number <= $most
            ? (float) $number
            : false;
    }

    /** @return int|null|false null: nothing typed, false: not to be read */
    private static function whole(string $typed): int|null|false
    {
        return $typed === '' ? null : (preg_match('/^[1-9]\d{0,5}$/', $typed) === 1 ? (int) $typed : false);
    }

    private static function dayError(string $typed, string $now): ?FieldError
    {
        if ($typed === '') {
            return null;
        }
        if (
            preg_match('/^(\d{4})-(\d{2})-(\d{2})(T\d{2}:\d{2}(:\d{2})?Z?)?$/', $typed, $part) !== 1 ||
            ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])
        ) {
            return new FieldError('day', 'Write the day as 2026-11-25.');
        }

        return substr($typed, 0, 10) > substr($now, 0, 10)
            ? new FieldError('day', 'That day is still to come.')
            : null;
    }

    /** Midday where only the day is known, so that what was done in the evening sorts after it. */
    private static function at(string $typed, string $now): string
    {
        return match (true) {
            $typed === '', $typed === substr($now, 0, 10) => $now,
            strlen($typed) === 10 => "{$typed}T12:00:00Z",
            default => $typed,
        };
    }
}
