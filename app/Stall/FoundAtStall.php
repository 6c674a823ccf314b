<?php

declare(strict_types=1);

namespace App\Stall;

/** What was found, check by check, as it is sent. */
final class FoundAtStall
{
    /**
     * @param  array<mixed>  $rows  validated
     * @return array<string, array{outcome: string|null, readings: list<string>}> by the id of a check
     */
    public static function of(array $rows): array
    {
        $found = [];
        /** @var list<array{check: string, outcome: string|null, readings: list<string|null>}> $rows */
        foreach ($rows as $row) {
            $found[$row['check']] = [
                'outcome' => $row['outcome'],
                'readings' => array_map(strval(...), $row['readings']),
            ];
        }

        return $found;
    }
}
