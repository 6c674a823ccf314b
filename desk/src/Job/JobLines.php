<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Job\Pace;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Count;

/** What is to be said of a job's plan: why this order, whose minutes, what waits. */
final class JobLines
{
    /**
     * @param  array<string, Pace>  $paces  by operation
     * @param  list<string>  $doubts
     * @return list<string>
     */
    public static function of(JobBook $book, array $paces, array $doubts): array
    {
        return self::said([
            ...$doubts,
            self::order($book),
            self::pace($book, $paces),
            self::honings($book),
        ]);
    }

    /**
     * @param  list<string|null>  $lines
     * @return list<string> those that say something
     */
    public static function said(array $lines): array
    {
        return array_values(array_filter(
            array_filter($lines, is_string(...)),
            static fn (string $line): bool => $line !== '',
        ));
    }

    /** How often tools are set and changed, and how often at least. */
    private static function order(JobBook $book): string
    {
        $order = $book->sequence;
        if ($order->changes === 0) {
            return '';
        }
        $says = 'Tools are set '.self::times($order->settings).' and changed '.self::times($order->changes);

        return $order->isProven()
            ? "$says; no order needs fewer."
            : "$says; no order needs fewer than $order->leastSettings and $order->leastChanges.";
    }

    /** @param  array<string, Pace>  $paces */
    private static function pace(JobBook $book, array $paces): string
    {
        $operations = array_unique(array_map(static fn (JobStep $step): string => $step->operation, $book->steps));
        $operations = array_diff($operations, ['']);
        $known = array_intersect_key($paces, array_flip($operations));
        if ($known === []) {
            return 'Minutes are from memory; from the third time an operation goes by your own pace.';
        }
        $usual = array_sum(array_map(static fn (JobStep $step): float => $step->usual, $book->steps));
        $own = array_sum(array_map(static fn (JobStep $step): float => $step->minutes, $book->steps));

        return 'Your own pace for '.count($known).' of '.Count::of(count($operations), 'operation').
            ', the others from memory; all in all '.LengthFormatter::decimal($usual > 0 ? $own / $usual : 1.0, 2).
            ' times the minutes from memory.';
    }

    private static function honings(JobBook $book): string
    {
        $count = count(array_filter($book->steps, static fn (JobStep $step): bool => $step->operation === ''));

        return match (true) {
            $count === 0 => '',
            $count === 1 => (string) $book->firstHoning,
            default => "Edges are honed $count times on the way, by their own record. First: ".
                lcfirst((string) $book->firstHoning),
        };
    }

    private static function times(int $count): string
    {
        return match ($count) {
            0 => 'never',
            1 => 'once',
            2 => 'twice',
            default => "$count times",
        };
    }
}
