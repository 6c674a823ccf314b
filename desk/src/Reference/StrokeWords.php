<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\ShavingPass;

/** Strokes over an edge in words: how many, from where to where, in their order. */
final class StrokeWords
{
    /** How many kinds of stroke one sentence holds. */
    public const MOST_KINDS = 3;

    /**
     * @param  list<ShavingPass>  $passes
     * @param  non-empty-list<float>  $stationsMm
     */
    public static function say(array $passes, array $stationsMm, LengthFormatter $format): string
    {
        $kinds = self::kinds($passes);
        $says = array_map(
            static fn (array $kind): string => self::kind($kind[0], $kind[1], $stationsMm, $format),
            array_slice($kinds, 0, self::MOST_KINDS),
        );

        return implode(', then ', $says).(count($kinds) > self::MOST_KINDS ? ', and on as drawn' : '');
    }

    /**
     * @param  list<ShavingPass>  $passes
     * @return list<array{ShavingPass, int}> strokes over the same length together
     */
    public static function kinds(array $passes): array
    {
        $kinds = [];
        foreach ($passes as $pass) {
            [$before, $count] = $kinds[count($kinds) - 1] ?? [null, 0];
            if ($before !== null && $before->fromMm === $pass->fromMm && $before->toMm === $pass->toMm) {
                array_pop($kinds);
                $kinds[] = [$pass, $count + 1];
            } else {
                $kinds[] = [$pass, 1];
            }
        }

        return $kinds;
    }

    /**
     * Where a stroke runs: right through, at one place, from one to another.
     *
     * @param  non-empty-list<float>  $stationsMm
     */
    public static function where(ShavingPass $pass, array $stationsMm, LengthFormatter $format): string
    {
        return match (true) {
            $pass->fromMm === $pass->toMm => "at {$format->dimension($pass->fromMm)}",
            $pass->fromMm === $stationsMm[0] && $pass->toMm === $stationsMm[count($stationsMm) - 1] => 'right through',
            default => "from {$format->dimension($pass->fromMm)} to {$format->dimension($pass->toMm)}",
        };
    }

    /**
     * The same, standing alone: which end it is told from.
     *
     * @param  non-empty-list<float>  $stationsMm
     */
    public static function whereFromTheLeft(ShavingPass $pass, array $stationsMm, LengthFormatter $format): string
    {
        $where = self::where($pass, $stationsMm, $format);

        return $where === 'right through' ? $where : "$where, from the left end";
    }

    /** @param  non-empty-list<float>  $stationsMm */
    private static function kind(ShavingPass $pass, int $count, array $stationsMm, LengthFormatter $format): string
    {
        $short = $pass->fromMm === $pass->toMm ? 'short ' : '';

        return "$count $short".
            ($count === 1 ? 'shaving' : 'shavings').
            ' '.
            self::where($pass, $stationsMm, $format);
    }
}
